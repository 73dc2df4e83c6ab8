"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/climate/species";
import { useState } from "react";
import { type FieldName, HAZARDS, HEALTH_NOTES, KIND_VALUE_SHAPES, ROOT_WORK, TRAITS } from "@/core/species/index";
import { readNumber } from "@/words/format";
import { FormFaults } from "@/ui/fields";
import { useCommand } from "@/features/kernel/use-command";
import { sayField } from "@/words/species";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import type { Dimension } from "@/core/quantity/index";
import { CommandForm, useCommandForm } from "@/features/kernel/command-form";
import { ChecksInput, ChoiceInput, TextInput } from "@/ui/form/inputs";

/** How a field is typed in; what it may hold is the schema's business. */
type Editor = "number" | "share" | "range" | "choice" | "choices" | "flag" | "vigour" | "text";
const EDITORS: Record<FieldName, Editor> = {
  group: "choice",
  leaf: "choice",
  vigour: "vigour",
  spread: "choice",
  roots: "choice",
  tolerance: "choice",
  rootShare: "share",
  rootGrowthBaseC: "choice",
  largestStep: "number",
  cropVolumeL: "range",
  potNote: "choice",
  mixNote: "choice",
  ph: "range",
  lime: "choice",
  phosphate: "choice",
  salt: "choice",
  water: "choice",
  kc: "range",
  winterLight: "choice",
  winterC: "range",
  chillPortions: "range",
  coolForBloom: "flag",
  crownC: "number",
  leafC: "number",
  budC: "number",
  bloomC: "number",
  flushFrostC: "number",
  rootKillYoungC: "number",
  rootKillMatureC: "number",
  rootHeatC: "number",
  springRootZoneC: "number",
  takeHoldBaseC: "number",
  takeHoldDegreeDays: "number",
  rootWork: "choices",
  bloomDays: "range",
  fruitDays: "range",
  cropDegreeDays: "number",
  pollination: "choice",
  circle: "text",
  feeding: "choice",
  wind: "choice",
  hazards: "choices",
  health: "choices",
  bringInNightC: "number",
  potHeightM: "number",
  yieldPer10L: "range",
  yieldUnit: "choice",
  traits: "choices",
};
const VIGOURS = ["very-slow", "slow", "moderate", "vigorous", "very-vigorous"] as const;
/** Fields that may be left empty: not known, or none. */
const MAY_BE_EMPTY = (name: FieldName) => KIND_VALUE_SHAPES[name].safeParse(null).success;

const LISTS: Partial<Record<FieldName, readonly string[]>> = {
  rootWork: ROOT_WORK,
  hazards: HAZARDS,
  health: HEALTH_NOTES,
  traits: TRAITS,
  rootGrowthBaseC: ["7", "12"],
};

/** What a field chosen from a list may hold. */
function optionsOf(name: FieldName): readonly string[] {
  const shape = KIND_VALUE_SHAPES[name];
  return LISTS[name] ?? ("options" in shape ? (shape.options as string[]) : []);
}

/** What a field measures, by the unit it is stored in. */
const DIMENSIONS: Record<string, Dimension> = { "°C": "celsius", mm: "mm", m: "m", L: "litres" };

/** One field said otherwise, or given back to the library. */
export function FieldEditor({
  kindId,
  name,
  value,
  own,
  reason,
  cultivar,
  treeId,
  onDone,
}: {
  kindId: string;
  name: FieldName;
  value: unknown;
  own: boolean;
  /** Why it was said otherwise, where somebody wrote it down. */
  reason: string | null;
  cultivar: string | null;
  treeId: string | null;
  onDone: () => void;
}) {
  const { collectionId } = useAsOf();
  const { tell } = useNotice();
  const back = useCommand("say-kind");
  const editor = EDITORS[name];
  const [start] = useState(() => startOf(editor, value, reason));
  const told = (words: string, entryId: string) => {
    tell({ text: words, entryId });
    onDone();
  };
  const form = useCommandForm("say-kind", {
    start,
    // The contract's schema says of each field what it may hold; a value of another shape comes back as its fault.
    input: (typed, wrong) => {
      const said = valueOf(name, typed);
      // What cannot be read must not be taken for "nothing said".
      if ([said].flat().some((v) => typeof v === "number" && Number.isNaN(v)))
        wrong(`values.${name}` as Parameters<typeof wrong>[0], say.thisCannotBeReadAs);
      const reasons = typed.why.trim() === "" ? {} : { [name]: typed.why };
      return { collectionId, kindId, cultivar, treeId, values: { [name]: said }, back: [], reasons };
    },
    fieldOf: (path) =>
      path === `reasons.${name}`
        ? "why"
        : path.startsWith("values.")
          ? editor === "choices"
            ? "picked"
            : "first"
          : path,
    done: (done) => told(say.everythingIsCalculatedWithYour, done.entryId),
  });
  const asInLibrary = async () => {
    const done = await back.send({ collectionId, kindId, cultivar, treeId, values: {}, back: [name], reasons: {} });
    if (done) told(say.theLibrarysValueCountsAgain, done.entryId);
  };
  return (
    <>
      <CommandForm of={form} button={[common.save, common.saving]}>
        <ValueInputs name={name} />
        {MAY_BE_EMPTY(name) && <p className="text-sm opacity-80">{say.leaveItEmptyForNone}</p>}
        <p className="text-sm opacity-80">{say.valuesAreKeptInMetric()}</p>
        <TextInput name="why" label={say.whyIfYouLike} hint={say.seenHereReadThereShown} />
      </CommandForm>
      {own && (
        <button type="button" className="btn mt-2 min-h-11" disabled={back.busy} onClick={() => void asInLibrary()}>
          {say.asInTheLibrary}
        </button>
      )}
      <FormFaults faults={back.failure?.faults ?? []} />
    </>
  );
}

/** What stands in the editor: one text, the second of a pair, what is picked, and why. */
interface Typed {
  first: string;
  second: string;
  picked: string[];
  why: string;
}

function startOf(editor: Editor, value: unknown, reason: string | null): Typed {
  const pair = editor === "range" || editor === "vigour" ? (value as readonly [unknown, unknown] | null) : null;
  const show = (v: unknown) =>
    v === null || v === undefined
      ? ""
      : editor === "share"
        ? String(Math.round(100 * Number(v)))
        : `${v as string | number}`;
  return {
    first: editor === "choices" ? "" : show(pair ? pair[0] : value),
    second: show(pair?.[1]),
    picked: editor === "choices" ? [...(value as string[])] : [],
    why: reason ?? "",
  };
}

/** The value as the contract holds it. */
function valueOf(name: FieldName, { first, second, picked }: Typed): unknown {
  // A field in the collection's units keeps the unit beside what was typed; what was not touched is still metric.
  const dimension = DIMENSIONS[unitOf(name) ?? ""] ?? "plain";
  const num = (text: string) => (text.trim() === "" ? null : readNumber(text, dimension));
  switch (EDITORS[name]) {
    case "number":
      return num(first);
    case "share": {
      const n = num(first);
      return n === null ? null : n / 100;
    }
    case "range":
      return first.trim() === "" && second.trim() === "" ? null : [num(first), num(second)];
    case "vigour":
      return [first, second === "" ? first : second];
    case "choice":
      return name === "rootGrowthBaseC" ? Number(first) : first;
    case "choices":
      return picked;
    case "flag":
      return first === "true";
    case "text":
      return first.trim() === "" ? null : first.trim();
  }
}

const VIGOUR_OPTIONS = VIGOURS.map((v) => [v, v.replace("-", " ")] as const);

/** The inputs by what the field holds. */
function ValueInputs({ name }: { name: FieldName }) {
  const { units } = useAsOf();
  const suffix = unitOf(name);
  switch (EDITORS[name]) {
    case "choice":
      return (
        <ChoiceInput
          name="first"
          label={say.itIs}
          options={optionsOf(name).map(
            (o) => [o, sayField(name, name === "rootGrowthBaseC" ? Number(o) : o, units)] as const,
          )}
        />
      );
    case "flag":
      return (
        <ChoiceInput
          name="first"
          label={say.itIsSo}
          options={[
            ["true", say.yes],
            ["false", say.no],
          ]}
        />
      );
    case "vigour":
      return (
        <div className="grid grid-cols-2 gap-3">
          <ChoiceInput name="first" label={say.slowest} options={VIGOUR_OPTIONS} />
          <ChoiceInput name="second" label={say.fastest} options={VIGOUR_OPTIONS} />
        </div>
      );
    case "range":
      return (
        <div className="grid grid-cols-2 gap-3">
          <TextInput name="first" label={say.from} numeric="signed" suffix={suffix} />
          <TextInput name="second" label={say.to} numeric="signed" suffix={suffix} />
        </div>
      );
    case "choices":
      return (
        <ChecksInput
          name="picked"
          label={say.allThatHold}
          options={optionsOf(name).map((o) => [o, sayField(name, [o], units)] as const)}
        />
      );
    case "text":
      return <TextInput name="first" label={say.value} />;
    case "number":
    case "share":
      return <TextInput name="first" label={say.value} numeric="signed" suffix={suffix} />;
  }
}

function unitOf(name: FieldName): string | undefined {
  if (name === "rootShare") return "%";
  if (name === "largestStep") return say.timesTheMix;
  if (name === "takeHoldDegreeDays" || name === "cropDegreeDays") return say.degreeDaysInC;
  return name.endsWith("C") ? "°C" : undefined;
}
