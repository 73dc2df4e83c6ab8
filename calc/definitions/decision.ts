import { toDay, toIso } from "@/core/dates/index";
import { resolveRecords } from "@/core/records/index";
import { OPERATIONS } from "@/core/window/index";
import { openYard } from "@/model/index";
import { CalcProblem, define } from "../definition";
import { askedRecords, decisionSchema } from "../records";
import { weatherOfCalc } from "../site";

export const decisionCalculations = [
  define(
    "decision.tree",
    "What to do with a tree on a day, by when, how far and why: the one answer",
    decisionSchema,
    (asked) => {
      const today = toDay(asked.on);
      const weather = weatherOfCalc(asked.site, today);
      if (weather instanceof CalcProblem) return weather;
      const made = askedRecords(asked);
      if (made instanceof CalcProblem) return made;
      const { records, stated, treeId } = made;
      const yard = openYard(
        { records: resolveRecords(records), risk: asked.risk, stated },
        { key: "asked", input: weather },
        { today: asked.on },
      );
      const day = yard.tree(treeId)?.on(asked.on);
      const decision = day?.decision;
      if (!day || !decision) return new CalcProblem("on", "The tree was not there on that day.");
      const { state, works } = day;
      return {
        headline: decision.headline,
        acts: decision.acts.map((a) => ({
          work: a.work,
          correction: a.correction,
          from: a.from,
          to: a.to,
          lastSafe: a.lastSafe,
          lossShare: a.correction?.lossShare ?? null,
          potL: a.pot ? [a.pot.lowL, a.pot.highL] : null,
          potId: a.pot?.choice?.lotId ?? null,
          massKg: a.massKg,
          minutes: a.minutes,
          excepted: a.excepted,
          because: a.because,
          figures: a.figures,
          aftercare: a.aftercare,
        })),
        aftercare: decision.aftercare,
        questions: decision.questions,
        refused: decision.refused,
        windows: OPERATIONS.map((work) => {
          const { open, limiting, periods } = works![work];
          return {
            work,
            openToday: open,
            limiting,
            periods: periods.map((p) => ({ from: toIso(p.from), to: toIso(p.to) })),
          };
        }),
        fill: { p10: state.fill.p10, p50: state.fill.p50, p90: state.fill.p90 },
        due: "none" in state.due ? null : { p10: state.due.p10, p50: state.due.p50, p90: state.due.p90 },
      };
    },
  ),
];
