export const lastInSpring = "Last in spring";
export const firstInAutumn = "First in autumn";
