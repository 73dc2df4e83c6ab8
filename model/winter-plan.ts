import type { DayNumber } from "@/core/dates/index";
import type { IndexedRecords } from "@/core/records/index";
import { OUTSIDE, winterOn } from "@/core/shelter/index";

/** Where a pot is to stand in a winter. */
export interface PlannedStand {
  placeId: string | null;
  xM: number | null;
  yM: number | null;
}

/** The kept plan of a winter, pot by pot; null where none was kept. */
export function shelterPlanOf(indexed: IndexedRecords, winter: number): Map<string, PlannedStand> | null {
  let plan: Map<string, PlannedStand> | null = null;
  const plans = indexed.records.events
    .filter((e) => e.payload.kind === "shelter-planned" && e.payload.winter === winter)
    .sort((a, b) => a.seq - b.seq || a.ord - b.ord);
  for (const { payload } of plans) {
    if (payload.kind !== "shelter-planned") continue;
    if (payload.whole) plan = new Map();
    plan ??= new Map();
    for (const s of payload.stands) plan.set(s.treeId, { placeId: s.placeId, xM: s.xM ?? null, yM: s.yM ?? null });
  }
  return plan;
}

/** The key under which a plan names a standing's place. */
export const plannedKey = (stand: PlannedStand | undefined, homeId: string | null) =>
  !stand || stand.placeId === null || stand.placeId === homeId ? OUTSIDE : stand.placeId;

/** A tree's move into winter quarters that a kept plan asks for and that is still ahead. */
export interface PlannedWinter {
  /** Named by the season of its midwinter. */
  winter: number;
  placeId: string;
}

/** Where each tree is to stand in this winter and the next by the kept plans, the nearer first; those that stay outside are not in it. */
export function plannedWinters(
  indexed: IndexedRecords,
  today: DayNumber,
  latitudeDeg: number,
): ReadonlyMap<string, PlannedWinter[]> {
  const found = new Map<string, PlannedWinter[]>();
  const first = winterOn(today, latitudeDeg);
  for (const winter of [first, first + 1])
    for (const [treeId, { placeId }] of shelterPlanOf(indexed, winter) ?? [])
      if (placeId !== null) found.set(treeId, [...(found.get(treeId) ?? []), { winter, placeId }]);
  return found;
}
