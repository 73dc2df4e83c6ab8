import { spelt } from "@/words/english";

export const itCannotHaveDiedOr = "It cannot have died or left before it came.";
export const thisTagHangsOnA = "This tag hangs on a living tree of the collection already.";
export const thisTagStandsInLine = (before: number) => `This tag stands in line ${before} already.`;
export const noLivingTreeHasThis = "No living tree has this tag. Read the trees in first.";
export const noPotOfThisName =
  "No pot of this name is on record, and no measure is given. Add a size, or leave it empty for unknown.";
export const asTheFileHasThem = "As the file has them";
export const changeACellToPut = "Change a cell to put it right";
export const gal = (value: string) => `${value} gal`;
export const thereIsNoSuchList = "There is no such list.";
export const lineHas = "line has";
export const linesHave = "lines have";
export const wereLeftOut = (number: string) => `, ${number} were left out`;
export const comeIn = (number: string, which: string, which2: string) => `${number} ${which} come in${which2}.`;
export const importLabel = "Import";
export const aWorkbookXlsxOrAny =
  "A workbook (.xlsx) or any table saved as CSV. What a line does not say stays unknown; nothing is kept until you say so, and one undo takes the whole file back.";
export const whatTheFileHolds = "What the file holds";
export const ofLines = (number: string, number2: string) => `${number} of ${number2} lines`;
export const ofThemWithACell = (number: string) =>
  `, ${number} of them with a cell that cannot be read and is left empty`;
export const itIs = "it is";
export const theyAre = "they are";
export const cannotAsAndWouldBe = (number: string, which: string) =>
  `; ${number} cannot as ${which} and would be left out`;
export const canComeIn = (which: string, which2: string) => ` can come in${which}${which2}.`;
export const noColumnSaysTheYet = (text: string) => ` No column says the ${text} yet: choose it below.`;
export const line = "line";
export const lines = "lines";
export const readIn = (number: string, which: string) => `Read in ${number} ${which}`;
export const sheet = "Sheet";
export const lineWithTheNamesOf = "Line with the names of the columns";
export const lineWithText = (line: number, text: string) => `line ${line}: ${text}`;
export const columnsAndFirstLinesOf = "Columns and first lines of the file";
export const column = (text: number) => `column ${text}`;
export const whatColumnMeans = (text: string | number) => `What column ${text} means`;
export const leftOut = "left out";
export const needed = " (needed)";
export const passedOverAboveTheHeader = (named: string) => `Passed over above the header: ${named}.`;
export const thisColumnMeans = "this column means";
export const theseColumnsMean = "these columns mean";
export const notReadSayBelowWhat = (named: string, which: string, which2: string) =>
  `Not read: ${named}. Say below what ${which}, or leave ${which2} out.`;
export const countOfLines = (number: string) => `${number} lines`;
export const sizesReadAsTradeNames = "Sizes read as trade names";
export const readAsTradeSizes = "Read as trade sizes";
export const nurseryPotTo = (line: string, potName: string, litres: string, litres2: string) =>
  ` (${line}): nursery pot ${potName}, ${litres} to ${litres2}`;
export const trueGallons = (litres: string) => `true gallons: ${litres}?`;
export const aNewPlace = "A new place";
export const newPlaces = (number: string) => `${number} new places`;
export const theyCountAsOutdoorsUntil = "They count as outdoors until you say what they are like.";
export const aurelianDoesNotAnswerIs =
  "Aurelian does not answer: is it still running? The file is still chosen; try again in a moment.";
export const oneName = "One name";
export const names = (number: string) => `${number} names`;
export const theLibraryDoesNotHave = (which: string) => `${which} the library does not have`;
export const theyComeInAsThey = "They come in as they are written. Where another is meant, say which.";
export const asWrittenLittleIsKnown = "as written: little is known of it";
export const asWrittenKnownByIts = (scientific: string) => `as written, known by its genus ${scientific}`;
export const andMoreAsTheyAre = (number: string, text: string, which: string) =>
  `And ${number} more, as they are written: ${text}${which}`;
export const trees = "Trees";
export const aLinePerTreeTag =
  "a line per tree: tag and species at least; its pot, when it was last potted, place, notes";
export const potsInStore = "Pots in store";
export const aLinePerKindOf = "a line per kind of pot: name, size, how many, price";
export const pastPottings = "Past pottings";
export const aLinePerPottingThe = "a line per potting: the tree’s tag and when; pot, mix and roots if known";
export const file = "File";
export const lengthsWithoutAUnit = "Lengths without a unit";
export const inCm = "in cm";
export const inMm = "in mm";
export const inInches = "in inches";
export const volumes = "Volumes";
export const inLitres = () => spelt("in litres");
export const inUsGallons = "in US gallons";
export const datesSuchAs0304 = "Dates such as 03/04/2021";
export const areDoubtfulAFault = "are doubtful: a fault";
export const dayFirst = "day first";
export const monthFirst = "month first";
export const saveLists = "Save lists";
export const saveAsFiles = "Save as files";
export const theSameColumnsGoOut = "The same columns go out, so that a file can be read in again, here or anywhere.";
