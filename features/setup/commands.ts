import { z } from "zod";
import { answerFaults, answersSchema, type AnswerFault } from "@/core/climate/index";
import { addsOnly, command, envelope, Refusal } from "../commands/define";
import { currencySchema } from "../settings/currency";

const input = envelope.extend({
  name: z
    .string()
    .trim()
    .min(1, { error: "Give the collection a name." })
    .max(120, { error: "A name of at most 120 characters, please." }),
  zone: z.string().max(64),
  answers: answersSchema,
  units: z.enum(["metric", "us"]).default("metric"),
  currency: currencySchema.default("EUR"),
});

const WORDS: Record<AnswerFault["code"], string> = {
  "no-such-day": "There is no such day in the calendar.",
  "wrong-half-of-year":
    "This day lies in the wrong half of the year for your latitude. Are the two frosts swapped, or is the latitude's sign missing?",
  "one-without-the-other": "Give both frost days, or tick that it never freezes.",
  "frost-without-cold": "You gave frost days, so the coldest night must be 0 °C or below.",
  "cold-without-frost": "With a coldest night below 0 °C there are frosts: give their usual days.",
};

/** Same collection, same weather years: the seed comes from the id. */
function seedOf(id: string): number {
  return Number.parseInt(id.replaceAll("-", "").slice(0, 8), 16) >>> 0;
}

function knownZone(zone: string): string {
  try {
    new Intl.DateTimeFormat("en", { timeZone: zone });
    return zone;
  } catch {
    return "UTC";
  }
}

export const createCollection = command({
  name: "create-collection",
  input,
  subjects: addsOnly,
  founds: ({ collectionId, name, zone, answers, units, currency }) => ({
    id: collectionId,
    name,
    latitudeDeg: answers.latitudeDeg,
    longitudeDeg: answers.longitudeDeg,
    elevationM: answers.elevationM,
    zone: knownZone(zone),
    currency,
    units,
    risk: 0.1,
    answers,
    seed: seedOf(collectionId),
  }),
  run: (context, { answers, collectionId }) => {
    const faults = answerFaults(answers);
    if (faults.length > 0)
      throw new Refusal(faults.map((f) => ({ path: `answers.${f.field}`, message: WORDS[f.code] })));
    context.note("Collection started");
    return Promise.resolve({ collectionId });
  },
});
