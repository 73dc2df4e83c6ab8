"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/people";
import { useRef, useState } from "react";
import { type Absence, type Person } from "@/core/people/index";
import { SOLO_LIMIT_KG, VOLUNTEER_LIMIT_KG } from "@/core/mass/index";
import { day, kilograms, number, readNumber, type Units } from "@/words/format";
import { Form, FormFaults, SelectField, TextField } from "@/ui/fields";
import { DayField } from "@/features/kernel/rough-date";
import { unplaced, useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { TAKEN_BACK, useNotice, useUndo } from "@/features/kernel/notice";
import { WEEKDAYS } from "@/words/terms";
import { PAGE_WORDS } from "@/words/rooms";

/** Who carries and pots, what they may lift, and when nobody is there. */
export function People({
  people,
  absences,
  away,
}: {
  people: Person[];
  absences: Absence[];
  away: { from: string; to: string }[];
}) {
  const { today, units } = useAsOf();
  const self = people.find((p) => p.self);
  const [open, setOpen] = useState<string | null>(null);
  return (
    <div className="mx-auto max-w-4xl space-y-8">
      <section aria-label={say.people}>
        <h1 className="text-2xl">{PAGE_WORDS.people}</h1>
        <p>{say.limitsArePersonalTheyMay(kilograms(SOLO_LIMIT_KG, units))}</p>
        <ul className="divide-base-300 mt-3 divide-y">
          {people.map((p) => (
            <PersonRow key={p.id} person={p} open={open === p.id} onOpen={(o) => setOpen(o ? p.id : null)} />
          ))}
        </ul>
        {!self && <PersonForm title={say.you} start={{ self: true, name: "keeper" }} />}
        <details className="border-base-300 rounded-box mt-4 border px-3 py-2">
          <summary className="min-h-11 cursor-pointer content-center text-lg font-medium">
            {say.somebodyWhoHelps}
          </summary>
          <PersonForm title={say.helper} start={{ self: false, name: "" }} />
        </details>
      </section>
      <section aria-label={say.awayDays}>
        <h2 className="text-xl">{say.away}</h2>
        <p data-testid="away">
          {away.length === 0
            ? say.noDayAheadOnWhich
            : say.nobodyIsThereOnThese(away.map((a) => spanWords(a, today)).join(", "))}
        </p>
        <ul className="divide-base-300 divide-y">
          {absences
            .filter((a) => a.to >= today)
            .map((a) => (
              <AbsenceRow
                key={a.eventId}
                absence={a}
                who={people.find((p) => p.id === a.personId)?.name ?? "everybody"}
              />
            ))}
        </ul>
        <AbsenceForm people={people} />
      </section>
    </div>
  );
}

const spanWords = ({ from, to }: { from: string; to: string }, near: string) =>
  from === to ? common.on(day(from, near)) : common.to(day(from, near), day(to, near));

const weekdayWords = (days: readonly number[]) =>
  days.length === 0 || days.length === 7 ? say.anyDay : days.map((d) => WEEKDAYS[d - 1]).join(", ");

function PersonRow({ person, open, onOpen }: { person: Person; open: boolean; onOpen: (open: boolean) => void }) {
  const { units } = useAsOf();
  return (
    <li className="py-2">
      <div className="flex flex-wrap items-center gap-3">
        <span className="min-w-0 flex-1 basis-64">
          <b>{person.name}</b>
          {person.self && say.you2}
          {say.liftsUpToAlone(
            kilograms(person.liftKg, units),
            weekdayWords(person.weekdays),
            person.hoursPerWeek === null ? "" : say.hoursAWeek(number(person.hoursPerWeek, 1)),
          )}
        </span>
        <button type="button" className="btn btn-sm" aria-expanded={open} onClick={() => onOpen(!open)}>
          {common.change}
        </button>
      </div>
      {open && <PersonForm title={person.name} start={person} onDone={() => onOpen(false)} />}
    </li>
  );
}

const POUNDS = 2.2046226;
const shownKg = (kg: number, units: Units) => String(Math.round(units === "us" ? kg * POUNDS : kg));

function PersonForm({
  title,
  start,
  onDone = () => undefined,
}: {
  title: string;
  start: Partial<Person> & { self: boolean; name: string };
  onDone?: () => void;
}) {
  const { collectionId, units } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure, at } = useCommand("set-person");
  const id = useRef<string | null>(start.id ?? null);
  const [name, setName] = useState(start.name);
  const [lift, setLift] = useState(start.liftKg === undefined ? "" : shownKg(start.liftKg, units));
  const [hours, setHours] = useState(start.hoursPerWeek == null ? "" : String(start.hoursPerWeek));
  const [weekdays, setWeekdays] = useState<number[]>(start.weekdays ?? []);

  const submit = async (gone: boolean) => {
    // A bare number is in the unit beside the field; any other may be written with it.
    const kg = readNumber(/[a-z]/i.test(lift) || units !== "us" ? lift : say.lb(lift), "kg");
    const perWeek = hours.trim() === "" ? null : readNumber(hours);
    id.current ??= crypto.randomUUID();
    const done = await send({
      collectionId,
      personId: id.current,
      name,
      self: start.self,
      liftKg: Math.round(kg * 10) / 10,
      hoursPerWeek: perWeek,
      weekdays,
      gone,
    });
    if (!done) return;
    tell({ text: gone ? say.isOffTheList(name) : `${name}: kept.`, entryId: done.entryId });
    if (start.id === undefined) {
      id.current = null;
      setName(start.name);
      setLift("");
      setHours("");
      setWeekdays([]);
    }
    onDone();
  };

  return (
    <Form label={title} className="mt-2 space-y-3" onSubmit={() => submit(false)}>
      <div className="grid gap-3 sm:grid-cols-3">
        <TextField label={say.nameOrRole} value={name} onChange={setName} fault={at("name")} />
        <TextField
          label={say.liftsAloneUpTo}
          numeric
          suffix={units === "us" ? "lb" : "kg"}
          value={lift}
          onChange={setLift}
          fault={at("liftKg")}
          hint={say.isAUsualLimitFor(kilograms(VOLUNTEER_LIMIT_KG, units))}
        />
        <TextField label={say.hoursAWeek2} numeric value={hours} onChange={setHours} fault={at("hoursPerWeek")} />
      </div>
      <fieldset className="flex flex-wrap gap-x-4">
        <legend className="font-medium">{say.daysOfTheWeekIf}</legend>
        {WEEKDAYS.map((word, i) => (
          <label key={word} className="flex min-h-11 cursor-pointer items-center gap-2">
            <input
              type="checkbox"
              className="checkbox checkbox-sm"
              checked={weekdays.includes(i + 1)}
              onChange={(e) =>
                setWeekdays(e.target.checked ? [...weekdays, i + 1] : weekdays.filter((d) => d !== i + 1))
              }
            />
            {word}
          </label>
        ))}
      </fieldset>
      <FormFaults faults={unplaced(failure, ["name", "liftKg", "hoursPerWeek"])} />
      <div className="flex gap-2">
        <button type="submit" className="btn btn-primary" disabled={busy}>
          {say.keep}
        </button>
        {start.id !== undefined && !start.self && (
          <button type="button" className="btn" disabled={busy} onClick={() => void submit(true)}>
            {say.doesNotHelpAnyMore}
          </button>
        )}
      </div>
    </Form>
  );
}

function AbsenceRow({ absence, who }: { absence: Absence; who: string }) {
  const { collectionId, today } = useAsOf();
  const { tell } = useNotice();
  const { undo, busy } = useUndo(collectionId);
  return (
    <li className="flex flex-wrap items-center gap-3 py-2">
      <span className="flex-1">
        <b>{spanWords(absence, today)}</b> {who}
        {absence.note ? `: ${absence.note}` : ""}
      </span>
      <button
        type="button"
        className="btn btn-sm"
        disabled={busy}
        onClick={() => void undo([absence.entryId]).then((entryId) => entryId && tell({ text: TAKEN_BACK, entryId }))}
      >
        {common.takeItOut}
      </button>
    </li>
  );
}

function AbsenceForm({ people }: { people: Person[] }) {
  const { collectionId, today } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure, at } = useCommand("record-absence");
  const [who, setWho] = useState("");
  const [from, setFrom] = useState(today);
  const [to, setTo] = useState(today);
  const [note, setNote] = useState("");
  const submit = async () => {
    const done = await send({ collectionId, personId: who === "" ? null : who, from, to, note });
    if (!done) return;
    tell({ text: say.theseDaysAreTakenOut, entryId: done.entryId });
    setNote("");
  };
  return (
    <Form label={say.awayFromTo} className="mt-3 grid items-end gap-3 sm:grid-cols-4" onSubmit={submit}>
      <SelectField
        label={say.who}
        value={who}
        onChange={setWho}
        fault={at("personId")}
        options={[["", "everybody"] as const, ...people.map((p) => [p.id, p.name] as const)]}
      />
      <DayField ahead label={say.firstDay} value={from} onChange={setFrom} fault={at("from")} />
      <DayField ahead label={say.lastDay} value={to} onChange={setTo} fault={at("to")} />
      <TextField label={common.remark} value={note} onChange={setNote} fault={at("note")} />
      <div className="sm:col-span-4">
        <FormFaults faults={unplaced(failure, ["personId", "from", "to", "note"])} />
        <button type="submit" className="btn" disabled={busy}>
          {say.awayOnTheseDays}
        </button>
      </div>
    </Form>
  );
}
