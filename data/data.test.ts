import { randomUUID } from "node:crypto";
import type { Pool } from "mysql2/promise";
import { testPool, hasTestDatabase } from "@/test-support/database";
import { insertCollection, lockCollection, bumpRevision, findCollection } from "./collections";
import { isDuplicateKey, many, maybeOne, one, run, tx } from "./db";
import { findByCommandId, insertEntry, insertEvents, listEntries, listEvents } from "./log";
import { migrate } from "./migrate";
import { insertLots, listLots } from "./pots";
import { insertTrees, listTrees } from "./trees";
import { insertWeather, listWeatherSources, loadSourceRecords } from "./weather";

// These run on a real MariaDB, which `npm test` starts.
const onDatabase = hasTestDatabase() ? describe : describe.skip;

onDatabase("the log on a real database", () => {
  let app: Pool;
  let owner: Pool;
  beforeAll(() => {
    app = testPool("app");
    owner = testPool("owner");
  });
  afterAll(async () => {
    await app.end();
    await owner.end();
  });

  const fresh = async () => {
    const id = randomUUID();
    await insertCollection(app, {
      id,
      name: "Test",
      latitudeDeg: -38.6,
      longitudeDeg: 1.5,
      elevationM: 120,
      zone: "UTC",
      currency: "EUR",
      units: "metric",
      risk: 0.1,
      answers: {
        latitudeDeg: -38.6,
        longitudeDeg: 1.5,
        elevationM: 120,
        coldestNightC: -2,
        lastSpringFrost: "09-20",
        firstAutumnFrost: "05-25",
      },
      seed: 5,
    });
    return { collectionId: id };
  };
  const entry = async (
    scope: { collectionId: string },
    seq: number,
    more: Partial<Parameters<typeof insertEntry>[2]> = {},
  ) => {
    const id = randomUUID();
    await insertEntry(app, scope, {
      id,
      seq,
      commandId: randomUUID(),
      command: "test",
      actor: "keeper",
      recordedAt: "2026-05-01 10:00:00.123",
      voidsEntryId: null,
      replacesEntryId: null,
      note: null,
      result: { n: seq },
      ...more,
    });
    return id;
  };

  test("none, one, two rows: the verbs say which they got", async () => {
    expect(await maybeOne(app, "SELECT 1 AS n WHERE FALSE")).toBeNull();
    await expect(one(app, "SELECT 1 AS n WHERE FALSE")).rejects.toThrow("no row");
    expect(await one<{ n: number }>(app, "SELECT 1 AS n")).toEqual({ n: 1 });
    await expect(maybeOne(app, "SELECT 1 UNION SELECT 2")).rejects.toThrow("2 rows");
  });

  test("a collection comes back as it went in", async () => {
    const scope = await fresh();
    const found = await findCollection(app, scope.collectionId);
    expect(found).toMatchObject({
      latitudeDeg: -38.6,
      revision: 0,
      units: "metric",
      answers: { lastSpringFrost: "09-20" },
    });
    expect(await findCollection(app, randomUUID())).toBeNull();
  });

  test("the application's user may add to the log but never change it, and may not touch tables", async () => {
    const scope = await fresh();
    await entry(scope, 1);
    await expect(
      run(app, "UPDATE entry SET actor = 'x' WHERE collection_id = ?", [scope.collectionId]),
    ).rejects.toThrow(/DENIED/);
    await expect(run(app, "DELETE FROM event WHERE collection_id = ?", [scope.collectionId])).rejects.toThrow(/DENIED/);
    await expect(run(app, "CREATE TABLE nope (id INT)")).rejects.toThrow(/DENIED/);
    await expect(run(app, "DROP TABLE event")).rejects.toThrow(/DENIED/);
  });

  test("trees, lots, events and weather round trip; events come in the order of the day, then of recording", async () => {
    const scope = await fresh();
    const entryId = await entry(scope, 1);
    const lotId = randomUUID();
    const treeId = randomUUID();
    await insertLots(app, scope, [
      {
        id: lotId,
        entryId,
        name: "<b>O'Pot</b>",
        pot: { known: "about", litres: 12, wall: "terracotta" },
        price: 3.5,
      },
    ]);
    await insertTrees(app, scope, [
      {
        id: treeId,
        entryId,
        tag: "T-1",
        kindId: "quince",
        typedName: null,
        habit: null,
        cultivar: null,
        purpose: "crop",
        count: 30,
        finalVolumeL: null,
        trunkMm: 12.5,
        heightM: 1.2,
      },
    ]);
    const on = (day: string) => ({ best: day, from: day, to: day });
    await insertEvents(app, scope, entryId, [
      {
        id: randomUUID(),
        treeId,
        potLotId: null,
        on: on("2025-02-01"),
        payload: { kind: "roots-read", fillGrade: 2, circlingGrade: null },
      },
      {
        id: randomUUID(),
        treeId,
        potLotId: lotId,
        on: { best: "2024-06-30", from: "2024-01-01", to: "2024-12-31" },
        payload: { kind: "arrived", form: "container", lastPotted: null },
      },
    ]);
    expect((await listLots(app, scope))[0]).toMatchObject({ name: "<b>O'Pot</b>", price: 3.5, pot: { litres: 12 } });
    expect((await listTrees(app, scope))[0]).toMatchObject({ tag: "T-1", count: 30, trunkMm: 12.5 });
    const events = await listEvents(app, scope);
    expect(events.map((e) => e.payload.kind)).toEqual(["arrived", "roots-read"]);
    expect(events[0].on).toEqual({ best: "2024-06-30", from: "2024-01-01", to: "2024-12-31" });
    const values = (list: number[]) => Float32Array.from(list);
    await insertWeather(
      app,
      scope,
      {
        id: randomUUID(),
        entryId,
        name: "a.csv",
        sha256: "0".repeat(64),
        goodDays: 2,
        badLines: 0,
        firstDay: "2024-02-28",
        lastDay: "2024-03-01",
        elevationM: null,
      },
      {
        startDay: 19781,
        tminC: values([1.5, NaN, -2]),
        tmaxC: values([9, NaN, 5]),
        solarMJ: values([NaN, NaN, 3]),
        rainMm: values([NaN, NaN, NaN]),
        windMs: values([NaN, NaN, NaN]),
      },
    );
    const sources = await listWeatherSources(app, scope);
    const record = (
      await loadSourceRecords(
        app,
        scope,
        sources.map((s) => s.id),
        "1876-05-15",
      )
    ).get(sources[0].id)!;
    expect([...record.tminC].map((v) => (Number.isNaN(v) ? null : v))).toEqual([1.5, null, -2]);
    expect(record.solarMJ[2]).toBe(3);
    const ids = sources.map((s) => s.id);
    // Days of another age, from before they were refused, are passed over.
    expect(await loadSourceRecords(app, scope, ids, "2100-01-01")).toEqual(new Map());
  });

  test("one collection never sees another's rows, and a link across is impossible", async () => {
    const [a, b] = [await fresh(), await fresh()];
    const entryA = await entry(a, 1);
    expect(await listEntries(app, b)).toEqual([]);
    await expect(
      insertTrees(app, b, [
        {
          id: randomUUID(),
          entryId: entryA,
          tag: "X",
          kindId: "fig",
          typedName: null,
          habit: null,
          cultivar: null,
          purpose: "crop",
          count: 1,
          finalVolumeL: null,
          trunkMm: null,
          heightM: null,
        },
      ]),
    ).rejects.toThrow(/NO_REFERENCED_ROW/);
  });

  test("a command id is taken once; its first result is kept", async () => {
    const scope = await fresh();
    const commandId = randomUUID();
    const id = await entry(scope, 1, { commandId });
    const error: unknown = await entry(scope, 2, { commandId }).catch((e: unknown) => e);
    expect(isDuplicateKey(error)).toBe(true);
    expect(await findByCommandId(app, scope, commandId)).toEqual({
      id,
      seq: 1,
      command: "test",
      inputSha256: null,
      result: { n: 1 },
    });
  });

  test("a transaction that fails leaves nothing behind; writers of one collection wait for each other", async () => {
    const scope = await fresh();
    await expect(
      tx(app, async (db) => {
        await bumpRevision(db, scope, false);
        throw new Error("half way");
      }),
    ).rejects.toThrow("half way");
    expect((await findCollection(app, scope.collectionId))!.revision).toBe(0);
    await Promise.all(
      Array.from({ length: 12 }, () =>
        tx(app, async (db) => {
          const locked = (await lockCollection(db, scope))!;
          await new Promise((resolve) => setTimeout(resolve, 5));
          expect(await bumpRevision(db, scope, false)).toBe(locked.revision + 1);
        }),
      ),
    );
    expect((await findCollection(app, scope.collectionId))!.revision).toBe(12);
  });

  test("migrating again changes nothing; a database from the future is refused", async () => {
    const connection = await owner.getConnection();
    try {
      expect(await migrate(connection)).toBe(0);
      await run(connection, "INSERT INTO migration (name, checksum, state) VALUES ('999_future.sql', 'x', 'done')");
      await expect(migrate(connection)).rejects.toThrow(/newer than the program/);
    } finally {
      await run(connection, "DELETE FROM migration WHERE name = '999_future.sql'");
      connection.release();
    }
    expect((await many<{ n: number }>(owner, "SELECT COUNT(*) AS n FROM migration WHERE state <> 'done'"))[0].n).toBe(
      0,
    );
  });

  test("a migration cut off half way is run again", async () => {
    const connection = await owner.getConnection();
    try {
      await run(connection, "UPDATE migration SET state = 'started', done_at = NULL WHERE name = '005_event.sql'");
      expect(await migrate(connection)).toBe(1);
    } finally {
      connection.release();
    }
  });
});
