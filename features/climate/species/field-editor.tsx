"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/climate/species";
import type { CommandInput } from "@/contract/index";
import { useState } from "react";
import { type FieldName, HAZARDS, HEALTH_NOTES, KIND_VALUE_SHAPES, ROOT_WORK, TRAITS } from "@/core/species/index";
import { readNumber } from "@/words/format";
import { Form, FormFaults, SelectField, TextField } from "@/ui/fields";
import { unplaced, useCommand } from "@/features/kernel/use-command";
import { sayField } from "@/words/species";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import type { Dimension } from "@/core/quantity/index";

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

type KindValuesTyped = CommandInput<"say-kind">["values"];

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
  const { collectionId, units } = useAsOf();
  const { tell } = useNotice();
  const saying = useCommand("say-kind");
  const editor = EDITORS[name];
  const pair = editor === "range" || editor === "vigour" ? (value as readonly [unknown, unknown] | null) : null;
  const show = (v: unknown) =>
    v === null || v === undefined
      ? ""
      : editor === "share"
        ? String(Math.round(100 * Number(v)))
        : `${v as string | number}`;
  const [first, setFirst] = useState(show(pair ? pair[0] : value));
  const [second, setSecond] = useState(show(pair?.[1]));
  const [picked, setPicked] = useState<string[]>(editor === "choices" ? [...(value as string[])] : []);
  const [why, setWhy] = useState(reason ?? "");
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const fault = problem ?? saying.at(`values.${name}`);

  const typed = (): unknown => {
    // A field in the collection's units keeps the unit beside what was typed; what was not touched is still metric.
    const dimension = DIMENSIONS[unitOf(name) ?? ""] ?? "plain";
    const num = (text: string) => (text.trim() === "" ? null : readNumber(text, dimension));
    switch (editor) {
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
  };
  const send = async (
    input: { values: KindValuesTyped; back: FieldName[]; reasons: CommandInput<"say-kind">["reasons"] },
    words: string,
  ) => {
    const done = await saying.send({ collectionId, kindId, cultivar, treeId, ...input });
    if (!done) return;
    tell({ text: words, entryId: done.entryId });
    onDone();
  };
  const sayOne = (v: string) => sayField(name, name === "rootGrowthBaseC" ? Number(v) : v, units);
  return (
    <Form
      className="space-y-3"
      onSubmit={async () => {
        const value = typed();
        // What cannot be read must not be taken for "nothing said".
        const unread = [value].flat().some((v) => typeof v === "number" && Number.isNaN(v));
        setProblem(unread ? say.thisCannotBeReadAs : undefined);
        if (!unread)
          // The contract's schema says of each field what it may hold; a value of another shape comes back as its fault.
          await send(
            { values: { [name]: value }, back: [], reasons: why.trim() === "" ? {} : { [name]: why } },
            say.everythingIsCalculatedWithYour,
          );
      }}
    >
      {editor === "choice" && (
        <SelectField
          label={say.itIs}
          value={first}
          onChange={setFirst}
          fault={fault}
          options={optionsOf(name).map((o) => [o, sayOne(o)] as const)}
        />
      )}
      {editor === "flag" && (
        <SelectField
          label={say.itIsSo}
          value={first}
          onChange={setFirst}
          fault={fault}
          options={[
            ["true", "yes"],
            ["false", "no"],
          ]}
        />
      )}
      {editor === "vigour" && (
        <div className="grid grid-cols-2 gap-3">
          <SelectField
            label={say.slowest}
            value={first}
            onChange={setFirst}
            fault={fault}
            options={VIGOURS.map((v) => [v, v.replace("-", " ")] as const)}
          />
          <SelectField
            label={say.fastest}
            value={second}
            onChange={setSecond}
            options={VIGOURS.map((v) => [v, v.replace("-", " ")] as const)}
          />
        </div>
      )}
      {editor === "range" && (
        <div className="grid grid-cols-2 gap-3">
          <TextField
            label={say.from}
            value={first}
            onChange={setFirst}
            fault={fault}
            numeric="signed"
            suffix={unitOf(name)}
          />
          <TextField label={say.to} value={second} onChange={setSecond} numeric="signed" suffix={unitOf(name)} />
        </div>
      )}
      {(editor === "number" || editor === "share" || editor === "text") && (
        <TextField
          label={say.value}
          value={first}
          onChange={setFirst}
          fault={fault}
          numeric={editor === "text" ? false : "signed"}
          suffix={unitOf(name)}
        />
      )}
      {editor === "choices" && (
        <fieldset>
          <legend className="text-sm font-medium">{say.allThatHold}</legend>
          <div className="grid gap-1 sm:grid-cols-2">
            {optionsOf(name).map((o) => (
              <label key={o} className="flex min-h-11 items-center gap-2 text-sm">
                <input
                  type="checkbox"
                  className="checkbox"
                  checked={picked.includes(o)}
                  onChange={(e) => setPicked(e.target.checked ? [...picked, o] : picked.filter((p) => p !== o))}
                />
                {sayField(name, [o], units)}
              </label>
            ))}
          </div>
          {fault && <p className="text-error text-sm">{fault}</p>}
        </fieldset>
      )}
      {MAY_BE_EMPTY(name) && <p className="text-sm opacity-80">{say.leaveItEmptyForNone}</p>}
      <p className="text-sm opacity-80">{say.valuesAreKeptInMetric()}</p>
      <TextField
        label={say.whyIfYouLike}
        value={why}
        onChange={setWhy}
        fault={saying.at(`reasons.${name}`)}
        hint={say.seenHereReadThereShown}
      />
      <div className="flex flex-wrap gap-2">
        <button className="btn btn-primary min-h-11" disabled={saying.busy}>
          {common.save}
        </button>
        {own && (
          <button
            type="button"
            className="btn min-h-11"
            disabled={saying.busy}
            onClick={() => void send({ values: {}, back: [name], reasons: {} }, say.theLibrarysValueCountsAgain)}
          >
            {say.asInTheLibrary}
          </button>
        )}
      </div>
      <FormFaults faults={unplaced(saying.failure, [`values.${name}`, `reasons.${name}`])} />
    </Form>
  );
}

function unitOf(name: FieldName): string | undefined {
  if (name === "rootShare") return "%";
  if (name === "largestStep") return say.timesTheMix;
  if (name === "takeHoldDegreeDays" || name === "cropDegreeDays") return "°C·d";
  return name.endsWith("C") ? "°C" : undefined;
}
