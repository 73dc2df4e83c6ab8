import type { Headline } from "@/core/decision/index";
import { primaryOf } from "./primary";

const headline = (code: Headline["code"], work: Headline["work"] = null) => ({ code, work }) as Headline;

test.each([
  [headline("rescue"), "look", "rescue", { page: "rescue" }],
  [headline("check-first"), null, "roots", { page: "roots" }],
  [headline("in-place"), "look", "in-place", { page: "in-place" }],
  [headline("plant-out"), "look", "plant-out", { record: "ended" }],
  [headline("give-up"), null, "give-up", { record: "ended" }],
  [headline("do-now", "up-pot"), "look", "pot", { page: "pot" }],
  [headline("do-by", "slip-up"), null, "pot", { page: "pot" }],
  [headline("do-by", "root-prune"), null, "root-prune", { page: "correct" }],
  [headline("do-now", "first-potting"), null, "first-pot", { page: "pot" }],
  // Nothing to do: what would tell most, and else the record.
  [headline("not-due"), "look", "roots", { page: "roots" }],
  [headline("wait", "up-pot"), "feel", "roots", { page: "roots" }],
  [headline("settle"), "measure-pot", "measure", { record: "measure" }],
  [headline("hold"), "potting-date", "past", { form: "past" }],
  [headline("hold"), null, "record", { record: null }],
  [null, null, "record", { record: null }],
] as const)("%j, asked %s: %s", (said, ask, words, to) => {
  expect(primaryOf(said, ask)).toEqual({ words, to });
});
