/** The rooms of the program and what lies in them, by the names that stand in the bar, on pages and in links. */
export const ROOM_WORDS = {
  today: "Today",
  trees: "Trees",
  plan: "Plan",
  winter: "Winter",
  pots: "Pots & mixes",
  climate: "Climate",
} as const;
export type Room = keyof typeof ROOM_WORDS;

/** Pages within the rooms, and those visited less often. */
export const PAGE_WORDS = {
  "trees/windows": "Working windows",
  learning: "Trees to check next",
  arrival: "New arrival",
  walk: "Walk-round",
  import: "Import & export",
  people: "People",
  settings: "Settings",
  log: "Log",
  "winter/moves": "Moving plan",
  "winter/watch": "Tonight",
  "winter/print": "Print",
  "pots/mixes": "Compare mixes",
  "pots/library": "Recipes & components",
  "pots/mixing": "Mix & buy",
  "pots/big": "Big containers",
  "pots/products": "Feeds",
  "pots/figures": "Values & sources",
  "climate/ahead": "Next ten days",
  "climate/wood": "Wood & hardiness",
  "climate/species": "Species",
  "climate/places": "Places",
  "climate/records": "Weather records",
} as const;

/** What the first page of a room is called among its others. */
export const FIRST_PAGE_WORDS = {
  trees: "All trees",
  winter: "Layout",
  pots: "Pots",
  climate: "Frost & season",
} as const;
