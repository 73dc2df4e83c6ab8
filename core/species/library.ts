import type { Habit } from "../wood/index";
import {
  type FieldName,
  type Kind,
  type KindValues,
  type Layer,
  type LayerValues,
  type Mark,
  type Reference,
  REFERENCES,
  type Source,
} from "./fields";
import { EVERGREEN } from "./kinds/evergreen";
import { FRUIT } from "./kinds/fruit";
import { KIN } from "./kinds/kin";
import { ORNAMENTAL } from "./kinds/ornamental";
import { GENUS_VALUES, HABIT_VALUES } from "./layers";
import { stockFor } from "./stocks";

/** The library: kinds set in full first, then those that inherit. */
export const KINDS: readonly Kind[] = [...FRUIT, ...ORNAMENTAL, ...EVERGREEN, ...KIN];

const BY_ID = new Map(KINDS.map((kind) => [kind.id, kind]));

/** @example kindById("fig")?.scientific // "Ficus carica" */
export function kindById(id: string): Kind | undefined {
  return BY_ID.get(id);
}

export function genusOf(kind: Pick<Kind, "scientific">): string {
  return kind.scientific.split(" ")[0];
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
  const lay = (layer: Layer, { values, marks, references }: LayerValues) => {
    for (const [name, value] of Object.entries(values) as [FieldName, unknown][]) {
      if (value === undefined) continue;
      const inherited = layer === "habit" || layer === "genus";
      const mark = marks?.[name];
      const reference: Reference | undefined = references?.[name];
      out[name] = {
        value,
        mark: inherited ? "guess" : (mark ?? "L"),
        source: inherited ? "kin" : GROWERS.has(layer) ? "grower" : mark ? "published" : "practice",
        layer,
        reference: reference ? REFERENCES[reference] : null,
      };
    }
  };
  lay("habit", { values: HABIT_VALUES[habit] });
  if (kind) {
    const genus = GENUS_VALUES[genusOf(kind)];
    if (genus) lay("genus", genus);
    lay("kind", kind);
    const stock = stockFor(genusOf(kind), rootstock);
    if (stock) lay("stock", { values: stock.values });
  }
  for (const layer of ["collection", "cultivar", "tree"] as const) {
    const values = own[layer];
    if (values) lay(layer, { values });
  }
  return out as ResolvedValues;
}

const GROWERS = new Set<Layer>(["collection", "cultivar", "tree"]);
