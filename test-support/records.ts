import { randomUUID } from "node:crypto";
import type { EventPayload, ReadableEvent } from "@/core/event/index";
import type { LotRecord, TreeRecord } from "@/core/records/index";
import type { CorrectionName } from "@/core/roots/index";

/** Records for tests, made short: what a test is not about has a plain value. */
export const aTree = (more: Partial<TreeRecord> = {}): TreeRecord => ({
  id: randomUUID(),
  tag: "T-1",
  kindId: "quince",
  typedName: null,
  habit: null,
  cultivar: null,
  purpose: "crop",
  count: 1,
  finalVolumeL: null,
  trunkMm: null,
  heightM: null,
  ...more,
});

export const aLot = (pot: LotRecord["pot"], name = "Pot"): LotRecord => ({ id: randomUUID(), name, pot });

/** A potting of which nobody measured anything. */
export const aPotting = (correction: CorrectionName = "none"): EventPayload => ({
  kind: "potted",
  correction,
  retainedShare: null,
  mix: null,
  mixName: "",
  mixL: null,
  fillHeightMm: null,
  bottomLayerMm: 0,
  wetMassKg: null,
});

let seq = 0;
/** An event on a day; each is recorded after the one before it. */
export function anEvent(on: string, payload: EventPayload, about: Partial<ReadableEvent> = {}): ReadableEvent {
  seq++;
  return {
    id: randomUUID(),
    entryId: randomUUID(),
    seq,
    ord: 0,
    recordedAt: "2026-01-01 00:00:00.000",
    treeId: null,
    potLotId: null,
    on: { best: on, from: on, to: on },
    payload,
    ...about,
  };
}
