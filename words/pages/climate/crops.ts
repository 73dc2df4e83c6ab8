export const ripening = "Ripening";
export const generatedYearsOfThisSite = "Generated years of this site.";
export const yearsLikeThoseOfYour = "Years like those of your record.";
export const whatAMiddlingCultivarAsks = (which: string) =>
  `What a middling cultivar asks for is our own figure; cultivars differ by about an eighth either way, which is in the chance. ${which}`;
export const chanceThatCropsRipen = "Chance that crops ripen";
export const asksFor = "Asks for";
export const middleSeasonGives = "Middle season gives";
export const outdoorsAllYear = "Outdoors all year";
export const weeksEarlyInWarmth = (number: string) => `${number} weeks early in warmth`;
export const about = (day: string) => `, about ${day}`;
export const fruitOfTimedSpeciesTakes =
  "Fruit of timed species takes so many warm days from full bloom (figs and mulberries from bud break): a day of 20 °C counts whole, a cold one half, and for fruit of hot summers not at all. Of other species warmth above 10 °C is summed from bud break. Both until the leaves fall or a night of −2 °C. For an early start the tree stands bright at 12 to 18 °C for those weeks and goes out on the one-in-ten day of the last frost: until then it needs frost-free nights. Buds only follow warmth once their winter chill is met.";
export const howItIsCounted = "How it is counted";
export const warmDays = (number: string) => `${number} warm days`;
export const daysEarlier = (number: string) => ` (${number} days earlier)`;
