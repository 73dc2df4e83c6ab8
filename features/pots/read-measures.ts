import * as say from "@/words/pages/pots/read-measures";
import type { z } from "zod";
import { ratioToMlPerL } from "@/core/mix/index";
import { faultOfIssue } from "@/contract/read";
import { faultWords } from "@/words/faults";
import { readNumber, type Units } from "@/words/format";

/** Typed lengths read as millimetres and checked by a schema: faults by field, in words. */
export function readMeasures<T>(
  schema: z.ZodType<T>,
  texts: Readonly<Record<string, string>>,
  rest: Readonly<Record<string, unknown>>,
  units: Units,
): { value: T | null; problems: Record<string, string> } {
  const numbers = Object.fromEntries(Object.entries(texts).map(([key, text]) => [key, readNumber(text, "mm")]));
  const parsed = schema.safeParse({ ...numbers, ...rest }, { reportInput: true });
  if (parsed.success) return { value: parsed.data, problems: {} };
  const problems: Record<string, string> = {};
  for (const issue of parsed.error.issues) {
    const key = String(issue.path[0]);
    problems[key] ??= Number.isNaN(numbers[key]) ? say.aMeasureInMmOr : faultWords(faultOfIssue(issue), units);
  }
  return { value: null, problems };
}

/** "5" or, as labels put it, "1 : 200". */
export function readRate(text: string): number {
  const ratio = /^\s*1\s*:\s*(.+)$/.exec(text);
  return ratio ? ratioToMlPerL(readNumber(ratio[1])) : readNumber(text);
}
