import { spelt } from "@/words/english";

export const halfOfWhatHoldsIt = "half of what holds it";
export const allThatHeldIt = "all that held it";
export const isRecorded = (tag: string, toLowerCase: string) => `${tag}: ${toLowerCase} is recorded.`;
export const otherRootWorkGirdlerRoots = "Other root work: girdler, roots outside, top of the mix";
export const whatWasDone = "What was done";
export const shareOfRootsKept = "Share of roots kept, %";
export const usuallyLeaveItEmptyFor = (number: string) => `usually ${number}; leave it empty for that`;
export const ofWhatHoldsItIn = "Of what holds it in the ground";
export const halfTheRestLater = "half, the rest later";
export const allThatWasLeft = "all that was left";
export const itsWindowIsClosedIt = (when: string, limit_because: string, percent: string) =>
  `Its window is closed ${when}: ${limit_because}; it would end badly in ${percent} of years. It can be recorded all the same.`;
export const recordIt = "Record it";
export const rootWorkOn = (tag: string) => `Root work on ${tag}`;
export const seen = (which: string, text: string) => `Seen ${which}: ${text}.`;
export const nobodyHasLookedAtIts = (percent: string, number: string) =>
  `Nobody has looked at its roots lately: this goes by what is believed of them, ${percent} full, circling grade ${number}.`;
export const readThemAgain = "Read them again";
export const readItsRoots = "Read its roots";
export const nobodyHasSaidWhichPot = "Nobody has said which pot it stands in, so the ball has no size. ";
export const wideAndHigh = (millimetres: string, millimetres2: string) =>
  `${millimetres} wide and ${millimetres2} high`;
export const ofUnknownSize = "of unknown size";
export const drawnFromTheGradesBefore = (which: string) =>
  `Drawn from the grades, before and after: a correction takes its share of the circling roots. The ball is ${which}, from its pot.`;
export const theSide = (fill_grades: string) => `The side: ${fill_grades}`;
export const asItIsGrade = (circling: number) => `as it is, grade ${circling}`;
export const theSideAfterThisWork = "The side after this work";
export const afterGrade = (number: string) => `after, grade ${number}`;
export const unchanged = "unchanged";
export const everyCorrectionIsHeldAgainst = (
  number: string,
  number2: string,
  number3: string,
  now: string,
  now2: string,
  percent: string,
  which: string,
) =>
  spelt(
    `Every correction is held against the others by one price: handling and roots lost (${number}), circling roots left in the ball (${number2}), season lost while roots wait (${number3}); the cheapest allowed ${now} is taken. What it stands ${now2}: ${percent} of its roots, by species, season, heat and health. The day its roots hold: the work’s lag, then one crossing of fresh mix at this tree’s pace, in the warmth to come. The weights are our judgement${which}.`,
  );
export const inDays = (number: string) => `, in ${number} days`;
export const it = (text: string, hold: string, which: string) => `${text}. It ${hold}${which}.`;
export const nothingAtItsRoots = (Now: string) => `${Now}: nothing at its roots.`;
export const theBestWorkWereIt =
  "The best work were it not for the day: it costs the tree least in the end. The date is when its window opens, from this place’s weather years.";
export const from = (day: string) => `from ${day}`;
export const onceItStandsMoreRoot = "once it stands more root loss";
export const then = (which: string, option: string) => `Then ${which}: ${option}.`;
export const notMeanwhile = (now: string, text: string, text2: string) => `Not ${now}: ${text}. Meanwhile: ${text2}`;
export const potItWithThis = "Pot it with this";
export const whatItsRootsHaveTaught = "What its roots have taught";
export const afterwards = "Afterwards";
export const crownAndCareAfterRoot = () =>
  spelt(
    "Crown and care after root loss as most growers hold it: leaves pay for new roots. Days and weeks are practice and our judgement, not trials.",
  );
export const itsCrownStandsBareCut = "Its crown stands bare: cut what is damaged, nothing else.";
export const leaveEveryLeafTheyPay =
  "Leave every leaf: they pay for new roots. Cut only if it still droops at dawn after three days, or has lost a third of its leaves.";
export const growersOfTheProportionalSchool = (percent: string) =>
  ` Growers of the proportional school would take ${percent} of the leaves, in leaf.`;
export const shadeAndShelterForDays = (number: string) => `Shade and shelter for ${number} days, mist in dry wind.`;
export const waterTheOldBallBy = (number: string) =>
  `Water the old ball by hand for ${number} weeks: it dries as fast as before while the new mix stays wet.`;
export const noFeedForWeeksOr = (number: string) => `No feed for ${number} weeks, or until it grows.`;
export const lookForNewRootsAbout = (day: string) => `Look for new roots about ${day}: then the stake comes off. `;
export const recordItThere = "Record it there";
export const wet = (kilograms: string, lift: string) => `${kilograms} wet. ${lift}`;
export const knivesSawsAndRootRakes =
  "Knives, saws and root rakes: cut away from the body, gloves, no phone in the hand; clean blades between trees. Damp the mix: its dust can carry germs. Shards and cane tips are sharp.";
export const localRulesAndLicensedPractice = "Local rules and licensed practice come first.";
export const mushyOrSourRootsAre = (percent: string, litres: string) =>
  spelt(
    `Mushy or sour roots are not “bound”, however full the ball looks: a larger pot would stay wet. Alive is taken to be ${percent}, by snap and smell, or as you judged it; the pot at most 1.2 times the live part of ${litres}. Our judgement from practice.`,
  );
export const sourIsNotBoundCut = (litres: string) =>
  `Sour is not bound: cut to live tissue, and pot it down into ${litres} at most.`;
export const aboutOfItsRootsAre = (percent: string) =>
  `About ${percent} of its roots are alive. Every root back to where it is pale and firm, fresh open mix, water once and then wait until it is nearly dry.`;
export const potItDown = "Pot it down";
export const makeItARescue = "Make it a rescue";
export const uncoverTheFlareTakeThe = (millimetres: string, percent: string) =>
  `Uncover the flare: take the ${millimetres} of mix off it, ${percent} of the roots.`;
export const theFlareIsDownAnd = (
  millimetres: string,
  now: string,
  percent: string,
  percent2: string,
  millimetres2: string,
  millimetres3: string,
) =>
  `The flare is ${millimetres} down, and uncovering it ${now} would cost ${percent} of the roots where it stands ${percent2}: take ${millimetres2} off, set it by the present surface, and the remaining ${millimetres3} at later pottings.`;
export const rootsAboveTheFlareThin = () =>
  spelt(
    "Roots above the flare thin out towards the top: six tenths of the ball’s mean density, our judgement. What it stands is by species and season.",
  );
export const lookWhatTheRootAcross =
  "Look what the root across the flare serves: less than a third of the girth is cut now, at both ends; a larger one over two seasons.";
export const theGirdlingRootServesOf = (percent: string) =>
  `The girdling root serves ${percent} of the girth: cut half through at bud swell, the rest a season later.`;
export const cutTheGirdlingRootNow = (percent: string) =>
  `Cut the girdling root now, at both ends: it serves ${percent} of the girth.`;
export const cutTheGirdlingRootOnce = (percent: string) =>
  `Cut the girdling root once it is cooler: it serves ${percent} of the girth.`;
export const aRootThatFeedsMore =
  "A root that feeds more than a third of the girth is taken in two steps, so that the rest can take over. Practice, not measured.";
export const halfOfWhatHoldsItIn = (number: string) =>
  `Half of what holds it in the ground was severed: the other half after ${number} weeks.`;
export const rootedInTheGroundWhich = (percent: string, day: string) =>
  `Rooted in the ground, which may bring ${percent} of what it drinks: sever half now and half about ${day}, or all of it once it is dormant.`;
export const rootedInTheGroundWhichMay = (percent: string) =>
  `Rooted in the ground, which may bring ${percent} of what it drinks: it is dormant, sever it in one go.`;
export const estimatedFromWhatCrownThe = () =>
  spelt(
    "Estimated from what crown the tree carries against what its pot would feed; between a fifth and three fifths, our judgement.",
  );
export const also = "Also";
export const rulesOfItsSpeciesAs =
  "Rules of its species, as experienced growers hold them; each is on the page of the species.";
export const allOfThemAndTheir = "All of them, and their price";
export const priceWithoutUnitLessIs = () =>
  spelt(
    "Price without unit, less is better: roots lost and handling (dark), circling left behind (rust), season lost while roots wait (light). Weights are our judgement; the table of shares and lags stands among the figures.",
  );
export const woodyRingsStayAsThey = "; woody rings stay as they are";
export const leavesCirclingAtGrade = (number: string, hold: string, which: string) =>
  `; leaves circling at grade ${number}; ${hold}${which}.`;
export const takeThis = "take this";
export const refused = (now: string) => `Refused ${now}`;
export const rightFrom = (day: string) => ` Right from ${day}.`;
export const priceRootsTurningSeason = (number: string, number2: string, number3: string, number4: string) =>
  `price ${number}: roots ${number2}, turning ${number3}, season ${number4}`;
export const thatDay = "that day";
export const on = (day: string) => `On ${day}`;
