import type { DayNumber } from "@/core/dates/index";
import type { IndexedRecords, TreeRecord } from "@/core/records/index";
import { onStock, type Profile, profileOf } from "@/core/species/index";
import type { WindowOptions } from "@/core/window/index";
import {
  type EyePrior,
  type Eyes,
  type KindTracks,
  kindTracks,
  type MatePrior,
  type ReplayContext,
  type TrackVersion,
} from "./context";
import { EyesAmong, eyeOn } from "./eyes";
import type { Ground, PaceTracks } from "./heard";
import { matePriorsAmong } from "./mates";
import { ownTracksOn, ownWoodFrom } from "./own-wood";
import { EVER, type PlaceSites, type Stay, staysOf, type WinterAhead } from "./stays";
import { sharedOf, type YardWeather } from "./weather";

/** Tracks of one weather kept at once: kinds times places. */
const MOST_TRACKS = 600;

/** Wood, windows and warmth of each tree on each day, and what its mates say of its pace. */
export interface TrackSource {
  /** Which tracks are a tree's from which day on; empty where it always goes as its kind does in the open. */
  versionsOf(tree: TreeRecord): readonly TrackVersion[];
  /** Tracks by the key of a version. */
  named(key: string): KindTracks | null;
  /** A kind in the open. */
  ofKind(profile: Profile): KindTracks | null;
  matesOf(tree: TreeRecord): readonly MatePrior[];
  /** What is known of the eye that looks, step by step, from the looks at all trees but this one. */
  eyeOf(treeId: string): readonly EyePrior[];
  /** The same from all looks. */
  readonly eyeOfAll: readonly EyePrior[];
}

/** Tracks of a tree as known on a day: its own where something told of it by then, else those of its kind where it stands. */
export function tracksOf(source: TrackSource, tree: TreeRecord, on: DayNumber): KindTracks {
  const profile = profileOf(tree);
  let best: string | null = null;
  for (const version of source.versionsOf(tree)) if (version.from <= on) best = version.key;
  const tracks = (best === null ? null : source.named(best)) ?? source.ofKind(profile);
  if (!tracks) throw new Error(`No tracks of ${profile.key} are at hand.`);
  return underName(tracks, profile.name);
}

export function matesOn(source: TrackSource, tree: TreeRecord, on: DayNumber): MatePrior | null {
  let best: MatePrior | null = null;
  for (const step of source.matesOf(tree)) if (step.from <= on) best = step;
  return best;
}

/** The kind's profile as this tree's stock, its mates' roots and the eye that looks change it: what its replay starts from. */
export function profileFor(
  source: TrackSource,
  tree: TreeRecord,
  kind: Pick<KindTracks, "profile">,
  on: DayNumber,
): Profile {
  const prior = matesOn(source, tree, on);
  const profile = underEye(source, tree, onStock(kind.profile, tree.stockPace), on);
  return prior ? { ...profile, vigourMean: prior.mean, vigourSd: Math.sqrt(prior.variance) } : profile;
}

function underEye(source: Pick<TrackSource, "eyeOf">, tree: TreeRecord, profile: Profile, on: DayNumber): Profile {
  const eye = eyeOn(source.eyeOf(tree.id), on);
  return eye ? { ...profile, eye } : profile;
}

/** Trees of unlisted kinds share the tracks of their habit, but each has its own name. */
function underName(tracks: KindTracks, name: string): KindTracks {
  if (tracks.profile.name === name) return tracks;
  const names = namesakes.get(tracks) ?? new Map<string, KindTracks>();
  namesakes.set(tracks, names);
  const found = names.get(name) ?? { ...tracks, profile: { ...tracks.profile, name } };
  names.set(name, found);
  return found;
}
const namesakes = new WeakMap<KindTracks, Map<string, KindTracks>>();

/** Tracks that were computed elsewhere and came whole. */
export function readyTracks(context: ReplayContext): TrackSource {
  return {
    versionsOf: (tree) => context.versions?.[tree.id] ?? [],
    named: (key) => context.own?.[key] ?? context.placed?.[key] ?? context.kinds[key] ?? null,
    ofKind: (profile) => context.kinds[profile.key] ?? null,
    matesOf: (tree) => context.mates?.[tree.id] ?? [],
    eyeOf: (treeId) => context.eyes?.of[treeId] ?? [],
    eyeOfAll: context.eyes?.all ?? [],
  };
}

/** Tracks worked out tree by tree as they are asked for; those of kinds and places are shared by all yards on one weather. */
export class LazyTracks implements TrackSource {
  private readonly versions = new Map<string, TrackVersion[]>();
  /** Tracks of trees whose own wood was looked at: each is made when it is asked for. */
  private readonly ownBy = new Map<string, () => KindTracks>();
  private readonly own = new Map<string, KindTracks>();
  /** What the keys of places stand for. */
  private readonly placedBy = new Map<string, { profile: Profile; stays: readonly Stay[] }>();
  private readonly mates = new Map<string, Record<string, MatePrior[]>>();
  private looked: EyesAmong | null = null;

  constructor(
    private readonly weather: YardWeather,
    private readonly sites: PlaceSites,
    private readonly indexed: IndexedRecords,
    private readonly options: WindowOptions,
    private readonly today: DayNumber,
    private readonly ahead: (tree: TreeRecord) => WinterAhead,
  ) {}

  versionsOf(tree: TreeRecord): readonly TrackVersion[] {
    let list = this.versions.get(tree.id);
    if (!list) this.versions.set(tree.id, (list = this.withOwn(tree, this.placedVersions(tree))));
    return list;
  }

  named(key: string): KindTracks | null {
    const own = this.own.get(key) ?? this.ownBy.get(key)?.();
    if (own) {
      this.own.set(key, own);
      return own;
    }
    const placed = this.placedBy.get(key);
    return placed
      ? this.shared(key, () => kindTracks(this.sites.forStays(placed.stays), placed.profile, this.options))
      : null;
  }

  ofKind(profile: Profile): KindTracks {
    return this.shared(profile.key, () => kindTracks(this.sites.site, profile, this.options));
  }

  eyeOf(treeId: string): readonly EyePrior[] {
    return this.eyes.of(treeId);
  }

  get eyeOfAll(): readonly EyePrior[] {
    return this.eyes.all;
  }

  matesOf(tree: TreeRecord): readonly MatePrior[] {
    if (tree.kindId === null) return [];
    let priors = this.mates.get(tree.kindId);
    if (!priors) {
      const group = this.indexed.records.trees.filter((t) => t.kindId === tree.kindId);
      const ground = this.groundOf((t, on) => {
        const tracks = this.paceTracks(t, on);
        return { ...tracks, profile: underEye(this, t, tracks.profile, on) };
      });
      priors = matePriorsAmong(group, ground, sharedOf(this.weather).paceHeard);
      this.mates.set(tree.kindId, priors);
    }
    return priors[tree.id] ?? [];
  }

  private get eyes(): EyesAmong {
    return (this.looked ??= new EyesAmong(
      this.groundOf((t, on) => this.paceTracks(t, on)),
      sharedOf(this.weather).eyeHeard,
    ));
  }

  private groundOf(tracksOn: Ground["tracksOn"]): Ground {
    return { indexed: this.indexed, tracksOn, today: this.today };
  }

  /** Warmth alone: what was seen of its own wood does not change it, and windows take long to judge. */
  private paceTracks(tree: TreeRecord, on: DayNumber): PaceTracks {
    const key = this.placedVersions(tree).findLast((v) => v.from <= on)?.key;
    const placed = key === undefined ? undefined : this.placedBy.get(key);
    return {
      key: (placed && key) ?? "",
      profile: profileOf(tree),
      warmth: (placed ? this.sites.forStays(placed.stays) : this.sites.site).warmth,
    };
  }

  /** The keys of all tracks that the records ask for, apart from those of single trees. */
  get keys(): string[] {
    const trees = this.indexed.records.trees;
    for (const tree of trees) this.placedVersions(tree);
    return [...new Set([...trees.map((tree) => profileOf(tree).key), ...this.placedBy.keys()])].sort();
  }

  /** Whether all of them are at hand. */
  get complete(): boolean {
    const known = sharedOf(this.weather).tracks;
    return this.keys.every((key) => known.has(this.sharedKey(key)));
  }

  /** Makes what is missing of them, one at a time: between two the asker may do something else. */
  *fill(): Generator<void> {
    const profiles = new Map(this.indexed.records.trees.map((t) => [profileOf(t).key, profileOf(t)]));
    for (const key of this.keys) {
      if (sharedOf(this.weather).tracks.has(this.sharedKey(key))) continue;
      const kind = profiles.get(key);
      void (kind ? this.ofKind(kind) : this.named(key));
      yield;
    }
  }

  /** All tracks of kinds in the open and in places, computed where they are not at hand. */
  whole(): Pick<ReplayContext, "kinds" | "placed"> {
    const kinds = Object.fromEntries(
      this.indexed.records.trees.map((t) => [profileOf(t).key, this.ofKind(profileOf(t))]),
    );
    void this.keys;
    const placed = Object.fromEntries([...this.placedBy.keys()].map((key) => [key, this.named(key)!]));
    return { kinds, placed };
  }

  /** The same with all of single trees. */
  everything(): Pick<ReplayContext, "kinds" | "placed" | "own" | "versions" | "mates" | "eyes"> {
    const versions: Record<string, TrackVersion[]> = {};
    const mates: Record<string, MatePrior[]> = {};
    const eyes: Eyes = { all: [...this.eyeOfAll], of: {} };
    for (const tree of this.indexed.records.trees) {
      const list = this.versionsOf(tree);
      if (list.length > 0) versions[tree.id] = [...list];
      const steps = this.matesOf(tree);
      if (steps.length > 0) mates[tree.id] = [...steps];
      const eye = this.eyeOf(tree.id);
      if (eye.length > 0) eyes.of[tree.id] = [...eye];
    }
    const own = Object.fromEntries([...this.ownBy.keys()].map((key) => [key, this.named(key)!]));
    return { ...this.whole(), own, versions, mates, eyes };
  }

  /** Takes tracks that were kept from an earlier start. */
  take({ kinds, placed }: Pick<ReplayContext, "kinds" | "placed">): void {
    for (const [key, tracks] of Object.entries({ ...kinds, ...placed })) this.shared(key, () => tracks);
  }

  private placedVersions(tree: TreeRecord): TrackVersion[] {
    const profile = profileOf(tree);
    const whole = staysOf(this.indexed.eventsByTree.get(tree.id) ?? []);
    const ahead = this.ahead(tree);
    const open = this.sites.keyOf([{ from: EVER, placeId: null }]);
    const list: TrackVersion[] = [];
    for (const [i, { from }] of whole.entries()) {
      const stays = this.sites.staysAhead(whole.slice(0, i + 1), whole, ahead);
      const staysKey = this.sites.keyOf(stays);
      const key = staysKey === open ? profile.key : `${profile.key}@${staysKey}`;
      if (list.length === 0 && key === profile.key) continue;
      if (list.at(-1)?.key === key) continue;
      if (key !== profile.key) this.placedBy.set(key, { profile, stays });
      list.push({ from, key });
    }
    return list;
  }

  /** What was seen of its own wood comes on top of where it stands, so that an earlier as-of day does not know what came later. */
  private withOwn(tree: TreeRecord, placed: TrackVersion[]): TrackVersion[] {
    const events = this.indexed.eventsByTree.get(tree.id) ?? [];
    const days = ownWoodFrom(
      events,
      placed.map((v) => v.from),
      this.sites.site,
    );
    if (days.length === 0) return placed;
    const list = placed.filter((v) => v.from <= days[0]);
    for (const from of days) {
      const under = placed.findLast((v) => v.from <= from)?.key;
      const base = () => (under === undefined ? null : this.named(under)) ?? this.ofKind(profileOf(tree));
      const key = `${tree.id}>${from}`;
      this.ownBy.set(key, () => ownTracksOn(this.sites, base(), events, from, this.options, this.ahead(tree)));
      list.push({ from, key });
    }
    return list;
  }

  private sharedKey(key: string): string {
    return `${this.options.risk}|${key}`;
  }

  private shared(key: string, make: () => KindTracks): KindTracks {
    const known = sharedOf(this.weather).tracks;
    const found = known.get(this.sharedKey(key));
    if (found) return found;
    const tracks = make();
    known.set(this.sharedKey(key), tracks);
    while (known.size > MOST_TRACKS) known.delete(known.keys().next().value!);
    return tracks;
  }
}
