export const baseUnderTheMound = "Base under the mound";
export const baseLayerLoose = "Base layer, loose";
export const moreUnderTheSideIt = (millimetres: string) => `${millimetres} more under the side it leans from`;
export const settlesTo = (millimetres: string) => `settles to ${millimetres}`;
export const gapAtTheSide = "Gap at the side";
export const atTheFillLineOnce = (millimetres: string) =>
  `at the fill line, once the ball is shifted by ${millimetres}`;
export const atTheFillLineAt = (millimetres: string) => `at the fill line; ${millimetres} at the base of the ball`;
export const atTheEnds = (millimetres: string) => `${millimetres} at the ends`;
export const atTheFillLine = "at the fill line";
export const wateringSpace = "Watering space";
export const holdsOneWatering = "holds one watering";
export const newMixLoose = "New mix, loose";
export const toAPotNotMeasured = (litres: string, litres2: string) => `${litres} to ${litres2}: a pot not measured`;
export const wetAllTold = "Wet, all told";
export const partlyGuessed = "partly guessed";
export const gravel = (millimetres: string) => `gravel ${millimetres}`;
export const inLabel = (tag: string, name: string) => `${tag} in ${name}`;
export const rootsOverAMoundOf = (millimetres: string) => `roots over a mound of ${millimetres}`;
export const ballTall = (millimetres: string) => `ball ${millimetres} tall`;
export const baseLayerFillLineAbove = (
  millimetres: string,
  which: string,
  millimetres2: string,
  millimetres3: string,
  millimetres4: string,
  millimetres5: string,
) =>
  `Base layer ${millimetres}, ${which}, fill line ${millimetres2} above the floor, ${millimetres3} of rim left empty, ${millimetres4} gap at each side. Loose fill stands at ${millimetres5} today and sinks to the line after two soaks.`;
