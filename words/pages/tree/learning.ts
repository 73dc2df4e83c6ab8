import { spelt } from "@/words/english";

export const withItsMatesAround = (number: string) => `with its mates around ${number}; `;
export const afterChecksAround = (number: string, number2: string) => `after ${number} checks around ${number2}.`;
export const nobodyHasLookedYet = "nobody has looked yet.";
export const howFastThisTreeRoots = (number: string, which: string, which2: string) =>
  `How fast this tree roots against its species, as believed: before any look it lay around ${number} times; ${which}${which2}`;
export const asFastAsItsSpecies = (factor: string) => `${factor} as fast as its species`;
export const beforeAnyLook = "before any look";
export const withItsMates = "with its mates";
export const slowerHowFastItRoots = "slower ← how fast it roots → faster";
export const everyTreeIsKnownWell = "Every tree is known well enough: no look would move a date by much. ";
export const backToTrees = "Back to Trees";
export const howMuchNarrowerTheBand =
  "How much narrower the band of the day it falls due is expected to be after one look or one answer: every grade a look may show is weighed by how probable it is. The trees known least are asked first.";
export const plants = (number: string) => ` (${number} plants)`;
export const dueDayKnownToMonths = (number: string, number2: string, percent: string, percent2: string) =>
  `: due day known to ${number} months instead of ${number2}; how full to ${percent} instead of ${percent2}`;
export const eachLookRecordedHereWas =
  "Each look recorded here was held against what was believed the day before it: inside, where its grade reaches into the middle eight tenths of what was expected, the eye’s own error included. Far fewer than eight of ten: pots, dates or the eye are off; all of them: what is believed is too vague.";
export const howWellLooksWereForeseen = (number: string, number2: string, percent: string) =>
  `How well looks were foreseen: ${number} of ${number2} (${percent}) fell where eight of ten were expected.`;
export const lessThanOneInA = "less than one in a hundred";
export const rootHistoryOf = (tag: string) => `Root history of ${tag}`;
export const itsOwnFactorOfPace = () =>
  spelt(
    "Its own factor of pace, times that of its species. Each look weighs the paces by how well they explain it, given the warmth since its pottings; the warmth itself is taken to be uncertain by 15 % a season. Spread between trees, noise of the eye and lapses are our judgement; npm run bench counts how often the bands hold.",
  );
export const nobodyHasLookedAtIts = (number: string, number2: string) =>
  `Nobody has looked at its roots: it may go anywhere from ${number} to ${number2} times its species’ pace.`;
export const itRootsAtOfIts = (times: string, number: string, which: string) =>
  `It roots at ${times} of its species’ pace, after ${number} ${which}.`;
export const itFallsDueNotFor = "It falls due not for years.";
export const itIsDueNow = "It is due now.";
export const itFallsDueAbout = (day: string, which: string) => `It falls due about ${day}${which}.`;
export const densityByTheLogarithmOf =
  "Density by the logarithm of the factor. Dotted: its species alone. Dashed: with the others of its species, those of its own variety counting most. Thin lines: after each check. Filled: now.";
export const dashedWithItsMates = "Dashed: with its mates. ";
export const thinAfterEachCheck = "Thin: after each check. ";
export const dottedItsSpeciesFilledNow = (which: string, which2: string) =>
  `Dotted: its species. ${which}${which2}Filled: now.`;
export const checkByCheck = "Check by check";
export const tree = "tree";
export const trees = "trees";
export const has = "has";
export const have = "have";
export const theSameVariety = " the same variety";
export const ofOtherOfItsSpecies = (number: string, number2: string, which: string, which2: string, which3: string) =>
  `${number} of ${number2} other ${which} of its species ${which2} been looked at: they speak for it, those of${which3} most.`;
export const soImprobableALookMoves =
  "So improbable a look moves the roots to what was seen, while the pace hardly bends, until somebody says that the history is right.";
export const beforeItThePaceMoves = (times: string) =>
  `Before it: ${times}. The pace moves as far as this look is better explained by a faster or slower tree than by chance.`;
export const noNewRootsYet = "no new roots yet";
export const newRootsOfMm = (number: string) => `new roots of ${number} mm`;
export const circling = (circling_grades: string) => `; circling: ${circling_grades}`;
export const confirmed = ", confirmed";
export const expectedInOfSuchCases = (odds: string, which: string) => ` – expected in ${odds} of such cases${which}`;
export const then = (times: string) => `. Then ${times}.`;
export const whatWouldNarrowItsPlan = "What would narrow its plan most";
export const forALookEveryGrade =
  "For a look, every grade it may show is weighed by how probable it is; for an answer, the band that would be left were it certain.";
export const theDueDayKnownTo = (number: string, number2: string, percent: string, percent2: string) =>
  `: the due day known to ${number} months instead of ${number2}, how full to ${percent} of the pot instead of ${percent2}`;
export const whereInTheCollectionA = "Where in the collection a look is worth most";
export const allAsRecorded = "all as recorded";
export const itsPotIsHalfAs = "its pot is half as large as recorded";
export const itsPotIsTwiceAs = "its pot is twice as large as recorded";
export const itWasLastPottedA = "it was last potted a year earlier";
export const itWasLastPottedAYear = "it was last potted a year later";
export const believedAsItWasSeen = (tag: string) => `${tag}: believed as it was seen.`;
export const doesItsHistoryHold = "Does its history hold?";
export const theSameLookHeldAgainst =
  "The same look held against other histories: its last pot half or twice as large, its last potting a year earlier or later. Each is run through the root model with everything else as recorded.";
export const whatWasSeenOnWas = (day: string, odds: string) =>
  `What was seen on ${day} was to be expected in ${odds} of cases. Before this tree is taken to be out of the ordinary, is what is recorded of its pot and its last potting right?`;
export const timesAsLikely = (number: string) => `, ${number} times as likely`;
export const wereItThat = (other: string, odds: string, which: string) => `Were it that ${other}: ${odds}${which}.`;
export const correctItsLastPotting = "Correct its last potting";
export const lookOnceMore = "Look once more";
export const allIsRightBelieveWhat = "All is right: believe what I saw";
export const theLongestNewRootsIn = () => spelt("The longest new roots, in millimetres; 0 where none are to be seen.");
export const rootedTheStakeIsOff = (tag: string) => `${tag}: rooted, the stake is off.`;
export const newRootsAreInThe = (tag: string) => `${tag}: new roots are in the picture.`;
export const newRootsSince = (day: string) => `New roots since ${day}`;
export const lengthByWarmthSinceThe = (millimetres: string, degreeDays: string, degreeDays2: string) =>
  spelt(
    `Length by warmth since the work’s lag, at this tree’s pace: one crossing of a ring of ${millimetres} (${degreeDays} to ${degreeDays2} by pace). “Reached” is how much of the mix they can drink from, in weeks; “full” is the mix used up, in seasons. Both our judgement: a look corrects them.`,
  );
export const itStandsFirm = ", it stands firm";
export const itStillRocks = ", it still rocks";
export const seenThen = (day: string, which: string, which2: string) => `Seen on ${day}: ${which}${which2}.`;
export const expectedTodayLongTheyReach = (
  millimetres: string,
  millimetres2: string,
  millimetres3: string,
  percent: string,
  percent2: string,
  percent3: string,
  which: string,
) =>
  `Expected today: ${millimetres} long (${millimetres2}–${millimetres3}); they reach ${percent} of the mix (${percent2}–${percent3}). ${which}`;
export const itHasRootedTakeThe = "It has rooted: take the stake off.";
export const lookAgainAbout = (day: string) => `; look again about ${day}`;
export const theStakeStays = (which: string) => `The stake stays${which}.`;
export const itsRootsHoldAbout = (day: string, which: string) => `Its roots hold about ${day}${which}.`;
export const itsRootsHold = "Its roots hold.";
export const firstFeedFrom = (day: string) => `First feed from ${day}.`;
export const itMayBeFedAgain = "It may be fed again.";
export const lookForNewRoots = "Look for new roots";
export const longestNewRootsMm = "Longest new roots, mm";
export const partTheFreshMixAt = "part the fresh mix at the wall with a finger; 0 where none are to be seen";
export const seenOn = "Seen on";
export const pushedAtTheStemIt = "Pushed at the stem, it";
export const standsFirm = "stands firm";
export const theStakeIsOff = "The stake is off";
export const theStakeStaysUntilRoots = (millimetres: string) =>
  `The stake stays until roots are ${millimetres} long and it stands firm`;
export const recordTheNewRoots = "Record the new roots";
export const caneTipsCappedAtEye =
  "Cane tips capped at eye height. Damp the mix before a finger goes in: gloves, its dust can carry germs.";
export const rocks = "rocks";
