import { spelt } from "@/words/english";

export const collections = "Collections";
export const startAnotherCollection = "Start another collection";
export const inMostYearsNoFrost = "in most years no frost";
export const lastFrostAboutFirstAbout = (monthDay: string, monthDay2: string) =>
  `last frost about ${monthDay}, first about ${monthDay2}`;
export const coldestNightOfAnOrdinary = (celsius: string, frost: string, celsius2: string, millimetres: string) =>
  `Coldest night of an ordinary winter ${celsius}, ${frost}; a hot afternoon ${celsius2}; ${millimetres} of rain.`;
export const to = (month: string, celsius: string, celsius2: string) => `${month} ${celsius} to ${celsius2}`;
export const meanLowestAndHighestTemperature = (text: string) =>
  `Mean lowest and highest temperature of each month: ${text}`;
export const usualDayNightToAfternoon = "usual day, night to afternoon";
export const meanHighest = "mean highest";
export const meanLowest = "mean lowest";
export const carriedOverFromTheNearest = (number: string, degreesApart: string, order: string) =>
  `Carried over from the nearest known places (${number} km and more away), usually right within ${degreesApart}. ${order}`;
export const changeSingleMonths = "Change single months";
export const month = "Month";
export const meanLowestHead = "Mean lowest";
export const meanHighestHead = "Mean highest";
export const rain = "Rain";
export const mean = (month: string, which: string) => `${month}, mean ${which}`;
export const february = "February";
export const march = "March";
export const april = "April";
export const may = "May";
export const june = "June";
export const july = "July";
export const august = "August";
export const september = "September";
export const october = "October";
export const november = "November";
export const december = "December";
export const n1ThePlaceOnThe = "1 · The place on the globe";
export const latitude = "Latitude";
export const n386S386 = "38.6 S, −38.6 or 38°36'S; both at once may be pasted here";
export const longitude = "Longitude";
export const westIsNegativeOr13 = "west is negative, or 13.4 W";
export const elevation = "Elevation";
export const leftEmptyAsKnownPlaces = (metres: string, number: string) =>
  `left empty: ${metres}, as known places around, the nearest ${number} km away`;
export const n55MOr180Ft = "55 m or 180 ft";
export const leftEmptyGuessedFromThe = "left empty: guessed from the place";
export const theMiddleYearMadeFor = (shown: string) => `the middle year made for your answers: ${shown}`;
export const leftEmptyAsGuessed = (shown: string) => `left empty: ${shown}, as guessed`;
export const day = "Day";
export const dayOf = (legend: string) => `${legend}: day`;
export const monthOf = (legend: string) => `${legend}: month`;
export const giveTheLatitudeAs52 = "Give the latitude as 52.5, −38.6, 38.6 S or 52°31'N.";
export const aLatitudeLiesBetween90 = "A latitude lies between −90 and 90.";
export const giveTheLongitudeAs13 = "Give the longitude as 13.4, −122.4, 122.4 W or 13°24'E.";
export const aLongitudeLiesBetween180 = "A longitude lies between −180 and 180.";
export const as55MOr180 = ", as 55 m or 180 ft";
export const giveAsANumber = (what: string, which: string) => `Give ${what} as a number${which}.`;
export const liesBetweenAnd = (toUpperCase: string, text: string, low: number, high: number) =>
  `${toUpperCase}${text} lies between ${low} and ${high}.`;
export const theElevationInMetres = () => spelt("the elevation in metres");
export const theColdestNightInC = "the coldest night in °C";
export const aHotAfternoonInC = "a hot afternoon in °C";
export const theOtherMonthsCannotBe =
  "The other months cannot be looked up just now. What you typed is kept here: try again.";
export const aTemperatureSuchAs3 = "A temperature, such as −3.5.";
export const theMeanLowestLiesBelow = "The mean lowest lies below the mean highest.";
export const alAlabamaAkAlaskaAz =
  "AL alabama,AK alaska,AZ arizona,AR arkansas,CA california,CO colorado,CT connecticut,DE delaware,DC district of columbia,FL florida,GA georgia,HI hawaii,ID idaho,IL illinois,IN indiana,IA iowa,KS kansas,KY kentucky,LA louisiana,ME maine,MD maryland,MA massachusetts,MI michigan,MN minnesota,MS mississippi,MO missouri,MT montana,NE nebraska,NV nevada,NH new hampshire,NJ new jersey,NM new mexico,NY new york,NC north carolina,ND north dakota,OH ohio,OK oklahoma,OR oregon,PA pennsylvania,RI rhode island,SC south carolina,SD south dakota,TN tennessee,TX texas,UT utah,VT vermont,VA virginia,WA washington,WV west virginia,WI wisconsin,WY wyoming";
export const engEnglandSctScotlandWls = "ENG england,SCT scotland,WLS wales,NIR northern ireland";
export const myTrees = "My trees";
export const giveTheElevationWhatIs = "Give the elevation: what is known around cannot be looked up just now.";
export const whereDoYourTreesStand = "Where do your trees stand?";
export const thePlaceIsEnoughTo =
  "The place is enough to begin. What you know better than our guess, say; the rest may stay empty. Every screen says that it is a guess until you read in a real weather record.";
export const nameOfTheCollection = "Name of the collection";
export const yourYearAsWeGuess = "Your year as we guess it";
export const yourAnswersBelowPullIt = "Your answers below pull it; what you type here goes before both.";
export const n6HowItIsShown = "6 · How it is shown";
export const units = "Units";
export const litresMillimetresKilogramsC = () => spelt("litres, millimetres, kilograms, °C");
export const gallonsInchesPoundsF = "gallons, inches, pounds, °F";
export const currency = "Currency";
export const bothCanBeChangedLater = "Both can be changed later, under Climate.";
export const makingYourYears = "Making your years …";
export const begin = "Begin";
export const n2TheColdestNightOf = "2 · The coldest night of an ordinary winter";
export const lowestTemperature = "Lowest temperature";
export const n3TheUsualLastFrost = "3 · The usual last frost in spring";
export const n4TheUsualFirstFrost = () => spelt("4 · The usual first frost in autumn");
export const southernHemisphereYourSpringFrost =
  "Southern hemisphere: your spring frost falls between August and December, your autumn frost between March and July.";
export const itNeverFreezesHere = "It never freezes here";
export const n5AUsualHotAfternoon = "5 · A usual hot afternoon of the hottest month";
export const hotAfternoon = "Hot afternoon";
export const nearestTown = "Nearest town";
export const townsCannotBeLookedUp = "Towns cannot be looked up just now. Type the coordinates instead.";
export const noTownOfThisName =
  "No town of this name is known here. Look at its spelling, take the next larger one, or type the coordinates.";
export const orTypeTheCoordinatesA = "or type the coordinates; a country or state after a comma narrows the list";
export const townsFound = "Towns found";
export const people = (number: string) => `${number} people`;
export const sizeNotKnown = "size not known";
