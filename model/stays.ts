import {
  firstFrostIndex,
  lastFrostIndex,
  type PlaceClimate,
  SEASON_LEAD_DAYS,
  SITE_ITSELF,
  type Site,
  siteAfterMove,
} from "@/core/climate/index";
import { type DayNumber, growingSeason, midwinterOf, seasonOf, toDay } from "@/core/dates/index";
import type { LoggedEvent } from "@/core/event/index";
import { airKey, OPEN_AIR, type PlaceAir, siteAtPlace } from "@/core/place/index";
import { airOf, type PlaceClimateSaid, UNKNOWN_BUILD } from "@/core/winter/index";
import type { PlaceRecord } from "@/core/records/index";
import type { PlannedWinter } from "./winter-plan";

/** A tree stands in a place from a day on; the first stay has no beginning. */
export interface Stay {
  from: DayNumber;
  placeId: string | null;
}

/** Long before any record: the day a first stay is taken to begin. */
export const EVER = -1_000_000;
/** Moves older than the season before this count as having always stood there. */
const SEASONS_REMEMBERED = 1;

/** Shorter than this it was carried in for a night or a repair; longer it is no winter (L). */
const LEAST_INSIDE_DAYS = 14;
const MOST_INSIDE_DAYS = 300;

/** Where a tree stood, stay by stay, as its moves up to a day tell; a tree nobody placed stands in the open. */
export function staysOf(events: readonly LoggedEvent[], upTo: DayNumber = Infinity): Stay[] {
  const stays: Stay[] = [{ from: EVER, placeId: null }];
  let known = false;
  for (const event of events) {
    if (event.payload.kind !== "placed") continue;
    const from = toDay(event.on.best);
    if (from > upTo) continue;
    const placeId = event.placeId ?? null;
    // The first place anyone named is where it has stood as long as anyone knows.
    if (!known) stays[0] = { from: EVER, placeId };
    else if (stays.at(-1)!.placeId !== placeId) stays.push({ from, placeId });
    known = true;
  }
  return stays;
}

/** Where a tree is known to go on from its last stay: what a kept plan of the winter says, and from which night on. */
export interface WinterAhead {
  planned: readonly PlannedWinter[];
  /** Carried in when such a night may come, °C. */
  bringInNightC: number | null;
}

/** The air of a place as it is built and as its thermometer has it; the open air where there is none. */
export function airIn(place: PlaceRecord | undefined, climates: ReadonlyMap<string, PlaceClimateSaid>): PlaceAir {
  return place ? airOf(place.kind, place.build ?? UNKNOWN_BUILD, climates.get(place.id) ?? null).air : OPEN_AIR;
}

/** Sites by the places trees stand in: each place's weather is worked out once, each way of moving between them once. */
export class PlaceSites {
  private readonly places: ReadonlyMap<string, PlaceRecord>;
  private readonly byAir: Map<string, ReturnType<typeof siteAtPlace>>;
  private readonly byStays: Map<string, Site>;

  /** @param known what was worked out for the same site before: weather is named by what a place is like, not by its name */
  constructor(
    readonly site: Site,
    places: readonly PlaceRecord[],
    private readonly climates: ReadonlyMap<string, PlaceClimateSaid>,
    known?: PlaceSites,
  ) {
    this.places = new Map(places.map((p) => [p.id, p]));
    this.byAir = known?.byAir ?? new Map<string, ReturnType<typeof siteAtPlace>>();
    this.byStays = known?.byStays ?? new Map<string, Site>();
  }

  airAt(placeId: string | null): PlaceAir {
    return airIn(placeId === null ? undefined : this.places.get(placeId), this.climates);
  }

  private placed(placeId: string | null) {
    const air = this.airAt(placeId);
    const key = airKey(air);
    let found = this.byAir.get(key);
    if (!found) this.byAir.set(key, (found = siteAtPlace(this.site, air)));
    return found;
  }

  at(placeId: string | null): Site {
    return this.placed(placeId).site;
  }

  /** How the nights of a place stand to the site's: as read or said, else as its air has them. */
  nightsAt(placeId: string | null): PlaceClimate {
    if (placeId === null || !this.places.has(placeId)) return SITE_ITSELF;
    return this.climates.get(placeId)?.climate ?? this.placed(placeId).nights;
  }

  /** Stays that still matter, equal neighbours joined, with the move out of winter quarters ahead; what trees with the same ones share. */
  keyOf(stays: readonly Stay[]): string {
    return this.remembered(stays)
      .map(({ from, key }) => (from === EVER ? key : `${from}>${key}`))
      .join("|");
  }

  /**
   * Stays up to a day, out of all that are known, with the move into winter quarters that the tree's kept plan asks for: on the first
   * autumn night that its kind is brought in for in a tenth of the years; tomorrow where that has passed, until midwinter.
   */
  staysAhead(stays: readonly Stay[], whole: readonly Stay[], ahead: WinterAhead): readonly Stay[] {
    if (ahead.planned.length === 0 || stays.length < whole.length) return stays;
    const homeId = stays.at(-1)!.placeId;
    if (!this.airAt(homeId).outdoors) return stays;
    const { today, latitudeDeg } = this.site;
    for (const { winter, placeId } of ahead.planned) {
      if (this.airAt(placeId).outdoors || midwinterOf(winter, latitudeDeg) <= today) continue;
      const opening = midwinterOf(winter - 1, latitudeDeg) - SEASON_LEAD_DAYS;
      const first = firstFrostIndex(this.at(homeId), opening, ahead.bringInNightC ?? 0);
      if (first !== null) return [...stays, { from: Math.max(opening + first, today + 1), placeId }];
    }
    return stays;
  }

  private remembered(stays: readonly Stay[]): { from: DayNumber; key: string; placeId: string | null }[] {
    const { today, latitudeDeg } = this.site;
    const since = midwinterOf(seasonOf(today, latitudeDeg) - SEASONS_REMEMBERED, latitudeDeg);
    const kept: { from: DayNumber; key: string; placeId: string | null }[] = [];
    for (const { from, placeId } of stays) {
      const key = airKey(this.airAt(placeId));
      if (from <= since) kept.length = 0;
      if (kept.at(-1)?.key === key) continue;
      kept.push({ from: kept.length === 0 ? EVER : from, key, placeId });
    }
    const [home, inside] = kept.slice(-2);
    const out = inside && this.outDay(home.placeId, inside.placeId, inside.from);
    return out ? [...kept, { ...home, from: out }] : kept;
  }

  /**
   * The day a tree that was carried indoors for the winter goes out again to where it stood, by habit: when nine years in ten have no
   * frost any more. Null where it is not winter quarters it stands in, or the day has passed and it still stands there.
   */
  private outDay(homeId: string | null, insideId: string | null, since: DayNumber): DayNumber | null {
    if (!this.airAt(homeId).outdoors || this.airAt(insideId).outdoors) return null;
    const { today, latitudeDeg } = this.site;
    for (const season of [0, 1].map((later) => growingSeason(since, latitudeDeg) + later)) {
      const opening = midwinterOf(season, latitudeDeg) - SEASON_LEAD_DAYS;
      const last = lastFrostIndex(this.site, opening, 0);
      if (last === null) continue;
      const out = opening + last;
      if (out < since + LEAST_INSIDE_DAYS) continue;
      return out - since > MOST_INSIDE_DAYS || out <= today ? null : out;
    }
    return null;
  }

  /** Weather of a tree that moved like this. */
  forStays(stays: readonly Stay[]): Site {
    const key = this.keyOf(stays);
    const found = this.byStays.get(key);
    if (found) return found;
    const [first, ...later] = this.remembered(stays);
    let site = this.at(first.placeId);
    for (const { from, placeId } of later) site = siteAfterMove(site, this.at(placeId), from);
    this.byStays.set(key, site);
    return site;
  }
}
