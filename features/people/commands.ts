import { z } from "zod";
import { toDay } from "@/core/dates/index";
import { isoDate, subject } from "@/core/event/index";
import { SOLO_LIMIT_KG } from "@/core/mass/index";
import { happening } from "../commands/days";
import { command, envelope, refuse } from "../commands/define";

/** The keeper or somebody who helps: what they may lift, when they are there. */
export const setPerson = command({
  name: "set-person",
  input: envelope.extend({
    personId: z.uuid(),
    name: z
      .string()
      .trim()
      .min(1, { error: "A name or a role, such as caretaker." })
      .max(80, { error: "At most 80 characters, please." }),
    self: z.boolean(),
    liftKg: z
      .number({ error: "Kilograms, as a number." })
      .min(1, { error: "At least 1 kg." })
      .max(SOLO_LIMIT_KG, {
        error: `Above ${SOLO_LIMIT_KG} kg nobody lifts alone. A limit may be lowered, not raised.`,
      }),
    hoursPerWeek: z
      .number()
      .min(0, { error: "0 or more hours." })
      .max(100, { error: "A week has 168 hours: at most 100 here." })
      .nullable(),
    weekdays: z.array(z.number().int().min(1).max(7)).max(7),
    gone: z.boolean().default(false),
  }),
  subjects: (v) => [subject.person(v.personId)],
  run: (context, v) => {
    const { people } = context.loaded.calendar;
    if (v.self && people.some((p) => p.self && p.id !== v.personId))
      refuse("self", "There is one keeper on record already: change that entry.");
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
export const recordAbsence = command({
  name: "record-absence",
  corrects: ["absence"],
  input: envelope
    .extend({
      personId: z.uuid().nullable(),
      from: isoDate,
      to: isoDate,
      note: z.string().trim().max(160, { error: "At most 160 characters, please." }),
    })
    .refine((v) => v.from <= v.to, { path: ["to"], error: "The last day lies before the first." })
    .refine((v) => toDay(v.to) - toDay(v.from) <= 400, {
      path: ["to"],
      error: "More than 400 days: enter it in parts.",
    }),
  subjects: (v) => [subject.away(v.personId)],
  run: (context, v) => {
    const person = context.loaded.calendar.people.find((p) => p.id === v.personId);
    if (v.personId !== null && !person) refuse("personId", "This person is not on record any more.");
    const { personId, from, to, note } = v;
    context.record(happening({ kind: "absence", personId, from, to, note }, context.today));
    context.note(`${person?.name ?? "Everybody"} away ${from} to ${to}`);
    return Promise.resolve({});
  },
});
