import { answerFaults, answersSchema, type AnswerFault } from "@/core/climate/index";
import { addsOnly, command, Refusal } from "../commands/define";

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

export const createCollection = command("create-collection", {
  subjects: addsOnly,
  startsCollection: ({ name, zone, answers, units, currency }, { collectionId }) => ({
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
  run: (context, { answers }) => {
    const faults = answerFaults(answers);
    if (faults.length > 0)
      throw new Refusal(faults.map((f) => ({ path: `answers.${f.field}`, message: WORDS[f.code] })));
    context.note("Collection started");
    return Promise.resolve({ collectionId: context.collection.id });
  },
});
