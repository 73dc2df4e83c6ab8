import { z } from "zod";
import { DENSITY_KG_PER_L } from "./mass";
import { volumeL } from "./vessel";

/** Film is turned over the edge and overlaps by this much, mm (L). */
export const LINER_OVERLAP_MM = 100;
/** Gap between floor boards, so that water finds its way, mm (L). */
export const FLOOR_GAP_MM = 10;
/** Two bolts hold each board of the side that comes off, one at each post (L). */
const BOLTS_A_BOARD = 2;

export const WOODS = ["oak", "larch", "cedar"] as const;

const mm = (least: number, most: number) => z.number().min(least).max(most);

/** A timber box by its inner size and the boards at hand. */
export const boxSchema = z.object({
  lengthMm: mm(150, 3000),
  widthMm: mm(150, 3000),
  heightMm: mm(150, 1500),
  boardWidthMm: mm(40, 400),
  boardThickMm: mm(12, 80),
  postMm: mm(30, 150),
  feetMm: mm(0, 200),
  wood: z.enum(WOODS),
});
export type BoxInput = z.infer<typeof boxSchema>;

export interface CutPiece {
  what: "long-side" | "short-side" | "off-side" | "floor" | "post" | "bearer";
  count: number;
  lengthMm: number;
  widthMm: number;
  thickMm: number;
}

export interface BoxPlan {
  pieces: CutPiece[];
  /** Boards one above the other, and what the uppermost is ripped to. */
  rows: number;
  topBoardMm: number;
  boardMetres: number;
  volumeL: number;
  linerM2: number;
  bolts: number;
  woodKg: number;
  outerMm: { lengthMm: number; widthMm: number; heightMm: number };
}

/**
 * Cutting list of a box: corner posts inside the corners, boards outside them, long sides covering the ends of the short ones, one
 * short side bolted from outside so that it comes off, floor boards on bearers.
 */
export function boxPlan(box: BoxInput): BoxPlan {
  const { lengthMm, widthMm, heightMm, boardWidthMm, boardThickMm, postMm, feetMm } = box;
  const rows = Math.ceil(heightMm / boardWidthMm - 1e-9);
  const topBoardMm = heightMm - (rows - 1) * boardWidthMm;
  // A floor board takes its own width and the gap beside it; the last needs no gap.
  const floorBoards = Math.max(1, Math.floor((lengthMm + FLOOR_GAP_MM) / (boardWidthMm + FLOOR_GAP_MM)));
  const board = { widthMm: boardWidthMm, thickMm: boardThickMm };
  const pieces: CutPiece[] = [
    { what: "long-side", count: 2 * rows, lengthMm: lengthMm + 2 * boardThickMm, ...board },
    { what: "short-side", count: rows, lengthMm: widthMm, ...board },
    { what: "off-side", count: rows, lengthMm: widthMm, ...board },
    { what: "floor", count: floorBoards, lengthMm: widthMm, ...board },
    { what: "post", count: 4, lengthMm: heightMm, widthMm: postMm, thickMm: postMm },
    { what: "bearer", count: 2, lengthMm: lengthMm + 2 * boardThickMm, widthMm: postMm, thickMm: Math.max(feetMm, 20) },
  ];
  const litresOf = (p: CutPiece) => (p.count * p.lengthMm * p.widthMm * p.thickMm) / 1e6;
  const ripped = ((boardWidthMm - topBoardMm) * boardThickMm * 2 * (lengthMm + 2 * boardThickMm + widthMm)) / 1e6;
  const woodL = pieces.reduce((sum, p) => sum + litresOf(p), 0) - ripped;
  const postsL = (4 * heightMm * postMm ** 2) / 1e6;
  const inner = volumeL({
    shape: "rectangle",
    topLengthMm: lengthMm,
    topWidthMm: widthMm,
    baseLengthMm: lengthMm,
    baseWidthMm: widthMm,
    heightMm,
  });
  const perimeter = 2 * (lengthMm + widthMm);
  return {
    pieces,
    rows,
    topBoardMm,
    boardMetres: pieces.slice(0, 4).reduce((sum, p) => sum + (p.count * p.lengthMm) / 1000, 0),
    volumeL: inner - postsL,
    // Walls with the turn over the edge, one lap where the film meets itself, and the floor.
    linerM2: ((perimeter + LINER_OVERLAP_MM) * (heightMm + LINER_OVERLAP_MM) + lengthMm * widthMm) / 1e6,
    bolts: rows * BOLTS_A_BOARD,
    woodKg: woodL * DENSITY_KG_PER_L[box.wood],
    outerMm: {
      lengthMm: lengthMm + 2 * boardThickMm,
      widthMm: widthMm + 2 * boardThickMm,
      heightMm: heightMm + boardThickMm + feetMm,
    },
  };
}
