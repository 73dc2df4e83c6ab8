import { randomUUID } from "node:crypto";
import { toIso } from "@/core/dates/index";
import type { EventPayload, ReadableEvent } from "@/core/event/index";
import { mulberry32 } from "@/core/random/index";
import { KINDS } from "@/core/species/index";
import type { CollectionRecords, LotRecord, TreeRecord } from "@/core/records/index";

/** A made-up collection: so many trees with ten years of pottings and root checks, and pots in store. */
/** A large mixed collection grows so many kinds, not the whole library; as many as before the library was widened, to compare. */
const GROWN = KINDS.slice(0, 111);

export function syntheticRecords(count: number, today: number, seed = 1): CollectionRecords {
  const random = mulberry32(seed);
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)];
  const lots: LotRecord[] = [];
  const events: ReadableEvent[] = [];
  const trees: TreeRecord[] = [];
  let seq = 0;
  const cylinder = (mm: number) => ({
    known: "measured" as const,
    vessel: { shape: "cylinder" as const, topWidthMm: mm, heightMm: mm },
  });
  const push = (treeId: string | null, day: number, potLotId: string | null, payload: EventPayload) => {
    const on = toIso(day);
    seq++;
    events.push({
      id: randomUUID(),
      entryId: "",
      seq,
      ord: 0,
      recordedAt: "2026-01-01 00:00:00.000",
      treeId,
      potLotId,
      on: { best: on, from: on, to: on },
      payload,
    });
  };
  for (let i = 0; i < 40; i++) {
    const lot = { id: randomUUID(), name: `Pot ${i}`, pot: cylinder(160 + 12 * i) };
    lots.push(lot);
    push(null, today - 4000, lot.id, { kind: "stocked", count: 2000 });
  }
  for (let t = 0; t < count; t++) {
    const id = randomUUID();
    const kind = pick(GROWN);
    trees.push({
      id,
      tag: `B-${t + 1}`,
      kindId: kind.id,
      typedName: null,
      habit: null,
      cultivar: null,
      purpose: "ornament",
      count: 1,
      finalVolumeL: null,
      trunkMm: null,
      heightM: null,
    });
    let size = Math.floor(random() * 8);
    let day = today - 3650 + Math.floor(random() * 200);
    push(id, day, lots[size].id, { kind: "arrived", form: "container", lastPotted: null });
    while ((day += 250 + Math.floor(random() * 500)) < today - 30) {
      if (random() < 0.5)
        push(id, day, null, {
          kind: "roots-read",
          fillGrade: Math.floor(random() * 5),
          circlingGrade: Math.floor(random() * 3),
        });
      else {
        size = Math.min(39, size + 1 + Math.floor(random() * 3));
        const mm = 160 + 12 * size;
        push(id, day, lots[size].id, {
          kind: "potted",
          correction: "tease-and-clip",
          retainedShare: null,
          mix: "compost-bark",
          mixName: "Compost and bark",
          mixL: ((Math.PI / 4) * mm ** 3 * 0.88) / 1e6,
          fillHeightMm: null,
          bottomLayerMm: 0,
          wetMassKg: null,
        });
      }
    }
  }
  events.sort((a, b) => a.on.best.localeCompare(b.on.best) || a.seq - b.seq);
  return { trees, lots, events };
}
