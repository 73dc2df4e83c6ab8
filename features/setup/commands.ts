import { seedOf } from "@/contract/seed";
import { happening } from "@/features/kernel/days";
import { addsOnly, command } from "@/features/kernel/define";

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
  run: (context, v) => {
    if (v.normals) context.record(happening({ kind: "climate-said", normals: v.normals, frost: null }, context.today));
    context.note("Collection started");
    return Promise.resolve({ collectionId: context.collection.id });
  },
});
