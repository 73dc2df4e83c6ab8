export const openPlaces = "Open places";
export const moreThanTheItsFloor = (kilograms: string) =>
  `, more than the ${kilograms} its floor is said to bear evenly spread: ask a structural engineer`;
export const ofWhatItsFloorIs = (number: string) => `, ${number} % of what its floor is said to bear evenly spread`;
export const stayThereThroughTheWinter = (kilograms: string, which: string) =>
  `: ${kilograms} stay there through the winter${which}.`;
