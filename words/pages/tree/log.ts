export const details = "Details";
export const aNoteOrAPhotograph = "A note or a photograph";
