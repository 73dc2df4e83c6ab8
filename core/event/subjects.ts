import type { LoggedEvent } from "./event";

/** The kinds of things that writes are about. */
export type SubjectKind =
  | "tree"
  | "pots"
  | "place"
  | "person"
  | "away"
  | "component"
  | "recipe"
  | "offer"
  | "product"
  | "reclaimed"
  | "species"
  | "alarm"
  | "winter-plan"
  | "task"
  | "collection";

/**
 * What an entry is about, as a key: two writes about the same subject can overwrite each other, all others merge.
 * Identifiers are those of the rows, or the one word for what a collection has once.
 */
export type Subject = `${SubjectKind}:${string}`;

/** @example kindOfSubject("tree:4") // "tree" */
export const kindOfSubject = (about: Subject) => about.slice(0, about.indexOf(":")) as SubjectKind;

export const subject = {
  tree: (id: string): Subject => `tree:${id}`,
  pots: (lotId: string): Subject => `pots:${lotId}`,
  place: (id: string): Subject => `place:${id}`,
  person: (id: string): Subject => `person:${id}`,
  /** Days on which somebody is away; null: nobody is there at all. */
  away: (personId: string | null): Subject => `away:${personId ?? "everybody"}`,
  component: (id: string): Subject => `component:${id}`,
  recipe: (id: string): Subject => `recipe:${id}`,
  offer: (componentId: string): Subject => `offer:${componentId}`,
  product: (id: string): Subject => `product:${id}`,
  reclaimed: (stockId: string): Subject => `reclaimed:${stockId}`,
  /** A species, or one variety of it. */
  species: (kindId: string, cultivar: string | null): Subject => `species:${kindId}/${cultivar ?? ""}`,
  alarm: (id: string): Subject => `alarm:${id}`,
  task: (id: string): Subject => `task:${id}`,
  winterPlan: (season: number): Subject => `winter-plan:${season}`,
} as const;

/** What a collection has once. */
export const CLIMATE: Subject = "collection:climate";
export const WEATHER_ORDER: Subject = "collection:weather-order";
export const LADDER_TERMS: Subject = "collection:ladder-terms";
export const SETTINGS: Subject = "collection:settings";

/**
 * @example subjectsOf({ treeId: "4", potLotId: "7", payload: { kind: "potted" } }) // ["tree:4", "pots:7"]
 */
export function subjectsOf({
  treeId,
  potLotId,
  placeId,
  payload,
}: Pick<LoggedEvent, "treeId" | "potLotId" | "placeId" | "payload">): Subject[] {
  const found: Subject[] = [];
  if (treeId !== null) found.push(subject.tree(treeId));
  if (potLotId !== null) found.push(subject.pots(potLotId));
  // A tree that is moved changes the tree, not the place it comes to.
  if (placeId && treeId === null && potLotId === null) found.push(subject.place(placeId));
  switch (payload.kind) {
    case "person":
      return [...found, subject.person(payload.personId)];
    case "absence":
      return [...found, subject.away(payload.personId)];
    case "component":
      return [...found, subject.component(payload.componentId)];
    case "recipe":
      return [...found, subject.recipe(payload.recipeId)];
    case "offer":
      return [...found, subject.offer(payload.componentId)];
    case "product":
      return [...found, subject.product(payload.productId)];
    case "reclaimed":
    case "reclaimed-used":
      return [...found, subject.reclaimed(payload.stockId)];
    case "kind-said":
      return treeId === null ? [...found, subject.species(payload.kindId, payload.cultivar)] : found;
    case "alarm":
      return [...found, subject.alarm(payload.alarmId)];
    case "task":
      return [...found, subject.task(payload.taskId)];
    case "shelter-planned":
      return [...found, subject.winterPlan(payload.winter)];
    case "climate-said":
      return [...found, CLIMATE];
    case "weather-ranked":
      return [...found, WEATHER_ORDER];
    case "ladder-terms":
      return [...found, LADDER_TERMS];
    default:
      return found;
  }
}
