"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/bench/potting/bench";
import { faultOfMisfit } from "@/contract/faults";
import { treeAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import type { Hazard, KindValues } from "@/core/species/index";
import { mixRemarks, potAsked } from "@/core/suits/index";
import { parseIso, toDay } from "@/core/dates/index";
import type { PotFit, StorePot } from "@/core/ladder/index";
import { BALL_CORRECTIONS, type CorrectionName } from "@/core/roots/index";
import { fedUntil } from "@/core/mix/index";
import type { TreeState } from "@/model/index";
import { type GrowersCalendar } from "@/core/people/index";
import { type LotRecord, type MixChoice } from "@/core/records/index";
import {
  planPotting,
  type PottedNow,
  type PottingChoice,
  pottingFault,
  type PottingPlan,
  pottingRange,
} from "@/core/potting/index";
import { brimHeightMm, footWidthMm, wallOf, WALL } from "@/core/vessel/index";
import { day, litres, millimetres, number, percent, readNumber } from "@/words/format";
import { type Limit, type Operation, operationOf } from "@/core/window/index";
import { Caution, Form, FormFaults, SelectField, TextField } from "@/ui/fields";
import { DayField } from "@/features/kernel/rough-date";
import { unplaced, useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { MIX_REMARK_WORDS } from "@/words/suits";
import { CORRECTION_WORDS, LIMIT_BECAUSE } from "@/words/terms";
import { Cautions } from "./cautions";
import { faultWords } from "@/words/faults";
import { MeasuredAfter, type MeasuredDraft, noMeasures, readMeasured } from "./measured-after";
import { Numbers, PlanDrawing } from "./plan-view";
import { PotChoice, type Stands } from "./pot-choice";
import { emptySetDraft, type MeasureField, readSet, type SetDraft } from "./set-draft";
import { SetFields } from "./set-fields";
import { Standing } from "./standing";
import { useDayWord, useRecordingDay } from "@/features/kernel/recording-day";

const FIELDS = [
  "potLotId",
  "mix",
  "correction",
  "retainedShare",
  "crownMm",
  "bottomLayerMm",
  "on",
  "set",
  "offAxisMm",
  "tiltDeg",
  "facing",
  "flareDepthMm",
  "takenOffMm",
  "trimSideMm",
  "unionMm",
  "measured",
];

/** What the decision about the tree asks of this bench. */
export interface Decided {
  correction: CorrectionName | null;
  lotId: string | null;
  /** Off each side of the ball, for that pot. */
  trimSideMm: number;
  /** The litres it is to have. */
  wanted: string | null;
  /** The decision in a sentence, where it is not for today. */
  notToday: string | null;
}

interface Props {
  tree: {
    id: string;
    tag: string;
    name: string;
    count: number;
    trunkMm: number | null;
    heightM: number | null;
    crownM: number | null;
    values: KindValues;
    hazards: readonly Hazard[];
  };
  now: PottedNow;
  ageYears: number;
  stands: Stands;
  /** Spread of bare roots, where it was measured when they came. */
  spreadMm: number | null;
  /** The flare proud of the mix, as it is usual for a tree of this age, mm. */
  usualCrownMm: number;
  state: TreeState;
  decided: Decided;
  fits: PotFit[];
  currentLot: LotRecord | null;
  store: StorePot[];
  mixes: MixChoice[];
  /** The mix to start with. */
  usualMix: string;
  calendar: GrowersCalendar;
  /** What the reading of the roots asked for. */
  asked: { correction: CorrectionName | null; keptPercent: number | null };
  /** Today’s windows of every correction. */
  windows: { operation: Operation; open: boolean; limiting: Limit; safe: number; opens: string | null }[];
}

/** One potting with its numbers in hand: base layer, side gap, fill line, litres, mass; "Potted" records it. */
export function PottingBench({
  tree,
  now,
  ageYears,
  state,
  decided,
  fits,
  currentLot,
  store,
  mixes,
  usualMix,
  calendar,
  asked: wanted,
  windows,
  stands,
  spreadMm,
  usualCrownMm,
}: Props) {
  const router = useRouter();
  const { collectionId, today, on, units } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure, beside } = useCommand("record-potting");
  const best = fits.find((p) => p.lotId === decided.lotId) ?? fits.find((p) => p.misfit === null) ?? null;
  const [lotId, setLotId] = useState<string | null>(best?.lotId ?? null);
  const [mixKey, setMixKey] = useState(usualMix);
  const [correction, setCorrection] = useState<CorrectionName>(
    wanted.correction ?? decided.correction ?? state.correction,
  );
  const [kept, setKept] = useState(wanted.keptPercent === null ? "" : String(wanted.keptPercent));
  const [crown, setCrown] = useState(String(usualCrownMm));
  const [bottom, setBottom] = useState("0");
  const [trim, setTrim] = useState(String(decided.trimSideMm));
  const [setting, setSetting] = useState<SetDraft>({
    ...emptySetDraft,
    as: stands === "bare" ? ("bare-root" as const) : emptySetDraft.as,
    // Measured when it came: not typed twice.
    measures: spreadMm === null ? {} : { spreadMm: String(spreadMm) },
  });
  const [after, setAfter] = useState<MeasuredDraft>(noMeasures);
  const { value: doneOn, set: setDoneOn } = useRecordingDay();
  const when = useDayWord();
  const [staked, setStaked] = useState(false);
  const [problems, setProblems] = useState<Record<string, string>>({});

  const chosen = useMemo(
    () =>
      store.find((p) => p.lotId === lotId) ??
      (currentLot && lotId === currentLot.id
        ? { lotId: currentLot.id, name: currentLot.name, pot: currentLot.pot, free: 1 }
        : null),
    [store, lotId, currentLot],
  );
  const mix = mixes.find((m) => m.key === mixKey) ?? mixes[0];
  const crownMm = readNumber(crown, "mm");
  const bottomLayerMm = readNumber(bottom, "mm");
  const trimSideMm = readNumber(trim, "mm");
  const keptPercent = kept.trim() === "" ? null : readNumber(kept);
  const set = useMemo(() => readSet(setting), [setting]);
  const choice = useMemo((): PottingChoice | null => {
    if (!chosen || !set.read || !(crownMm >= 0) || !(bottomLayerMm >= 0) || !(trimSideMm >= 0)) return null;
    if (bottomLayerMm > brimHeightMmOf(chosen) / 2) return null;
    return {
      pot: chosen.pot,
      mix: mix.mix,
      mixAgeYears: mix.ageYears,
      correction,
      retainedShare: keptPercent === null || !(keptPercent > 0) ? null : keptPercent / 100,
      crownMm,
      bottomLayerMm,
      trimSideMm,
      ...set.read,
    };
  }, [chosen, mix, correction, keptPercent, crownMm, bottomLayerMm, trimSideMm, set]);
  const plan = useMemo(() => choice && planPotting(now, ageYears, tree, choice), [now, ageYears, tree, choice]);
  const range = useMemo(() => choice && pottingRange(now, ageYears, tree, choice), [now, ageYears, tree, choice]);
  const misfit = plan ? pottingFault(plan) : null;
  const asked = windows.find((w) => w.operation === operationOf(correction));
  // What is recorded for an earlier day is judged by nobody.
  const closed = asked && !asked.open && doneOn === on ? asked : null;
  // Seen as of a day ahead it is a look at that day; what is recorded is of today.
  const warned = closed ?? (asked && !asked.open && on > today ? asked : null);

  const submit = async () => {
    const measured = readMeasured(after);
    const wrong: Record<string, string> = { ...set.problems, ...measured.problems };
    setProblems(wrong);
    const done = await send(
      {
        collectionId,
        treeId: tree.id,
        on: doneOn,
        potLotId: lotId ?? "",
        mix: mix.key,
        correction,
        retainedShare: keptPercent === null ? null : keptPercent / 100,
        crownMm,
        bottomLayerMm,
        trimSideMm,
        ...set.read,
        measured: measured.values,
        staked,
        despite: closed && { limiting: closed.limiting, safe: closed.safe },
      },
      wrong,
    );
    if (!done) return;
    tell({ text: say.isPottedSoakItTwice(tree.tag), entryId: done.entryId });
    router.push(treeAt(collectionId, tree.id));
  };
  const fault = beside<MeasureField>(problems);

  return (
    <div>
      <p className="text-sm">
        <Link className="link" href={treeAt(collectionId, tree.id)}>
          {tree.tag} · {tree.name}
        </Link>
        {tree.count > 1 && say.plantsTheFiguresAreFor(number(tree.count))}
      </p>
      <h1 className="text-2xl">{say.potUp(tree.tag)}</h1>
      {decided.notToday && (
        <p className="text-warning mt-1 font-semibold" data-testid="closed-window">
          {say.ifThePotHasBroken(decided.notToday)}
        </p>
      )}
      <div className="mt-3 grid gap-x-8 gap-y-5 lg:grid-cols-[minmax(0,30rem)_minmax(0,1fr)]">
        <div className="lg:sticky lg:top-2 lg:self-start">
          {plan && chosen ? (
            <PlanDrawing plan={plan} name={chosen.name} tag={tree.tag} state={state} tiltDeg={set.read?.tiltDeg ?? 0} />
          ) : (
            <p className="py-10">{chosen ? say.measureWhatIsSetIts : say.chooseAPotItsSection}</p>
          )}
        </div>
        <Form className="space-y-5" onSubmit={submit}>
          {plan && <Numbers plan={plan} range={range} />}
          {misfit && <FormFaults faults={[{ message: faultWords(faultOfMisfit(misfit), units) }]} />}
          <div className="no-print space-y-5">
            {decided.wanted && <p data-testid="wanted">{say.itIsToHave(decided.wanted)}</p>}
            <PotChoice
              stands={stands}
              store={store}
              state={state}
              fits={fits}
              currentLot={currentLot}
              potNote={potAsked(tree.values)}
              chosen={lotId}
              onChoose={setLotId}
              fault={fault("potLotId")}
            />
            <SetFields
              draft={setting}
              onChange={setSetting}
              fault={fault}
              decomposes={now.pot !== null && WALL[wallOf(now.pot)].rots}
              knownPot={now.pot !== null}
            />
            <div className="grid gap-4 sm:grid-cols-2">
              <SelectField
                label={common.mix}
                value={mix.key}
                onChange={setMixKey}
                options={mixes.map((m) => [m.key, mixLabel(m, litres(m.leftL ?? 0, units))] as const)}
                hint={mixHint(mix, tree.values, plan, doneOn)}
                fault={fault("mix")}
              />
              <SelectField
                label={say.correction}
                value={correction}
                onChange={setCorrection}
                options={BALL_CORRECTIONS.map((c) => [c, CORRECTION_WORDS[c].name] as const)}
                hint={correctionHint(correction, plan)}
                fault={fault("correction")}
              />
              <TextField
                label={say.rootsKeptIfYouMeasured}
                numeric
                suffix="%"
                value={kept}
                onChange={setKept}
                fault={fault("retainedShare")}
                hint={say.emptyTheUsualShare}
              />
              <TextField
                label={say.flareProudOfTheMix}
                numeric
                suffix="mm"
                value={crown}
                onChange={setCrown}
                fault={fault("crownMm")}
                hint={
                  usualCrownMm === 0
                    ? say.youngPlantsTheOldSurface
                    : say.freshBarkAndCompostSink(millimetres(10, units), millimetres(20, units))
                }
              />
              <TextField
                label={say.gravelLayer}
                numeric
                suffix="mm"
                value={bottom}
                onChange={setBottom}
                fault={fault("bottomLayerMm")}
                hint={
                  plan && bottomLayerMm > 0
                    ? say.airLeftInTheMix(litres(plan.water.airL, units))
                    : say.noneOnlyCoverTheHole
                }
              />
              {tree.values.roots === "tap" && (
                <TextField
                  label={say.offEachSideOfThe}
                  numeric
                  suffix="mm"
                  value={trim}
                  onChange={setTrim}
                  fault={fault("trimSideMm")}
                  hint={say.depthFirstALittleOff}
                />
              )}
              <DayField label={common.doneOn} value={doneOn} onChange={setDoneOn} fault={fault("on")} />
            </div>
          </div>
          <Cautions plan={plan} hazards={tree.hazards} calendar={calendar} />
          {warned && (
            <Caution className="mt-2">
              <p className="font-semibold" data-testid="closed-window">
                {say.theWindowForThisWork(when, LIMIT_BECAUSE[warned.limiting])}
              </p>
              <p>
                {say.doneItWouldEndBadly(
                  when,
                  percent(1 - warned.safe),
                  warned.opens ? say.itOpens(day(warned.opens, today)) : "",
                  closed ? say.ifYouDoItAll : "",
                )}
              </p>
            </Caution>
          )}
          {plan && (
            <details className="no-print">
              <summary className="min-h-11 cursor-pointer font-medium">{say.inWindAndHowIt}</summary>
              <Standing
                facts={{
                  wetKg: plan.wetMassKg.total,
                  dryKg: plan.dryMassKg,
                  guessed: plan.wetMassKg.guessed,
                  potHeightMm: brimHeightMm(plan.vessel),
                  baseWidthMm: footWidthMm(plan.vessel),
                  volumeL: plan.mixL,
                  heightM: tree.heightM,
                  kindHeightM: tree.values.potHeightM,
                  wind: tree.values.wind,
                  crownM: tree.crownM,
                  inLeaf: state.wood.stage !== "dormant" && state.wood.stage !== "swelling",
                  people: calendar,
                }}
              />
            </details>
          )}
          <label className="no-print flex min-h-12 cursor-pointer items-center gap-3">
            <input
              type="checkbox"
              className="checkbox"
              checked={staked}
              onChange={(e) => setStaked(e.target.checked)}
            />
            <span>{say.itRockedAndWasStaked}</span>
          </label>
          <MeasuredAfter draft={after} onChange={setAfter} fault={fault} plan={plan} />
          <FormFaults faults={unplaced(failure, FIELDS)} />
          <button
            type="submit"
            className="no-print btn btn-primary h-16 w-full text-xl sm:w-auto sm:px-12"
            disabled={busy || misfit !== null}
          >
            {busy ? common.recording : say.potted}
          </button>
        </Form>
      </div>
    </div>
  );
}

function mixLabel(m: MixChoice, left: string): string {
  return m.from === "reclaimed" ? say.reclaimedYearsOldLeft(m.name, number(m.ageYears, 1), left) : m.name;
}

/** In this pot, until when it feeds, and what in it this species does not like. */
function mixHint(mix: MixChoice, values: KindValues, plan: PottingPlan | null, on: string): string {
  const parts: string[] = [];
  if (plan) parts.push(say.inThisPotAirWater(percent(plan.water.airFraction), percent(plan.water.waterFraction)));
  const fed = mix.feedsMonths === null || parseIso(on) === null ? null : fedUntil(toDay(on), mix.feedsMonths);
  if (fed !== null) parts.push(say.feedsUntilAbout(day(fed, on)));
  const remarks = mixRemarks(values, {
    flags: mix.flags,
    parts: mix.parts,
    airShare: plan?.water.airFraction ?? null,
    waterShare: plan?.water.waterFraction ?? null,
  });
  for (const remark of remarks) parts.push(MIX_REMARK_WORDS[remark]);
  return parts.join("; ");
}

function brimHeightMmOf(pot: StorePot): number {
  return pot.pot.known === "measured" ? brimHeightMm(pot.pot.vessel) : 2000;
}

function correctionHint(correction: CorrectionName, plan: PottingPlan | null): string {
  const depth = plan?.shaveDepthMm ? say.mmASide(Math.round(plan.shaveDepthMm)) : "";
  return `${CORRECTION_WORDS[correction].what}${depth}${plan ? say.keepsOfTheRoots(percent(plan.retainedShare)) : ""}`;
}
