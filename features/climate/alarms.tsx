"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/climate/alarms";
import { useRef, useState } from "react";
import { celsius, number, percent, readNumber } from "@/words/format";
import { FormFaults } from "@/ui/fields";
import { useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import type { Ringing } from "./ahead";
import { CommandForm, useCommandForm } from "@/features/kernel/command-form";
import { ChoiceInput, TextInput } from "@/ui/form/inputs";

/** The keeper's own thresholds: a night like this, with at least this chance, is told on every page. */
export function Alarms({
  ringing,
  places,
}: {
  ringing: Ringing[];
  places: { id: string; name: string; known: boolean }[];
}) {
  const { collectionId, units } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure } = useCommand("set-alarm");
  const drop = async ({ alarm }: Ringing) => {
    const done = await send({ collectionId, ...alarm, gone: true });
    if (done) tell({ text: common.isTakenOut(alarm.name), entryId: done.entryId });
  };
  return (
    <section aria-label={say.myAlarms}>
      <h2 className="text-lg">{say.addAlert}</h2>
      {ringing.length > 0 && (
        <ul className="mt-1">
          {ringing.map((r) => (
            <li key={r.alarm.alarmId} className="flex flex-wrap items-center gap-x-3 py-1">
              <span>
                <b>{r.alarm.name}</b>
                {say.orColderWithOrMore(
                  celsius(r.alarm.thresholdC, units),
                  percent(r.alarm.chance),
                  r.place ? say.at(r.place) : "",
                  percent(Math.max(...r.chances)),
                )}
              </span>
              <button
                type="button"
                className="btn btn-ghost btn-sm min-h-11"
                disabled={busy}
                onClick={() => void drop(r)}
              >
                {say.takeOut}
                <span className="sr-only"> {r.alarm.name}</span>
              </button>
            </li>
          ))}
        </ul>
      )}
      <FormFaults faults={failure?.faults ?? []} />
      <NewAlarm places={places} />
      {ringing.length === 0 && <p className="mt-1 text-sm">{say.atAWarningThatIs(number(30))}</p>}
    </section>
  );
}

function NewAlarm({ places }: { places: { id: string; name: string; known: boolean }[] }) {
  const { collectionId } = useAsOf();
  const { tell } = useNotice();
  const newId = useRef<string | null>(null);
  const [start] = useState({ name: "", thresholdC: "0", chance: "30", placeId: "" });
  const form = useCommandForm("set-alarm", {
    start,
    input: ({ name, thresholdC, chance, placeId }) => ({
      collectionId,
      alarmId: (newId.current ??= crypto.randomUUID()),
      name,
      thresholdC: readNumber(thresholdC, "celsius"),
      chance: readNumber(chance) / 100,
      placeId: placeId === "" ? null : placeId,
    }),
    after: (typed) => ({ ...typed, name: "" }),
    done: ({ entryId }, { name }) => {
      newId.current = null;
      tell({ text: say.youWillBeToldOf(name), entryId });
    },
  });
  return (
    <CommandForm of={form} label={say.newAlarm} className="mt-2 space-y-3" button={[say.tellMe, common.adding]}>
      <div className="flex flex-wrap items-start gap-3">
        <TextInput className="w-56" name="name" label={say.callIt} placeholder={say.fleeceOnTheFigs()} />
        <TextInput className="w-36" name="thresholdC" label={say.nightsAtOrBelow} numeric="signed" suffix="°C" />
        <TextInput className="w-36" name="chance" label={say.fromAChanceOf} numeric suffix="%" />
        <ChoiceInput
          className="w-56"
          name="placeId"
          label={say.where}
          options={[
            ["", say.inTheOpen],
            ...places.map((p) => [p.id, p.known ? p.name : say.asTheSite(p.name)] as const),
          ]}
        />
      </div>
    </CommandForm>
  );
}
