export const itsHealthAndItsCompany = "Its health and its company";
export const isRecordedAs = (tag: string, health_words: string) => `${tag} is recorded as ${health_words}.`;
export const thePruningIsRecorded = "The pruning is recorded.";
export const howItIs = "How it is";
export const since = (day: string) => `, since ${day}`;
export const nothingThatCostsItRoots = "Nothing that costs it roots until it is well again.";
export const itIs = "It is";
export const itsCrown = "Its crown";
export const ofIt = (percent: string) => `, ${percent} of it`;
export const forLabel = (pruning_words: string) => `, for ${pruning_words}`;
export const lastPruned = (day: string, which: string, which2: string, which3: string) =>
  `Last pruned ${day}, ${which}${which2}${which3}.`;
export const noPruningOnRecord = "No pruning on record.";
export const recordAPruning = "Record a pruning";
export const cuts = "Cuts";
export const hardIntoOldWood = "hard, into old wood";
export const forWhat = "For";
export const shareOfTheCrown = "Share of the crown, %";
export const theyBelongTogetherNow = "They belong together now.";
export const standsForItselfNow = (tag: string) => `${tag} stands for itself now.`;
export const matchedSet = "Matched set";
export const matchedTreesMoveTogetherOn =
  "Matched trees move together, on a day on which the windows of all of them are open; otherwise one outgrows the others. The day is the first on which all windows for potting up overlap.";
export const full = (litres: string, percent: string) => ` (${litres}, ${percent} full)`;
export const moveThemTogetherBetweenAnd = (day: string, day2: string) =>
  `Move them together between ${day} and ${day2}.`;
export const noDayOpensForAll = "No day opens for all of them within two years.";
export const theyHaveDriftedApartThe =
  "They have drifted apart: the fuller one sets the day, the other gets the same pot.";
export const standsForItself = "Stands for itself.";
export const changeTheSet = "Change the set";
export const matchItWithAnother = "Match it with another";
export const nameOfTheSet = "Name of the set";
export const togetherWith = "Together with";
export const outOfTheSet = "Out of the set";
export const itSetsFruitByItself = "It sets fruit by itself, or is not grown for any.";
export const itSetsMoreFruitWith = "It sets more fruit with a partner of another variety.";
export const itBearsNothingWithoutA = "It bears nothing without a partner of another variety in flower.";
export const femaleAndMaleFlowersGrow =
  "Female and male flowers grow on different plants: it needs one of the other sex.";
export const partnerInFlower = "Partner in flower";
export const byTheSpeciesOwnWord =
  "By what is known of the species’ own pollination, the species that pollinate each other, and whether their blooms overlap by five days or more, counted from bud break. Two trees of one variety do not pollinate each other; where nobody wrote the variety down, they may.";
export const noPartnerStandsInThis = "No partner stands in this collection. ";
export const here = "Here: ";
export const recordedRootedInTheGround = "Recorded: rooted in the ground.";
export const recordedFreeOfTheGround = "Recorded: free of the ground.";
export const inTheGroundBelow = "In the ground below";
export const fromItsTrunkAndHeight = "From its trunk and height against its pot.";
export const nobodyHasMeasuredTrunkAnd = "Nobody has measured trunk and height, so the middle is taken: a guess.";
export const aCrownHeavierThanIts = (which: string) =>
  `A crown heavier than its pot would feed is fed from below: between a fifth and three fifths of its water. ${which}`;
export const rootedThroughItsPotSince = (day: string, percent: string) =>
  `Rooted through its pot since ${day}: about ${percent} of its roots may stand in the ground. Thirst and growth no longer follow the pot.`;
export const severItInTheDormant =
  "Sever it in the dormant season, or half now and half six weeks later, with shade and water. Knives and spades: cut away from the body; look for cables and pipes before digging.";
export const notThatAnyoneHasSaid = "Not that anyone has said. Tilt the pot: does it hold?";
export const itIsSeveredNow = "It is severed now";
export const itIsRootedInThe = "It is rooted in the ground";
export const noForecastReachesThisDay = "No forecast reaches this day: the best half-days are named once one does.";
export const bestHalfDaysOfThe = "Best half-days of the week";
export const wereItOpenTheBest = "Were it open, the best half-days";
export const noneOfThemSuitsHeat = "none of them suits: heat, frost, wind or heavy rain on each.";
export const halfDaysAhead = "Half-days ahead";
export const forecast = "Forecast";
export const byTheForecastUncertainBy = (number: string, number2: string) =>
  `By the forecast, uncertain by ${number} K on the first day and ${number2} K on the last. Shaded: better not.`;
export const endsWell = "ends well";
export const yearsInWhichItEnds = "years in which it ends well";
export const shareOfWeatherYearsIn = (percent: string, text: number, text2: number, day: string) =>
  `Share of weather years in which the work ends well, by day: at or above ${percent} on ${text} of ${text2} days, the last of them ${day}. Shaded: open.`;
export const shareOfWeatherYearsInWhich = (percent: string) =>
  `Share of weather years in which the work ends well, by day: never as much as ${percent}. Shaded: open.`;
export const intoTheNextPot = "Into the next pot";
export const atTheRoots = "At the roots";
export const whereItStands = "Where it stands";
export const atTheCrown = "At the crown";
export const theOpen = "the open";
export const whatMayBeDoneAnd = "What may be done, and when";
export const asIfItStoodIn = "As if it stood in";
export const whereItStandsNow = (which: string) => `where it stands${which}`;
export const asIfItHadStood = (where: string) => `As if it had stood in ${where} for a fortnight.`;
export const withTheWeatherOfWhere = (where: string) => `With the weather of ${where}, where it stands.`;
export const nobodyHasMeasuredThatPlace = "Nobody has measured that place: its nights are assumed by what it is like. ";
export const speciesOrWeatherAreA = "Species or weather are a guess: read the days as weeks. ";
export const workItOutFor = (day: string) => `Work it out for ${day}`;
export const darkHedgeClosedGapsOpen = (day: string, number: string) =>
  `Dark band: closed. Gaps: open. From ${day}, ${number} days.`;
export const aRescueIsNotRefused = (percent: string) =>
  `A rescue is not refused by the season. Its risk today: in ${percent} of this place’s weather years the work would end badly. The tree has to be worth it.`;
export const seeWhatItWouldDo = "See what it would do to its wood";
export const andWhatAFeedToday = "and what a feed today would";
export const aWarmClimateKindHeat = (celsius: string) =>
  `A warm-climate species: heat is judged at the cool end of the day, from ${celsius} on.`;
export const ofWorksAreOpenOn = (number: string, number2: string, toIso: string) =>
  `${number} of ${number2} works are open on ${toIso}.`;
export const noNamedPlace = "no named place";
export const allPlaces = "all places";
export const workedOutFor = (day: string) => `Worked out for ${day}. `;
export const aRecordCountsAsOpen =
  "A record counts as open in a week when any of its days is open for it: by its species, by the weather of the place it stands in, less what it has not recovered from and the days on which nobody is there to do it or to lift it. Trees are taken to stay where they stand. The tall band is closed; where it sinks, as many of the records are open.";
export const work = "Work";
export const ofCanBeWorkedOn = (number: string, number2: string) => `${number} of ${number2} can be worked on today`;
export const asOf = (day: string) => `As of ${day}.`;
export const whatClosesFirst = (name: string) => `${name}: what closes first`;
export const noTreeStandsThere = "No tree stands there.";
export const openOnesByTheDay =
  "Open ones by the day they close, then closed ones by the day they open. “Next chance” is the stretch after that: who waits, waits until then, and the pot goes on filling by the root model at this tree’s own pace. One year in ten a window closes as early as the second date says. Coming warmth is the mean of the site’s weather years.";
export const showAllLines = (number: string) => `Show all ${number} lines`;
export const plants = (number: string) => ` · ${number} plants`;
export const open = (which: string) => `open${which}`;
export const inOneYearOfTen = (day: string) => `, in one year of ten only until ${day}`;
export const then = (limit_because: string) => `; then ${limit_because}`;
export const opens = (day: string) => `opens ${day}`;
export const until = (day: string) => `, until ${day}`;
export const now = (which: string, limit_word: string) => `${which}; now ${limit_word}`;
export const noWindow = "no window";
export const due = (number: string) => `${number} due`;
export const fullByThen = (percent: string) => `, ${percent} full by then`;
export const nextChance = (day: string, which: string) => `Next chance ${day}${which}.`;
export const noLaterChanceWithinThe = "No later chance within the two years.";
export const fullAndWhy = (full: string, which: string, which2: string) => `${full} full${which}. ${which2}`;
export const ofRecordsAreOpenFor = (
  number: string,
  number2: string,
  name: string,
  tag: string,
  which: string,
  which2: string,
) => `${number} of ${number2} records are open for “${name}”; the first to close: ${tag}${which}${which2}.`;
export const nothingIsOpenForThe = (name: string, tag: string, which: string, day: string) =>
  `Nothing is open for “${name}”; the first to open: ${tag}${which}, ${day}.`;
export const nothingOpensForWithinTwo = (name: string) => `Nothing opens for “${name}” within two years.`;
export const closedForAllAllYear = "closed for all, all year";
export const mostOpenInWeekFrom = (text: number, day: string, most: number, records: number) =>
  `most open in week ${text} from ${day}: ${most} of ${records}`;
