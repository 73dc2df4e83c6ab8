"use client";

import Link from "next/link";
import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import { toDay } from "@/core/dates/index";
import type { StorePot } from "@/core/ladder/index";
import { READY_MIX_NAMES, READY_MIXES, type ReadyMixName } from "@/core/mix/index";
import { CORRECTION_NAMES, type CorrectionName } from "@/core/roots/index";
import {
  type GrowersCalendar,
  liftersOn,
  type LotRecord,
  planPotting,
  type PottedNow,
  type PottingChoice,
  pottingFault,
  type PottingPlan,
  type PottingRange,
  pottingRange,
  type TreeState,
} from "@/core/tree/index";
import { brimHeightMm } from "@/core/vessel/index";
import { kilograms, litres, millimetres, number, percent, readNumber, type Units } from "@/ui/format";
import { Form, FormFaults, SelectField, TextField } from "@/ui/fields";
import { PotSection, type SectionDimension } from "@/ui/pot-section";
import { loose, useCommand } from "../commands/use-command";
import { windowReason } from "../sentences";
import { useAsOf } from "../shell/as-of";
import { useNotice } from "../shell/notice";
import { CORRECTION_WORDS, HAZARD_WORDS, LIFT_WORDS, MISFIT_WORDS, MIX_WORDS, WARNING_WORDS } from "../words";
import { faultWords } from "./fault-words";

const FIELDS = ["potLotId", "mix", "correction", "retainedShare", "crownMm", "bottomLayerMm", "on"];

interface Props {
  tree: {
    id: string;
    tag: string;
    name: string;
    count: number;
    trunkMm: number | null;
    heightM: number | null;
    hazards: string[];
  };
  now: PottedNow;
  ageYears: number;
  state: TreeState;
  currentLot: LotRecord | null;
  store: StorePot[];
  calendar: GrowersCalendar;
}

/** One potting with its numbers in hand: base layer, side gap, fill line, litres, mass; "Potted" records it. */
export function PottingBench({ tree, now, ageYears, state, currentLot, store, calendar }: Props) {
  const router = useRouter();
  const { collectionId, revision, today, units } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure, at } = useCommand("record-potting");
  const best = state.pots.find((p) => p.misfit === null) ?? null;
  const [lotId, setLotId] = useState<string | null>(best?.lotId ?? null);
  const [mix, setMix] = useState<ReadyMixName>("compost-bark");
  const [correction, setCorrection] = useState<CorrectionName>(state.correction);
  const [kept, setKept] = useState("");
  const [crown, setCrown] = useState("10");
  const [bottom, setBottom] = useState("0");
  const [doneOn, setDoneOn] = useState(today);
  const [problems, setProblems] = useState<Record<string, string>>({});

  const chosen = useMemo(
    () =>
      store.find((p) => p.lotId === lotId) ??
      (currentLot && lotId === currentLot.id
        ? { lotId: currentLot.id, name: currentLot.name, pot: currentLot.pot, free: 1 }
        : null),
    [store, lotId, currentLot],
  );
  const numbers = {
    crownMm: readNumber(crown, "mm"),
    bottomLayerMm: readNumber(bottom, "mm"),
    keptPercent: kept.trim() === "" ? null : readNumber(kept),
  };
  const { crownMm, bottomLayerMm, keptPercent } = numbers;
  const choice = useMemo((): PottingChoice | null => {
    if (!chosen || !(crownMm >= 0) || !(bottomLayerMm >= 0) || bottomLayerMm > brimHeightMmOf(chosen) / 2) return null;
    return {
      pot: chosen.pot,
      mix: READY_MIXES[mix],
      correction,
      retainedShare: keptPercent === null || !(keptPercent > 0) ? null : keptPercent / 100,
      crownMm,
      bottomLayerMm,
    };
  }, [chosen, mix, correction, keptPercent, crownMm, bottomLayerMm]);
  const plan = useMemo(() => choice && planPotting(now, ageYears, tree, choice), [now, ageYears, tree, choice]);
  const range = useMemo(() => choice && pottingRange(now, ageYears, tree, choice), [now, ageYears, tree, choice]);
  const misfit = plan ? pottingFault(plan) : null;

  const submit = async () => {
    const wrong: Record<string, string> = {};
    if (!lotId) wrong.potLotId = "Choose a pot.";
    if (!(crownMm >= 0)) wrong.crownMm = "A number of millimetres, 0 or more.";
    if (!(bottomLayerMm >= 0)) wrong.bottomLayerMm = "A number of millimetres, 0 or more.";
    if (keptPercent !== null && !(keptPercent >= 5 && keptPercent <= 100))
      wrong.retainedShare = "Between 5 and 100 %, or leave it empty.";
    setProblems(wrong);
    if (Object.keys(wrong).length > 0) return;
    const done = await send({
      collectionId,
      baseRevision: revision,
      treeId: tree.id,
      on: doneOn,
      potLotId: lotId,
      mix,
      correction,
      retainedShare: keptPercent === null ? null : keptPercent / 100,
      crownMm,
      bottomLayerMm,
    });
    if (!done) return;
    tell({ text: `${tree.tag} is potted. Soak it twice; shade for some days.`, entryId: done.entryId });
    router.push(`/c/${collectionId}/tree/${tree.id}`);
  };
  const fault = (path: string) => problems[path] ?? at(path);

  return (
    <div>
      <p className="text-sm">
        <Link className="link" href={`/c/${collectionId}/tree/${tree.id}`}>
          {tree.tag} · {tree.name}
        </Link>
        {tree.count > 1 && ` · ${number(tree.count)} plants: the figures are for one`}
      </p>
      <h1 className="text-2xl">Pot on {tree.tag}</h1>
      {!state.window.open && (
        <p className="text-warning mt-1 font-semibold" data-testid="closed-window">
          {windowReason(state, today)} If the pot has broken or the tree cannot wait, it can be recorded all the same.
        </p>
      )}
      <div className="mt-3 grid gap-x-8 gap-y-5 lg:grid-cols-[minmax(0,30rem)_minmax(0,1fr)]">
        <div className="lg:sticky lg:top-2 lg:self-start">
          {plan && chosen ? (
            <PlanDrawing plan={plan} name={chosen.name} tag={tree.tag} state={state} />
          ) : (
            <p className="py-10">Choose a pot: its section appears here.</p>
          )}
        </div>
        <Form className="space-y-5" onSubmit={submit}>
          {plan && <Numbers plan={plan} range={range} />}
          {misfit && <FormFaults faults={[{ message: faultWords(misfit) }]} />}
          <PotChoice
            store={store}
            state={state}
            currentLot={currentLot}
            chosen={lotId}
            onChoose={setLotId}
            fault={fault("potLotId")}
          />
          <div className="grid gap-4 sm:grid-cols-2">
            <SelectField
              label="Mix"
              value={mix}
              onChange={setMix}
              options={READY_MIX_NAMES.map((m) => [m, MIX_WORDS[m]] as const)}
              hint={
                plan
                  ? `in this pot: ${percent(plan.water.airFraction)} air, ${percent(plan.water.waterFraction)} water after draining`
                  : undefined
              }
              fault={fault("mix")}
            />
            <SelectField
              label="Correction"
              value={correction}
              onChange={setCorrection}
              options={CORRECTION_NAMES.filter((c) => c !== "replace-top").map(
                (c) => [c, CORRECTION_WORDS[c].name] as const,
              )}
              hint={correctionHint(correction, plan)}
              fault={fault("correction")}
            />
            <TextField
              label="Roots kept, if you measured"
              numeric
              suffix="%"
              value={kept}
              onChange={setKept}
              fault={fault("retainedShare")}
              hint="empty: the usual share"
            />
            <TextField
              label="Flare proud of the mix by"
              numeric
              suffix="mm"
              value={crown}
              onChange={setCrown}
              fault={fault("crownMm")}
              hint="fresh bark and compost sink: 10–20"
            />
            <TextField
              label="Gravel layer"
              numeric
              suffix="mm"
              value={bottom}
              onChange={setBottom}
              fault={fault("bottomLayerMm")}
              hint={
                plan && bottomLayerMm > 0
                  ? `air left in the mix: ${litres(plan.water.airL, units)}; the wet zone sits on the gravel`
                  : "none: only cover the hole"
              }
            />
            <TextField
              label="Done on"
              type="date"
              max={today}
              value={doneOn}
              onChange={setDoneOn}
              fault={fault("on")}
            />
          </div>
          <Cautions plan={plan} hazards={tree.hazards} calendar={calendar} />
          <FormFaults faults={loose(failure, FIELDS)} />
          <button
            type="submit"
            className="btn btn-primary h-16 w-full text-xl sm:w-auto sm:px-12"
            disabled={busy || misfit !== null}
          >
            {busy ? "Recording …" : "Potted"}
          </button>
        </Form>
      </div>
    </div>
  );
}

function brimHeightMmOf(pot: StorePot): number {
  return pot.pot.known === "measured" ? brimHeightMm(pot.pot.vessel) : 2000;
}

function correctionHint(correction: CorrectionName, plan: PottingPlan | null): string {
  const depth = plan?.shaveDepthMm ? `, ${Math.round(plan.shaveDepthMm)} mm a side` : "";
  return `${CORRECTION_WORDS[correction].what}${depth}${plan ? `; keeps ${percent(plan.retainedShare)} of the roots` : ""}`;
}

function Numbers({ plan, range }: { plan: PottingPlan; range: PottingRange | null }) {
  const { units } = useAsOf();
  const items: [string, string, string][] = [
    [
      "Base layer, loose",
      millimetres(plan.setting.looseBaseLayerMm, units),
      `settles to ${millimetres(plan.setting.baseLayerMm, units)}`,
    ],
    ["Gap at the side", millimetres(Math.max(0, plan.setting.sideGapTopMm), units), "at the fill line"],
    ["Rim left empty", millimetres(plan.freeboardMm, units), "holds one watering"],
    [
      "New mix, loose",
      litres(plan.setting.looseMixL, units),
      range
        ? `${litres(range.looseMixL[0], units)} to ${litres(range.looseMixL[1], units)}: a pot not measured`
        : `settles to ${litres(plan.setting.settledMixL, units)}`,
    ],
    [
      "Wet, all told",
      kilograms(plan.wetMassKg.total, units),
      range && kilograms(range.wetMassKg[0], units) !== kilograms(range.wetMassKg[1], units)
        ? `${kilograms(range.wetMassKg[0], units)} to ${kilograms(range.wetMassKg[1], units)}`
        : plan.wetMassKg.guessed
          ? "partly guessed"
          : "computed",
    ],
  ];
  return (
    <dl className="grid grid-cols-2 gap-x-4 gap-y-3 sm:grid-cols-3 xl:grid-cols-5" data-testid="numbers">
      {items.map(([what, value, more]) => (
        <div key={what}>
          <dt className="text-sm">{what}</dt>
          <dd className="font-serif text-[2rem] leading-tight font-semibold whitespace-nowrap">{value}</dd>
          <dd className="text-xs">{more}</dd>
        </div>
      ))}
    </dl>
  );
}

function PlanDrawing({ plan, name, tag, state }: { plan: PottingPlan; name: string; tag: string; state: TreeState }) {
  const { units } = useAsOf();
  const standsAtMm = plan.bottomLayerMm + plan.setting.baseLayerMm;
  const dimensions: SectionDimension[] = [
    {
      side: "left",
      fromMm: plan.fillHeightMm,
      toMm: brimHeightMm(plan.vessel),
      label: millimetres(plan.freeboardMm, units),
    },
    { side: "left", fromMm: 0, toMm: plan.fillHeightMm, label: millimetres(plan.fillHeightMm, units) },
    {
      side: "right",
      fromMm: plan.bottomLayerMm,
      toMm: standsAtMm,
      label: millimetres(plan.setting.baseLayerMm, units),
    },
  ];
  if (plan.bottomLayerMm > 0)
    dimensions.push({
      side: "right",
      fromMm: 0,
      toMm: plan.bottomLayerMm,
      label: `gravel ${millimetres(plan.bottomLayerMm, units)}`,
    });
  return (
    <PotSection
      vessel={plan.vessel}
      guessed={plan.guessedShape}
      fillHeightMm={plan.fillHeightMm}
      looseFillHeightMm={plan.looseFillHeightMm}
      bottomLayerMm={plan.bottomLayerMm}
      ball={{ ...plan.ball, heightMm: Math.max(10, plan.ball.heightMm - plan.setting.trimMm), standsAtMm }}
      fill={state.fill.p50}
      circling={state.circling.p50}
      dimensions={dimensions}
      widthPx={480}
      heightPx={420}
      units={units}
      seed={7}
      title={`${tag} in ${name}`}
      description={`Base layer ${millimetres(plan.setting.baseLayerMm, units)}, ball ${millimetres(plan.ball.heightMm, units)} tall, fill line ${millimetres(plan.fillHeightMm, units)} above the floor, ${millimetres(plan.freeboardMm, units)} of rim left empty, ${millimetres(plan.setting.sideGapTopMm, units)} gap at each side. Loose fill stands a little higher today than after two soaks.`}
    />
  );
}

function PotChoice({
  store,
  state,
  currentLot,
  chosen,
  onChoose,
  fault,
}: {
  store: StorePot[];
  state: TreeState;
  currentLot: LotRecord | null;
  chosen: string | null;
  onChoose: (id: string) => void;
  fault?: string;
}) {
  const { collectionId, units } = useAsOf();
  const [all, setAll] = useState(false);
  const rows = state.pots
    .map((fit) => ({ fit, pot: store.find((p) => p.lotId === fit.lotId) }))
    .filter((r) => r.pot !== undefined);
  const fitting = rows.filter((r) => r.fit.misfit === null);
  const shown = all ? rows : fitting;
  return (
    <fieldset>
      <legend className="font-medium">Pot</legend>
      {rows.length === 0 && (
        <p>
          The store is empty.{" "}
          <Link className="link" href={`/c/${collectionId}/stores`}>
            Put pots in store
          </Link>
        </p>
      )}
      {rows.length > 0 && fitting.length === 0 && (
        <p className="text-warning font-semibold">Nothing in store fits well.</p>
      )}
      <div className="mt-1 grid gap-2 sm:grid-cols-2">
        {shown.map(({ fit, pot }) => (
          <label
            key={fit.lotId}
            className={`rounded-field flex min-h-14 cursor-pointer items-center gap-3 border px-3 py-1 ${chosen === fit.lotId ? "border-primary bg-base-200" : "border-base-300"}`}
          >
            <input
              type="radio"
              name="pot"
              className="radio radio-sm"
              checked={chosen === fit.lotId}
              onChange={() => onChoose(fit.lotId)}
            />
            <span className="leading-tight">
              <b>{pot!.name}</b> <span className="text-sm">{number(pot!.free)} free</span>
              <span className="block text-sm">
                {fit.misfit
                  ? MISFIT_WORDS[fit.misfit]
                  : `${number(fit.ratio, 1)} times the mix; ${percent(fit.fillAtSeasonEnd)} filled by the season’s end`}
              </span>
            </span>
          </label>
        ))}
        {all && currentLot && (
          <label
            className={`rounded-field flex min-h-14 cursor-pointer items-center gap-3 border px-3 py-1 ${chosen === currentLot.id ? "border-primary bg-base-200" : "border-base-300"}`}
          >
            <input
              type="radio"
              name="pot"
              className="radio radio-sm"
              checked={chosen === currentLot.id}
              onChange={() => onChoose(currentLot.id)}
            />
            <span className="leading-tight">
              <b>The same pot again</b>
              <span className="block text-sm">
                {currentLot.name}, {litres(state.volumeL.p50, units)}: after root pruning
              </span>
            </span>
          </label>
        )}
      </div>
      {!all && (
        <button type="button" className="btn btn-sm mt-2" onClick={() => setAll(true)}>
          Show the others, with the reason
        </button>
      )}
      {fault && (
        <p role="alert" className="text-error mt-1 font-semibold">
          {fault}
        </p>
      )}
    </fieldset>
  );
}

/** Cautions stand where the hazard is, short, and cannot be dismissed. */
/** Who of the people on record can lift this today, each within the own limit. */
function lifterWords(calendar: GrowersCalendar, today: string, massKg: number, units: Units): string {
  const { alone, pair, present } = liftersOn(calendar, toDay(today), massKg);
  if (present === 0) return "Nobody is there today, as the days of your people stand.";
  if (alone) return `Within the limit of ${alone.name} (${kilograms(alone.liftKg, units)} alone).`;
  if (pair)
    return `Above everybody's own limit: ${pair[0].name} and ${pair[1].name} together, who as a team manage two thirds of both limits on level ground.`;
  return "More than anybody who is there today may lift, alone or by two: sack truck, ramp or hoist, or another day.";
}

function Cautions({
  plan,
  hazards,
  calendar,
}: {
  plan: PottingPlan | null;
  hazards: string[];
  calendar: GrowersCalendar;
}) {
  const { units, today } = useAsOf();
  return (
    <div className="border-warning rounded-box space-y-1 border-2 bg-[#fffaf0] p-3 text-sm">
      {plan && (
        <p className="text-base font-semibold" data-testid="lifting">
          {kilograms(plan.wetMassKg.total, units)} wet. {LIFT_WORDS[plan.lift]}
        </p>
      )}
      {plan && calendar.people.length > 0 && (
        <p data-testid="lifters">{lifterWords(calendar, today, plan.wetMassKg.total, units)}</p>
      )}
      {plan?.setting.warnings.map((w) => (
        <p key={w.code}>
          {w.code === "ball-too-tall"
            ? `${WARNING_WORDS[w.code]} (${millimetres(plan.setting.trimMm, units)})`
            : WARNING_WORDS[w.code]}
        </p>
      ))}
      {hazards.map((h) => (
        <p key={h}>{HAZARD_WORDS[h]}</p>
      ))}
      <p>
        Gloves. Open bags of mix away from the face and damp the mix: its dust can carry germs. Cut away from the body;
        clean blades between trees.
      </p>
      <p>Lifting limits follow general guidance; your local rules and your own back come first.</p>
    </div>
  );
}
