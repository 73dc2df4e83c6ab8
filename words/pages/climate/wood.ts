import { spelt } from "@/words/english";

export const noTreeIsOnRecord = "No tree is on record yet: wood is worked out for the species you grow.";
export const courseOfTheSeason = "Course of the season";
export const eightCoursesOfTen = "eight courses of ten";
export const theTips = "the tips";
export const theWood = "the wood";
export const shootsWithoutTheLateOnes = "shoots without the late ones";
export const ripenessOfTheSeasonsWood = "Ripeness of the season’s wood, to the tips";
export const coldThatKillsHalfOf = "Cold that kills half of the wood, against the nights";
export const tenderToHardy = "tender to hardy";
export const killsHalfOfIt = "kills half of it";
export const nightOnceInTenYears = "night once in ten years";
export const recordedNights = "recorded nights";
export const coldThatKillsHalfOfIt = (degreesUnit: string) =>
  `Cold that kills half of it, against the nights, ${degreesUnit}`;
export const daysOnWhichPottingUp = "Days on which potting up ends well, and the open windows";
export const endsWell = "ends well";
export const pottingUpThatDayEnds = "Potting up that day ends well";
export const shadedAtTheFootOpen =
  "Shaded at the foot: open windows; a safe day outside them is held back by cold mix, soft shoots or bloom.";
export const ripenessHardinessAndSafeDays = (label: string, season: string, celsius: string) =>
  `Ripeness, hardiness and safe days of ${label} through the season ${season}. At its hardiest it stands ${celsius}. The sentences above have the days.`;
export const aShareBetween0And = "A share between 0 and 100 %.";
export const aStageOfTwoDigits = "A stage of two digits: 91, 93, 95 or 97.";
export const itsWoodGoesByWhat = (tag: string) => `${tag}: its wood goes by what you saw now.`;
export const lookAtTheWood = "Look at the wood";
export const lookAtTheWoodOf = (tag: string) => `Look at the wood of ${tag}`;
export const takeAShootOfThis =
  "Take a shoot of this season near its end and bend it round a finger. Say what you saw; leave the rest.";
export const bentRoundAFinger = "Bent round a finger";
export const notTried = "not tried";
export const aFormedBudAtIts = "A formed bud at its end";
export const notLookedAt = "not looked at";
export const yesFormed = "Yes, formed";
export const noStillGrowing = "No, still growing";
export const woodyShareOfTheShoot = "Woody share of the shoot";
export const brownAndFirmFromIts = "brown and firm, from its base";
export const leaves = "Leaves";
export const orABbchStage = "Or a BBCH stage";
export const n91EndBudFormed93 = "91 end bud formed, 93 leaves begin to fall, 95 half, 97 all";
export const seenOn = "Seen on";
export const recordWhatISaw = "Record what I saw";
export const fedItWithNitrogen = "Fed it with nitrogen";
export const feed = "Feed";
export const typeOfFeed = "Type of feed";
export const shareOfAFullDose = "Share of a full dose";
export const whatItWas = "What it was";
export const inStore = (text: string) => `in store: ${text}`;
export const fedOn = "Fed on";
export const recordTheFeed = "Record the feed";
export const prunedIt = "Pruned it";
export const pruning = "Pruning";
export const howMuch = "How much";
export const lightlyTipsAndDeadWood = "Lightly: tips and dead wood";
export const hardItWillPushNew = "Hard: it will push new shoots";
export const prunedOn = "Pruned on";
export const recordThePruning = "Record the pruning";
export const feedingQuickNitrogen = "feeding quick nitrogen";
export const feedingOrganicNitrogen = "feeding organic nitrogen";
export const feedingCoatedGranules = "feeding coated granules";
export const pottingUpBallLeftIntact = "potting up, ball left intact";
export const pottingUpRootsTeased = "potting up, roots teased";
export const pruningHard = "pruning hard";
export const notBeforeWinterIsOut = "not before winter is out in the middle year";
export const notAtAll = "not at all";
export const theyDoNotRipenIn = "they do not ripen in the middle year either way";
export const leftAlone = (day: string) => `left alone ${day}`;
export const noDayLaterInThe = "no day later in the middle year";
export const daysInTheMiddleYear = (number: string, which: string) => `${number} days ${which} in the middle year`;
export const allOfAKind = (name: string) => `all of a species: ${name}`;
export const ofLabel = "Of";
export const inWords = "In words";
export const season = (label: string, season: string) => `${label}, season ${season}.`;
export const ripeToTheTips = (band: string) => ` Ripe to the tips: ${band}.`;
export const byWhenHasComeIn = (day: string, celsius: string, percent: string) =>
  ` By ${day}, when ${celsius} has come in one autumn of ten, it is ripe in ${percent} of years.`;
export const whatWasDoneToIt = (shift: string, band: string) =>
  `What was done to it this season: ${shift}. Left alone it would ripen ${band}.`;
export const buds = (which: string, band: string) => `Buds ${which} ${band}`;
export const inTheMiddleYearIts =
  "In the middle year its buds never break here: winter cold or warmth do not suffice for this species";
export const leavesDownAbout = (day: string) => `; leaves down about ${day}`;
export const inTheOpen = "in the open";
export const inItsPlace = (place: string) => `in its place, ${place}`;
export const inTheDepthOfThe = (celsius: string, celsius2: string, celsius3: string, celsius4: string, which: string) =>
  `In the depth of the winter after it, half of it dies at ${celsius} (${celsius2} to ${celsius3}); the coldest night of the middle year here is ${celsius4} ${which}.`;
export const ourOwnModel = "our own model";
export const structureAsPublishedParametersOur =
  "Structure as published, parameters our own and not validated: your looks at the wood correct it.";
export const theWeatherBehindItIs = " The weather behind it is generated: no record of the site is long enough.";
export const theSpeciesIsNotKnown = " The species is not known; one of six habits stands for it.";
export const chooseOneTreeToRecord =
  "Choose one tree to record a look at its wood, a feed or pruning: it then goes its own pace.";
export const toldThisSeason = "Told this season";
export const ofThisSeasonUpTo = "Of this season, up to the day shown";
export const noWindowForPottingUp = "No window for potting up in these months.";
export const windowsForPottingUp = "Windows for potting up: ";
export const again = "; again ";
export const then = (limit_because: string) => ` (then ${limit_because})`;
export const betweenTreesOfASpecies = () =>
  spelt(
    "Between trees of a species the pace of stopping and ripening differs by about 30 % (our judgement). Each look – how woody, how it bends, whether the end bud is there, how far the leaves have fallen – is weighed against what the model says of that day, and moves the pace of this season.",
  );
export const itsPace = "Its pace";
export const timesTheSpecies = (number: string, number2: string, number3: string) =>
  `${number} times the species’ (${number2}–${number3})`;
export const oneLook = "one look";
export const looks = (checks: number) => `${checks} looks`;
export const fromThisSeason = (which: string) => `, from ${which} this season.`;
export const theSpreadBetweenTrees = ": the spread between trees.";
export const nobodyHasLookedAtIts = ", nobody has looked at its wood this season.";
export const whatLateWorkWouldDo = "What late work would do";
export const whatWouldLateWorkDo = "What would late work do?";
export const lateWork = "Late work";
export const suppose = "Suppose";
export const on = "On";
export const workItOut = "Work it out";
export const onRipeToTheTips = (text: string, day: string, band: string, shift: string) =>
  `${text} on ${day}: ripe to the tips ${band}, ${shift}.`;
export const itWouldStartNewShoots = (percent: string) => ` It would start new shoots in ${percent} of years.`;
export const ripeByTheOneIn = (percent: string, percent2: string) =>
  ` Ripe by the one-in-ten frost in ${percent} of years instead of ${percent2}.`;
export const fed = (tag: string) => `${tag}: fed.`;
export const pruned = (tag: string) => `${tag}: pruned.`;
