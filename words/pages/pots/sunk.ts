export const potOutsideRim = "Pot outside, rim";
export const potOutsideFoot = "Pot outside, foot";
export const potOutsideHeight = "Pot outside, height";
export const rimStandsOut = "Rim stands out";
export const gravelAllRound = "Gravel all round";
export const gravelBeneath = "Gravel beneath";
export const sunkPot = "Sunk pot";
export const aPotSunkInThe = "A pot sunk in the ground";
export const aSquarePot = "a square pot";
export const wideDeep = (millimetres: string, millimetres2: string) => `${millimetres} wide, ${millimetres2} deep`;
export const soilOut = "Soil out";
export const moistLoose = (kilograms: string, litres: string) => `${kilograms} moist, ${litres} loose`;
export const roundItBeneath = (litres: string, litres2: string, kilograms: string) =>
  `${litres} round it + ${litres2} beneath = ${kilograms}`;
export const rootsWillLeaveThroughThe =
  "Roots will leave through the holes: turn the pot or slice round it once a year. On gravel or soil without an air gap the mix drains as if the pot were deeper; in limy ground keep lime-haters out of it.";
export const askForBuriedCablesAnd = "Ask for buried cables and pipes before you dig; cover or fence an open hole.";
export const isTheGroundTight = "Is the ground tight?";
export const fillTheHoleWithWater =
  "Fill the hole with water, let it empty, fill it once more and time how far it falls.";
export const theWaterFell = "The water fell";
export const aMeasureInMm = "A measure in mm.";
export const moreThan0Minutes = "More than 0 minutes.";
export const anHour = (millimetres: string, soak_words: string) => `${millimetres} an hour. ${soak_words} `;
export const belowMmAnHourA = (number: string, number2: string) =>
  `(Below ${number} mm an hour a sump, below ${number2} slow: rules of thumb.)`;
export const sectionOfTheSunkPot = (
  millimetres: string,
  millimetres2: string,
  millimetres3: string,
  millimetres4: string,
) =>
  `Section of the sunk pot: hole ${millimetres} wide and ${millimetres2} deep, gravel ${millimetres3} all round and ${millimetres4} beneath`;
export const deep = (millimetres: string, millimetres2: string) => `${millimetres} × ${millimetres2} deep`;
