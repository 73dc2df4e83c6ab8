import { existsSync, readdirSync } from "node:fs";
import {
  fileAt,
  jobAt,
  kindAt,
  PAGES,
  pageAt,
  photoAt,
  potAt,
  STREAMS,
  streamAt,
  TREE_PAGES,
  treeAt,
} from "./addresses";

const APP = "app/c/[id]";

test("every address has its page, and every page its address", () => {
  for (const page of PAGES) expect([page, existsSync(`${APP}/${page}/page.tsx`)]).toEqual([page, true]);
  for (const stream of STREAMS) expect([stream, existsSync(`${APP}/${stream}/route.ts`)]).toEqual([stream, true]);
  const parts = readdirSync(`${APP}/tree/[treeId]`, { withFileTypes: true }).flatMap((e) =>
    e.isDirectory() ? [e.name] : [],
  );
  expect(parts.sort()).toEqual([...TREE_PAGES]);
  const pages = readdirSync(APP, { recursive: true, encoding: "utf8" }).flatMap((file) =>
    file.endsWith("page.tsx") && !file.includes("[") ? [file.slice(0, -"/page.tsx".length)] : [],
  );
  expect(pages.sort()).toEqual([...PAGES]);
});

test("addresses are spelled as they are routed", () => {
  expect(pageAt("c1", "trees")).toBe("/c/c1/trees");
  expect(pageAt("c1", "climate", "?frost=2")).toBe("/c/c1/climate?frost=2");
  expect(treeAt("c1", "t1")).toBe("/c/c1/tree/t1");
  expect(treeAt("c1", "t1", "roots", "?on=2026-01-01")).toBe("/c/c1/tree/t1/roots?on=2026-01-01");
  expect(treeAt("c1", "t1", "", "#measure")).toBe("/c/c1/tree/t1#measure");
  expect([potAt("c1", "p"), kindAt("c1", "fig", "?tree=t"), photoAt("c1", "f", "?size=thumb")]).toEqual([
    "/c/c1/pots/pot/p",
    "/c/c1/climate/species/fig?tree=t",
    "/c/c1/photos/f?size=thumb",
  ]);
  expect([jobAt("c1", "j"), fileAt("c1", "trees.csv"), streamAt("c1", "search", "?q=a")]).toEqual([
    "/c/c1/jobs/j",
    "/c/c1/export/trees.csv",
    "/c/c1/search?q=a",
  ]);
});
