"use client";

import { pageAt, treeAt } from "@/features/kernel/addresses";
import { fault } from "@/contract/faults";
import { faultWords } from "@/words/faults";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { type ReactNode, useEffect, useMemo, useRef, useState } from "react";
import { inspect, LEAVES, type Leaves, type InspectionVerdict, WOUNDS } from "@/core/arrival/index";
import { toDay, toIso } from "@/core/dates/index";
import { ARRIVAL_FORMS, PURPOSES } from "@/core/event/index";
import { ROOT_SIGNS } from "@/core/roots/index";
import { mixEstimate } from "@/core/vessel/index";
import { Choice, Toggle } from "@/ui/choice";
import { Caution, Form, FormFaults, Reasoned, SelectField, TextField } from "@/ui/fields";
import { day, litres, number, percent } from "@/words/format";
import { RootFace } from "@/ui/root-face";
import { unplaced, useCommand } from "@/features/kernel/use-command";
import { SIGN_WORDS } from "@/words/root-check";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { emptyPotDraft, PotFields, readPot, type PotField } from "../stores/pot-fields";
import { KindField } from "../trees/kind-field";
import { useKind } from "../trees/use-kind";
import {
  ARRIVAL_VERDICT_WORDS,
  CIRCLING_GRADES,
  FILL_GRADES,
  FORM_WORDS,
  HAZARD_WORDS,
  PURPOSE_WORDS,
} from "@/words/terms";
import { type ArrivalDraft, EMPTY_ARRIVAL, readArrival, readingOf, type ArrivalField } from "./draft";
import { ask } from "@/features/kernel/ask";
import type { ArrivalContext } from "@/contract/queries";
import { arrivalActText, findingText } from "@/words/arrival";
import { useRecordingDay } from "@/features/kernel/recording-day";
import { PAGE_WORDS } from "@/words/rooms";

const FIELDS = ["tag", "typedName", "kindId", "cultivar", "pot", "rootstock", "arrivedOn"];
const GRADES = [0, 1, 2, 3, 4];
const LEAF_WORDS: Record<Leaves, string> = {
  none: "leafless",
  fresh: "fresh",
  yellow: "yellow",
  crisp: "crisp, brown",
  dropping: "dropping",
};
const WOUND_WORDS = { none: "none", small: "small", large: "large" } as const;

/** Looking over a plant before it is taken: what is tapped changes the verdict at once; taking it records all of it. */
export function Arrival({
  takenTags,
  suggestedTag,
  currency,
  unknown,
}: {
  takenTags: string[];
  suggestedTag: string;
  currency: string;
  unknown: ArrivalContext;
}) {
  const router = useRouter();
  const { collectionId, units } = useAsOf();
  const { value: arrivedOn } = useRecordingDay();
  const { tell } = useNotice();
  const { send, busy, failure, beside } = useCommand("receive-tree");
  const treeId = useRef<string | null>(null);
  const [d, setD] = useState<ArrivalDraft>(EMPTY_ARRIVAL);
  const set = (part: Partial<ArrivalDraft>) => setD((x) => ({ ...x, ...part }));
  const [tag, setTag] = useState(suggestedTag);
  const kind = useKind();
  const [cultivar, setCultivar] = useState("");
  const [rootstock, setRootstock] = useState("");
  const [pot, setPot] = useState({ ...emptyPotDraft, known: "outside" } as typeof emptyPotDraft);
  const [problems, setProblems] = useState<Record<string, string>>({});
  const context = useContextOf(collectionId, kind.chosen?.id ?? null, unknown);
  const potRead = readPot(pot, units);
  const described =
    pot.litres !== "" || pot.size !== "" || Object.values(pot.measures).some((measure) => measure !== "");
  const potKnown = described && Object.keys(potRead.problems).length === 0 ? potRead.pot : null;
  const volumeL = potKnown ? mixEstimate(potKnown).p50 : null;
  const { inspection, problems: typed } = useMemo(() => readArrival(d, volumeL), [d, volumeL]);
  const verdict = useMemo(
    () => inspect(inspection, context.kind, context.season, d.purpose === "crop" && context.lonely),
    [inspection, context, d.purpose],
  );
  const faultAt = beside<ArrivalField | `pot.${PotField}`>({ ...typed, ...problems });
  const bare = d.form === "bare-root";

  const submit = async () => {
    const wrong: Record<string, string> = { ...typed };
    if (takenTags.some((t) => t.toLowerCase() === tag.trim().toLowerCase()))
      wrong.tag = faultWords(fault("tag", "tag-taken", { tag: tag.trim() }), units);
    if (!bare && described)
      for (const [path, message] of Object.entries(potRead.problems)) wrong[`pot.${path}`] = message;
    setProblems(wrong);
    treeId.current ??= crypto.randomUUID();
    const done = await send(
      {
        collectionId,
        treeId: treeId.current,
        tag,
        ...kind.fields,
        cultivar,
        purpose: verdict.verdict === "rescue" ? "rescue" : d.purpose,
        count: 1,
        form: d.form,
        arrivedOn,
        lastPotted: null,
        pot: bare ? null : potKnown,
        finalVolumeL: null,
        trunkMm: null,
        heightM: null,
        rootstock,
        verdict: verdict.verdict,
        findings: verdict.found.map((f) => f.code),
        reading: readingOf(inspection),
        dry: inspection.light === true,
        pricePaid: inspection.price,
        repairCost: null,
        spreadMm: inspection.bare?.spreadMm ?? null,
        note: verdict.found.map((f) => findingText(f.code, f.figures, units)).join(" "),
      },
      wrong,
    );
    if (!done) return;
    tell({ text: `${tag.trim()} has arrived.`, entryId: done.entryId });
    const next = verdict.verdict === "rescue" ? "rescue" : verdict.verdict === "correct" && !bare ? "correct" : "";
    router.push(treeAt(collectionId, treeId.current, next));
  };

  return (
    <Form
      className="mx-auto grid max-w-5xl gap-x-8 gap-y-5 lg:grid-cols-[minmax(0,1fr)_minmax(0,24rem)]"
      onSubmit={submit}
    >
      <div className="space-y-5">
        <div>
          <h1 className="text-2xl">{PAGE_WORDS.arrival}</h1>
          <p>
            Look it over before you take it.{" "}
            <Link className="link" href={pageAt(collectionId, "add")}>
              Only enter it
            </Link>
          </p>
        </div>
        <div className="grid gap-4 sm:grid-cols-2">
          <KindField kind={kind} fault={faultAt("typedName") ?? faultAt("kindId")} />
          <TextField label="Tag" value={tag} onChange={setTag} fault={faultAt("tag")} hint="what stands on its label" />
          <SelectField
            label="How it came"
            value={d.form}
            onChange={(form) => set({ form })}
            options={ARRIVAL_FORMS.map((f) => [f, FORM_WORDS[f]] as const)}
          />
          <SelectField
            label="What it is for"
            value={d.purpose}
            onChange={(purpose) => set({ purpose })}
            options={PURPOSES.map((p) => [p, PURPOSE_WORDS[p]] as const)}
          />
        </div>
        {!bare && (
          <fieldset className="border-base-300 rounded-box border p-3">
            <legend className="px-1 font-medium">The pot it came in</legend>
            <PotFields
              draft={pot}
              onChange={setPot}
              fault={(path) => faultAt(`pot.${path}`)}
              units={units}
              depthToMixMm={null}
            />
          </fieldset>
        )}
        {bare ? (
          <fieldset className="border-base-300 rounded-box grid gap-3 border p-3 sm:grid-cols-3">
            <legend className="px-1 font-medium">Its bare roots</legend>
            <TextField
              label="Fine roots that snap dry, %"
              numeric
              value={d.drySnapPercent}
              onChange={(drySnapPercent) => set({ drySnapPercent })}
              fault={faultAt("drySnapPercent")}
            />
            <TextField
              label="In the open, minutes"
              numeric
              value={d.exposedMinutes}
              onChange={(exposedMinutes) => set({ exposedMinutes })}
              fault={faultAt("exposedMinutes")}
            />
            <TextField
              label="Spread, mm"
              numeric
              value={d.spreadMm}
              onChange={(spreadMm) => set({ spreadMm })}
              fault={faultAt("spreadMm")}
            />
          </fieldset>
        ) : (
          <>
            <Question legend="Is the pot too light for its size?">
              <YesNo value={d.light} onChange={(light) => set({ light })} yes="Light: dried out" no="As it should be" />
            </Question>
            <Question legend="Its roots, if you may knock it out">
              <div className="grid grid-cols-3 gap-2 sm:grid-cols-5">
                {GRADES.map((g) => (
                  <Choice
                    key={g}
                    chosen={d.fillGrade === g}
                    onClick={() => set({ fillGrade: d.fillGrade === g ? null : g })}
                    className="py-1"
                  >
                    <span className="block w-16">
                      <RootFace face="side" fill={g} circling={d.circlingGrade ?? 0} />
                    </span>
                    <span className="text-xs leading-tight">{FILL_GRADES[g]}</span>
                  </Choice>
                ))}
              </div>
              <SelectField
                className="mt-2"
                label="Circling roots"
                value={d.circlingGrade === null ? "" : String(d.circlingGrade)}
                onChange={(v) => set({ circlingGrade: v === "" ? null : Number(v) })}
                options={[["", "not seen"], ...GRADES.map((g) => [String(g), `${g} ${CIRCLING_GRADES[g]}`] as const)]}
              />
            </Question>
            <Question legend="Seen from outside">
              <div className="grid grid-cols-2 gap-2 sm:grid-cols-3">
                <Toggle on={d.rootsAtHoles} onToggle={(rootsAtHoles) => set({ rootsAtHoles })}>
                  Roots out of the holes
                </Toggle>
                <Toggle on={d.rootsOnSurface} onToggle={(rootsOnSurface) => set({ rootsOnSurface })}>
                  Roots at the surface
                </Toggle>
                <Toggle on={d.girdler} onToggle={(girdler) => set({ girdler })}>
                  A root across the flare
                </Toggle>
                {d.form === "liner" && (
                  <Toggle on={d.hooked} onToggle={(hooked) => set({ hooked })}>
                    Tap root hooked
                  </Toggle>
                )}
              </div>
              <div className="mt-3 grid gap-3 sm:grid-cols-3">
                <TextField
                  label="Mix above the flare, mm"
                  numeric
                  value={d.flareMm}
                  onChange={(flareMm) => set({ flareMm })}
                  fault={faultAt("flareMm")}
                  hint="0: the flare shows"
                />
                <TextField
                  label="Graft above the mix, mm"
                  numeric
                  value={d.unionMm}
                  onChange={(unionMm) => set({ unionMm })}
                  fault={faultAt("unionMm")}
                  hint="empty: not grafted, not seen"
                />
                <TextField
                  label="Trunk off the middle, mm"
                  numeric
                  value={d.offCentreMm}
                  onChange={(offCentreMm) => set({ offCentreMm })}
                  fault={faultAt("offCentreMm")}
                />
                {d.girdler && (
                  <TextField
                    label="Girth that root serves, %"
                    numeric
                    value={d.girdlerPercent}
                    onChange={(girdlerPercent) => set({ girdlerPercent })}
                    fault={faultAt("girdlerPercent")}
                  />
                )}
              </div>
            </Question>
            {d.form === "air-layer" && (
              <Question legend="The layer’s second roots">
                <YesNo
                  value={d.layerBrown}
                  onChange={(layerBrown) => set({ layerBrown })}
                  yes="Branched and browned"
                  no="Still white"
                />
              </Question>
            )}
          </>
        )}
        <Question legend="How does the mix smell, and what is alive?">
          <YesNo value={d.sour} onChange={(sour) => set({ sour })} yes="Sour" no="Earthy" />
          <div className="mt-3 grid gap-3 sm:grid-cols-2">
            <TextField
              label="Roots alive, %"
              numeric
              value={d.livePercent}
              onChange={(livePercent) => set({ livePercent })}
              fault={faultAt("livePercent")}
              hint="where you snipped some"
            />
            <div>
              <p className="mb-1 font-medium">Scratched bark</p>
              <YesNo value={d.green} onChange={(green) => set({ green })} yes="Green" no="Brown to the base" />
            </div>
          </div>
        </Question>
        <Question legend="Leaves">
          <div className="grid grid-cols-3 gap-2 sm:grid-cols-5">
            {LEAVES.map((l) => (
              <Choice key={l} chosen={d.leaves === l} onClick={() => set({ leaves: d.leaves === l ? null : l })}>
                {LEAF_WORDS[l]}
              </Choice>
            ))}
          </div>
        </Question>
        <Question legend="Crown, trunk, pests, papers">
          <div className="grid grid-cols-2 gap-2 sm:grid-cols-3">
            <Toggle on={d.bearing} onToggle={(bearing) => set({ bearing })}>
              In flower or fruit
            </Toggle>
            <Toggle on={d.crossing} onToggle={(crossing) => set({ crossing })}>
              Branches cross
            </Toggle>
            <Toggle on={d.leaning} onToggle={(leaning) => set({ leaning })}>
              Leans or bends
            </Toggle>
            <Toggle on={d.ailing} onToggle={(ailing) => set({ ailing })}>
              Insects or spots
            </Toggle>
            {ROOT_SIGNS.filter((s) => s === "galls" || s === "grubs" || s === "aphids").map((s) => (
              <Toggle
                key={s}
                on={d.signs.includes(s)}
                onToggle={(on) => set({ signs: on ? [...d.signs, s] : d.signs.filter((x) => x !== s) })}
              >
                {SIGN_WORDS[s][0].toUpperCase() + SIGN_WORDS[s].slice(1)}
              </Toggle>
            ))}
            <Toggle on={d.labelLost} onToggle={(labelLost) => set({ labelLost })}>
              Label lost
            </Toggle>
            <Toggle on={d.stockUnknown} onToggle={(stockUnknown) => set({ stockUnknown })}>
              Rootstock unknown
            </Toggle>
          </div>
          <div className="mt-3 grid gap-3 sm:grid-cols-3">
            <SelectField
              label="Wounds"
              value={d.wounds}
              onChange={(wounds) => set({ wounds })}
              options={WOUNDS.map((w) => [w, WOUND_WORDS[w]] as const)}
            />
            <TextField
              label="Plants in the pot"
              numeric
              value={d.plants}
              onChange={(plants) => set({ plants })}
              fault={faultAt("plants")}
            />
            <TextField label="Variety" value={cultivar} onChange={setCultivar} fault={faultAt("cultivar")} />
            <TextField label="Rootstock" value={rootstock} onChange={setRootstock} fault={faultAt("rootstock")} />
            <TextField
              label={`Asked price, ${currency}`}
              numeric
              value={d.price}
              onChange={(price) => set({ price })}
              fault={faultAt("price")}
            />
            <TextField
              label={`A sound one costs, ${currency}`}
              numeric
              value={d.soundPrice}
              onChange={(soundPrice) => set({ soundPrice })}
              fault={faultAt("soundPrice")}
            />
          </div>
        </Question>
        <FormFaults faults={unplaced(failure, FIELDS)} />
      </div>
      <a
        href="#verdict"
        className="bg-base-100 border-base-300 sticky bottom-14 z-10 flex min-h-12 sm:bottom-0 items-center gap-2 border-t-2 px-1 lg:hidden"
      >
        <b>{ARRIVAL_VERDICT_WORDS[verdict.verdict]}</b>
        <span className="truncate text-sm">
          {verdict.found[0]
            ? findingText(verdict.found[0].code, verdict.found[0].figures, units)
            : "nothing found so far"}
        </span>
      </a>
      <div className="lg:sticky lg:top-2 lg:self-start">
        <VerdictPanel
          verdict={verdict}
          context={context}
          kindNamed={kind.chosen !== null}
          currency={currency}
          price={inspection.price}
        />
        <button
          type="submit"
          className={`btn mt-3 h-16 w-full text-lg ${verdict.verdict === "refuse" ? "" : "btn-primary"}`}
          disabled={busy}
        >
          {busy ? "Recording …" : verdict.verdict === "refuse" ? "Take it all the same" : "Take it in"}
        </button>
        <p className="mt-2 text-sm">
          Moving plants and soil can be restricted: your local plant-health office knows. As of {day(arrivedOn)}.
        </p>
      </div>
    </Form>
  );
}

/** The kind's season, asked from the server when the kind is named. */
function useContextOf(collectionId: string, kindId: string | null, unknown: ArrivalContext): ArrivalContext {
  const { settledOn: on } = useAsOf();
  const [known, setKnown] = useState<{ kindId: string; on: string; context: ArrivalContext } | null>(null);
  useEffect(() => {
    if (kindId === null) return;
    const leave = new AbortController();
    ask(collectionId, "arrival/season", { kind: kindId, on }, leave.signal)
      .then((context) => setKnown({ kindId, on, context }))
      .catch(() => undefined);
    return () => leave.abort();
  }, [collectionId, kindId, on]);
  return known && known.kindId === kindId && known.on === on ? known.context : unknown;
}

function VerdictPanel({
  verdict,
  context,
  kindNamed,
  currency,
  price,
}: {
  verdict: InspectionVerdict;
  context: ArrivalContext;
  kindNamed: boolean;
  currency: string;
  price: number | null;
}) {
  const { on, units } = useAsOf();
  const { cost } = verdict;
  const money = (v: number) => `${number(v, 2)} ${currency}`;
  const when = (w: InspectionVerdict["steps"][number]["when"]) =>
    w.at === "now"
      ? "now"
      : w.at === "days"
        ? day(toIso(toDay(on) + w.days), on)
        : openWords(context.opens[w.operation], on);
  return (
    <section aria-live="polite" aria-labelledby="verdict" className="border-base-300 rounded-box border-2 p-3">
      <h2 id="verdict" className="text-2xl" data-testid="arrival-verdict">
        {ARRIVAL_VERDICT_WORDS[verdict.verdict]}
      </h2>
      {verdict.found.length === 0 ? (
        <p>Nothing found wrong with it so far.</p>
      ) : (
        <ul className="list-disc pl-5" data-testid="found">
          {verdict.found.map((f) => (
            <li key={f.code}>{findingText(f.code, f.figures, units)}</li>
          ))}
        </ul>
      )}
      <Reasoned
        reason={
          kindNamed
            ? `Days from the windows of ${context.name.toLowerCase()} at this place: cuts wait for the season its species stands them in.${context.guess ? " A guess." : ""}`
            : "Nobody has named the species yet: days by a wide guess."
        }
      >
        <h3 className="mt-2 font-medium">What to do</h3>
        <ol className="space-y-1" data-testid="arrival-steps">
          {verdict.steps.map((s, i) => (
            <li key={`${s.act}${i}`}>
              <b>{when(s.when)}</b>: {arrivalActText(s.act, s.figures, units)}
            </li>
          ))}
        </ol>
      </Reasoned>
      <Reasoned
        className="mt-2"
        reason="Minutes by volume (8 + 1.6·V^.75 for a potting, 15 + 3·V^.75 for root work), mix by what is renewed, chance of loss and seasons lost by the verdict; a season lost takes a fifth of a plant’s worth. All our judgement."
      >
        <p data-testid="price-note">
          Putting it right: {number(cost.minutes)} minutes, {litres(cost.mixL, units)} of mix, {number(cost.seasons, 1)}{" "}
          seasons behind, lost in {percent(cost.lossChance)} of cases. It is worth {percent(cost.worthShare)} of a sound
          one
          {cost.worth === null ? "" : `: ${money(cost.worth)} at most`}
          {cost.worth !== null && price !== null
            ? price > cost.worth
              ? `; ${money(price)} is too much`
              : `; ${money(price)} is fair`
            : ""}
          .
        </p>
      </Reasoned>
      <Caution className="mt-2">
        {verdict.steps.some((s) => s.act === "bath" || s.act === "soak-bare") && (
          <p className="font-semibold">Soak tubs drown small children: never leave one unwatched.</p>
        )}
        <p>Gloves; damp the mix before it is loosened, it can carry germs. Lift the pot, never the trunk.</p>
        {context.hazards.map((h) => (
          <p key={h}>{HAZARD_WORDS[h]}</p>
        ))}
      </Caution>
    </section>
  );
}

function openWords(opens: string | null, today: string): string {
  if (opens === "now") return "in its open window, now";
  return opens === null ? "when its window opens" : `from ${day(opens, today)}`;
}

function Question({ legend, children }: { legend: string; children: ReactNode }) {
  return (
    <fieldset className="border-base-300 rounded-box border p-3">
      <legend className="px-1 font-medium">{legend}</legend>
      {children}
    </fieldset>
  );
}

/** Yes, no, or not looked: a second tap takes the answer back. */
function YesNo({
  value,
  onChange,
  yes,
  no,
}: {
  value: boolean | null;
  onChange: (value: boolean | null) => void;
  yes: string;
  no: string;
}) {
  return (
    <div className="grid grid-cols-2 gap-2">
      <Choice chosen={value === true} onClick={() => onChange(value === true ? null : true)}>
        {yes}
      </Choice>
      <Choice chosen={value === false} onClick={() => onChange(value === false ? null : false)}>
        {no}
      </Choice>
    </div>
  );
}
