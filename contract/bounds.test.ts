import { readFileSync } from "node:fs";
import { boundsOf } from "@/core/bounds/index";
import { COMMAND_NAMES, contractOf } from "./index";

/** Those of a pot once, for all commands that take one. */
const bounds = () => [
  ...new Set(
    COMMAND_NAMES.flatMap((name) => boundsOf(name, contractOf(name).input)).map((line) =>
      line.replace(/^\S+ (?=pot[.<])/, ""),
    ),
  ),
];

/** A bound that is moved shows here as one line; `bounds.txt` is then changed on purpose, or the slip is found. */
test("every bound stands as it is written down", () => {
  const written = readFileSync("contract/bounds.txt", "utf8").trim().split("\n").sort();
  expect(bounds().sort()).toEqual(written);
});
