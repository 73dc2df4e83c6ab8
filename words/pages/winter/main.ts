import { spelt } from "@/words/english";

export const lookingAtTheComingNights = "Looking at the coming nights …";
export const itCouldNotBeFinished = "It could not be finished.";
export const winterLayout = (winter: string) => `Winter layout, ${winter}`;
export const calculatedOn = (day: string) => `, calculated on ${day}`;
export const theWeatherYearsAreA = " The weather years are a guess, too, until a record is read in.";
export const eachTreesRootsAndWood = (
  which: string,
  millimetres: string,
  percent: string,
  percent2: string,
  percent3: string,
  which2: string,
) =>
  `Each tree’s roots and wood through the courses this winter may take, at every place${which}; then all of them shared out at once so that the sum of what may be lost, of light and cold that lack, of cracked clay, of carrying and of changes since last winter is least. Pots are circles of their own ground with ${millimetres}between them; a crown that was measured and is wider takes ${percent} of its width in leaf, ${percent2} bare (a guess), its pot dashed within it. In danger: more than ${percent3} may be lost, the risk this collection takes. Air of places nobody has read is a guess by their species.${which2}`;
export const itsSummerPlace = "its summer place";
export const thePlanIsKeptThe = "The plan is kept. The moving plan follows from it.";
export const cannotStandThere = (tag: string, obstacle: string) => `${tag} cannot stand there. ${obstacle}`;
export const doesNotGetInto = (tag: string, to: string) => `${tag} does not get into ${to}.`;
export const inNotCalculatedYet = (tag: string, to: string) => `${tag} in ${to}: not calculated yet.`;
export const points = (which: string, number: string) => `${which}${number} points`;
export const inOfItMayBe = (tag: string, to: string, loss: string, loss2: string, points: string) =>
  `${tag} in ${to}: ${loss} of it may be lost instead of ${loss2}; ${points}.`;
export const hasNoRoomForTake = (nameOf: string, tag: string) =>
  `${nameOf} has no room for ${tag}: take something out first, or make the place larger.`;
export const itBelongsTogetherWith = (change: string, text: string) => `${change} It belongs together with ${text}.`;
export const isDrawnAgain = (name: string) => `${name} is drawn again.`;
export const treesPlacesOrTheWeather =
  "Trees, places or the weather have changed since these winters were calculated: place them again to see what that means.";
export const isRootedIntoTheGround = (tag: string) => `${tag} is rooted into the ground: it stays where it is.`;
export const nobodyHasSaidThePot = "Nobody has said the pot of ";
export const theyAreLeftOut = (which: string) => `${which}: they are left out.`;
export const floorsWetPotsArePoint =
  "Floors: wet pots are point loads. What is said here of floor loads is a rough warning only: a structural engineer or the building’s owner decides.";
export const heatersNoFlameOrFuel = () =>
  spelt(
    "Heaters: no flame or fuel heaters in closed places where people or animals are (carbon monoxide); keep heaters clear of fleece and film, with cables rated for the place.",
  );
