/** Every address of the program, in one place: a page that is renamed or gone no longer builds where it is linked to. */

export const PAGES = [
  "add",
  "arrival",
  "climate",
  "climate/ahead",
  "climate/places",
  "climate/records",
  "climate/species",
  "climate/wood",
  "import",
  "learning",
  "log",
  "people",
  "plan",
  "pots",
  "pots/big",
  "pots/figures",
  "pots/library",
  "pots/mixes",
  "pots/mixing",
  "pots/products",
  "settings",
  "today",
  "trees",
  "trees/windows",
  "walk",
  "winter",
  "winter/moves",
  "winter/print",
  "winter/round",
  "winter/watch",
] as const;
export type Page = (typeof PAGES)[number];

export const TREE_PAGES = [
  "correct",
  "edit",
  "in-place",
  "learning",
  "plan",
  "pot",
  "rescue",
  "roots",
  "standing",
  "winter",
] as const;
export type TreePart = (typeof TREE_PAGES)[number];

/** What is read and sent besides pages. */
export const STREAMS = [
  "arrival/season",
  "calendar",
  "weather/past",
  "forecast",
  "import-file",
  "kinds",
  "photo-upload",
  "plans",
  "record",
  "replay-bundle",
  "search",
  "weather-file",
] as const;
export type Stream = (typeof STREAMS)[number];

/** What comes after an address: its question, or a place on the page. */
type Rest = "" | `?${string}` | `#${string}`;

const collection = (collectionId: string) => `/c/${collectionId}`;

/** @example pageAt("c1", "winter/moves") // "/c/c1/winter/moves" */
export const pageAt = (collectionId: string, page: Page, rest: Rest = "") =>
  `${collection(collectionId)}/${page}${rest}`;

/** @example treeAt("c1", "t1", "roots") // "/c/c1/tree/t1/roots" */
export const treeAt = (collectionId: string, treeId: string, part: TreePart | "" = "", rest: Rest = "") =>
  `${collection(collectionId)}/tree/${treeId}${part === "" ? "" : `/${part}`}${rest}`;

export const potAt = (collectionId: string, lotId: string) => `${collection(collectionId)}/pots/pot/${lotId}`;

export const kindAt = (collectionId: string, kindId: string, rest: Rest = "") =>
  `${collection(collectionId)}/climate/species/${kindId}${rest}`;

export const photoAt = (collectionId: string, photoId: string, rest: Rest = "") =>
  `${collection(collectionId)}/photos/${photoId}${rest}`;

export const jobAt = (collectionId: string, jobId: string) => `${collection(collectionId)}/jobs/${jobId}`;

export const fileAt = (collectionId: string, file: `${string}.csv`) => `${collection(collectionId)}/export/${file}`;

export const streamAt = (collectionId: string, stream: Stream, rest: Rest = "") =>
  `${collection(collectionId)}/${stream}${rest}`;

export const commandAt = (name: string) => `/api/commands/${name}`;

/** What is asked before there is a collection. */
export const siteQueryAt = (name: "towns" | "site", rest: Rest = "") => `/api/${name}${rest}`;

/** The calendar for programs that read it from outside. */
export const feedAt = (token: string) => `/feed/${token}`;
