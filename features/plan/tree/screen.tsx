import * as say from "@/words/pages/plan/tree/main";
import { treeAt } from "@/features/kernel/addresses";
import "server-only";
import Link from "next/link";
import { notFound } from "next/navigation";
import { toDay } from "@/core/dates/index";
import type { Decision } from "@/core/decision/index";
import { ladderRow, SCHOOL_WEIGHTS, SCHOOLS, shownSeasons } from "@/core/ladder/index";
import { chosenPlan, PLANNED_SEASONS, type TreeOnDay } from "@/model/index";
import { collectionView } from "@/features/kernel/views";
import { digestOf } from "./problem";
import { LadderView } from "./view";
import { LADDER_OPERATIONS, usualWindows } from "./windows";
import { headlineSentence } from "@/words/decision";
import type { Units } from "@/words/format";
import { OFF_LADDER_WORDS } from "@/words/ladder";

/** One tree's ladders side by side, from today. */
export async function LadderScreen({ collectionId, treeId }: { collectionId: string; treeId: string }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const facts = view.yard.tree(treeId)?.on(toDay(view.today));
  if (!facts) notFound();
  const { record: tree, events, profile } = facts;
  const { shelf } = view.yard.on(view.today);
  const setting = facts.ladder();
  const page = treeAt(collectionId, treeId);
  if (typeof setting === "string")
    return (
      <article>
        <h1 className="text-2xl">{say.planOf(tree.tag)}</h1>
        <p className="mt-3">
          {OFF_LADDER_WORDS[setting]}{" "}
          <Link className="link" href={setting === "no-pot" ? `${page}#measure` : page}>
            {setting === "no-pot" ? say.measureItFirst : say.backTo(tree.tag)}
          </Link>
        </p>
      </article>
    );
  const own = shelf.terms?.own ?? null;
  return (
    <LadderView
      key={digestOf(setting.problem)}
      facts={{
        treeId,
        tag: tree.tag,
        name: profile.name,
        guess: profile.basis === "guess",
        problem: setting.problem,
        digest: digestOf(setting.problem),
        rows: SCHOOLS.map((school) => ladderRow({ ...setting.problem, weights: SCHOOL_WEIGHTS[school] }, school)),
        says: Object.fromEntries(
          SCHOOLS.map((school) => [school, said(facts.decisionBy(school), facts, view.collection.units)]),
        ),
        own,
        school: setting.planner,
        potNames: setting.potNames,
        firstSeason: setting.firstSeason,
        southern: view.yard.site.latitudeDeg < 0,
        shown: shownSeasons(PLANNED_SEASONS),
        doubt: setting.doubt,
        leftAfterLook: setting.leftAfterLook,
        cropL: setting.cropL,
        rootShare: profile.values.rootShare,
        windows: usualWindows(
          facts.windows({ operations: LADDER_OPERATIONS }),
          setting.firstSeason,
          view.yard.site.latitudeDeg,
        ),
        currency: view.collection.currency,
        mixPriced: shelf.mixPricePerL !== null,
        set: tree.set ?? null,
        share: facts.state.share,
        plantOutSeason: tree.plantOutSeason ?? null,
        chosen: chosenPlan(events, facts.day),
      }}
    />
  );
}

/** The sentence of a decision; empty where only roots are known. */
function said(decision: Decision | null, { state, plants }: TreeOnDay, units: Units): string {
  return decision ? headlineSentence(decision, { fill: state.fill, plants }, units) : "";
}
