import "server-only";
import { notFound } from "next/navigation";
import { toDay } from "@/core/dates/index";
import { planLadder, SCHOOL_WEIGHTS, SCHOOLS, shownSeasons, summaryOf } from "@/core/ladder/index";
import { collectionView } from "../shell/data";
import { treeOn } from "../tree/tree-on";
import { ladderSetting, PLANNED_SEASONS } from "./problem";
import { LadderView } from "./view";

const amount = (text: string | undefined) => {
  const value = Number((text ?? "").replace(",", "."));
  return Number.isFinite(value) && value > 0 && value <= 2000 ? value : null;
};

/** One tree's ladders side by side, by four schools, from today. */
export async function LadderScreen({
  collectionId,
  treeId,
  asked,
}: {
  collectionId: string;
  treeId: string;
  asked: { goal?: string; lift?: string };
}) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const facts = treeOn(view, treeId, toDay(view.today));
  if (!facts) notFound();
  const { tree, events, profile } = facts;
  const setting = ladderSetting(view, facts, { goalL: amount(asked.goal), liftKg: amount(asked.lift) });
  const chosen = [...events].reverse().find((e) => e.payload.kind === "ladder-chosen");
  const plans = setting
    ? SCHOOLS.map((school) => {
        const problem = { ...setting.problem, weights: SCHOOL_WEIGHTS[school] };
        const plan = planLadder(problem);
        return { school, cost: plan.cost, parts: plan.parts, steps: plan.steps, summary: summaryOf(problem, plan) };
      })
    : [];
  return (
    <LadderView
      key={`${asked.goal ?? ""}:${asked.lift ?? ""}`}
      facts={{
        treeId,
        tag: tree.tag,
        name: profile.name,
        guess: profile.basis === "guess",
        plans,
        potNames: setting?.potNames ?? {},
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
