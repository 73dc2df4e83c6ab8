"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/pots/component";
import { useState } from "react";
import { COMPONENT_FLAGS, type Component, type ComponentFlag } from "@/core/mix/index";
import type { MixStores } from "@/core/records/index";
import { readNumber } from "@/words/format";
import { FormFaults } from "@/ui/fields";
import { useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { componentName, CONFIDENCE_WORDS, FLAG_WORDS } from "@/words/mixes";
import { CommandForm, useCommandForm } from "@/features/kernel/command-form";
import { ChecksInput, ChoiceInput, TextInput } from "@/ui/form/inputs";

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
export function ComponentForm(props: {
  stores: MixStores;
  id: string | null;
  from: string | null;
  onDone: () => void;
}) {
  return props.from === null ? null : <CopyForm {...props} from={props.from} />;
}

interface Typed extends Record<NumberKey, string> {
  name: string;
  flags: ComponentFlag[];
  confidence: "H" | "M" | "L";
  source: string;
}

const ownOf = ({ name, flags, confidence, source, ...texts }: Typed) => ({
  name,
  flags,
  confidence,
  source,
  ...(Object.fromEntries(
    numbers().map(([key, , unit]) => [key, readNumber(texts[key]) / (unit === "%" ? 100 : 1)]),
  ) as Record<NumberKey, number>),
});

function CopyForm({
  stores,
  id,
  from,
  onDone,
}: {
  stores: MixStores;
  id: string | null;
  from: string;
  onDone: () => void;
}) {
  const { collectionId } = useAsOf();
  const { tell } = useNotice();
  const out = useCommand("set-component");
  const [componentId] = useState(() => id ?? crypto.randomUUID());
  const [start] = useState((): Typed => {
    const source = stores.library[from];
    return {
      ...(Object.fromEntries(numbers().map(([key, , unit]) => [key, asText(key, unit, source)])) as Record<
        NumberKey,
        string
      >),
      name: id === null ? "" : componentName(id, stores),
      flags: [...source.flags],
      confidence: id === null ? "L" : source.confidence,
      source: id === null ? "" : source.source,
    };
  });
  const form = useCommandForm("set-component", {
    start,
    input: (typed) => ({ collectionId, componentId, own: ownOf(typed), gone: false }),
    fieldOf: (path) => path.replace(/^own\./, ""),
    done: ({ entryId }, { name }) => {
      tell({ text: say.isInTheLibrary(name), entryId });
      onDone();
    },
  });
  const takeOut = async () => {
    const done = await out.send({ collectionId, componentId, own: ownOf(start), gone: true });
    if (!done) return;
    tell({ text: common.isTakenOut(start.name), entryId: done.entryId });
    onDone();
  };
  return (
    <section className="border-base-300 rounded-box mt-3 border p-3">
      <h3 className="mb-2 text-lg">{id === null ? say.yourOwnAfter(componentName(from, stores)) : say.changeIt}</h3>
      <CommandForm
        of={form}
        label={say.component}
        button={[common.keepIt, common.saving]}
        beside={
          <>
            <button type="button" className="btn min-h-11" onClick={onDone}>
              {common.leaveIt}
            </button>
            {id !== null && (
              <button
                type="button"
                className="btn btn-ghost min-h-11"
                disabled={out.busy}
                onClick={() => void takeOut()}
              >
                {common.takeItOut}
              </button>
            )}
          </>
        }
      >
        <TextInput name="name" label={common.name} />
        <div className="grid gap-3 sm:grid-cols-2">
          {numbers().map(([key, label, unit, hint]) => (
            <TextInput key={key} name={key} label={label} numeric suffix={unit} hint={hint || undefined} />
          ))}
          <ChoiceInput
            name="confidence"
            label={say.howSure}
            options={(["H", "M", "L"] as const).map((c) => [c, CONFIDENCE_WORDS[c]] as const)}
          />
          <TextInput name="source" label={say.whereTheFiguresComeFrom} hint={say.suchAsSoakedAndWeighed} />
        </div>
        <ChecksInput
          name="flags"
          label={say.toMind}
          options={COMPONENT_FLAGS.map((flag) => [flag, FLAG_WORDS[flag].name] as const)}
        />
      </CommandForm>
      <FormFaults faults={out.failure?.faults ?? []} />
    </section>
  );
}
