import "server-only";
import { notFound } from "next/navigation";
import { toDay } from "@/core/dates/index";
import {
  type FixedStep,
  LADDER_ACTIONS,
  planAround,
  planLadder,
  SCHOOL_WEIGHTS,
  SCHOOLS,
  shownSeasons,
  summaryOf,
} from "@/core/ladder/index";
import { collectionView } from "../shell/data";
import { treeOn } from "../tree/tree-on";
import { ladderSetting, PLANNED_SEASONS } from "./problem";
import { LadderView } from "./view";

const amount = (text: string | undefined) => {
  const value = Number((text ?? "").replace(",", "."));
  return Number.isFinite(value) && value > 0 && value <= 2000 ? value : null;
};

/** A step somebody insists on, from the address: `school~season~action~potId`. */
function fixOf(
  text: string | undefined,
  pots: readonly { id: string }[],
): { school: (typeof SCHOOLS)[number]; step: FixedStep } | null {
  const [school, season, action, potId] = (text ?? "").split("~");
  const known = SCHOOLS.find((s) => s === school);
  const what = LADDER_ACTIONS.find((a) => a === action);
  const at = Number(season);
  if (!known || !what || !Number.isInteger(at) || at < 0 || at >= PLANNED_SEASONS) return null;
  const pot = pots.findIndex((p) => p.id === potId);
  if (what === "up-pot" && pot < 1) return null;
  return { school: known, step: { season: at, action: what, pot: Math.max(0, pot) } };
}

/** One tree's ladders side by side, by four schools, from today. */
export async function LadderScreen({
  collectionId,
  treeId,
  asked,
}: {
  collectionId: string;
  treeId: string;
  asked: { goal?: string; lift?: string; fix?: string };
}) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const facts = treeOn(view, treeId, toDay(view.today));
  if (!facts) notFound();
  const { tree, events, profile } = facts;
  const setting = ladderSetting(view, facts, { goalL: amount(asked.goal), liftKg: amount(asked.lift) });
  const chosen = [...events].reverse().find((e) => e.payload.kind === "ladder-chosen");
  const fix = setting ? fixOf(asked.fix, setting.problem.pots) : null;
  const plans = setting
    ? SCHOOLS.map((school) => {
        const problem = { ...setting.problem, weights: SCHOOL_WEIGHTS[school] };
        const free = planLadder(problem);
        const changed = fix?.school === school ? planAround(problem, [fix.step]) : null;
        const plan = changed ?? free;
        return {
          school,
          cost: plan.cost,
          parts: plan.parts,
          steps: plan.steps,
          summary: summaryOf(problem, plan),
          change:
            fix?.school === school
              ? { season: fix.step.season, possible: changed !== null, dearer: plan.cost - free.cost }
              : null,
        };
      })
    : [];
  return (
    <LadderView
      key={`${asked.goal ?? ""}:${asked.lift ?? ""}:${asked.fix ?? ""}`}
      facts={{
        treeId,
        tag: tree.tag,
        name: profile.name,
        guess: profile.basis === "guess",
        plans,
        potNames: setting?.potNames ?? {},
        pots: (setting?.problem.pots ?? []).slice(1).map((p) => ({ id: p.id, volumeL: p.volumeL })),
        firstSeason: setting?.firstSeason ?? 0,
        southern: view.site.latitudeDeg < 0,
        shown: shownSeasons(PLANNED_SEASONS),
        goalL: setting?.problem.goal.minL ?? 0,
        liftKg: setting?.problem.site.liftKg ?? 0,
        carried: setting?.problem.site.movedForWinter ?? false,
        seasonDegreeDays: setting?.problem.site.seasonDegreeDays ?? 0,
        currency: view.collection.currency,
        chosen:
          chosen?.payload.kind === "ladder-chosen" && chosen.payload.plan
            ? { on: chosen.on.best, ...chosen.payload.plan }
            : null,
      }}
    />
  );
}
