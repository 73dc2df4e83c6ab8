export const isThereMeasureItNext = (name: string) => `${name} is there: measure it next.`;
export const addAPlace = "Add a place";
export const aNewPlace = "A new place";
export const itsName = "Its name";
export const addIt = "Add it";
