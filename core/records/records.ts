import type { PlaceKind } from "../climate/index";
import type { Happened, Method, Purpose, ReadableEvent } from "../event/index";
import type { Pot, PotCondition } from "../vessel/index";
import type { KindChoice, StockPace } from "../species/index";
import type { Protection } from "../shelter/index";
import type { PlaceBuild } from "../winter/index";

/** Reference rows the replay needs beside the events: plain, serialisable. */
export interface TreeRecord extends KindChoice {
  id: string;
  tag: string;
  cultivar: string | null;
  purpose: Purpose;
  /** How many equal plants this record stands for. */
  count: number;
  finalVolumeL: number | null;
  /** Growing season in which it is to go into the ground. */
  plantOutSeason?: number | null;
  trunkMm: number | null;
  heightM: number | null;
  /** Across the crown, where somebody measured it, m. */
  crownM?: number | null;
  /** The label is gone: `tag` is the last one known. */
  tagLost?: boolean;
  rootstock?: string | null;
  stockPace?: StockPace | null;
  motherId?: string | null;
  motherName?: string | null;
  method?: Method | null;
  raisedOn?: Happened | null;
  /** Where it stands, by the newest move. */
  placeId?: string | null;
  /** The set of trees it is kept alike with. */
  set?: string | null;
  /** What is round its pot against frost. */
  protection?: Protection;
  /** The grower's own word: it comes in below this night, °C. */
  inBelowC?: number | null;
  /** The batch it was taken from. */
  parentId?: string | null;
}

/** A named spot trees stand in. */
export interface PlaceRecord {
  id: string;
  name: string;
  kind: PlaceKind;
  /** As measured and described; nothing is known where it is missing. */
  build?: PlaceBuild;
}

export interface LotRecord {
  id: string;
  name: string;
  pot: Pot;
  /** Sound where nobody has said otherwise. */
  condition?: PotCondition;
  price?: number | null;
  /** More of them can be bought. */
  toBuy?: boolean;
  /** Where the free ones stand. */
  placeId?: string | null;
  /** Clay that stands wet frost; null: nobody knows. */
  frostProof?: boolean | null;
}

/** What a collection's screens are computed from. */
export interface CollectionRecords {
  trees: TreeRecord[];
  lots: LotRecord[];
  places?: PlaceRecord[];
  /** Counting events only (undone ones left out), in order of day, then of recording. */
  events: ReadableEvent[];
}
