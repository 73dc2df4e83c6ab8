import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";

const PAGES = path.join(import.meta.dirname, "pages");
const files = readdirSync(PAGES, { recursive: true, encoding: "utf8" }).filter((name) => name.endsWith(".ts"));
/** Every text of a file, one a line: what stands between quotes, without what is put into it. */
const textsOf = (name: string) =>
  [...readFileSync(path.join(PAGES, name), "utf8").matchAll(/"((?:[^"\\]|\\.)*)"|`((?:[^`\\]|\\.)*)`/g)]
    .map(([, plain, template]) => plain ?? template.replace(/\$\{[^}]*\}/g, "…"))
    .filter((text) => !text.startsWith("@/"));

test("words of pages are found for the rooms, and more of them than a glance could count", () => {
  expect(new Set(files.map((f) => f.split(/[./\\]/)[0]))).toEqual(
    new Set([
      ...["app", "bench", "climate", "common", "kernel", "log", "parts", "people", "plan", "pots"],
      ...["settings", "setup", "shell", "today", "tree", "trees", "winter"],
    ]),
  );
});

/** Names the product has given up: one thing has one name. */
const GIVEN_UP = [
  /\breckon/i,
  /\byard\b/i,
  /\balmanac/i,
  /\bladder of pots/i,
  /\bball wants\b/i,
  /\bfor the wall\b/i,
  /\bsay anew\b/i,
  /\bfreeboard\b/i,
  /\bdark hedge\b/i,
  /\bsuitability\b/i,
  /\bposterior\b/i,
  /\bkelvin\b/i,
  /\bpotting on\b/i,
];

test.each(files)("%s names things as they are named now", (name) => {
  const old = textsOf(name).flatMap((text) =>
    GIVEN_UP.filter((word) => word.test(text)).map((word) => `${word}: ${text}`),
  );
  expect(old).toEqual([]);
});

test.each(files)("%s says no empty or doubled text, and no slip of the program", (name) => {
  const texts = textsOf(name);
  expect(texts.filter((text) => text.trim() === "" || /undefined|\[object|NaN/.test(text))).toEqual([]);
});
