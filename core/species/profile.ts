import type { RootWarmthSet } from "../climate/index";
import { VIGOUR_PER_DEGREE_DAY } from "../roots/index";
import { clockOf, type Crop, fruitClock, HABIT_PARAMETERS, type Habit, type HabitParameters } from "../wood/index";
import type { Hazard, Kind, KindValues } from "./fields";
import { genusOf, kindById, type OwnValues, type ResolvedValues, resolveValues } from "./library";
import { type Looks, possibleHabits, valuesSeen } from "./looks";
import { stockFor, type StockPace } from "./stocks";

/** How a tree is known: a listed kind, or typed words with a habit the grower picked, or none. */
export interface KindChoice {
  kindId: string | null;
  typedName: string | null;
  habit: Habit | "unknown" | null;
  rootstock?: string | null;
  /** What is seen of one that is not known by its kind: read only there, and its shoots where only the genus is known. */
  looks?: Looks | null;
  /** What the collection, its sort or the tree itself says otherwise than the library. */
  own?: OwnValues;
}

/** Everything the models read of a tree's kind, with the spread that comes from not knowing. */
export interface Profile {
  /** Trees with equal keys share wood and windows. */
  key: string;
  kindId: string | null;
  name: string;
  scientific: string | null;
  /** Habits it may have, equally likely; one for known kinds. */
  habits: Habit[];
  parameters: HabitParameters[];
  /** All fields; of the first habit where several are possible. */
  values: KindValues;
  kPerDegreeDay: number;
  /** Standard deviation of ln of the tree's own vigour factor before any check. */
  vigourSd: number;
  /** Mean of the same, where mates of its kind have been looked at; 0 where not said. */
  vigourMean?: number;
  /** What other trees say of the eye that looks at its roots: how much too full it reads, in logit fill. */
  eye?: { mean: number; sd: number };
  warmth: RootWarmthSet;
  warmClimate: boolean;
  tolerance: KindValues["tolerance"];
  roots: KindValues["roots"];
  rootKillYoungC: number;
  autumnAverse: boolean;
  bloomDays: readonly [number, number] | null;
  crop: Crop | null;
  hazards: readonly Hazard[];
  note: string | null;
  basis: "typical" | "guess";
  /** Pace its named stock sets, where nobody has said the class of this tree's own. */
  stockPace?: StockPace;
}

/** Spread of vigour between trees of one kind (ln), and when only the habit or nothing is known. Our judgement. */
export const VIGOUR_SD = { kind: 0.55, genus: 0.62, habit: 0.7, unknown: 0.9 };

/** A genus whose species differ says little more of one of them than its habit does. */
const spreadOf = (kind: Kind) =>
  kind.rank !== "genus" ? VIGOUR_SD.kind : kind.differs ? VIGOUR_SD.habit : VIGOUR_SD.genus;

/** Half of the wood is killed a tenth further down than where damage begins: our judgement (L). */
const LT50_BEYOND_DAMAGE = 1.1;
/** Kinds of like chill share their wood. */
const CHILL_STEP = 5;

/** Warmth of a spring day between bud break and bloom, °C·h: what a kind's days from bud break are worth where only its bloom is timed (L). */
const SPRING_DAY_GDH = 150;
const LEAST_BUD_GDH = 1000;
/** From bud break to unfolded leaves: about ten spring days (L). */
const LEAF_OUT_GDH = 1500;

/** When its buds break and its flowers open: by its own clock or its genus's, else by its habit's with the chill and days of its values. */
function budsOf(habit: HabitParameters, values: KindValues, kind: Kind | undefined, own: ReadonlySet<string>) {
  const known = kind ? clockOf(kind.id, genusOf(kind), habit.leaf) : null;
  const chill = (values.chillPortions[0] + values.chillPortions[1]) / 2;
  const bloomDays = values.bloomDays;
  // Days that a grower says go before a clock.
  const bloomGdh = known && !own.has("bloomDays") ? known.bloomGdh : null;
  const toBloom = bloomDays ? (bloomDays[0] + bloomDays[1]) / 2 : 0;
  const beforeBloom =
    known?.bloomGdh == null
      ? habit.budGdh
      : habit.leaf === "evergreen"
        ? Math.min(habit.budGdh, known.bloomGdh)
        : Math.max(LEAST_BUD_GDH, known.bloomGdh - SPRING_DAY_GDH * toBloom);
  const budGdh = known?.budGdh ?? beforeBloom;
  return {
    chillPortions:
      habit.leaf === "evergreen"
        ? 0
        : known && !own.has("chillPortions")
          ? known.chillPortions
          : Math.floor(chill / CHILL_STEP) * CHILL_STEP,
    budGdh,
    leafOutGdh: known?.leafOutGdh ?? budGdh + LEAF_OUT_GDH,
    bloomGdh,
    bloomDays,
  };
}

/** A habit's parameters as a kind's values change them. */
function parametersOf(
  habit: Habit,
  values: KindValues,
  kind: Kind | undefined,
  own: ReadonlySet<string>,
): HabitParameters {
  const h = HABIT_PARAMETERS[habit];
  return {
    ...h,
    ...budsOf(h, values, kind, own),
    hardiness: { ...h.hardiness, hMax: Math.min(h.hardiness.hMin - 0.5, LT50_BEYOND_DAMAGE * values.crownC) },
    flushFrostC: values.flushFrostC,
    springRootZoneC: values.springRootZoneC,
    rootBaseC: values.takeHoldBaseC,
    rootNeedDegreeDays: values.takeHoldDegreeDays,
  };
}

const WARM_GROUPS = new Set<KindValues["group"]>([
  "citrus",
  "mediterranean",
  "tropical-fruit",
  "fig-like",
  "palm-like",
]);

function plain(resolved: ResolvedValues): KindValues {
  return Object.fromEntries(
    Object.entries(resolved).map(([name, known]) => [name, known.value]),
  ) as unknown as KindValues;
}

/** Every field of a tree's kind with its layer, as the page of the kind shows it. */
export function knownValuesOf(choice: KindChoice): ResolvedValues {
  const kind = choice.kindId === null ? undefined : kindById(choice.kindId);
  const looks = looksRead(choice);
  const habit = kind?.habit ?? (choice.habit === "unknown" ? null : choice.habit) ?? possibleHabits(looks)[0];
  const seen = valuesSeen(looks);
  // A word on the tree goes before what it looks like.
  const own = Object.keys(seen).length === 0 ? choice.own : { ...choice.own, tree: { ...seen, ...choice.own?.tree } };
  return resolveValues(kind ?? null, habit, own, choice.rootstock ?? null);
}

/** A kind says itself what its plants look like; of a whole genus the shoots of this one say its pace. */
function looksRead({ kindId, looks }: KindChoice): Looks | null {
  if (!looks) return null;
  const kind = kindId === null ? undefined : kindById(kindId);
  if (!kind) return looks;
  return kind.rank === "genus" && looks.lastShoots ? { ...looks, leaf: null, group: null } : null;
}

/**
 * Kinds that share what the models know of them, in one name.
 * @example namesTogether(["willow oak", "kowhai", "rowan"]) // "willow oak, kowhai and 1 more"
 */
export function namesTogether(names: readonly string[]): string {
  if (names.length <= 2) return names.join(" and ");
  return `${names.slice(0, 2).join(", ")} and ${names.length - 2} more`;
}

/** Profiles are asked for again and again: kinds without words of their own share one. */
const shared = new Map<string, Profile>();
const ofOwn = new WeakMap<OwnValues, Map<string, Profile>>();

export function profileOf(choice: KindChoice): Profile {
  const kind = choice.kindId === null ? undefined : kindById(choice.kindId);
  const stock = kind ? stockFor(genusOf(kind), choice.rootstock) : null;
  const known = choice.habit !== null && choice.habit !== "unknown";
  const seen = looksRead(choice);
  const looks = seen ? `?${seen.leaf}:${seen.group}:${seen.lastShoots}` : "";
  const base = `${kind ? `${kind.id}${stock ? `~${stock.id}` : ""}` : `habit:${known ? choice.habit : "unknown"}`}${looks}`;
  let cache = shared;
  if (choice.own) {
    cache = ofOwn.get(choice.own) ?? new Map<string, Profile>();
    ofOwn.set(choice.own, cache);
  }
  let profile = cache.get(base);
  if (!profile) cache.set(base, (profile = makeProfile(choice, base)));
  // Of a whole genus the words say which of its species it is.
  const named = kind && (kind.rank !== "genus" || choice.typedName === null);
  return named ? profile : { ...profile, name: choice.typedName ?? "Unnamed kind" };
}

/**
 * What a tree is called: its kind's first name, or what was typed.
 * @example nameOf({ kindId: "fig", typedName: null, habit: null }) // "Fig"
 */
export const nameOf = (choice: KindChoice): string => profileOf(choice).name;

/** Its fruit clock; warmth where it has none, or where somebody here said how much it asks for. */
function cropOf(values: KindValues, kind: Kind | undefined, said: ReadonlySet<string>): Crop | null {
  const clock = kind && !said.has("cropDegreeDays") ? fruitClock(kind.id) : null;
  return clock ?? (values.cropDegreeDays === null ? null : { degreeDays: values.cropDegreeDays });
}

/** Fields that somebody here said otherwise than the library. */
const saidFields = (own: OwnValues | undefined): ReadonlySet<string> =>
  new Set([own?.collection, own?.cultivar, own?.tree].flatMap((values) => Object.keys(values ?? {})));

function makeProfile(choice: KindChoice, base: string): Profile {
  const kind = choice.kindId === null ? undefined : kindById(choice.kindId);
  const looks = looksRead(choice);
  const picked = choice.habit !== null && choice.habit !== "unknown" ? choice.habit : null;
  const habits: readonly Habit[] = kind ? [kind.habit] : picked ? [picked] : possibleHabits(looks);
  const known = habits.length === 1;
  const values = plain(knownValuesOf(choice));
  const stock = kind ? stockFor(genusOf(kind), choice.rootstock) : null;
  const own = choice.own && Object.values(choice.own).some((v) => v !== undefined) ? choice.own : null;
  const warm = values.rootGrowthBaseC === 12;
  return {
    key: own ? `${base}#${JSON.stringify(own)}` : base,
    kindId: kind?.id ?? null,
    name: kind?.names[0] ?? "Unnamed kind",
    scientific: kind?.scientific ?? null,
    habits: [...habits],
    parameters: known
      ? [parametersOf(habits[0], values, kind, saidFields(choice.own))]
      : habits.map((habit) => HABIT_PARAMETERS[habit]),
    values,
    kPerDegreeDay: Math.sqrt(VIGOUR_PER_DEGREE_DAY[values.vigour[0]] * VIGOUR_PER_DEGREE_DAY[values.vigour[1]]),
    vigourSd: kind
      ? Math.min(spreadOf(kind), looks ? VIGOUR_SD.genus : Infinity)
      : known || looks?.lastShoots
        ? VIGOUR_SD.habit
        : VIGOUR_SD.unknown,
    warmth: warm ? "warm" : "temperate",
    warmClimate:
      known && (warm || habits[0] === "fig-like" || habits[0] === "pomegranate-like" || WARM_GROUPS.has(values.group)),
    tolerance: values.tolerance,
    roots: values.roots,
    rootKillYoungC: known ? values.rootKillYoungC : UNKNOWN_ROOT_KILL_C,
    autumnAverse: values.traits.includes("autumn-averse"),
    bloomDays: values.bloomDays,
    crop: cropOf(values, kind, saidFields(choice.own)),
    hazards: values.hazards,
    note: kind?.note ?? null,
    ...(stock?.pace ? { stockPace: stock.pace } : {}),
    basis: kind && !kind.differs ? "typical" : "guess",
  };
}

/** Roots nobody knows are kept as warm as tender ones. */
const UNKNOWN_ROOT_KILL_C = -4;

/** What a stock does to the pace of the roots, as a factor: from the usual classes of fruit stocks, our judgement (L). */
const STOCK_FACTOR: Record<StockPace, number> = { "very-dwarfing": 0.5, dwarfing: 0.65, half: 0.85, vigorous: 1.15 };

/** The kind's profile as this tree's stock changes it, by its class as said or by the stock's name; the same object where neither is. */
export function onStock(profile: Profile, stockPace: StockPace | null | undefined): Profile {
  const pace = stockPace ?? profile.stockPace;
  return pace ? { ...profile, kPerDegreeDay: profile.kPerDegreeDay * STOCK_FACTOR[pace] } : profile;
}
