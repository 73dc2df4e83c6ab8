import { spelt } from "@/words/english";

export const waterThemBeforeDark = "Water them before dark";
export const theyAreWatered = "They are watered";
export const strawOnTheirMixA = "Straw on their mix, a hand’s breadth";
export const strawLiesOnThem = "Straw lies on them";
export const wrapTheirPotsInFleece = () => spelt("Wrap their pots in fleece");
export const theyAreWrapped = "They are wrapped";
export const wrapTheirPotsInTwo = "Wrap their pots in two layers of bubble film";
export const strawRoundThemAndOn = "Straw round them and on the mix, a hand’s breadth";
export const theyStandInStraw = "They stand in straw";
export const sinkThemIntoTheGround = "Sink them into the ground, straw on top";
export const theyAreSunk = "They are sunk";
export const fleeceOverTheirCrownsOr = () => spelt("Fleece over their crowns, or in over night");
export const bringThemInNothingWe = "Bring them in: nothing we know would keep them out there";
export const byTheForecastWithIts = "by the forecast with its errors";
export const byTheClimateAsNo = "by the climate, as no forecast is at hand";
export const eachPotWhereItStands = (which: string, percent: string) =>
  `Each pot where it stands now, its temperature run hour by hour through the last weeks of the record and the coming nights ${which}; crowns by their hardiness against the night. Worth a word: more than ${percent} lost. The measure named is the least trouble that brings the roots below that; dry pots are taken to be watered.`;
export const frozenThroughForDays = "Frozen through for days";
export const theirLeavesDryOverA = (text: string) =>
  `: ${text}. Their leaves dry over a ball that gives no water: shade them, keep the wind off, water as soon as they thaw.`;
export const theAirOfTheQuarters = "The air of the quarters";
export const nothingStandsInWinterQuarters = "Nothing stands in winter quarters now.";
export const heatersNoFlameOrFuel = () =>
  spelt(
    "Heaters: no flame or fuel heaters in closed places where people or animals are (carbon monoxide), clear of fleece and bubble film, outdoor-rated cables. Sinking pots: mind buried cables and pipes, and never leave open holes.",
  );
export const coldestOfTheComingNights = (celsius: string) => `Coldest of the coming nights: ${celsius}`;
export const potsAreWatered = (number: string) => `${number} pots are watered.`;
export const potsAreProtected = (number: string) => `${number} pots are protected.`;
export const whatToDoTonight = "What to do tonight";
export const roots = (loss: string) => `roots ${loss}`;
export const crown = (loss: string) => `crown ${loss}`;
export const movingPlan = "Moving plan";
export const n1Pot = "1 pot";
export const airOfInTheComing = (name: string, celsius: string, celsius2: string) =>
  `Air of ${name} in the coming ten days: lowest ${celsius}, highest ${celsius2}`;
export const airLowestToHighest = "air, lowest to highest";
export const noDayAheadAsksFor = "No day ahead asks for an open door.";
export const doorOpenAtNoonOn = (text: string) =>
  `Door open at noon on ${text}: mild outside, and the air within is moved.`;
export const itGetsWarmerThanAir = (celsius: string) => `It gets warmer than ${celsius}: air it, shade the glass.`;
export const stillCoolAirLookFor = () =>
  spelt("Still, cool air: look for mould, take off fallen leaves, water in the morning only. (a guess)");
export const andMore = " and more";
export const tooWarmForLeaflessTrees = (text: string, which: string) =>
  `Too warm for leafless trees, they will wake: ${text}${which}.`;
export const tooWarmForItsLight = (text: string, which: string) =>
  `Too warm for its light, for evergreens: ${text}${which}.`;
export const whoIsThirsty = "Who is thirsty";
export const byTheWaterAPot =
  "By the water a pot holds, the warmth and light of its place, leaves or none: lift it or feel the mix before you water. Never a frozen ball.";
export const nextOn = (tag: string, day: string) => `; next ${tag} on ${day}`;
export const nobodyToday = (which: string) => `Nobody today${which}.`;
export const last = (day: string) => `, last ${day}`;
export const everyWeeks = (name: string, number: string, which: string) => ` ${name}, every ${number} weeks${which}`;
export const watered = (number: string) => `Watered: ${number}`;
export const asUsualAtThisTime = "As usual at this time, ";
export const theColdestOfTheComing = (which: string, celsius: string, day: string) =>
  `${which}the coldest of the coming three nights has ${celsius} (${day})`;
export const everyPotIsSafeWhere = (words: string) => `${words}: every pot is safe where it stands.`;
export const n1PotIs = "1 pot is";
export const potsAre = (number: string) => `${number} pots are`;
export const itStands = "it stands";
export const theyStand = "they stand";
export const atRiskWhere = (words: string, pots: string, which: string) => `${words}: ${pots} at risk where ${which}.`;
