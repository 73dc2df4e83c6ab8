import type { Page } from "@/features/kernel/addresses";
import type { IconName } from "@/ui/icon";
import { PAGE_WORDS, type Room } from "@/words/rooms";

/** The rooms in the order of the bar, each with its picture and the key that leads there. */
export const ROOMS: readonly { page: Room; icon: IconName; key: string }[] = [
  { page: "today", icon: "today", key: "d" },
  { page: "trees", icon: "trees", key: "y" },
  { page: "plan", icon: "plan", key: "p" },
  { page: "winter", icon: "winter", key: "h" },
  { page: "pots", icon: "pots", key: "s" },
  { page: "climate", icon: "climate", key: "a" },
];

/** At the foot of a phone's screen there is room for so many, and for "More". */
export const IN_FOOT_BAR = 4;

/** Pages visited less often, behind one word. */
export const MORE: readonly (readonly [Page, string])[] = (
  ["arrival", "learning", "walk", "import", "people", "settings", "log"] as const
).map((page) => [page, PAGE_WORDS[page]]);

/** Whether a page lies in a room: a tree's pages lie among the trees. */
export function isIn(room: Room, path: string): boolean {
  if (room === "trees") return /\/(trees|tree|add)(\/|$)/.test(path);
  return path.split("/")[3] === room;
}

/** Pages on which the strip of the year lies open: a tree's own, the plan, the climate. */
export const isAboutTheYear = (path: string): boolean =>
  /\/(tree\/[^/]+|plan|trees\/windows)$/.test(path) || isIn("climate", path);
