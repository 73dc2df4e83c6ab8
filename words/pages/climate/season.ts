import { spelt } from "@/words/english";

export const checkTheWood = "Check the wood";
export const readInARecord = "Read in a record";
export const nextNightByForecast = "Next night by forecast";
export const aUsualNightNow = "A usual night now";
export const tenDaysAhead = "Ten days ahead";
export const frostWhere = "Frost where";
export const inTheOpenAsMeasured = "in the open, as measured";
export const frost = "Frost";
export const lastFrostInSpring = "Last frost in spring.";
export const firstFrostInAutumn = () => spelt("First frost in autumn.");
export const at = (name: string) => `, at ${name}`;
export const theOneInTenDay = (plusMinus: string) => `; the one-in-ten day ${plusMinus}`;
export const atLevel = (celsius: string, which: string, source: string, text: string) =>
  `At ${celsius}${which}, ${source}${text}.`;
export const frostIsPossibleAllYear = " Frost is possible all year.";
export const missingDaysInGapsOf = (number: string) =>
  ` ${number} missing days in gaps of at most three were filled in a straight line.`;
export const willTheCropRipen = "Will the crop ripen?";
export const asGuessed = ", as guessed";
export const daylengthAndMonths = (which: string) => `Daylength and months${which}`;
export const theMonths = "The months";
export const chanceOfFrostThroughThe = "Chance of frost through the year; the table below has the dates.";
export const chanceOfFrost = "chance of frost";
export const monthlyMeans = "Monthly means";
export const mean = "Mean";
export const feb = "Feb";
export const mar = "Mar";
export const apr = "Apr";
export const may = "May";
export const jun = "Jun";
export const jul = "Jul";
export const aug = "Aug";
export const sep = "Sep";
export const oct = "Oct";
export const nov = "Nov";
export const dec = "Dec";
export const datesByShareOfYears = "Dates by share of years, both methods";
export const aFrostYearRunsFrom =
  "A frost year runs from midsummer to midsummer and counts only when complete. Ranks: the order of the years themselves (Weibull positions). Normal: a bell curve through them, steadier at the ends for short records; the sentence takes the bell for 1 in 10 and 9 in 10 when there are fewer than 30 years with frost in most of them, else the ranks.";
export const howTheyCount = "How they count";
export const frostDaysByRiskAnd = "Frost days by risk and method";
export const shareOfYears = "Share of years";
export const ranks = "ranks";
export const normal = "normal";
export const generatedYears = "generated years";
export const years = "years";
export const ofLabel = (which: string, which2: string, withFrost: number, years: number, which3: string) =>
  `${which}, ${which2} (${withFrost} of ${years} ${which3})`;
export const none = "none";
export const itNeverFreezesHereNo = (celsius: string) =>
  `It never freezes here: no year had a night at or below ${celsius}.`;
export const noYearHadANight = (celsius: string) => `No year had a night at or below ${celsius}.`;
