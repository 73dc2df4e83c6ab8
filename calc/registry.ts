import { faultWords } from "@/words/faults";
import { faultOfIssue, isCode } from "@/contract/read";
import { z } from "zod";
import { climateCalculations } from "./definitions/climate";
import { decisionCalculations } from "./definitions/decision";
import { ladderCalculations } from "./definitions/ladder";
import { mixCalculations } from "./definitions/mix";
import { phenologyCalculations } from "./definitions/phenology";
import { rootCalculations } from "./definitions/roots";
import { settingCalculations } from "./definitions/setting";
import { vesselCalculations } from "./definitions/vessel";
import { speciesCalculations } from "./definitions/species";
import { windowCalculations } from "./definitions/window";
import { winterCalculations } from "./definitions/winter";
import { woodCalculations } from "./definitions/wood";
import { type Calculation, CalcProblem } from "./definition";

/** Every public calculation by name. Once published, names and fields stay. */
export const CALCULATIONS: ReadonlyMap<string, Calculation> = new Map(
  [
    ...vesselCalculations,
    ...mixCalculations,
    ...settingCalculations,
    ...rootCalculations,
    ...climateCalculations,
    ...phenologyCalculations,
    ...woodCalculations,
    ...windowCalculations,
    ...speciesCalculations,
    ...ladderCalculations,
    ...decisionCalculations,
    ...winterCalculations,
  ].map((c) => [c.name, c]),
);

interface CalcFault {
  path: string;
  message: string;
}

export type CalcAnswer = { out: unknown } | { error: CalcFault[] };

/** What a schema of ours says by a code is told in words; what zod says of a JSON file is clearer as it says it. */
const messageOf = (issue: z.core.$ZodIssue) =>
  isCode(issue.message) ? faultWords(faultOfIssue(issue), "metric") : issue.message;

/** Validates, then hands on: faults as data with their path, never an exception for bad input. */
function prepared(name: string, input: unknown): CalcFault[] | (() => unknown) {
  const calculation = CALCULATIONS.get(name);
  if (!calculation)
    return [{ path: "calc", message: `There is no calculation named "${name}". "calc --list" shows all.` }];
  const parsed = calculation.input.safeParse(input);
  if (!parsed.success)
    return parsed.error.issues.map((issue) => ({ path: issue.path.join("."), message: messageOf(issue) }));
  return () => calculation.run(parsed.data);
}

const answerOf = (out: unknown): CalcAnswer =>
  out instanceof CalcProblem ? { error: [{ path: out.path, message: out.message }] } : { out };

/** Computes and answers, at once: all but the slow ones. */
export function calculate(name: string, input: unknown): CalcAnswer {
  if (CALCULATIONS.get(name)?.slow) throw new Error(`${name} answers later: await calculateAny`);
  const ready = prepared(name, input);
  return Array.isArray(ready) ? { error: ready } : answerOf(ready());
}

/** Computes and answers, however long it takes. */
export async function calculateAny(name: string, input: unknown): Promise<CalcAnswer> {
  const ready = prepared(name, input);
  return Array.isArray(ready) ? { error: ready } : answerOf(await ready());
}

export const isCalculation = (name: string) => CALCULATIONS.has(name);

export function listCalculations(): { name: string; about: string }[] {
  return [...CALCULATIONS.values()].map(({ name, about }) => ({ name, about }));
}

export function schemaOf(name: string): unknown {
  const calculation = CALCULATIONS.get(name);
  return calculation ? z.toJSONSchema(calculation.input, { io: "input", unrepresentable: "any" }) : null;
}
