import { spelt } from "@/words/english";

export const theBallFromAboveBy = (
  millimetres: string,
  millimetres2: string,
  number: string,
  millimetres3: string,
  millimetres4: string,
) =>
  `The ball from above, ${millimetres} by ${millimetres2}: ${number} holes of ${millimetres3} in its outer half, none within ${millimetres4} of the middle.`;
export const theBallFromAboveByIts = (millimetres: string, millimetres2: string, text: string, millimetres3: string) =>
  `The ball from above, ${millimetres} by ${millimetres2}: its ${text} side is sliced ${millimetres3} in from the wall.`;
export const north = "north";
export const across = " across";
export const manyCores = "Many cores";
export const oneSideSliced = "One side sliced";
export const allRound = "all round";
export const northAndSouthQuarters = "north and south quarters";
export const eastAndWestQuarters = "east and west quarters";
export const southSide = "south side";
export const northSide = "north side";
export const eastSide = "east side";
export const westSide = "west side";
export const rootRenewalInPlace = (tag: string) => `${tag}: root renewal in place`;
export const nobodyHasSaidWhichPot = "Nobody has said which pot it stands in. ";
export const measureIt = "Measure it";
export const firstNumberAndPlaceOf = " first: number and place of the holes follow from its size.";
export const augersAndSawsBothHands = (millimetres: string) =>
  `Augers and saws: both hands and a side handle, eyes covered, no loose gloves near the bit, a residual-current device outdoors. An auger that catches a root wrenches the wrist: probe first with a rod, stop at any root thicker than ${millimetres}.`;
export const guyItBeforeASide =
  "Guy it before a side is open: a tall tree on a loosened ball falls in a gust. Nobody below.";
export const dampTheMixItCan = "Damp the mix; it can carry germs. Local rules and licensed practice come first.";
export const aWidthFrom10To = "A width from 10 to 120 mm.";
export const renewedSoakTwiceSlowly = (tag: string, part_words: string) =>
  `${tag}: ${part_words} renewed. Soak twice, slowly.`;
export const itsPot = "its pot";
export const whichNobodyHasMeasured = ", which nobody has measured,";
export const theBallFromAboveTo = (text: string, millimetres: string, which: string, millimetres2: string) =>
  `The ball from above, to scale, from ${text}. Nothing is cut within ${millimetres} of the middle: twice the trunk${which} or a third of the ball’s radius. Holes lie in the outer half, half a hole’s width apart at least, ${millimetres2} from the wall.`;
export const noWindowIsKnownFor = "No window is known for this work.";
export const theSeasonForItIs = (which: string) => `The season for it is open${which}.`;
export const itOpens = (day: string) => ` It opens ${day}.`;
export const not = (when: string, limit_because: string, which: string) => `Not ${when}: ${limit_because}.${which}`;
export const evergreensBeforeTheFlushRoots = (celsius: string) =>
  `Evergreens: before the flush, roots at ${celsius} and more.`;
export const deciduousTreesInDormancy = "Deciduous trees: in dormancy.";
export const how = "How";
export const where = "Where";
export const from = (year: number) => `, from ${year}`;
export const itsTurn = (part_words: string, which: string) => `its turn: ${part_words}${which}`;
export const augerMm = "Auger, mm";
export const shareOfTheBall = "Share of the ball, %";
export const atMostAYear = (number: string) => `at most ${number} % a year`;
export const oneHoleOfToTwo = (millimetres: string, number: string) =>
  spelt(
    `One hole of ${millimetres} to two thirds of the depth is ${number} % of the ball, by area; the number follows. Litres: holes × area × depth; loose mix settles by 12 %. Roots lost: the same share.`,
  );
export const middleToMiddleAtLeast = "Middle to middle, at least";
export const ofTheBall = "Of the ball";
export const mixOut = "Mix out";
export const looseMixIn = "Loose mix in";
export const ofTheBallOverIts = (percent: string, number: string, percent2: string) =>
  `${percent} of the ball over its full depth; for a round ball the segment of that area. Its shell is denser rooted than its core (× ${number}), so about ${percent2} of the roots go.`;
export const inFromTheWall = "In from the wall";
export const ofItsRootsAbout = "Of its roots, about";
export const theOuterHalfHoldsSuch = (number: string) =>
  `The outer half holds ${number} such holes at most here: fewer than the share asked for.`;
export const theCutWouldComeNearer =
  "The cut would come nearer to the trunk than it may: cores instead, or a thinner slice by hand.";
export const thisWasDoneThisYear = "This was done this year already: once a year at most.";
export const asItWasReallyDone = "As it was really done";
export const shareOfRootsKept = "Share of roots kept, %";
export const asPlannedLeaveItEmpty = (percent: string) => `as planned ${percent}; leave it empty for that`;
export const theHolesReachedTheWall = "The holes reached the wall and cut what circles there";
export const doneRecordIt = "Done: record it";
export const overTheYears = "Over the years";
export const done = ", done";
export const theNextSideOnlyIf = (percent: string) =>
  `The next side only if this year’s shoots reached ${percent} of last year’s; never all sides at once.`;
export const topToOfSpentMix = (millimetres: string, millimetres2: string) =>
  `Top ${millimetres} to ${millimetres2} of spent mix off, down to the first roots.`;
export const probeEachPlaceWithA = "Probe each place with a rod; leave out any that meets wood.";
export const stopAtARootThicker = (millimetres: string) =>
  `Stop at a root thicker than ${millimetres}, and move on by a hole’s width.`;
export const unboltTheSideOrCut = "Unbolt the side, or cut from above along the wall.";
export const sliceAtFullDepthStop = (millimetres: string) =>
  `Slice at full depth; stop at roots thicker than ${millimetres} and work round them.`;
export const refillWithMixAsFine = "Refill with mix as fine as the ball, worked in with a stick; no feed in it.";
export const soakTwiceAndReWet = "Soak twice, and re-wet slowly over the next days.";
export const ofGrowth = " of growth";
export const guyItAgainstWindShade = (number: string, number2: string, which: string) =>
  `Guy it against wind, shade it for three weeks, no nitrogen for ${number} to ${number2} weeks${which}.`;
