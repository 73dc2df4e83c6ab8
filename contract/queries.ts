import { z } from "zod";
import type { ArrivalKind, ArrivalSeason } from "@/core/arrival/index";
import type { Operation } from "@/core/window/index";
import type { Group, Hazard, KindValues } from "@/core/species/index";

/** What is read besides pages: a question that stands in the address, and its answer in JSON. */
interface Query<I extends z.ZodType, R> {
  input: I;
  /** Only a type: answers are made by typed code and not read back. */
  result?: R;
}

const answering =
  <R>() =>
  <I extends z.ZodType>(input: I): Query<I, R> => ({ input });

/** A tree that a search found. */
export interface FoundTree {
  id: string;
  tag: string;
  name: string;
  cultivar: string | null;
  place: string | null;
  /** The note the words were found in, cut to where they stand. */
  note: string | null;
  gone: boolean;
}

/** Works that may be due when a plant arrives. */
export type ArrivalOperation = Extract<Operation, "slip-up" | "shave" | "split" | "up-pot" | "bare-root">;

/** What a kind and this season mean for a plant that arrives on a day. */
export interface ArrivalContext {
  name: string;
  kind: ArrivalKind;
  season: ArrivalSeason;
  /** When each work may be done: `now`, or the day it opens; null: not within two years. */
  opens: Record<ArrivalOperation, string | null>;
  /** Bears nothing without a partner, and none stands here. */
  lonely: boolean;
  hazards: readonly Hazard[];
  note: string | null;
  guess: boolean;
}

/** A kind or a whole genus that somebody may mean. */
export interface FoundKind {
  id: string;
  name: string;
  scientific: string;
  group: Group;
  leaf: KindValues["leaf"];
  rank: "kind" | "genus";
  /** What was asked is one of its names, letter for letter but for accents, case and number. */
  exact: boolean;
}

/** Days before today that a weather service gives where the record has none, as a file to be read in; or why there is none. */
export interface PastDays {
  outcome: "ok" | "complete" | "off" | "timeout" | "unreachable" | "refused" | "nonsense";
  detail: string;
  file: { name: string; csv: string; elevationM: number } | null;
}

/** Which state the plans of all trees are in, and whether newer ones are being made. */
export interface PlansNow {
  version: number;
  making: boolean;
}

/** What recording something of trees chooses from; the tree a page is about, where one is asked for. */
export interface RecordChoices {
  tree: { id: string; tag: string; name: string; plants: number } | null;
  places: { id: string; name: string }[];
  /** Pots with any left, and how many. */
  pots: { id: string; name: string; free: number }[];
  mixes: { key: string; name: string }[];
  feeds: string[];
  /** What is dangerous in working on a species, and the trees of which it is. */
  hazards: { hazard: Hazard; trees: string[] }[];
}

const numeric = z.coerce.number();
const frostDay = z.string().regex(/^(\d{2}-\d{2}|never)$/);
/** In an address everything is text: numbers are read, "never" stands for a year without frost. */
const sitePreviewInput = z.object({
  seed: numeric.int().min(0),
  latitudeDeg: numeric.min(-90).max(90),
  longitudeDeg: numeric.min(-180).max(180),
  /** Left out: as high as the nearest place whose height is known. */
  elevationM: numeric.min(-450).max(6000).optional(),
  coldestNightC: numeric.min(-65).max(25).optional(),
  lastSpringFrost: frostDay.optional(),
  firstAutumnFrost: frostDay.optional(),
  hotAfternoonC: numeric.min(-10).max(55).optional(),
});

export const QUERIES = {
  search: answering<{ found: FoundTree[] }>()(z.object({ q: z.string() })),
  kinds: answering<{ found: FoundKind[] }>()(z.object({ q: z.string().max(120) })),
  plans: answering<PlansNow>()(z.object({})),
  record: answering<RecordChoices>()(z.object({ tree: z.uuid().optional() })),
  "weather/past": answering<PastDays>()(z.object({})),
  "arrival/season": answering<ArrivalContext>()(z.object({ kind: z.string(), on: z.string().optional() })),
} as const;

/** A town to begin a site from. */
export interface FoundTown {
  id: number;
  name: string;
  /** In words: the country, and its region where it has a name or a code. */
  country: string;
  region: string;
  latitudeDeg: number;
  longitudeDeg: number;
  zone: string;
  population: number;
}

/** Months of a site as they are guessed from where it is and pulled by answers, with what that makes of the year. */
export interface SitePreview {
  tminC: number[];
  tmaxC: number[];
  rainMm: number[];
  /** Usual error of one of these temperatures where nothing was answered, K. */
  errorC: number;
  /** Height it was worked out for. */
  elevationM: number;
  nearest: { distanceKm: number; elevationM: number };
  zone: string;
  /** Of the generated years: coldest night, frost days (MM-DD; null where it hardly freezes), a usual hot afternoon. */
  coldestNightC: number;
  lastSpringFrost: string | null;
  firstAutumnFrost: string | null;
  hotAfternoonC: number;
  /** What the answers moved, K. */
  moved: { nightsC: number; winterC: number; springC: number; afternoonsC: number };
}

/** What is asked before there is a collection. */
export const SITE_QUERIES = {
  towns: answering<{ found: FoundTown[] }>()(z.object({ q: z.string().max(120) })),
  site: answering<SitePreview>()(sitePreviewInput),
} as const;

export type SiteQueryName = keyof typeof SITE_QUERIES;
export type SiteQueryInput<N extends SiteQueryName> = z.output<(typeof SITE_QUERIES)[N]["input"]>;
export type SiteQueryAnswer<N extends SiteQueryName> = NonNullable<(typeof SITE_QUERIES)[N]["result"]>;

export type QueryName = keyof typeof QUERIES;
export type QueryInput<N extends QueryName> = z.output<(typeof QUERIES)[N]["input"]>;
export type QueryAnswer<N extends QueryName> = NonNullable<(typeof QUERIES)[N]["result"]>;

/** What a running job tells, as server-sent events: `progress` while it runs, `ended` once. */
export interface JobEvents {
  progress: { progress: number; total: number; state: string };
  ended: { state: string; message: string | null };
}
