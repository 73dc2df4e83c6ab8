import "server-only";
import { chanceBelow, nightAt, nightsAhead, type NightAhead } from "@/core/climate/index";
import { seasonOf, toIso } from "@/core/dates/index";
import type { Profile } from "@/core/species/index";
import type { Alarm } from "@/core/records/index";
import type { TreeOnDay, WoodEvidence } from "@/model/index";
import { hardinessSeries, NIGHT_AT_RISK, nightRisk } from "@/core/wood/index";
import type { CollectionView } from "../kernel/collection/load";

/** An alarm over the coming nights: the nights it rings on, with the chance of each. */
export interface Ringing {
  alarm: Alarm;
  place: string | null;
  /** Chance by night. */
  chances: number[];
  rings: { on: string; chance: number }[];
}

export interface AtRisk {
  key: string;
  kind: string;
  /** Its wood goes its own way: looked at, fed or worked on late. */
  own: boolean;
  place: string | null;
  /** Nobody has measured the place: its nights are assumed by what it is like. */
  assumed: boolean;
  tags: string[];
  plants: number;
  /** By night: expected share of wood killed, chance that soft shoots are. */
  wood: number[];
  shoots: number[];
  lt50: { tender: number[]; middle: number[] };
  flushFrostC: number;
  minC: number[];
  worst: { on: string; wood: number; shoots: number; flowers: number } | null;
  /** Worth a word: on some night. */
  endangered: boolean;
}

/** Alarms against the coming nights. */
export function ringing(view: CollectionView, nights: readonly NightAhead[]): Ringing[] {
  const { alarms, places } = view.loaded;
  return alarms.map((alarm) => {
    const climate = view.yard.places.nightsAt(alarm.placeId);
    const chances = nights.map((n) => chanceBelow(alarm.thresholdC, ...nightAt(climate, n)));
    return {
      alarm,
      place: places.find((p) => p.id === alarm.placeId)?.name ?? null,
      chances,
      // Only a forecast rings: what is usual is no news.
      rings: nights.flatMap((n, k) =>
        n.basis === "forecast" && chances[k] >= alarm.chance ? [{ on: toIso(n.day), chance: chances[k] }] : [],
      ),
    };
  });
}

/** What was seen and done of a tree's wood in this season and those beside it, which may still be the wood that stands; null: nothing. */
function ownEvidence(day: TreeOnDay): Record<number, WoodEvidence> | null {
  const season = seasonOf(day.day, day.yard.latitudeDeg);
  const found: Record<number, WoodEvidence> = {};
  for (const s of [season - 1, season, season + 1]) {
    const evidence = day.woodEvidence(s);
    if (evidence) found[s] = evidence;
  }
  return Object.keys(found).length === 0 ? null : found;
}

/** Trees by kind and place with what the coming nights may do to them, the most endangered first. */
export function atRisk(view: CollectionView, nights: readonly NightAhead[]): AtRisk[] {
  const { yard, loaded } = view;
  const [from, to] = [nights[0].day, nights[nights.length - 1].day];
  interface Group {
    profile: Profile;
    placeId: string | null;
    tags: string[];
    plants: number;
    own: boolean;
    hardy: ReturnType<typeof hardinessSeries>;
  }
  const groups = new Map<string, Group>();
  const series = new Map<string, Group["hardy"]>();
  const today = yard.on(view.today);
  for (const tree of today.living) {
    const day = today.tree(tree.id);
    if (!day) continue;
    const { profile, placeId, plants, staysAhead } = day;
    const own = ownEvidence(day);
    // Trees that were looked at, fed or worked on late have wood of their own, and those that moved have that of where they stood.
    const evidence = own === null ? "" : JSON.stringify(own);
    const wood = `${profile.key}:${yard.places.keyOf(staysAhead)}:${evidence}`;
    let hardy = series.get(wood);
    if (!hardy)
      series.set(
        wood,
        (hardy = hardinessSeries(day.site, profile.parameters[0], from, to, (season) =>
          own?.[season] ? day.ownWood(season) : undefined,
        )),
      );
    // Unlisted kinds share what is known of their habit, but each is named by what was typed.
    const key = `${profile.kindId === null ? profile.name : ""}:${placeId ?? ""}:${wood}`;
    const group = groups.get(key) ?? { profile, placeId, tags: [], plants: 0, own: own !== null, hardy };
    group.tags.push(tree.tag);
    group.plants += plants;
    groups.set(key, group);
  }
  const round = (v: number) => Math.round(v * 1000) / 1000;
  return [...groups]
    .map(([key, g]): AtRisk => {
      const h = g.profile.parameters[0];
      const { hardy } = g;
      const place = loaded.places.find((p) => p.id === g.placeId);
      const climate = view.yard.places.nightsAt(g.placeId);
      const { budC, bloomC } = g.profile.values;
      const risks = nights.map((n, k) =>
        nightRisk(h, n, climate, hardy.middleC[k], hardy.softShare[k], {
          budC,
          bloomC,
          budShare: hardy.budShare[k],
          openShare: hardy.openShare[k],
        }),
      );
      let worst: AtRisk["worst"] = null;
      risks.forEach((r, k) => {
        if (worstOf(r) > (worst ? worstOf(worst) : 0))
          worst = {
            on: toIso(nights[k].day),
            wood: round(r.wood),
            shoots: round(r.shoots),
            flowers: round(r.flowers),
          };
      });
      return {
        key,
        kind: g.profile.name,
        own: g.own,
        place: place?.name ?? null,
        assumed: place !== undefined && place.kind !== "open" && !loaded.placeClimates.has(place.id),
        tags: g.tags,
        plants: g.plants,
        wood: risks.map((r) => round(r.wood)),
        shoots: risks.map((r) => round(r.shoots)),
        lt50: {
          tender: Array.from(hardy.tenderC, (v) => Math.round(10 * v) / 10),
          middle: Array.from(hardy.middleC, (v) => Math.round(10 * v) / 10),
        },
        flushFrostC: h.flushFrostC,
        minC: risks.map((r) => Math.round(10 * r.minC) / 10),
        worst,
        endangered: risks.some((r) => worstOf(r) >= NIGHT_AT_RISK),
      };
    })
    .sort((a, b) => height(b) - height(a) || a.kind.localeCompare(b.kind));
}

const worstOf = (r: { wood: number; shoots: number; flowers: number }) => Math.max(r.wood, r.shoots, r.flowers);
const height = (r: AtRisk) => (r.worst ? worstOf(r.worst) : 0);

/** The first alarm that rings on a coming night, for a word on every page. */
export function firstRing(view: CollectionView): { name: string; on: string; chance: number } | null {
  if (view.loaded.alarms.length === 0) return null;
  const rings = ringing(view, nightsAhead(view.yard.site)).flatMap((r) =>
    r.rings.map((ring) => ({ name: r.alarm.name, ...ring })),
  );
  rings.sort((a, b) => a.on.localeCompare(b.on) || b.chance - a.chance);
  return rings[0] ?? null;
}
