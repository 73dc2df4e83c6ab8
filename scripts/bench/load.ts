// Writes a synthetic collection straight into a bench database: one entry, many rows. Prints its id.
import { randomUUID } from "node:crypto";
import { insertCollection, bumpRevision } from "@/data/collections";
import { tx } from "@/data/db";
import { insertEntry, insertEvents } from "@/data/log";
import { insertLots } from "@/data/pots";
import { insertTrees } from "@/data/trees";
import { insertWeather } from "@/data/weather";
import { toDay, toIso } from "@/core/dates/index";
import { generatedRecord, TRAMHALLE_NORMALS } from "@/demo/weather";
import { TRAMHALLE_SITE } from "@/demo/tramhalle";
import { now, todayAt } from "@/server/clock";
import { closePools, pool } from "@/server/pool";
import { syntheticRecords } from "./records";

const count = Number(process.argv[2]);
const id = randomUUID();
const scope = { collectionId: id };
const today = todayAt(TRAMHALLE_SITE.zone);
const records = syntheticRecords(count, toDay(today));
const weather = generatedRecord(48.3, TRAMHALLE_NORMALS, today, 11, 3);
await insertCollection(pool(), {
  ...TRAMHALLE_SITE.answers,
  id,
  name: `Bench ${count}`,
  zone: TRAMHALLE_SITE.zone,
  currency: "EUR",
  units: "metric",
  risk: 0.1,
  answers: TRAMHALLE_SITE.answers,
  seed: 5,
});
await tx(pool(), async (db) => {
  const entryId = randomUUID();
  await insertEntry(db, scope, {
    id: entryId,
    seq: 1,
    commandId: randomUUID(),
    command: "bench",
    actor: "bench",
    recordedAt: now(),
    voidsEntryId: null,
    replacesEntryId: null,
    note: null,
    result: null,
  });
  await insertLots(
    db,
    scope,
    records.lots.map((lot) => ({ ...lot, entryId, price: null })),
  );
  await insertTrees(
    db,
    scope,
    records.trees.map((tree) => ({ ...tree, entryId })),
  );
  await insertEvents(db, scope, entryId, records.events);
  const last = weather.startDay + weather.tminC.length - 1;
  await insertWeather(
    db,
    scope,
    {
      id: randomUUID(),
      entryId,
      name: "bench.csv",
      sha256: "0".repeat(64),
      goodDays: weather.tminC.length,
      badLines: 0,
      firstDay: toIso(weather.startDay),
      lastDay: toIso(last),
      elevationM: null,
    },
    weather,
  );
  await bumpRevision(db, scope, true);
});
console.log(id);
await closePools();
