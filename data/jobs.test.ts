import { randomUUID } from "node:crypto";
import type { Pool } from "mysql2/promise";
import { hasTestDatabase, testPool } from "@/test-support/database";
import { insertCollection } from "./collections";
import { run, tx } from "./db";
import {
  beatJob,
  cancelJob,
  claimJob,
  endJob,
  findJob,
  forgetJobs,
  insertJob,
  type Job,
  jobResult,
  newestJob,
} from "./jobs";

const onDatabase = hasTestDatabase() ? describe : describe.skip;

onDatabase("jobs on a real database", () => {
  let app: Pool;
  beforeAll(() => {
    app = testPool("app");
  });
  afterAll(async () => {
    await app.end();
  });
  const NOW = "2026-05-15 10:00:00.000";
  const at = (seconds: number) =>
    new Date(Date.UTC(2026, 4, 15, 10, 0, seconds)).toISOString().replace("T", " ").replace("Z", "");
  const scopeOf = async () => {
    const collectionId = randomUUID();
    await insertCollection(app, {
      id: collectionId,
      name: "Jobs",
      latitudeDeg: 48,
      longitudeDeg: 11,
      elevationM: 500,
      zone: "UTC",
      currency: "EUR",
      units: "metric",
      risk: 0.1,
      answers: {
        latitudeDeg: 48,
        longitudeDeg: 11,
        elevationM: 500,
        coldestNightC: -15,
        lastSpringFrost: "05-01",
        firstAutumnFrost: "10-10",
      },
      seed: 1,
    });
    return { collectionId };
  };
  const put = async (scope: { collectionId: string }, askedAt = NOW, kind = "t") => {
    const id = randomUUID();
    await insertJob(app, scope, { id, kind, input: { a: [1, "é"] }, revision: 3, model: "m", askedAt });
    return id;
  };
  /** Claims until a job of this collection comes: other tests may have left theirs. */
  const claim = async (scope: { collectionId: string }, now = NOW): Promise<Job | null> => {
    for (let i = 0; i < 50; i++) {
      const job = await tx(app, (db) => claimJob(db, now));
      if (!job || job.collectionId === scope.collectionId) return job;
      await endJob(app, job, "failed", now);
    }
    return null;
  };

  test("a job goes from waiting to running to done, and its result comes back", async () => {
    const scope = await scopeOf();
    const id = await put(scope);
    expect(await findJob(app, scope, id)).toMatchObject({
      state: "queued",
      input: { a: [1, "é"] },
      revision: 3,
      model: "m",
    });
    const job = (await claim(scope))!;
    expect(job).toMatchObject({ id, state: "running" });
    expect(await beatJob(app, job, 2, 5, at(1))).toBe(false);
    expect(await findJob(app, scope, id)).toMatchObject({ progress: 2, total: 5 });
    await endJob(app, job, "done", at(2), { result: "{}" });
    expect(await jobResult(app, scope, id)).toBe("{}");
    expect((await newestJob(app, scope, "t", ["done"]))?.id).toBe(id);
    // Ended once: a late word of the same runner changes nothing.
    await endJob(app, job, "failed", at(3), { message: "late" });
    expect((await findJob(app, scope, id))?.state).toBe("done");
  });

  test("two takers never get the same job", async () => {
    const scope = await scopeOf();
    const [first, second] = [await put(scope, at(-20)), await put(scope, at(-10))];
    const one = await app.getConnection();
    const two = await app.getConnection();
    try {
      await one.beginTransaction();
      await two.beginTransaction();
      const [a, b] = [await claimJob(one, NOW), await claimJob(two, NOW)];
      expect(a && b ? a.id === b.id : false).toBe(false);
      expect([first, second]).toEqual(
        expect.arrayContaining([a?.id, b?.id].filter((x) => x === first || x === second)),
      );
      await one.commit();
      await two.commit();
    } finally {
      one.release();
      two.release();
    }
    await run(app, "UPDATE job SET state = 'failed' WHERE collection_id = ?", [scope.collectionId]);
  });

  test("a waiting job is cancelled at once, a running one hears of it at its next beat", async () => {
    const scope = await scopeOf();
    const waiting = await put(scope);
    await cancelJob(app, scope, waiting, at(1));
    expect(await findJob(app, scope, waiting)).toMatchObject({ state: "cancelled" });
    const id = await put(scope);
    const job = (await claim(scope))!;
    expect(job.id).toBe(id);
    await cancelJob(app, scope, id, at(1));
    expect(await findJob(app, scope, id)).toMatchObject({ state: "running", cancelAsked: true });
    expect(await beatJob(app, job, 1, 5, at(2))).toBe(true);
    await endJob(app, job, "cancelled", at(2));
    expect((await findJob(app, scope, id))?.state).toBe("cancelled");
  });

  test("a job dropped by a process that is gone is taken up again; one whose heart beats is not", async () => {
    const scope = await scopeOf();
    const id = await put(scope);
    const job = (await claim(scope, at(0)))!;
    await beatJob(app, job, 1, 9, at(5));
    expect(await claim(scope, at(20))).toBeNull();
    expect((await claim(scope, at(40)))?.id).toBe(id);
    await endJob(app, job, "done", at(41), { result: "x" });
  });

  test("of old jobs the newest few stay, and another collection's are none of its business", async () => {
    const scope = await scopeOf();
    const other = await scopeOf();
    const foreign = await put(other);
    const ids: string[] = [];
    for (let i = 0; i < 4; i++) {
      ids.push(await put(scope, at(i)));
      await run(app, "UPDATE job SET state = 'done' WHERE id = ?", [ids[i]]);
    }
    await forgetJobs(app, scope, "t", 2);
    expect(await findJob(app, scope, ids[1])).toBeNull();
    expect(await findJob(app, scope, ids[2])).not.toBeNull();
    expect(await findJob(app, other, foreign)).not.toBeNull();
    expect(await findJob(app, scope, foreign)).toBeNull();
    await run(app, "UPDATE job SET state = 'failed' WHERE id = ?", [foreign]);
  });
});
