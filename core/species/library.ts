import type { Habit } from "../wood/index";
import {
  type FieldName,
  type Genus,
  type Kind,
  type KindValues,
  type Layer,
  LAYERS,
  type LayerValues,
  type Mark,
  type Reference,
  REFERENCES,
  type Source,
} from "./fields";
import { KINDS, TABLE_GENERA } from "#species-tables";
import { GENUS_VALUES, HABIT_VALUES } from "./layers";
import { stockFor } from "./stocks";

const BY_ID = new Map<string, Kind>([...KINDS, ...TABLE_GENERA].map((kind) => [kind.id, kind]));
const GENUS_OF_NAME = new Map(TABLE_GENERA.map((genus) => [genus.scientific, genus]));

/** Every kind and genus there is: on a server all of the library, in a browser none but those that came with the page. */
export { KINDS, TABLE_GENERA as GENERA };

/** Kinds with what they inherit from, as they travel to a browser. */
export interface KindsInUse {
  kinds: Kind[];
  genera: Genus[];
}

/** What a browser needs to know of these kinds. */
export function kindsInUse(ids: Iterable<string | null>): KindsInUse {
  const kinds = [...new Set(ids)].flatMap((id) => (id === null ? [] : (BY_ID.get(id) ?? [])));
  const genera = [...new Set(kinds.map(genusOf))].flatMap((name) => GENUS_OF_NAME.get(name) ?? []);
  return { kinds: kinds.filter((kind) => kind.rank !== "genus"), genera };
}

/** Makes kinds that came with a page or a bundle known here; those that are known already stay. */
export function takeKinds({ kinds, genera }: KindsInUse): void {
  for (const kind of [...kinds, ...genera]) if (!BY_ID.has(kind.id)) BY_ID.set(kind.id, kind);
  for (const genus of genera) if (!GENUS_OF_NAME.has(genus.scientific)) GENUS_OF_NAME.set(genus.scientific, genus);
}

export function kindById(id: string): Kind | undefined {
  return BY_ID.get(id);
}

export function genusOf(kind: Pick<Kind, "scientific">): string {
  return kind.scientific.replace(/^×\s*/, "").split(" ")[0];
}

/** A value with where it comes from and how sure it is. */
export interface KnownValue<T = unknown> {
  value: T;
  mark: Mark;
  source: Source;
  layer: Layer;
  /** The published work it leans on, where there is one. */
  reference: string | null;
}
export type ResolvedValues = { [F in FieldName]: KnownValue<KindValues[F]> };

/** What a collection, a sort or one tree says otherwise than the library. */
export interface OwnValues {
  collection?: Partial<KindValues>;
  cultivar?: Partial<KindValues>;
  tree?: Partial<KindValues>;
}

/** Fields in the order they are read; every habit has them all. */
export const FIELD_NAMES = Object.keys(HABIT_VALUES["apple-like"]) as FieldName[];

/** The values of a layer with their marks. A table's line is the same object for all its trees, and is marked once. */
const marked = new WeakMap<object, Partial<Record<string, Partial<Record<FieldName, KnownValue>>>>>();
function knownOf(layer: Layer, { values, marks, references }: LayerValues, inherited: boolean) {
  const before = marked.get(values) ?? {};
  marked.set(values, before);
  const key = `${layer}${inherited ? " inherited" : ""}`;
  const ready = before[key];
  if (ready) return ready;
  const made: Partial<Record<FieldName, KnownValue>> = {};
  for (const [name, value] of Object.entries(values) as [FieldName, unknown][]) {
    if (value === undefined) continue;
    const mark = marks?.[name];
    const reference: Reference | undefined = references?.[name];
    made[name] = {
      value,
      mark: inherited ? "guess" : (mark ?? "L"),
      source: inherited ? "kin" : GROWERS.has(layer) ? "grower" : mark ? "published" : "practice",
      layer,
      reference: reference ? REFERENCES[reference] : null,
    };
  }
  before[key] = made;
  return made;
}

/**
 * Every field of a kind through its layers: habit, genus, kind, stock, collection, sort, tree; the last that says something counts.
 * What comes from habit or genus is a guess.
 */
export function resolveValues(
  kind: Kind | null,
  habit: Habit,
  own: OwnValues = {},
  rootstock: string | null = null,
): ResolvedValues {
  const out: Partial<Record<FieldName, KnownValue>> = {};
  const lay = (layer: Layer, source: LayerValues, inherited = INHERITED.has(layer)) => {
    Object.assign(out, knownOf(layer, source, inherited));
  };
  lay("habit", { values: HABIT_VALUES[habit] });
  if (kind) {
    const genus = genusOf(kind);
    const remembered = GENUS_OF_NAME.get(genus);
    // Of a whole genus its own line is what is known; where its species differ, even that is a guess.
    const whole = kind.rank === "genus";
    if (remembered)
      lay(
        "genus",
        whole || remembered.habit === kind.habit ? remembered : lent(remembered),
        !whole || remembered.differs,
      );
    if (GENUS_VALUES[genus]) lay("genus", GENUS_VALUES[genus], !whole);
    if (!whole) lay("kind", kind);
    const stock = stockFor(genusOf(kind), rootstock);
    if (stock) lay("stock", { values: stock.values });
  }
  for (const layer of ["collection", "cultivar", "tree"] as const) {
    const values = own[layer];
    if (values) lay(layer, { values });
  }
  const known = out as ResolvedValues;
  known.leafC = leavesBeside(known, habit, kind);
  return known;
}

/**
 * Leaves that nobody has spoken of stand as much more than the wood as those of its kin do: a hardier kind of a tender genus does not
 * keep the genus's leaves.
 */
function leavesBeside(known: ResolvedValues, habit: Habit, kind: Kind | null): ResolvedValues["leafC"] {
  const { leafC, crownC } = known;
  if (leafC.value === null || LAYERS.indexOf(leafC.layer) >= LAYERS.indexOf(crownC.layer)) return leafC;
  const kin = leafC.layer === "genus" && kind ? GENUS_OF_NAME.get(genusOf(kind))?.values.crownC : undefined;
  const above = Math.max(0, leafC.value - (kin ?? HABIT_VALUES[habit].crownC));
  return { ...leafC, value: crownC.value + above };
}

/** What kin have in common though they grow otherwise: a holm oak keeps its leaves, but hates and fears what an oak does. */
const LENT_ACROSS_HABITS = [
  "group",
  "roots",
  "spread",
  "tolerance",
  "rootShare",
  "water",
  "ph",
  "lime",
  "phosphate",
  "salt",
  "traits",
  "hazards",
  "health",
] as const satisfies readonly FieldName[];
const lentBy = new WeakMap<Genus, LayerValues>();
function lent(genus: Genus): LayerValues {
  let layer = lentBy.get(genus);
  if (!layer) {
    const shared = LENT_ACROSS_HABITS.flatMap((name) => (name in genus.values ? [[name, genus.values[name]]] : []));
    lentBy.set(genus, (layer = { values: Object.fromEntries(shared) as Partial<KindValues> }));
  }
  return layer;
}

const INHERITED = new Set<Layer>(["habit", "genus"]);
const GROWERS = new Set<Layer>(["collection", "cultivar", "tree"]);
