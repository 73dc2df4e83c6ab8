import type { WarmthTrack } from "@/core/climate/index";
import { type DayNumber, toDay } from "@/core/dates/index";
import type { LoggedEvent } from "@/core/event/index";
import type { IndexedRecords, TreeRecord } from "@/core/records/index";
import { onStock, type Profile } from "@/core/species/index";
import { replay } from "./replay";
import type { Replayed } from "./replayed";

/** What a replay of one tree alone needs of its tracks: no wood, no windows. `key` names the warmth within one weather. */
export interface PaceTracks {
  key: string;
  profile: Profile;
  warmth: WarmthTrack;
}

/** What trees' looks are understood from. */
export interface Ground {
  indexed: IndexedRecords;
  tracksOn: (tree: TreeRecord, on: DayNumber) => PaceTracks;
  today: DayNumber;
}

/** What looks said, each by its tree and day, with the name of all it was understood from. */
export type Heard<T> = Map<string, { from: string; said: T }>;

/**
 * What looks at a tree say, day by day, from a replay of its own events. Each is replayed once: a later entry at another tree finds it
 * remembered; what changes what it was understood from (an entry before it, its pot, its place, its kind) has it replayed.
 * @param speaks which events of the tree are such looks
 * @param says what is taken from the replay up to such a day
 */
export function hear<T>(
  heard: Heard<T>,
  tree: TreeRecord,
  { indexed, tracksOn, today }: Ground,
  speaks: (event: LoggedEvent) => boolean,
  says: (state: Replayed, profile: Profile) => T,
): { on: DayNumber; said: T }[] {
  const events = indexed.eventsByTree.get(tree.id) ?? [];
  // What a tree inherited from its batch is the batch's word.
  const days = new Set(events.flatMap((e) => (e.treeId === tree.id && speaks(e) ? [toDay(e.on.best)] : [])));
  return [...days].flatMap((on) => {
    if (on > today) return [];
    const tracks = tracksOn(tree, on);
    const profile = onStock(tracks.profile, tree.stockPace);
    const from = `${tracks.key}|${profileName(profile)}|${historyName(events, on, indexed)}`;
    const name = `${tree.id}|${on}`;
    const known = heard.get(name);
    if (known?.from === from) return [{ on, said: known.said }];
    const state = replay(events, indexed.lots, profile, tracks.warmth, on);
    if (!state) return [];
    const said = says(state, profile);
    heard.set(name, { from, said });
    return [{ on, said }];
  });
}

/** The events up to a day, and what the pots they name are like. Events never change; pots may be described anew. */
function historyName(events: readonly LoggedEvent[], on: DayNumber, { lots }: IndexedRecords): string {
  let name = "";
  for (const event of events) {
    if (toDay(event.on.best) > on) break;
    const pot = event.potLotId === null ? undefined : lots.get(event.potLotId)?.pot;
    name += `${numberOf(event)}${pot ? potName(pot) : ""},`;
  }
  return name;
}

/** Events are one object each for as long as the process keeps them; read anew, their looks are replayed anew. */
const numbers = new WeakMap<object, number>();
let last = 0;
function numberOf(event: LoggedEvent): number {
  let number = numbers.get(event);
  if (number === undefined) numbers.set(event, (number = ++last));
  return number;
}

/** Pots are made anew with every revision: each is named by what is known of it. */
const pots = new WeakMap<object, string>();
function potName(pot: object): string {
  let name = pots.get(pot);
  if (name === undefined) pots.set(pot, (name = JSON.stringify(pot)));
  return name;
}

/** All of a profile that is not named by its key. */
const profileName = ({ key, kPerDegreeDay, vigourMean, vigourSd, eye }: Profile) =>
  `${key}:${kPerDegreeDay}:${vigourMean}:${vigourSd}:${eye?.mean}:${eye?.sd}`;
