"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/people";
import { useRef, useState } from "react";
import type { Absence, Person } from "@/core/people/index";
import { SOLO_LIMIT_KG, VOLUNTEER_LIMIT_KG } from "@/core/mass/index";
import { day, kilograms, number, readNumber } from "@/words/format";
import { FormFaults } from "@/ui/fields";
import { useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { TAKEN_BACK, useNotice, useUndo } from "@/features/kernel/notice";
import { WEEKDAYS } from "@/words/terms";
import { PAGE_WORDS } from "@/words/rooms";
import { CommandForm, useCommandForm } from "@/features/kernel/command-form";
import { ChecksInput, ChoiceInput, TextInput } from "@/ui/form/inputs";
import { DayInput } from "@/features/kernel/rough-date";

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
        {!self && <PersonForm title={say.you} person={{ self: true, name: "keeper" }} />}
        <details className="border-base-300 rounded-box mt-4 border px-3 py-2">
          <summary className="min-h-11 cursor-pointer content-center text-lg font-medium">
            {say.somebodyWhoHelps}
          </summary>
          <PersonForm title={say.helper} person={{ self: false, name: "" }} />
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
                who={people.find((p) => p.id === a.personId)?.name ?? say.everybody}
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
          {person.self && say.thatIsYou}
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
      {open && <PersonForm title={person.name} person={person} onDone={() => onOpen(false)} />}
    </li>
  );
}

function PersonForm({
  title,
  person,
  onDone = () => undefined,
}: {
  title: string;
  person: Partial<Person> & { self: boolean; name: string };
  onDone?: () => void;
}) {
  const { collectionId, units } = useAsOf();
  const { tell } = useNotice();
  const off = useCommand("set-person");
  const id = useRef<string | null>(person.id ?? null);
  const [start] = useState(() => ({
    name: person.name,
    // Whole pounds, with their unit: a bare number would be read as kilograms.
    liftKg: person.liftKg === undefined ? "" : units === "us" ? kilograms(person.liftKg, units) : String(person.liftKg),
    hoursPerWeek: person.hoursPerWeek == null ? "" : String(person.hoursPerWeek),
    weekdays: (person.weekdays ?? []).map(String),
  }));
  const input = ({ name, liftKg, hoursPerWeek, weekdays }: typeof start, gone = false) => {
    const kg = readNumber(liftKg, "kg");
    return {
      collectionId,
      personId: (id.current ??= crypto.randomUUID()),
      name,
      self: person.self,
      liftKg: Math.round(kg * 10) / 10,
      hoursPerWeek: hoursPerWeek.trim() === "" ? null : readNumber(hoursPerWeek),
      weekdays: weekdays.map(Number).sort(),
      gone,
    };
  };
  const form = useCommandForm("set-person", {
    start,
    input: (typed) => input(typed),
    done: ({ entryId }, { name }) => {
      tell({ text: say.kept(name), entryId });
      if (person.id === undefined) id.current = null;
      onDone();
    },
  });
  const takeOff = async () => {
    const done = await off.send(input(start, true));
    if (!done) return;
    tell({ text: say.isOffTheList(start.name), entryId: done.entryId });
    onDone();
  };
  return (
    <>
      <CommandForm
        of={form}
        label={title}
        className="mt-2 space-y-3"
        button={[say.keep, common.saving]}
        beside={
          person.id !== undefined &&
          !person.self && (
            <button type="button" className="btn min-h-11" disabled={off.busy} onClick={() => void takeOff()}>
              {say.doesNotHelpAnyMore}
            </button>
          )
        }
      >
        <div className="grid gap-3 sm:grid-cols-3">
          <TextInput name="name" label={say.nameOrRole} />
          <TextInput
            name="liftKg"
            label={say.liftsAloneUpTo}
            numeric
            suffix="kg"
            hint={say.isAUsualLimitFor(kilograms(VOLUNTEER_LIMIT_KG, units))}
          />
          <TextInput name="hoursPerWeek" label={say.hoursAWeekLabel} numeric />
        </div>
        <ChecksInput
          name="weekdays"
          label={say.daysOfTheWeekIf}
          options={WEEKDAYS.map((word, i) => [String(i + 1), word] as const)}
        />
      </CommandForm>
      <FormFaults faults={off.failure?.faults ?? []} />
    </>
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
  const [start] = useState({ personId: "", from: today, to: today, note: "" });
  const form = useCommandForm("record-absence", {
    start,
    input: ({ personId, ...typed }) => ({ collectionId, personId: personId === "" ? null : personId, ...typed }),
    after: (typed) => ({ ...typed, note: "" }),
    done: ({ entryId }) => tell({ text: say.theseDaysAreTakenOut, entryId }),
  });
  return (
    <CommandForm
      of={form}
      label={say.awayFromTo}
      className="mt-3 space-y-3"
      button={[say.awayOnTheseDays, common.recording]}
    >
      <div className="grid items-end gap-3 sm:grid-cols-4">
        <ChoiceInput
          name="personId"
          label={say.who}
          options={[["", say.everybody] as const, ...people.map((p) => [p.id, p.name] as const)]}
        />
        <DayInput ahead name="from" label={say.firstDay} />
        <DayInput ahead name="to" label={say.lastDay} />
        <TextInput name="note" label={common.remark} />
      </div>
    </CommandForm>
  );
}
