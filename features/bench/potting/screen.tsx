import "server-only";
import { presumedPot, type TreeOnDay, usualCrownMm } from "@/model/index";
import { mixChoices, usualMix } from "@/core/records/index";
import { wholePot } from "@/core/decision/index";
import { BALL_CORRECTIONS, type CorrectionName } from "@/core/roots/index";
import { operationOf } from "@/core/window/index";
import { headlineSentence } from "@/words/decision";
import type { Units } from "@/words/format";
import { wantedPot } from "@/words/sentences";
import { mixName } from "@/words/mixes";
import { PottingBench } from "./bench";
import type { Decided } from "./use-potting";
import { FollowDay } from "@/features/kernel/follow-day";
import { type TreeAsked, treePage } from "@/features/kernel/tree-page";

/** What was decided for the ball and its pot, and why not today where it waits. */
function decidedFor(facts: TreeOnDay, units: Units): Decided {
  const { decision, state, plants } = facts;
  const act = decision?.acts.find((a) => a.correction && BALL_CORRECTIONS.includes(a.correction.name));
  const pot = act ? wholePot(act) : null;
  const today = act !== undefined && act.from === decision!.on;
  return {
    correction: act?.correction?.name ?? null,
    lotId: act?.pot?.choice?.lotId ?? null,
    trimSideMm: act?.pot?.choice?.trim.sideMm ?? 0,
    wanted: pot ? wantedPot(pot.lowL, pot.highL, units) : null,
    notToday: decision && !today ? headlineSentence(decision, { fill: state.fill, plants }, units) : null,
  };
}

/** The bench for the day everything is seen as of: what it advises is of that day, what is recorded never lies ahead. */
export async function PottingScreen({
  correction,
  keptShare,
  ...address
}: TreeAsked & {
  /** What the reading of the roots asked for, and the share it keeps. */
  correction?: string;
  keptShare?: string;
}) {
  const page = await treePage(address);
  if (!page.here) return page.absent;
  const { view, shown, on, facts } = page;
  const { loaded } = view;
  const { record: tree, profile, roots: replayed, state } = facts;
  const store = view.yard.on(on).free;
  const windows = facts.windows({ operations: [...new Set(BALL_CORRECTIONS.map(operationOf))] });
  const mixes = mixChoices(loaded.stores, on).map((m) => ({ ...m, name: mixName(m) }));
  return (
    <>
      <FollowDay shown={shown} />
      <PottingBench
        asked={{
          correction: BALL_CORRECTIONS.includes(correction as CorrectionName) ? (correction as CorrectionName) : null,
          keptPercent:
            keptShare !== undefined && Number(keptShare) > 0 && Number(keptShare) < 1
              ? Math.round(100 * Number(keptShare))
              : null,
        }}
        tree={{
          id: tree.id,
          tag: tree.tag,
          name: profile.name,
          count: tree.count,
          trunkMm: tree.trunkMm,
          heightM: tree.heightM,
          crownM: tree.crownM ?? null,
          values: profile.values,
          hazards: profile.hazards,
        }}
        now={{
          pot: presumedPot(replayed),
          fillHeightMm: replayed.fillHeightMm,
          bottomLayerMm: replayed.bottomLayerMm,
          mix: replayed.mix,
          mixStartAgeYears: replayed.mixStartAgeYears,
        }}
        ageYears={facts.yearsInPot}
        spreadMm={facts.decision?.acts.find((a) => a.work === "first-potting")?.figures.spreadMm ?? null}
        stands={replayed.pot ? "described" : replayed.bare ? "bare" : "guessed"}
        usualCrownMm={usualCrownMm(facts.events, on)}
        state={state}
        decided={decidedFor(facts, view.collection.units)}
        fits={facts.fits()}
        currentLot={loaded.lots.find((l) => l.id === replayed.lotId) ?? null}
        store={store}
        mixes={mixes}
        usualMix={usualMix(mixes, loaded.indexed.records.events)}
        calendar={loaded.calendar}
        windows={windows.map(({ operation, open, limiting, safe, periods }) => ({
          operation,
          open,
          limiting,
          safe,
          opens: periods[0]?.from ?? null,
        }))}
      />
    </>
  );
}
