"use client";

import { useRouter } from "next/navigation";
import { useRef, useState } from "react";
import { ARRIVAL_FORMS, type ArrivalForm } from "@/core/event/index";
import { PURPOSES, type Purpose } from "@/core/tree/index";
import type { Habit } from "@/core/wood/index";
import { readNumber } from "@/ui/format";
import { Field, FormFaults, SelectField, TextField } from "@/ui/fields";
import { loose, useCommand } from "../commands/use-command";
import { useAsOf } from "../shell/as-of";
import { useNotice } from "../shell/notice";
import { emptyPotDraft, PotFields, readPot } from "../stores/pot-fields";
import { FORM_WORDS, HABIT_WORDS, PURPOSE_WORDS } from "../words";

const FIELDS = [
  "tag",
  "typedName",
  "kindId",
  "habit",
  "cultivar",
  "count",
  "arrivedOn",
  "lastPotted",
  "pot",
  "finalVolumeL",
  "trunkMm",
  "heightM",
];

export interface KindOption {
  id: string;
  name: string;
  scientific: string;
}

/** A tree in a short form: tag, kind, pot. The rest may wait. */
export function AddTreeForm({
  kinds,
  takenTags,
  suggestedTag,
}: {
  kinds: KindOption[];
  takenTags: string[];
  suggestedTag: string;
}) {
  const router = useRouter();
  const { collectionId, today, units } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure, at } = useCommand("add-tree");
  const treeId = useRef<string | null>(null);
  const [tag, setTag] = useState(suggestedTag);
  const [kindText, setKindText] = useState("");
  const [habit, setHabit] = useState<Habit | "unknown">("unknown");
  const [cultivar, setCultivar] = useState("");
  const [purpose, setPurpose] = useState<Purpose>("ornament");
  const [count, setCount] = useState("1");
  const [form, setForm] = useState<ArrivalForm>("container");
  const [arrivedOn, setArrivedOn] = useState(today);
  const [pottedKnown, setPottedKnown] = useState<"unknown" | "year" | "day">("unknown");
  const [pottedYear, setPottedYear] = useState("");
  const [pottedDay, setPottedDay] = useState("");
  const [pot, setPot] = useState(emptyPotDraft);
  const [finalL, setFinalL] = useState("");
  const [trunk, setTrunk] = useState("");
  const [height, setHeight] = useState("");
  const [problems, setProblems] = useState<Record<string, string>>({});

  const matched = kinds.find((k) =>
    [k.name, k.scientific].some((n) => n.toLowerCase() === kindText.trim().toLowerCase()),
  );
  const unlisted = kindText.trim() !== "" && !matched;
  const fault = (path: string) => problems[path] ?? at(path);

  const submit = async () => {
    const wrong: Record<string, string> = {};
    if (tag.trim() === "") wrong.tag = "Every tree needs a tag: a number or a short name on its label.";
    else if (takenTags.some((t) => t.toLowerCase() === tag.trim().toLowerCase()))
      wrong.tag = `The tag “${tag.trim()}” hangs on another living tree already.`;
    if (kindText.trim() === "") wrong.typedName = "Name the kind: pick one from the list or type your own.";
    const optional = (path: string, text: string, kind: "mm" | "litres" | "plain", what: string) => {
      if (text.trim() === "") return null;
      const value = readNumber(text, kind);
      if (!(value > 0)) wrong[path] = `Give ${what} as a number above zero, or leave it empty.`;
      return value;
    };
    const plants = readNumber(count);
    if (!Number.isInteger(plants) || plants < 1) wrong.count = "A whole number of plants, at least one.";
    const finalVolumeL = optional("finalVolumeL", finalL, "litres", "the final pot");
    const trunkMm = optional("trunkMm", trunk, "mm", "the trunk’s thickness");
    const heightMm = optional("heightM", height, "plain", "the height");
    const read = readPot(pot);
    for (const [path, message] of Object.entries(read.problems)) wrong[`pot.${path}`] = message;
    let lastPotted: { best: string; from: string; to: string } | null = null;
    if (pottedKnown === "year") {
      const year = readNumber(pottedYear);
      if (!Number.isInteger(year) || year < 1950 || year > Number(today.slice(0, 4)))
        wrong.lastPotted = "Give the year with four digits.";
      else {
        const to = `${year}-12-31` > arrivedOn ? arrivedOn : `${year}-12-31`;
        const best = `${year}-06-30` > to ? to : `${year}-06-30`;
        lastPotted = { best, from: `${year}-01-01` > best ? best : `${year}-01-01`, to };
      }
    } else if (pottedKnown === "day") {
      if (pottedDay === "") wrong.lastPotted = "Give the day, or choose another answer.";
      else lastPotted = { best: pottedDay, from: pottedDay, to: pottedDay };
    }
    setProblems(wrong);
    if (Object.keys(wrong).length > 0) return;
    treeId.current ??= crypto.randomUUID();
    const done = await send({
      collectionId,
      treeId: treeId.current,
      tag,
      kindId: matched?.id ?? null,
      typedName: matched ? null : kindText,
      habit: matched ? null : habit,
      cultivar,
      purpose,
      count: plants,
      form,
      arrivedOn,
      lastPotted,
      pot: read.pot,
      finalVolumeL,
      trunkMm,
      heightM: heightMm,
    });
    if (!done) return;
    tell({ text: `${tag.trim()} stands in the Yard.`, entryId: done.entryId });
    router.push(`/c/${collectionId}/tree/${treeId.current}`);
  };

  return (
    <form
      className="mx-auto max-w-2xl space-y-6"
      noValidate
      onSubmit={(e) => {
        e.preventDefault();
        void submit();
      }}
    >
      <h1 className="text-2xl">Add a tree</h1>
      <div className="grid gap-4 sm:grid-cols-2">
        <TextField label="Tag" value={tag} onChange={setTag} fault={fault("tag")} hint="what stands on its label" />
        <Field
          label="Kind"
          fault={fault("typedName") ?? fault("kindId")}
          hint={
            matched
              ? matched.scientific
              : unlisted
                ? "Not in the library: kept as you typed it."
                : "pick from the list, or type your own"
          }
        >
          {(aria) => (
            <>
              <input
                {...aria}
                list="kinds"
                className="input w-full"
                value={kindText}
                onChange={(e) => setKindText(e.target.value)}
                autoComplete="off"
              />
              <datalist id="kinds">
                {kinds.map((k) => (
                  <option key={k.id} value={k.name}>
                    {k.scientific}
                  </option>
                ))}
              </datalist>
            </>
          )}
        </Field>
      </div>
      {unlisted && (
        <fieldset className="border-base-300 rounded-box border p-3">
          <legend className="px-1 font-medium">How does it grow?</legend>
          <div className="grid gap-2 sm:grid-cols-2">
            {(Object.keys(HABIT_WORDS) as (Habit | "unknown")[]).map((key) => (
              <label key={key} className="flex min-h-11 cursor-pointer items-start gap-3">
                <input
                  type="radio"
                  name="habit"
                  className="radio mt-1"
                  checked={habit === key}
                  onChange={() => setHabit(key)}
                />
                <span>
                  <b>{HABIT_WORDS[key].name}</b>
                  <br />
                  <span className="text-sm">{HABIT_WORDS[key].what}</span>
                </span>
              </label>
            ))}
          </div>
        </fieldset>
      )}
      <fieldset className="border-base-300 rounded-box border p-3">
        <legend className="px-1 font-medium">The pot it stands in</legend>
        <PotFields draft={pot} onChange={setPot} fault={(path) => fault(`pot.${path}`)} units={units} />
        {at("pot") && !problems.pot && <p className="text-error mt-2 text-sm font-semibold">{at("pot")}</p>}
      </fieldset>
      <fieldset className="border-base-300 rounded-box border p-3">
        <legend className="px-1 font-medium">When was it last potted?</legend>
        <div className="flex flex-wrap gap-x-6 gap-y-2">
          {(
            [
              ["unknown", "Nobody knows"],
              ["year", "In the year …"],
              ["day", "On the day …"],
            ] as const
          ).map(([key, words]) => (
            <label key={key} className="flex min-h-11 cursor-pointer items-center gap-2">
              <input
                type="radio"
                name="potted"
                className="radio"
                checked={pottedKnown === key}
                onChange={() => setPottedKnown(key)}
              />
              {words}
            </label>
          ))}
        </div>
        {pottedKnown === "year" && (
          <TextField
            className="mt-2 max-w-40"
            label="Year"
            numeric
            value={pottedYear}
            onChange={setPottedYear}
            fault={fault("lastPotted")}
          />
        )}
        {pottedKnown === "day" && (
          <TextField
            className="mt-2 max-w-52"
            label="Day"
            type="date"
            max={today}
            value={pottedDay}
            onChange={setPottedDay}
            fault={fault("lastPotted")}
          />
        )}
      </fieldset>
      <details className="border-base-300 rounded-box border p-3">
        <summary className="min-h-11 cursor-pointer content-center font-medium">
          More, if you like: cultivar, purpose, arrival, size
        </summary>
        <div className="mt-3 grid gap-4 sm:grid-cols-2">
          <TextField label="Cultivar" value={cultivar} onChange={setCultivar} fault={fault("cultivar")} />
          <SelectField
            label="What it is for"
            value={purpose}
            onChange={setPurpose}
            options={PURPOSES.map((p) => [p, PURPOSE_WORDS[p]] as const)}
          />
          <SelectField
            label="How it came"
            value={form}
            onChange={setForm}
            options={ARRIVAL_FORMS.map((f) => [f, FORM_WORDS[f]] as const)}
          />
          <TextField
            label="Arrived on"
            type="date"
            max={today}
            value={arrivedOn}
            onChange={setArrivedOn}
            fault={fault("arrivedOn")}
          />
          <TextField
            label="Equal plants in this record"
            numeric
            value={count}
            onChange={setCount}
            fault={fault("count")}
            hint="a batch is one record"
          />
          <TextField
            label="Final pot, if it has one"
            numeric
            value={finalL}
            onChange={setFinalL}
            suffix="L"
            fault={fault("finalVolumeL")}
            hint="from then on its roots are renewed in place"
          />
          <TextField
            label="Trunk at the base"
            numeric
            value={trunk}
            onChange={setTrunk}
            suffix="mm"
            fault={fault("trunkMm")}
          />
          <TextField label="Height" numeric value={height} onChange={setHeight} suffix="m" fault={fault("heightM")} />
        </div>
      </details>
      <FormFaults faults={loose(failure, FIELDS)} />
      <button type="submit" className="btn btn-primary btn-lg" disabled={busy}>
        {busy ? "Adding …" : "Add this tree"}
      </button>
    </form>
  );
}
