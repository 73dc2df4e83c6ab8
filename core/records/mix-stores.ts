import { type DayNumber, DAYS_PER_YEAR, toDay } from "../dates/index";
import type { LoggedEvent } from "../event/index";
import {
  type BagOffer,
  type ComponentFlag,
  type ComponentLibrary,
  componentOf,
  COMPONENTS,
  type Mix,
  mixOfRecipe,
  type OwnComponent,
  type Product,
  READY_MIX_NAMES,
  READY_MIXES,
  READY_RECIPES,
  type ReadyMixName,
  type Recipe,
  type Reclaimed,
} from "../mix/index";

export interface StoredRecipe {
  id: string;
  name: string;
  parts: Recipe;
  /** As the grower says; null: as its components let expect. */
  feedsMonths: number | null;
  note: string;
}

/** Mix in the reclaimed heap. Age and structure as recorded on `on`; litres as they are now. */
export interface ReclaimedStock extends Reclaimed {
  id: string;
  on: string;
  left: number;
}

/** What the Stores hold besides pots: the newest word about each thing counts. */
export interface MixStores {
  components: { id: string; own: OwnComponent }[];
  recipes: StoredRecipe[];
  products: (Product & { id: string })[];
  reclaimed: ReclaimedStock[];
  /** Bags on offer by component. */
  offers: Readonly<Record<string, BagOffer[]>>;
  library: ComponentLibrary;
}

type Payload<K extends LoggedEvent["payload"]["kind"]> = Extract<LoggedEvent["payload"], { kind: K }>;

/** Newest word about each thing of one kind, as long as it is not gone. */
function newest<K extends "component" | "recipe" | "product" | "reclaimed" | "offer">(
  events: readonly LoggedEvent[],
  kind: K,
  idOf: (payload: Payload<K>) => string,
): { id: string; payload: Payload<K>; event: LoggedEvent }[] {
  const known = new Map<string, { id: string; payload: Payload<K>; event: LoggedEvent }>();
  for (const event of events) {
    if (event.payload.kind !== kind) continue;
    const payload = event.payload as Payload<K>;
    const id = idOf(payload);
    const before = known.get(id);
    if (!before || before.event.seq <= event.seq) known.set(id, { id, payload, event });
  }
  return [...known.values()].filter((k) => !("gone" in k.payload && k.payload.gone));
}

const byName = <T extends { name: string }>(a: T, b: T) => a.name.localeCompare(b.name);

export function mixStoresOf(events: readonly LoggedEvent[]): MixStores {
  const components = newest(events, "component", (p) => p.componentId)
    .map(({ id, payload }) => ({ id, own: payload.own }))
    .sort((a, b) => byName(a.own, b.own));
  const used = new Map<string, number>();
  for (const { payload } of events)
    if (payload.kind === "reclaimed-used") used.set(payload.stockId, (used.get(payload.stockId) ?? 0) + payload.litres);
  return {
    components,
    recipes: newest(events, "recipe", (p) => p.recipeId)
      .map(({ id, payload: { name, parts, feedsMonths, note } }) => ({ id, name, parts, feedsMonths, note }))
      .sort(byName),
    products: newest(events, "product", (p) => p.productId)
      .map(({ id, payload }) => ({ id, ...payload.product }))
      .sort(byName),
    reclaimed: newest(events, "reclaimed", (p) => p.stockId)
      .map(({ id, payload, event }) => ({
        id,
        ...payload.stock,
        on: event.on.best,
        left: Math.max(0, payload.stock.litres - (used.get(id) ?? 0)),
      }))
      .sort(byName),
    offers: Object.fromEntries(
      newest(events, "offer", (p) => p.componentId).map(({ id, payload }) => [id, payload.bags]),
    ),
    library: { ...COMPONENTS, ...Object.fromEntries(components.map((c) => [c.id, componentOf(c.own)])) },
  };
}

/** Something a pot can be filled with: a ready mix, a recipe of one's own, or reclaimed mix. */
export interface MixChoice {
  /** `compost-bark`, `recipe:<id>` or `reclaimed:<id>`. */
  key: string;
  from: "ready" | "recipe" | "reclaimed";
  /** The ready mix, where it is one. */
  ready: ReadyMixName | null;
  name: string;
  mix: Mix;
  /** Years the mix has behind it on the day asked. */
  ageYears: number;
  feedsMonths: number | null;
  parts: Recipe | null;
  leftL: number | null;
  /** What to mind, with the share of the recipe that carries it. */
  flags: Partial<Record<ComponentFlag, number>>;
}

/** All mixes at hand on a day; reclaimed mix goes on ageing in its heap. */
export function mixChoices(stores: MixStores, on: DayNumber): MixChoice[] {
  const recipes = stores.recipes.flatMap((r): MixChoice[] => {
    const made = mixOfRecipe(r.parts, stores.library);
    if (!made) return [];
    const feedsMonths = r.feedsMonths ?? made.feedsMonths;
    return [
      {
        key: `recipe:${r.id}`,
        from: "recipe",
        ready: null,
        name: r.name,
        mix: made.mix,
        ageYears: 0,
        feedsMonths,
        parts: r.parts,
        leftL: null,
        flags: made.flags,
      },
    ];
  });
  const ready = READY_MIX_NAMES.map((name): MixChoice => {
    const made = mixOfRecipe(READY_RECIPES[name]);
    return {
      key: name,
      from: "ready",
      ready: name,
      name: "",
      mix: READY_MIXES[name],
      ageYears: 0,
      feedsMonths: made?.feedsMonths ?? null,
      parts: READY_RECIPES[name],
      leftL: null,
      flags: made?.flags ?? {},
    };
  });
  const reclaimed = stores.reclaimed
    .filter((s) => s.left > 0)
    .map((s): MixChoice => ({
      key: `reclaimed:${s.id}`,
      from: "reclaimed",
      ready: null,
      name: s.name,
      mix: s.mix,
      ageYears: s.ageYears + Math.max(0, on - toDay(s.on)) / DAYS_PER_YEAR,
      feedsMonths: 0,
      parts: null,
      leftL: s.left,
      flags: {},
    }));
  return [...recipes, ...ready, ...reclaimed];
}

/** The mix used last in the collection, where it is still at hand. */
export function usualMix(choices: readonly MixChoice[], events: readonly LoggedEvent[]): string {
  for (let i = events.length - 1; i >= 0; i--) {
    const { payload } = events[i];
    if (payload.kind !== "potted") continue;
    const found = choices.find(
      (m) => m.from !== "reclaimed" && (m.key === payload.mix || (m.name !== "" && m.name === payload.mixName)),
    );
    if (found) return found.key;
  }
  return choices[0].key;
}
