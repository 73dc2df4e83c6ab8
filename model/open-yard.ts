import type { Site } from "@/core/climate/index";
import { type DayNumber, type IsoDate, toDay } from "@/core/dates/index";
import { awayStretches, calendarOf, type DayStretch, type GrowersCalendar } from "@/core/people/index";
import {
  type CollectionRecords,
  type IndexedRecords,
  indexRecords,
  type TreeRecord,
  weatherSaid,
} from "@/core/records/index";
import { type Profile, profileOf } from "@/core/species/index";
import type { WindowOptions } from "@/core/window/index";
import { type KindTracks, MODEL_VERSION, type ReplayContext } from "./context";
import { type Calibration, calibrationOf } from "./calibration";
import type { KeptPlans } from "./plan";
import { packTracks, unpackTracks } from "./pack";
import { airIn, PlaceSites, type WinterAhead } from "./stays";
import type { StatedTree } from "./replay";
import type { SeriesCache } from "./window-series";
import { LazyTracks, readyTracks, type TrackSource } from "./tracks";
import { sharedOf, type YardWeather } from "./weather";
import { YardOnDay } from "./yard-on-day";
import { type PlannedWinter, plannedWinters } from "./winter-plan";
import { YardTree } from "./yard-tree";

/** What a yard is opened on: the counting records of a collection and how careful its keeper is. */
export interface YardRecords {
  records: CollectionRecords | IndexedRecords;
  /** Share of weather years in which work may end badly, 0–1. */
  risk: number;
  /** Plans made before; absent: each is made when it is asked for. */
  plans?: KeptPlans;
  /** Roots stated outright, by tree: of a question, not of a collection. */
  stated?: ReadonlyMap<string, StatedTree>;
}

export interface YardClock {
  /** The site's calendar day. */
  today: IsoDate;
  /** Events recorded later than this moment are not known yet. */
  knownAt?: string;
}

/** Tracks computed elsewhere: with them a yard replays without the site's weather years, and knows nothing that needs these. */
export interface ReadyTracks {
  tracks: ReplayContext;
}

/** Days kept at once; a day of the strip is asked again and again while it is dragged to and fro. */
const MOST_DAYS = 8;

/**
 * The one door to the model: all that is said of a tree on a day is asked here.
 *
 * @example
 * openYard({ records, risk: 0.1 }, { key: "made up", input }, { today: "2026-05-15" }).tree("t1")?.on("2026-05-15")?.state.fill.p50
 */
export function openYard(records: YardRecords, weather: YardWeather | ReadyTracks, clock: YardClock): Yard {
  return new Yard(records, weather, clock);
}

/** A collection on its weather at one revision. Everything is worked out when it is first asked, and kept. */
export class Yard {
  readonly indexed: IndexedRecords;
  readonly today: DayNumber;
  readonly risk: number;
  readonly knownAt: string | undefined;
  readonly stated: ReadonlyMap<string, StatedTree>;
  readonly plans: KeptPlans | null;
  private readonly days = new Map<DayNumber, YardOnDay>();
  private readonly known = new Map<string, YardTree>();
  private kept: {
    calendar?: GrowersCalendar;
    calibration?: Calibration;
    said?: ReturnType<typeof weatherSaid>;
    places?: PlaceSites;
    tracks?: TrackSource;
    lazy?: LazyTracks;
    away?: DayStretch[];
    winters?: ReadonlyMap<string, PlannedWinter[]>;
  } = {};

  constructor(
    { records, risk, stated, plans }: YardRecords,
    private readonly weather: YardWeather | ReadyTracks,
    clock: YardClock,
  ) {
    this.indexed = "eventsByTree" in records ? records : indexRecords(records);
    this.today = toDay(clock.today);
    this.risk = risk;
    this.stated = stated ?? new Map();
    this.plans = plans ?? null;
    this.knownAt = clock.knownAt;
  }

  /** Null where there is no such tree. */
  tree(id: string): YardTree | null {
    let found = this.known.get(id);
    if (found) return found;
    const record = this.indexed.records.trees.find((t) => t.id === id);
    if (!record) return null;
    this.known.set(id, (found = new YardTree(this, record)));
    return found;
  }

  get trees(): YardTree[] {
    return this.indexed.records.trees.map((t) => this.tree(t.id)!);
  }

  on(day: DayNumber | IsoDate): YardOnDay {
    const on = typeof day === "number" ? day : toDay(day);
    const found = this.days.get(on) ?? new YardOnDay(this, on);
    this.days.delete(on);
    this.days.set(on, found);
    while (this.days.size > MOST_DAYS) this.days.delete(this.days.keys().next().value!);
    return found;
  }

  /** The weather of the open site. */
  get site(): Site {
    return sharedOf(this.fullWeather()).site;
  }

  /** The weather where trees stand. */
  get places(): PlaceSites {
    if (this.kept.places) return this.kept.places;
    const shared = sharedOf(this.fullWeather());
    const places = new PlaceSites(
      shared.site,
      this.indexed.records.places ?? [],
      this.said.placeClimates,
      shared.places ?? undefined,
    );
    shared.places = places;
    return (this.kept.places = places);
  }

  get calendar(): GrowersCalendar {
    return (this.kept.calendar ??= calendarOf(this.indexed.records.events));
  }

  /** Days on which nobody is there. */
  get away(): DayStretch[] {
    return (this.kept.away ??= awayStretches(this.calendar));
  }

  /** How well looks at roots were foreseen. */
  get calibration(): Calibration {
    return (this.kept.calibration ??= calibrationOf(this));
  }

  get said(): ReturnType<typeof weatherSaid> {
    return (this.kept.said ??= weatherSaid(this.indexed.records.events));
  }

  /** Whether a place is under the open sky; what nobody placed is. */
  isOutdoors(placeId: string | null): boolean {
    const place = (this.indexed.records.places ?? []).find((p) => p.id === placeId);
    return airIn(place, this.said.placeClimates).outdoors;
  }

  /** Where a tree goes for the winters ahead, by the kept plans. */
  winterAhead(tree: TreeRecord): WinterAhead {
    this.kept.winters ??= plannedWinters(this.indexed, this.today, this.latitudeDeg);
    return {
      planned: this.kept.winters.get(tree.id) ?? [],
      bringInNightC: profileOf(tree).values.bringInNightC,
    };
  }

  get windowOptions(): WindowOptions {
    return { risk: this.risk, sheltered: false };
  }

  /** The site's weather is guessed from answers or from monthly normals. */
  get guessedWeather(): boolean {
    if ("tracks" in this.weather) return this.weather.tracks.guessedWeather;
    return this.site.basis === "answers" || this.site.basis === "table";
  }

  /** Windows by kind, place and seasons, shared by all yards on this weather. */
  get seriesCache(): SeriesCache {
    return sharedOf(this.fullWeather()).series;
  }

  /** Wood and windows of a kind in the open; null where only ready tracks are at hand and it is not among them. */
  kindTracks(kind: Profile): KindTracks | null {
    return this.tracks.ofKind(kind);
  }

  get latitudeDeg(): number {
    return "tracks" in this.weather ? this.weather.tracks.latitudeDeg : this.weather.input.latitudeDeg;
  }

  /** Names all that wood, windows and warmth of kinds are computed from. */
  get tracksKey(): string {
    return `${MODEL_VERSION}:${this.fullWeather().key}:${this.risk}:${this.lazyTracks.keys.join("|")}`;
  }

  /** Whether the tracks are at hand, so that nothing long is computed at the first question. */
  get hasTracks(): boolean {
    return "tracks" in this.weather || this.lazyTracks.complete;
  }

  /** Takes tracks that an earlier yard with the same key packed. */
  takeTracks(packed: string): void {
    this.lazyTracks.take(unpackTracks(packed));
  }

  /** Makes what tracks are missing, a step at a time. */
  fillTracks(): Generator<void> {
    return this.lazyTracks.fill();
  }

  packedTracks(): string {
    return packTracks(this.lazyTracks.whole());
  }

  /** Where trees' tracks come from: for the model's own files. */
  get tracks(): TrackSource {
    return (this.kept.tracks ??= "tracks" in this.weather ? readyTracks(this.weather.tracks) : this.lazyTracks);
  }

  /** Everything a browser replays from. */
  get context(): ReplayContext {
    if ("tracks" in this.weather) return this.weather.tracks;
    const { latitudeDeg, today, guessedWeather, away } = this;
    return { latitudeDeg, today, guessedWeather, away, ...this.lazyTracks.everything() };
  }

  private get lazyTracks(): LazyTracks {
    return (this.kept.lazy ??= new LazyTracks(
      this.fullWeather(),
      this.places,
      this.indexed,
      this.windowOptions,
      this.today,
      (tree) => this.winterAhead(tree),
    ));
  }

  private fullWeather(): YardWeather {
    if ("tracks" in this.weather)
      throw new Error("This yard was opened on ready tracks: it has no weather of its own to ask.");
    return this.weather;
  }
}
