/** The rooms of the program and what lies in them, by the names that stand in the bar, on pages and in links. */
export const ROOM_WORDS = {
  today: "Today",
  yard: "Trees",
  ladders: "Plan",
  shelter: "Winter",
  stores: "Pots & mixes",
  almanac: "Climate",
} as const;
export type Room = keyof typeof ROOM_WORDS;

/** Pages within the rooms, and those visited less often. */
export const PAGE_WORDS = {
  "yard/windows": "Working windows",
  learning: "Trees to check next",
  arrival: "New arrival",
  walk: "Walk-round",
  import: "Import & export",
  people: "People",
  settings: "Settings",
  history: "Log",
  "shelter/moves": "Moving plan",
  "shelter/watch": "Tonight",
  "shelter/print": "Print",
  "stores/mixes": "Compare mixes",
  "stores/library": "Recipes & components",
  "stores/mixing": "Mix & buy",
  "stores/big": "Big containers",
  "stores/products": "Feeds",
  "stores/figures": "Values & sources",
  "almanac/ahead": "Next ten days",
  "almanac/wood": "Wood & hardiness",
  "almanac/kinds": "Species",
  "almanac/places": "Places",
  "almanac/records": "Weather records",
} as const;

/** What the first page of a room is called among its others. */
export const FIRST_PAGE_WORDS = {
  yard: "All trees",
  shelter: "Layout",
  stores: "Pots",
  almanac: "Frost & season",
} as const;
