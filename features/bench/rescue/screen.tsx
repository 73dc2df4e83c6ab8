import "server-only";
import { toIso } from "@/core/dates/index";
import {
  newestRescue,
  RESCUE_FIGURES,
  rescueOutcomes,
  rescueProtocol,
  type RescueFacts,
  rescueState,
} from "@/core/rescue/index";
import { nameOf } from "@/core/species/index";
import { RescueView } from "./view";
import { FollowDay } from "@/features/kernel/follow-day";
import { type TreeAsked, treePage } from "@/features/kernel/tree-page";

/** A rescue: what to do now, checkpoints with their days, and what became of earlier ones. */
export async function RescueScreen(address: TreeAsked) {
  const page = await treePage(address);
  if (!page.here) return page.absent;
  const { view, shown, on, facts: now } = page;
  const { record: tree, events, profile } = now;
  const begun = newestRescue(events, on);
  const started = begun ? view.yard.tree(tree.id)?.on(begun.start.on) : now;
  const factsOf = (at: typeof now): RescueFacts => ({
    profile,
    kPerDegreeDay: profile.kPerDegreeDay * now.state.vigour.p50,
    phase: at.season.phase,
    takeHoldLeft: at.season.takeHoldLeft,
    frostDays: at.season.weeksToFrost === null ? null : Math.round(7 * at.season.weeksToFrost),
    volumeL: at.roots.volumeL.p50,
    warmth: { track: now.site.warmth, set: profile.warmth },
  });
  const facts = factsOf(started ?? now);
  const protocol = begun ? rescueProtocol(begun.start, facts) : null;
  const tags = new Map(view.loaded.trees.map((t) => [t.id, { tag: t.tag, name: nameOf(t), kindId: t.kindId }]));
  const outcomes = rescueOutcomes(view.loaded.indexed.eventsByTree, on)
    .filter((o) => !(o.treeId === tree.id && o.how === "going-on") && tags.has(o.treeId))
    .map((o) => ({ ...o, ...tags.get(o.treeId)!, sameKind: tags.get(o.treeId)!.kindId === tree.kindId }));
  const need = RESCUE_FIGURES.workFactor * profile.values.takeHoldDegreeDays;
  return (
    <>
      <FollowDay shown={shown} />
      <RescueView
        facts={{
          treeId: tree.id,
          tag: tree.tag,
          name: profile.name,
          hazards: profile.hazards,
          guess: profile.basis === "guess",
          leafless:
            now.situation?.phase === "dormant" ||
            now.situation?.phase === "swelling" ||
            now.situation?.phase === "fallen",
          season: protocol?.season ?? { left: facts.takeHoldLeft, need, enough: facts.takeHoldLeft >= need },
          protocol,
          state: begun && protocol ? rescueState(events, begun, protocol.steps, on) : null,
          outcomes,
          died: events.some((e) => e.payload.kind === "ended"),
          frostOn: facts.frostDays === null ? null : toIso((begun?.start.on ?? on) + facts.frostDays),
        }}
      />
    </>
  );
}
