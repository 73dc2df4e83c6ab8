"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/pots/component";
import { useRef, useState } from "react";
import { COMPONENT_FLAGS, type Component, type ComponentFlag } from "@/core/mix/index";
import type { MixStores } from "@/core/records/index";
import { readNumber } from "@/words/format";
import { Form, FormFaults, SelectField, TextField } from "@/ui/fields";
import { unplaced, useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { componentName, CONFIDENCE_WORDS, FLAG_WORDS } from "@/words/mixes";

/** Fields with how they are typed: shares as per cent. */
const numbers = () =>
  [
    ["porosity", say.poresInAll, "%", say.soakAFullLitreAnd()],
    ["gaps", say.spaceBetweenTheGrains, "%", say.whatRunsOutAtOnce],
    ["particleMm", say.meanGrain, "mm", ""],
    ["dryKgPerL", say.dryMassOfALitre(), "kg", say.weighItDryAndLoose],
    ["volumeLossPerYear", say.slumpsAYear, "%", ""],
    ["feedsMonths", say.feedsFor, "months", ""],
    ["alphaPerCm", say.curve, "1/cm", say.leaveAsCopiedIfYou],
    ["n", say.curveN, "", say.leaveAsCopiedIfYou],
    ["thetaR", say.curveWaterNeverGivenUp, "%", say.leaveAsCopiedIfYou],
    ["alphaGainPerYear", say.poresGetFinerAYear, "%", ""],
  ] as const;
type NumberKey = ReturnType<typeof numbers>[number][0];

const asText = (key: NumberKey, unit: string, c: Component) =>
  String(Math.round((unit === "%" ? 100 : 1) * c[key] * 1000) / 1000);

/** A component of one's own, started as a copy of one that is like it. */
export function ComponentForm({
  stores,
  id,
  from,
  onDone,
}: {
  stores: MixStores;
  id: string | null;
  from: string | null;
  onDone: () => void;
}) {
  const { collectionId } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure, within } = useCommand("set-component");
  const newId = useRef<string | null>(id);
  const source = stores.library[from ?? "bark-fine"];
  const [name, setName] = useState(id === null ? "" : componentName(id, stores));
  const [texts, setTexts] = useState<Record<string, string>>(() =>
    Object.fromEntries(numbers().map(([key, , unit]) => [key, asText(key, unit, source)])),
  );
  const [flags, setFlags] = useState<ComponentFlag[]>([...source.flags]);
  const [confidence, setConfidence] = useState<"H" | "M" | "L">(id === null ? "L" : source.confidence);
  const [origin, setOrigin] = useState(id === null ? "" : source.source);
  if (from === null) return null;
  const fault = within("own", {});

  const submit = async (gone = false) => {
    const read = Object.fromEntries(
      numbers().map(([key, , unit]) => [key, readNumber(texts[key]) / (unit === "%" ? 100 : 1)]),
    ) as Record<NumberKey, number>;
    const own = { name, ...read, flags, confidence, source: origin };
    newId.current ??= crypto.randomUUID();
    const done = await send({ collectionId, componentId: newId.current, own, gone });
    if (!done) return;
    tell({ text: gone ? common.isTakenOut(name) : say.isInTheLibrary(name), entryId: done.entryId });
    onDone();
  };

  return (
    <Form
      className="border-base-300 rounded-box mt-3 space-y-3 border p-3"
      label={say.component}
      onSubmit={() => submit()}
    >
      <h3 className="text-lg">{id === null ? say.yourOwnAfter(componentName(from, stores)) : say.changeIt}</h3>
      <TextField label={common.name} value={name} onChange={setName} fault={fault("name")} />
      <div className="grid gap-3 sm:grid-cols-2">
        {numbers().map(([key, label, unit, hint]) => (
          <TextField
            key={key}
            label={label}
            numeric
            suffix={unit}
            hint={hint || undefined}
            value={texts[key]}
            onChange={(text) => setTexts({ ...texts, [key]: text })}
            fault={fault(key)}
          />
        ))}
        <SelectField
          label={say.howSure}
          value={confidence}
          onChange={setConfidence}
          options={(["H", "M", "L"] as const).map((c) => [c, CONFIDENCE_WORDS[c]] as const)}
        />
        <TextField
          label={say.whereTheFiguresComeFrom}
          value={origin}
          onChange={setOrigin}
          fault={fault("source")}
          hint={say.suchAsSoakedAndWeighed}
        />
      </div>
      <fieldset>
        <legend className="font-medium">{say.toMind}</legend>
        {COMPONENT_FLAGS.map((flag) => (
          <label key={flag} className="mr-4 inline-flex min-h-11 cursor-pointer items-center gap-2">
            <input
              type="checkbox"
              className="checkbox"
              checked={flags.includes(flag)}
              onChange={(e) => setFlags(e.target.checked ? [...flags, flag] : flags.filter((f) => f !== flag))}
            />
            {FLAG_WORDS[flag].name}
          </label>
        ))}
      </fieldset>
      <FormFaults faults={unplaced(failure, ["own"])} />
      <div className="flex flex-wrap gap-3">
        <button type="submit" className="btn btn-primary min-h-12" disabled={busy}>
          {common.keepIt}
        </button>
        <button type="button" className="btn min-h-12" onClick={onDone}>
          {common.leaveIt}
        </button>
        {id !== null && (
          <button type="button" className="btn btn-ghost min-h-12" disabled={busy} onClick={() => void submit(true)}>
            {common.takeItOut}
          </button>
        )}
      </div>
    </Form>
  );
}
