import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { expect, test } from "@playwright/test";
import { type DbAddress, openPool } from "../data/db";
import { differences } from "../scripts/backup/checks";
import { checksOf, makeBackup } from "../scripts/backup/make";
import { restoreBackup } from "../scripts/backup/restore";
import { visit, world } from "./support";

test("a backup made while the application runs brings every row back, and open pages see it", async ({
  page,
  request,
}) => {
  const env = process.env;
  const owner: DbAddress = {
    host: env.AURELIAN_DB_HOST!,
    port: Number(env.AURELIAN_DB_PORT),
    user: env.AURELIAN_OWNER_USER!,
    password: env.AURELIAN_OWNER_PASSWORD!,
    database: env.AURELIAN_DB_NAME!,
  };
  const folder = mkdtempSync(path.join(tmpdir(), "aurelian-restore-"));
  const pool = openPool(owner, { connectionLimit: 2 });
  try {
    const w = await world(request);
    const kept = await w.tree("K-1");
    await visit(page, w.url("trees"));
    // Writes go on while the backup is being made.
    const busy = (async () => {
      for (let i = 0; i < 12; i++) await w.send("add-note", { treeId: kept, on: "2026-05-01", text: `during ${i}` });
    })();
    const { stem, manifest } = await makeBackup(owner, "test", folder, () => undefined);
    await busy;
    expect(Object.keys(manifest.tables)).toContain("event");

    const before = await checksOf(pool, owner.database);
    await w.tree("L-1");
    await w.send("add-note", { treeId: kept, on: "2026-05-02", text: "after the backup" });
    await visit(page, w.url("trees"));
    await expect(page.getByRole("link", { name: /^L-1/ })).toBeVisible();

    let saved = "";
    await restoreBackup(
      owner,
      stem,
      () => undefined,
      async () => {
        saved = (await makeBackup(owner, "before", folder, () => undefined)).stem;
      },
    );
    expect(differences(manifest.tables, await checksOf(pool, owner.database))).toEqual([]);
    await page.reload();
    await expect(page.getByRole("link", { name: /^K-1/ })).toBeVisible();
    await expect(page.getByRole("link", { name: /^L-1/ })).toHaveCount(0);

    // What is written now takes the numbers of what was lost: nothing remembered of that may show.
    await w.tree("N-1");
    await visit(page, w.url("trees"));
    await expect(page.getByRole("link", { name: /^N-1/ })).toBeVisible();
    await expect(page.getByRole("link", { name: /^L-1/ })).toHaveCount(0);

    // And back again: the state before the restore was kept by it.
    await restoreBackup(
      owner,
      saved,
      () => undefined,
      () => Promise.resolve(),
    );
    const again = await checksOf(pool, owner.database);
    expect(again.weather_day).toEqual(before.weather_day);
    await page.reload();
    await expect(page.getByRole("link", { name: /^L-1/ })).toBeVisible();
    await expect(page.getByRole("link", { name: /^N-1/ })).toHaveCount(0);
  } finally {
    await pool.end();
    rmSync(folder, { recursive: true, force: true });
  }
});
