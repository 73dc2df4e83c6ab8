export const utahUnits = "Utah units";
export const byTheSingleSineOf = "By the single sine of Baskerville & Emin (1969) between the day’s two extremes.";
export const dayByDayFromThe =
  "Day by day from the temperature of a root zone in a pot outdoors, our own model: none below 7 °C, most at 25, none at 37.";
export const portionsOfTheDynamicModel =
  "Portions of the Dynamic model (Fishman et al. 1987) from hours that a curve puts between the day’s two extremes (Linvill 1990). Needs of species are the middles of ranges from the literature, remembered.";
export const hoursOfChillFrostIncluded =
  "Hours of chill, frost included, from hours that a curve puts between the day’s two extremes (Linvill 1990). An old and coarse count: warm spells take nothing away.";
export const utahUnitsRichardsonEtAl =
  "Utah units (Richardson et al. 1974): warm hours take away what cool ones gave. Made for cold winters; misleading where winters are mild.";
export const daysWhoseHighestTemperatureReached = "Days whose highest temperature reached 30 °C.";
export const referenceEvaporationOfShortGrass =
  "Reference evaporation of short grass after Hargreaves & Samani (1985), FAO-56 equation 52, from the day’s extremes and the sun at the top of the atmosphere. A tree in a pot uses more or less: this compares years.";
export const warmthOfTheAirAbove = (celsius: string) => `warmth of the air above ${celsius}`;
export const warmthOfTheRootZone = "warmth of the root zone";
export const winterChillDynamicModelPortions = "winter chill, Dynamic-model portions";
export const winterChillHoursBelow = (celsius: string) => `winter chill, hours below ${celsius}`;
export const winterChillUtahUnits = "winter chill, Utah units";
export const daysOfAndMore = (celsius: string) => `days of ${celsius} and more`;
export const referenceEvaporation = "reference evaporation";
export const warmthAndChill = "Warmth and chill";
export const warmthAndChillAgainstOther = "Warmth and chill against other years";
export const summedUp = "Summed up";
export const generatedYears = "generated years";
export const yearsOfYourRecord = "years of your record";
export const sinceTheBandHoldsEight = (now: string, day: string, number: string, which: string) =>
  `${now} Since ${day}; the band holds eight of ${number} ${which}.`;
export const howItIsCounted = "How it is counted";
export const nothingOfThisYearIs = "Nothing of this year is on record yet.";
export const asInTheMiddleYear = "as in the middle year";
export const thanTheMiddleYear = (size: string, which: string) => `${size} ${which} than the middle year`;
export const soFar = (sum: string, against: string) => `${sum} so far, ${against}.`;
export const noSpeciesOfTheCollection = "No species of the collection asks for winter cold.";
export const chillTheSpeciesNeed = "Chill the species need";
export const needsPortions = "Needs, portions";
export const metOutdoorsIn = "Met outdoors in";
export const inTheMiddleYearBy = "In the middle year by";
export const ofYears = (percent: string) => `${percent} of years`;
export const notMet = "not met";
export const thisYearNotOnRecord = "this year not on record";
export const thisYearSoFar = (sum: string) => `${sum} this year so far`;
export const theMiddleYearEndsAt = (word: string, which: string, number: string, number2: string, number3: string) =>
  `${word}: ${which}; the middle year ends at ${number}, eight years in ten between ${number2} and ${number3}.`;
export const eightYearsInTen = "eight years in ten";
export const middleYear = "middle year";
export const thisYear = "this year";
