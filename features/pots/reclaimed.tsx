"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/pots/reclaimed";
import { useRef, useState } from "react";
import { STRUCTURES } from "@/core/mix/index";
import type { MixChoice, MixStores } from "@/core/records/index";
import { day, litres, number, readNumber } from "@/words/format";
import { FormFaults } from "@/ui/fields";
import { useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { STRUCTURE_WORDS } from "@/words/mixes";
import { CommandForm, useCommandForm } from "@/features/kernel/command-form";
import { CheckInput, ChoiceInput, TextInput } from "@/ui/form/inputs";

/** Mix saved from emptied pots: a stock of its own, older than it looks. */
export function ReclaimedHeap({ stores, mixes }: { stores: MixStores; mixes: MixChoice[] }) {
  const { collectionId, units, today } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure } = useCommand("set-reclaimed");
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
      <FormFaults faults={failure?.faults ?? []} />
      <details>
        <summary className="min-h-11 cursor-pointer font-medium">{say.keepMixFromEmptiedPots}</summary>
        <KeepMix mixes={mixes} />
      </details>
    </section>
  );
}

function KeepMix({ mixes }: { mixes: MixChoice[] }) {
  const { collectionId, units } = useAsOf();
  const { tell } = useNotice();
  const stockId = useRef<string | null>(null);
  const [start] = useState({
    name: "",
    litres: "",
    ageYears: "2",
    from: mixes[0].key,
    structure: "open" as (typeof STRUCTURES)[number],
    fromHealthy: false,
  });
  const form = useCommandForm("set-reclaimed", {
    start,
    input: ({ name, litres: amount, ageYears, from, structure, fromHealthy }) => ({
      collectionId,
      stockId: (stockId.current ??= crypto.randomUUID()),
      stock: {
        name: name.trim(),
        litres: readNumber(amount, "litres"),
        ageYears: readNumber(ageYears),
        mix: mixes.find((m) => m.key === from)!.mix,
        structure,
        fromHealthy,
      },
    }),
    fieldOf: (path) => path.replace(/^stock\./, ""),
    // The heap it goes on is often the same.
    after: (typed) => ({ ...typed, name: "", litres: "", fromHealthy: false }),
    done: ({ entryId }, typed) => {
      tell({ text: say.ofOldMixKept(litres(readNumber(typed.litres, "litres"), units)), entryId });
      stockId.current = null;
    },
  });
  return (
    <CommandForm of={form} label={say.reclaimedMix} className="mt-2 space-y-3" button={[common.keepIt, common.saving]}>
      <div className="grid gap-3 sm:grid-cols-2">
        <TextInput name="name" label={common.name} hint={say.suchAsBlueTub} />
        <TextInput name="litres" label={say.litres()} numeric suffix={common.l} />
        <ChoiceInput name="from" label={say.itWasOnce} options={mixes.map((m) => [m.key, m.name] as const)} />
        <TextInput name="ageYears" label={say.yearsSinceItWasMixed} numeric />
        <ChoiceInput
          name="structure"
          label={say.structure}
          options={STRUCTURES.map((s) => [s, STRUCTURE_WORDS[s]] as const)}
        />
      </div>
      <CheckInput name="fromHealthy" label={say.allOfItFromPots} />
      <p className="text-sm">{say.sourSlimyOrRootRidden}</p>
    </CommandForm>
  );
}
