export const lengthInside = "Length inside";
export const widthInside = "Width inside";
export const heightInside = "Height inside";
export const aBoardIsWide = "A board is wide";
export const andThick = "and thick";
export const cornerPost = "Corner post";
export const feet = "Feet";
export const boardsLongSides = "boards, long sides";
export const boardsShortSideThatStays = "boards, short side that stays";
export const boardsShortSideThatComes = "boards, short side that comes off";
export const floorBoards10MmApart = "floor boards, 10 mm apart";
export const cornerPosts = "corner posts";
export const bearersWithTheFeet = "bearers with the feet";
export const timberBox = "Timber box";
export const aTimberBox = "A timber box";
export const wood = "Wood";
export const filledWith = "Filled with";
export const toCutIn = (wood: string) => `To cut, in ${wood}`;
export const long = (millimetres: string, millimetres2: string, millimetres3: string) =>
  `${millimetres} long, ${millimetres2} × ${millimetres3}`;
export const theUppermostRippedTo = (millimetres: string) => `, the uppermost ripped to ${millimetres}`;
export const aBoxHighWouldSpare = (millimetres: string) => ` (a box ${millimetres} high would spare it)`;
export const mOfBoardBoardsOne = (
  number: string,
  rows: number,
  which: string,
  which2: string,
  area: string,
  bolts: number,
) =>
  `${number} m of board; ${rows} boards one above the other${which}${which2}. Liner ${area}, turned 100 mm over the edge, pierced over the gaps of the floor. One short side is bolted from outside with ${bolts} bolts so that it comes off: a big tree is then sliced and renewed where it stands.`;
export const keepALinerBetweenTreated =
  "Keep a liner between treated wood and anything you eat from, and check what the treatment is approved for. Saw outdoors with mask and eye protection; never burn the dust of preserved wood. Two hands on drills and saws, residual-current protection outdoors. On a roof or balcony such a box is a point load: a structural engineer or the owner of the building decides.";
export const holdsAtTheBrim = "Holds at the brim";
export const mixAtTheFillLine = "Mix at the fill line";
export const fullAndWetWithoutA = "Full and wet, without a tree";
export const buildItWhereItWill = (lift: string) => `${lift} Build it where it will stand.`;
export const boxFromTheLongSide = (rows: number, millimetres: string, millimetres2: string, millimetres3: string) =>
  `Box from the long side: ${rows} boards high, ${millimetres} long and ${millimetres2} high outside, on feet of ${millimetres3}`;
export const outside = (millimetres: string, millimetres2: string) => `${millimetres} × ${millimetres2} outside`;
