import { CalcProblem } from "@/calc/definition";
import { type AskedDecision, askedRecords, decisionSchema } from "@/calc/records";
import type { SiteAnswers } from "@/core/climate/index";
import type { Decision, DecisionAct, DecisionWork } from "@/core/decision/index";
import { resolveRecords } from "@/core/records/index";
import { openYard, type TreeOnDay } from "@/model/index";
import { siteInputOf } from "./sites";
import type { z } from "zod";

type Asked = z.input<typeof decisionSchema>;
/** What is asked of a tree on a day; the site is the world's. */
export type AskedTree = Omit<Asked, "site">;

/** One site's weather, on which any number of trees are asked about: its years and the tracks of kinds are worked out once. */
export function worldOn(answers: SiteAnswers, today: string) {
  const weather = { key: `${answers.latitudeDeg}:${today}`, input: siteInputOf(answers, { today }) };
  const site = { latitudeDeg: answers.latitudeDeg, longitudeDeg: answers.longitudeDeg };
  return (asked: AskedTree): TreeOnDay => {
    const parsed: AskedDecision = decisionSchema.parse({ site, ...asked });
    const made = askedRecords(parsed);
    if (made instanceof CalcProblem) throw new Error(`${made.path}: ${made.message}`);
    const yard = openYard({ records: resolveRecords(made.records), risk: parsed.risk, stated: made.stated }, weather, {
      today,
    });
    return yard.tree(made.treeId)!.on(asked.on)!;
  };
}

/** The act of a work; fails with what there is instead. */
export function actOf({ acts }: Decision, work: DecisionWork): DecisionAct {
  const found = acts.find((a) => a.work === work);
  if (!found) throw new Error(`no ${work}: ${acts.map((a) => `${a.from} ${a.work}`).join(", ")}`);
  return found;
}
