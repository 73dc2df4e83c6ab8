import { z } from "zod";
import { climateCalculations } from "./definitions/climate";
import { ladderCalculations } from "./definitions/ladder";
import { mixCalculations } from "./definitions/mix";
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
    ...woodCalculations,
    ...windowCalculations,
    ...speciesCalculations,
    ...ladderCalculations,
    ...winterCalculations,
  ].map((c) => [c.name, c]),
);

export interface CalcFault {
  path: string;
  message: string;
}

export type CalcAnswer = { out: unknown } | { error: CalcFault[] };

/** Validates, computes, answers: faults as data with their path, never an exception for bad input. */
export function calculate(name: string, input: unknown): CalcAnswer {
  const calculation = CALCULATIONS.get(name);
  if (!calculation)
    return { error: [{ path: "calc", message: `There is no calculation named "${name}". "calc --list" shows all.` }] };
  const parsed = calculation.input.safeParse(input);
  if (!parsed.success) {
    return { error: parsed.error.issues.map((issue) => ({ path: issue.path.join("."), message: issue.message })) };
  }
  const answer = calculation.run(parsed.data);
  return answer instanceof CalcProblem ? { error: [{ path: answer.path, message: answer.message }] } : { out: answer };
}

export function listCalculations(): { name: string; about: string }[] {
  return [...CALCULATIONS.values()].map(({ name, about }) => ({ name, about }));
}

export function schemaOf(name: string): unknown {
  const calculation = CALCULATIONS.get(name);
  return calculation ? z.toJSONSchema(calculation.input, { io: "input", unrepresentable: "any" }) : null;
}
