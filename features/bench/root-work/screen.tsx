import "server-only";
import { toIso } from "@/core/dates/index";
import { ADVISED_OPERATIONS, freshReading, treeAdvice, windowsByCorrection, anchoredShare } from "@/model/index";
import { liftAdvice, treeKgOn } from "@/core/mass/index";
import type { Decision, DecisionAct } from "@/core/decision/index";
import type { Advice } from "@/core/root-work/index";
import { BALL_CORRECTIONS } from "@/core/roots/index";
import { headlineSentence } from "@/words/decision";
import { CorrectView } from "./view";
import { FollowDay } from "@/features/kernel/follow-day";
import { type TreeAsked, treePage } from "@/features/kernel/tree-page";

/** The advice with the work that was decided for today, and the one decided for later, before all others. */
function decided(advice: Advice, decision: Decision | null): Advice {
  if (!decision) return advice;
  const works = decision.acts.filter((a) => a.correction && BALL_CORRECTIONS.includes(a.correction.name));
  const option = (act: DecisionAct | undefined) =>
    (act && advice.options.find((o) => o.correction === act.correction!.name)) ?? null;
  const today = works.find((a) => a.from === decision.on);
  return { ...advice, pick: option(today), later: option(works.find((a) => a !== today && a.from !== decision.on)) };
}

/** Root work for this ball, from what was seen of it, the season and its species. */
export async function CorrectScreen(address: TreeAsked) {
  const page = await treePage(address);
  if (!page.here) return page.absent;
  const { view, shown, on, facts } = page;
  const { record: tree, events, situation, roots: replayed, profile, state } = facts;
  const rows = facts.windows({ operations: ADVISED_OPERATIONS });
  const { works, decision } = facts;
  const asked = works && treeAdvice(facts, works, rows);
  const { mass } = facts;
  const treeKg = mass && treeKgOn(tree, mass.wetKg);
  return (
    <>
      <FollowDay shown={shown} />
      <CorrectView
        facts={{
          treeId: tree.id,
          tag: tree.tag,
          name: profile.name,
          hazards: profile.hazards,
          guess: profile.basis === "guess",
          believed: { fill: state.fill.p50, circling: state.circling.p50 },
          ball: situation && { widthMm: situation.ball.widthMm, heightMm: situation.ball.heightMm },
          advice: asked ? decided(asked.advice, decision) : null,
          headline:
            decision && headlineSentence(decision, { fill: state.fill, plants: facts.plants }, view.collection.units),
          seen: asked?.seen ?? freshReading(events, on),
          windows: windowsByCorrection(rows),
          volumeL: replayed.volumeL.p50,
          massKg: mass?.wetKg ?? null,
          lift: mass ? liftAdvice(mass.wetKg) : null,
          immovable: decision?.headline.code === "in-place",
          anchorShare: anchoredShare(treeKg?.measured ? treeKg.kg : null, (mass?.wetKg ?? 0) - (treeKg?.kg ?? 0)),
          anchorHalved: events.some(
            (e) =>
              e.payload.kind === "worked-in-place" &&
              e.payload.correction === "trim-outside" &&
              e.payload.where === "half of what holds it" &&
              e.on.best >= toIso(on - 120),
          ),
        }}
      />
    </>
  );
}
