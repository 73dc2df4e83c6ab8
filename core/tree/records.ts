import type { LoggedEvent } from "../event/index";
import type { KindChoice } from "../species/index";
import type { Pot } from "../vessel/index";

/** Reference rows the replay needs beside the events: plain, serialisable. */
export interface TreeRecord extends KindChoice {
  id: string;
  tag: string;
  cultivar: string | null;
  purpose: Purpose;
  /** How many equal plants this record stands for. */
  count: number;
  finalVolumeL: number | null;
  trunkMm: number | null;
  heightM: number | null;
}

export const PURPOSES = ["crop", "ornament", "grow-on", "stock", "rescue", "miniature"] as const;
export type Purpose = (typeof PURPOSES)[number];

export interface LotRecord {
  id: string;
  name: string;
  pot: Pot;
}

/** What a collection's screens are computed from. */
export interface CollectionRecords {
  trees: TreeRecord[];
  lots: LotRecord[];
  /** Counting events only (undone ones left out), in order of day, then of recording. */
  events: LoggedEvent[];
}
