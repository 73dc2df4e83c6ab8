import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { openPool, run } from "@/data/db";
import { listEntries } from "@/data/log";
import { migrate } from "@/data/migrate";
import { closePools, pool } from "@/server/pool";
import { hasTestDatabase, ownerAddress, testPool } from "@/test-support/database";
import { TestYard } from "@/test-support/yard";
import { makeBackup } from "./make";
import { restoreBackup } from "./restore";

const onDatabase = hasTestDatabase() ? describe : describe.skip;

onDatabase("a restore loses nothing that was acknowledged", () => {
  const folder = mkdtempSync(path.join(tmpdir(), "aurelian-hold-"));
  const quiet = () => undefined;
  // A restore exchanges everything: it works on a database of its own, beside those of the other tests.
  const owner = { ...ownerAddress(), database: `${process.env.AURELIAN_DB_NAME!}_scratch_hold` };
  const admin = testPool("owner");
  beforeAll(async () => {
    await run(admin, `DROP DATABASE IF EXISTS ${owner.database}`);
    await run(admin, `CREATE DATABASE ${owner.database} CHARACTER SET utf8mb4 COLLATE utf8mb4_uca1400_ai_ci`);
    const connection = openPool(owner, { connectionLimit: 1 });
    await migrate(connection);
    await connection.end();
    process.env.AURELIAN_DB_NAME = owner.database;
    process.env.AURELIAN_DB_USER = owner.user;
    process.env.AURELIAN_DB_PASSWORD = owner.password;
  });
  afterAll(async () => {
    rmSync(folder, { recursive: true, force: true });
    await closePools();
    await run(admin, `DROP DATABASE IF EXISTS ${owner.database}`);
    await admin.end();
  });

  test("writes wait from the safety copy to the exchange, and an old page is told afterwards", async () => {
    const yard = new TestYard();
    await yard.found();
    const treeId = await yard.tree("H-1");
    const { stem } = await makeBackup(owner, "test", folder, quiet);
    const { epoch } = (await yard.view()).collection;
    const entries = () => listEntries(pool(), { collectionId: yard.id });
    const before = (await entries()).length;

    let inBetween: Awaited<ReturnType<TestYard["send"]>> | null = null;
    await restoreBackup(owner, stem, quiet, async () => {
      const copy = await makeBackup(owner, "before", folder, quiet);
      // Here a write used to be acknowledged and then lost: it came after the copy and before the exchange.
      inBetween = await yard.send("add-note", {
        treeId,
        on: yard.today,
        text: "written while a backup is put back",
      });
      return copy;
    });
    expect(inBetween).toMatchObject({
      ok: false,
      code: "unavailable",
      faults: [{ path: "", code: "backup-going-on" }],
    });
    expect((await entries()).length).toBe(before);

    const note = { treeId, on: yard.today, text: "after it" };
    const told = await yard.send("add-note", { ...note, epoch });
    expect(told).toMatchObject({ ok: false, code: "conflict" });
    expect(!told.ok && told.faults[0].code).toBe("backup-put-back");
    const now = (await yard.view()).collection.epoch;
    expect(now).not.toBe(epoch);
    await yard.ok("add-note", { ...note, epoch: now });
  });
});
