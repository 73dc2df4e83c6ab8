export const pondOrPotFilm = "pond or pot film";
export const bubbleFilmOneLayer = "bubble film, one layer";
export const bubbleFilmTwoLayers = "bubble film, two layers";
export const foamBoard30Mm = "foam board, 30 mm";
export const lining = "Lining";
export const liningAPot = "Lining a pot";
export const putAPotInStore = "Put a pot in store first: its wall is what is lined.";
export const linedWith = "Lined with";
export const roundTheWallThePot = (area: string, litres: string, litres2: string) =>
  `${area} round the wall; the pot then holds ${litres} at the brim instead of ${litres2}.`;
export const itBuysDaysOfFrost =
  ": it buys days of frost, not degrees. After a week of steady cold the roots are as cold as outside.";
export const itKeepsNoColdOut = ": it keeps no cold out.";
export const thermalResistanceRMK = (number: string, which: string) => ` Thermal resistance R ${number} m²K/W${which}`;
export const itTakesTheBreathingAway =
  " It takes the breathing away from this wall: the pot behaves like plastic from then on.";
export const leaveTheFloorFreeOr = " Leave the floor free, or pierce it over every hole.";
export const theShapeOfThisPot = " The shape of this pot is a guess.";
