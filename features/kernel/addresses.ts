/** Every address of the program, in one place: a page that is renamed or gone no longer builds where it is linked to. */

export const PAGES = [
  "add",
  "almanac",
  "almanac/ahead",
  "almanac/kinds",
  "almanac/places",
  "almanac/records",
  "almanac/wood",
  "arrival",
  "history",
  "import",
  "ladders",
  "learning",
  "people",
  "settings",
  "shelter",
  "shelter/moves",
  "shelter/print",
  "shelter/round",
  "shelter/watch",
  "stores",
  "stores/big",
  "stores/figures",
  "stores/library",
  "stores/mixes",
  "stores/mixing",
  "stores/products",
  "today",
  "walk",
  "yard",
  "yard/windows",
] as const;
export type Page = (typeof PAGES)[number];

export const TREE_PAGES = [
  "correct",
  "edit",
  "in-place",
  "ladder",
  "learning",
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

/** @example pageAt("c1", "shelter/moves") // "/c/c1/shelter/moves" */
export const pageAt = (collectionId: string, page: Page, rest: Rest = "") =>
  `${collection(collectionId)}/${page}${rest}`;

/** @example treeAt("c1", "t1", "roots") // "/c/c1/tree/t1/roots" */
export const treeAt = (collectionId: string, treeId: string, part: TreePart | "" = "", rest: Rest = "") =>
  `${collection(collectionId)}/tree/${treeId}${part === "" ? "" : `/${part}`}${rest}`;

export const potAt = (collectionId: string, lotId: string) => `${collection(collectionId)}/stores/pot/${lotId}`;

export const kindAt = (collectionId: string, kindId: string, rest: Rest = "") =>
  `${collection(collectionId)}/almanac/kinds/${kindId}${rest}`;

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
