import type { EventPayload } from "./event";

type KnownKind = EventPayload["kind"];

/** What a kind of event is, besides what its payload says. */
export type EventTrait =
  /** Puts its tree into a pot. */
  | "names-pot"
  /** Later events of the same tree or pot build on it: it is not taken back without them. */
  | "carries"
  /** May turn out to be another tree's. */
  | "movable"
  /** Stands as a peg in a tree's time picture. */
  | "pegged"
  /** Changes what is on record of a tree, a pot or a place, whatever the day. */
  | "describes"
  /** Is shown beside a tree's wood. */
  | "of-wood";

/** Every kind with what it is: a new kind of event is a new line here. */
const TRAITS = {
  arrived: ["names-pot", "carries", "pegged", "describes"],
  potted: ["names-pot", "carries", "movable", "pegged", "of-wood"],
  "roots-read": ["movable", "pegged"],
  "rerooting-read": [],
  staked: [],
  "worked-in-place": [],
  inspected: [],
  "ladder-chosen": [],
  "ladder-terms": [],
  "rescue-begun": [],
  checkpoint: [],
  "rescue-ended": [],
  measured: ["movable", "describes"],
  described: ["describes"],
  placed: ["movable"],
  ended: [],
  "split-off": ["carries"],
  "split-from": ["carries", "describes"],
  joined: ["names-pot", "carries"],
  photographed: ["movable"],
  stocked: ["carries"],
  discarded: [],
  conditioned: ["describes"],
  "lot-described": ["describes"],
  identified: ["names-pot"],
  component: [],
  recipe: [],
  offer: [],
  product: [],
  reclaimed: [],
  "reclaimed-used": [],
  "wood-read": ["of-wood"],
  fed: ["of-wood"],
  pruned: ["of-wood"],
  health: [],
  anchored: [],
  matched: ["describes"],
  "kind-said": ["describes"],
  "place-described": ["describes"],
  "place-built": ["describes"],
  protected: [],
  watered: [],
  "winter-word": ["describes"],
  "shelter-planned": [],
  "climate-said": [],
  "weather-ranked": [],
  "place-climate": [],
  alarm: [],
  noted: ["movable", "pegged"],
  withdrawn: [],
  voided: [],
  person: [],
  absence: [],
  task: [],
  answered: [],
} as const satisfies Record<KnownKind, readonly EventTrait[]>;

/** Kinds of events that are something. */
export type KindThatIs<T extends EventTrait> = {
  [K in KnownKind]: T extends (typeof TRAITS)[K][number] ? K : never;
}[KnownKind];

/** @example eventIs("potted", "names-pot") // true */
export function eventIs<T extends EventTrait>(kind: string, trait: T): kind is KindThatIs<T> {
  return kind in TRAITS && (TRAITS[kind as KnownKind] as readonly EventTrait[]).includes(trait);
}
