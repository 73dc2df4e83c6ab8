import { subject } from "@/core/event/index";
import { happening } from "@/features/kernel/days";
import { command, refuse } from "@/features/kernel/define";

/** The keeper or somebody who helps: what they may lift, when they are there. */
export const setPerson = command("set-person", {
  subjects: (v) => [subject.person(v.personId)],
  run: (context, v) => {
    const { people } = context.loaded.calendar;
    if (v.self && people.some((p) => p.self && p.id !== v.personId)) refuse("self", "one-keeper");
    const { personId, name, self, liftKg, hoursPerWeek, weekdays, gone } = v;
    context.record(
      happening(
        { kind: "person", personId, name, self, liftKg, hoursPerWeek, weekdays: [...new Set(weekdays)].sort(), gone },
        context.today,
      ),
    );
    context.note(gone ? `${name} does not help any more` : `${name}: lifts up to ${liftKg} kg`);
    return Promise.resolve({ personId });
  },
});

/** Days on which somebody, or everybody, is away. These may lie ahead: they are a plan of people, not a record of trees. */
export const recordAbsence = command("record-absence", {
  subjects: (v) => [subject.away(v.personId)],
  run: (context, v) => {
    const person = context.loaded.calendar.people.find((p) => p.id === v.personId);
    if (v.personId !== null && !person) refuse("personId", "person-gone");
    const { personId, from, to, note } = v;
    context.record(happening({ kind: "absence", personId, from, to, note }, context.today));
    context.note(`${person?.name ?? "Everybody"} away ${from} to ${to}`);
    return Promise.resolve({});
  },
});
