import { type IsoDate, toIso } from "@/core/dates/index";
import type { CollectionRecords } from "@/core/records/index";
import { kindsInUse, type KindsInUse, takeKinds } from "@/core/species/index";
import type { ReplayContext } from "./context";
import { openYard, type Yard } from "./open-yard";
import { pack, unpack } from "./pack";
import type { TreePlan } from "./plan";

/** Everything a browser needs to open the same door: records and tracks, without the site's weather years. */
interface Bundle {
  revision: number;
  today: IsoDate;
  risk: number;
  records: CollectionRecords;
  /** The kinds of its trees: a browser has no library of its own. */
  kinds: KindsInUse;
  tracks: ReplayContext;
  plans: [string, TreePlan][];
}

export function packBundle(yard: Yard, revision: number): string {
  const { records } = yard.indexed;
  // Plans for the winter are long lists that no replay reads.
  const events = records.events.filter((e) => e.payload.kind !== "shelter-planned");
  return pack({
    revision,
    today: toIso(yard.today),
    risk: yard.risk,
    records: { ...records, events },
    kinds: kindsInUse(records.trees.map((tree) => tree.kindId)),
    tracks: yard.context,
    plans: yard.trees.flatMap((tree): [string, TreePlan][] => {
      const plan = yard.plans?.of.get(tree.id);
      return plan ? [[tree.id, plan]] : [];
    }),
  } satisfies Bundle);
}

/** A yard that answers for states, pictures and lists; what needs the site's weather years is the server's to say. */
export function openBundle(text: string): { revision: number; yard: Yard } {
  const { revision, today, risk, records, kinds, tracks, plans } = unpack(text) as Bundle;
  takeKinds(kinds);
  const kept = { of: new Map(plans), making: new Set<string>() };
  return { revision, yard: openYard({ records, risk, plans: kept }, { tracks }, { today }) };
}
