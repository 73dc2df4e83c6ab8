"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/pots/reclaimed";
import { useRef, useState } from "react";
import { STRUCTURES } from "@/core/mix/index";
import type { MixChoice, MixStores } from "@/core/records/index";
import { day, litres, number, readNumber } from "@/words/format";
import { Form, FormFaults, SelectField, TextField } from "@/ui/fields";
import { unplaced, useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { STRUCTURE_WORDS } from "@/words/mixes";

/** Mix saved from emptied pots: a stock of its own, older than it looks. */
export function ReclaimedHeap({ stores, mixes }: { stores: MixStores; mixes: MixChoice[] }) {
  const { collectionId, units, today } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure, within } = useCommand("set-reclaimed");
  const stockId = useRef<string | null>(null);
  const [name, setName] = useState("");
  const [amount, setAmount] = useState("");
  const [age, setAge] = useState("2");
  const [from, setFrom] = useState(mixes[0].key);
  const [structure, setStructure] = useState<(typeof STRUCTURES)[number]>("open");
  const [healthy, setHealthy] = useState(false);
  const fault = within("stock", {});

  const submit = async () => {
    const [litresRead, years] = [readNumber(amount, "litres"), readNumber(age)];
    stockId.current ??= crypto.randomUUID();
    const mix = mixes.find((m) => m.key === from)!.mix;
    const stock = { name: name.trim(), litres: litresRead, ageYears: years, mix, structure, fromHealthy: healthy };
    const done = await send({ collectionId, stockId: stockId.current, stock });
    if (!done) return;
    tell({ text: say.ofOldMixKept(litres(litresRead, units)), entryId: done.entryId });
    stockId.current = null;
    setName("");
    setAmount("");
    setHealthy(false);
  };
  const clear = async (id: string) => {
    const { id: _id, on: _on, left: _left, ...stock } = stores.reclaimed.find((s) => s.id === id)!;
    const done = await send({ collectionId, stockId: id, stock, gone: true });
    if (done) tell({ text: say.isClearedAway(stock.name), entryId: done.entryId });
  };

  return (
    <section aria-label={say.reclaimedMix} className="mt-6">
      <h2 className="text-xl">{say.reclaimedMix}</h2>
      {stores.reclaimed.length > 0 && (
        <ul className="divide-base-300 my-2 divide-y">
          {stores.reclaimed.map((s) => (
            <li key={s.id} className="flex flex-wrap items-center justify-between gap-2 py-2">
              <span>
                <b>{s.name}</b>
                {say.leftOf(litres(s.left, units), litres(s.litres, units))}
                <span className="block text-sm">
                  {say.yearsOldOnOfferedWhen(number(s.ageYears, 1), day(s.on, today), STRUCTURE_WORDS[s.structure])}
                </span>
              </span>
              <button type="button" className="btn btn-sm min-h-11" disabled={busy} onClick={() => void clear(s.id)}>
                {say.clearAway}
              </button>
            </li>
          ))}
        </ul>
      )}
      <details>
        <summary className="min-h-11 cursor-pointer font-medium">{say.keepMixFromEmptiedPots}</summary>
        <Form className="mt-2 space-y-3" label={say.reclaimedMix} onSubmit={submit}>
          <div className="grid gap-3 sm:grid-cols-2">
            <TextField
              label={common.name}
              value={name}
              onChange={setName}
              fault={fault("name")}
              hint={say.suchAsBlueTub}
            />
            <TextField
              label={say.litres()}
              numeric
              suffix={common.l}
              value={amount}
              onChange={setAmount}
              fault={fault("litres")}
            />
            <SelectField
              label={say.itWasOnce}
              value={from}
              onChange={setFrom}
              options={mixes.map((m) => [m.key, m.name] as const)}
            />
            <TextField
              label={say.yearsSinceItWasMixed}
              numeric
              value={age}
              onChange={setAge}
              fault={fault("ageYears")}
            />
            <SelectField
              label={say.structure}
              value={structure}
              onChange={setStructure}
              options={STRUCTURES.map((s) => [s, STRUCTURE_WORDS[s]] as const)}
            />
          </div>
          <label className="flex min-h-11 cursor-pointer items-center gap-3">
            <input
              type="checkbox"
              className="checkbox"
              checked={healthy}
              onChange={(e) => setHealthy(e.target.checked)}
            />
            {say.allOfItFromPots}
          </label>
          {fault("fromHealthy") && (
            <p role="alert" className="text-error text-sm font-semibold">
              {fault("fromHealthy")}
            </p>
          )}
          <FormFaults faults={unplaced(failure, ["stock", "name"])} />
          <button type="submit" className="btn min-h-12" disabled={busy}>
            {common.keepIt}
          </button>
          <p className="text-sm">{say.sourSlimyOrRootRidden}</p>
        </Form>
      </details>
    </section>
  );
}
