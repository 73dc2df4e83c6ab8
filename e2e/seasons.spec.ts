import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { expect, test } from "@playwright/test";
import { freePort } from "../scripts/lib/ports";
import { startWeb, type WebServer } from "../scripts/lib/web";
import { expectNoSeriousFindings, round, visit, watchErrors, World, NORTH, SOUTH } from "./support";

/** The yard in US units on days on which seasons and calendar years meet; each day is a server of its own on the same database. */
const DAYS = ["2026-01-10", "2026-04-01", "2026-10-20"] as const;
/** Words that no page may show a grower. */
const BROKEN = /\bNaN\b|undefined|\bnull\b|\[object|Infinity/;

for (const today of DAYS)
  test(`today is ${today}: a northern and a southern yard in US units, every room`, async ({ browser, playwright }) => {
    const dir = mkdtempSync(path.join(tmpdir(), "aurelian-day-"));
    let web: WebServer | null = null;
    try {
      web = await startWeb(dir, await freePort(4700 + 10 * DAYS.indexOf(today)), {
        ...(process.env as Record<string, string>),
        NODE_OPTIONS: "",
        AURELIAN_TODAY: today,
        AURELIAN_DATA_DIR: dir,
      });
      const request = await playwright.request.newContext({ baseURL: web.url });
      const context = await browser.newContext({ baseURL: web.url, viewport: { width: 1280, height: 800 } });
      for (const [answers, kindId] of [
        [NORTH, "apple"],
        [SOUTH, "lemon"],
      ] as const) {
        const w = new World(request);
        await w.send("create-collection", { name: "Day", zone: "UTC", answers, units: "us", currency: "USD" });
        const treeId = await w.tree("D-1", { kindId, finalVolumeL: 246.05176595999998 });
        await w.pots("Next", round(240, 195, 230));
        await w.pots("After", round(300, 240, 290));
        await w.roots(treeId, today, 3, 2);
        const page = await context.newPage();
        const errors = watchErrors(page);
        for (const room of [
          "trees",
          `tree/${treeId}`,
          `tree/${treeId}/pot`,
          `tree/${treeId}/correct`,
          `tree/${treeId}/plan`,
          "climate",
          "climate/ahead",
          "trees/windows",
          "winter",
          "pots",
          "log",
        ]) {
          await visit(page, w.url(room));
          const text = await page.locator("main").innerText();
          expect(text, `${room}: ${BROKEN.exec(text)?.[0] ?? ""}`).not.toMatch(BROKEN);
          // Never more digits than are known, and lengths as the collection has them.
          expect(text, room).not.toMatch(/\d\.\d{4,}/);
          if (room.endsWith("/pot")) {
            expect(text).toMatch(/\d in\b/);
            expect(text).not.toMatch(/\d mm\b/);
          }
        }
        await expectNoSeriousFindings(page);
        expect(errors).toEqual([]);
        await page.close();
      }
      await context.close();
      await request.dispose();
    } finally {
      await web?.stop();
      rmSync(dir, { recursive: true, force: true });
    }
  });

test("with the disk almost full pages are read, say so, and nothing is saved", async ({ browser, playwright }) => {
  const dir = mkdtempSync(path.join(tmpdir(), "aurelian-full-"));
  let web: WebServer | null = null;
  try {
    web = await startWeb(dir, await freePort(4760), {
      ...(process.env as Record<string, string>),
      NODE_OPTIONS: "",
      AURELIAN_DATA_DIR: dir,
      AURELIAN_LEAST_FREE_MB: "900000000",
    });
    // Made through the server that has room.
    const roomy = await playwright.request.newContext({ baseURL: process.env.AURELIAN_URL });
    const w = new World(roomy);
    await w.send("create-collection", { name: "Full", zone: "UTC", answers: NORTH });
    const treeId = await w.tree("F-1");
    const request = await playwright.request.newContext({ baseURL: web.url });
    const sent = await request.post("/api/commands/add-note", {
      data: { commandId: crypto.randomUUID(), collectionId: w.id, treeId, on: "2026-05-01", text: "no room" },
    });
    expect(sent.status()).toBe(503);
    expect(await sent.json()).toMatchObject({
      code: "unavailable",
      faults: [{ path: "", code: "disk-full" }],
    });
    const page = await (await browser.newContext({ baseURL: web.url })).newPage();
    await visit(page, w.url(`tree/${treeId}`));
    await expect(page.getByTestId("read-only")).toContainText("Everything can still be read");
    await expectNoSeriousFindings(page);
    await page.context().close();
  } finally {
    await web?.stop();
    rmSync(dir, { recursive: true, force: true });
  }
});
