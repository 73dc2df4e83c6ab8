"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/climate/alarms";
import { useRef, useState } from "react";
import { celsius, number, percent, readNumber } from "@/words/format";
import { Form, FormFaults, SelectField, TextField } from "@/ui/fields";
import { unplaced, useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import type { Ringing } from "./ahead";

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
  const { send, busy, failure, at } = useCommand("set-alarm");
  const newId = useRef<string | null>(null);
  const [name, setName] = useState("");
  const [threshold, setThreshold] = useState("0");
  const [chance, setChance] = useState("30");
  const [placeId, setPlace] = useState("");

  const add = async () => {
    newId.current ??= crypto.randomUUID();
    const done = await send({
      collectionId,
      alarmId: newId.current,
      name,
      thresholdC: readNumber(threshold, "celsius"),
      chance: readNumber(chance) / 100,
      placeId: placeId === "" ? null : placeId,
    });
    if (!done) return;
    newId.current = null;
    tell({ text: say.youWillBeToldOf(name), entryId: done.entryId });
    setName("");
  };
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
      <Form label={say.newAlarm} className="mt-2 flex flex-wrap items-start gap-3" onSubmit={add}>
        <TextField
          className="w-56"
          label={say.callIt}
          value={name}
          onChange={setName}
          fault={at("name")}
          placeholder={say.fleeceOnTheFigs()}
        />
        <TextField
          className="w-36"
          label={say.nightsAtOrBelow}
          numeric="signed"
          suffix="°C"
          value={threshold}
          onChange={setThreshold}
          fault={at("thresholdC")}
        />
        <TextField
          className="w-36"
          label={say.fromAChanceOf}
          numeric
          suffix="%"
          value={chance}
          onChange={setChance}
          fault={at("chance")}
        />
        <SelectField
          className="w-56"
          label={say.where}
          value={placeId}
          onChange={setPlace}
          options={[
            ["", say.inTheOpen],
            ...places.map((p) => [p.id, p.known ? p.name : say.asTheSite(p.name)] as const),
          ]}
        />
        <button type="submit" className="btn mt-7 min-h-11" disabled={busy}>
          {say.tellMe}
        </button>
        <FormFaults faults={unplaced(failure, ["name", "thresholdC", "chance"])} />
      </Form>
      {ringing.length === 0 && <p className="mt-1 text-sm">{say.atAWarningThatIs(number(30))}</p>}
    </section>
  );
}
