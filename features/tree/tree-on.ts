import "server-only";
import type { DayNumber } from "@/core/dates/index";
import type { Situation } from "@/core/judgement/index";
import { conditionOn } from "@/core/records/index";
import {
  type KindTracks,
  type OperationWindow,
  siteOf,
  treeWindows,
  type TreeWindowsInput,
  profileFor,
  replay,
  type Replayed,
  situationOf,
  storeAt,
  tracksOf,
  treeAt,
  type TreeState,
} from "@/model/index";
import type { Profile } from "@/core/species/index";
import type { Operation } from "@/core/window/index";
import { type CollectionView, windowOptions } from "../collection/load";

type Tree = CollectionView["loaded"]["trees"][number];

/** One tree on one day with all that its pages ask: its roots, its weather, its windows, its situation. */
export interface TreeOn {
  tree: Tree;
  events: TreeWindowsInput["events"];
  kind: KindTracks;
  profile: Profile;
  replayed: Replayed;
  state: TreeState;
  site: ReturnType<typeof siteOf>;
  input: TreeWindowsInput;
  situation: Situation | null;
  windows: (operations: readonly Operation[]) => OperationWindow[];
}

/** @param placeId as if it stood there, as a question */
export function treeOn(view: CollectionView, treeId: string, on: DayNumber, placeId?: string): TreeOn | null {
  const { loaded, context, places, collection } = view;
  const tree = loaded.trees.find((t) => t.id === treeId);
  if (!tree) return null;
  const { indexed } = loaded;
  const events = indexed.eventsByTree.get(treeId) ?? [];
  const kind = tracksOf(context, tree, on);
  const profile = profileFor(context, tree, kind, on);
  const replayed = replay(events, indexed.lots, profile, kind.warmth, on);
  const store = storeAt(indexed, on).filter((p) => p.free > 0);
  const state = treeAt(tree, events, indexed.lots, store, context, kind, on);
  if (!replayed || !state) return null;
  const input: TreeWindowsInput = {
    sites: places,
    tree,
    profile,
    events,
    replayed,
    calendar: loaded.calendar,
    away: context.away,
    options: windowOptions(collection),
    on,
    ...(placeId === undefined ? {} : { placeId }),
  };
  const site = siteOf(input);
  const lot = replayed.lotId === null ? undefined : indexed.lots.get(replayed.lotId);
  const situation = situationOf({
    tree,
    state,
    replayed,
    profile,
    site,
    condition: conditionOn(events, on),
    broken: lot?.condition === "cracked",
    offeredL: tree.finalVolumeL,
    events,
    places,
    calendar: loaded.calendar,
    on,
  });
  return {
    tree,
    events,
    kind,
    profile,
    replayed,
    state,
    site,
    input,
    situation,
    windows: (operations) => treeWindows({ ...input, operations, withoutCurves: true }),
  };
}
