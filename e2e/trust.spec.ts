import { randomUUID } from "node:crypto";
import { expect, test } from "@playwright/test";
import { openPool, run } from "../data/db";
import { expectNoSeriousFindings, visit, watchErrors, world } from "./support";

test("two tabs on one person: the second is told, keeps what was typed, and saves when it is pressed again", async ({
  page,
  context,
  request,
}) => {
  const w = await world(request);
  const personId = randomUUID();
  const person = { personId, name: "Helper", self: false, hoursPerWeek: null, weekdays: [] };
  await w.send("set-person", { ...person, liftKg: 20 });
  const other = await context.newPage();
  await visit(page, w.url("people"));
  await visit(other, w.url("people"));
  const lift = async (tab: typeof page, kg: string) => {
    await tab
      .getByRole("main")
      .getByRole("button", { name: /Change/ })
      .first()
      .click();
    const form = tab.getByRole("form", { name: /Helper/ });
    await form.getByLabel("Lifts alone, up to").fill(kg);
    await form
      .getByRole("button", { name: /^Keep|^Save|^Record/ })
      .first()
      .click();
    return form;
  };
  await lift(page, "8");
  await expect(page.getByText(/8 kg/).first()).toBeVisible();
  const form = await lift(other, "25");
  await expect(other.getByText(/Somebody changed this person after this page was opened/).first()).toBeVisible();
  await expect(form.getByLabel("Lifts alone, up to")).toHaveValue("25");
  await page.reload();
  await expect(page.getByText(/8 kg/).first()).toBeVisible();
  await form
    .getByRole("button", { name: /^Keep|^Save|^Record/ })
    .first()
    .click();
  await expect(other.getByText(/25 kg/).first()).toBeVisible();
  await other.close();
});

test("a page never loads itself anew while the day is moved and things are recorded", async ({ page, request }) => {
  const runs = Number(process.env.AURELIAN_STEADY_RUNS ?? 12);
  test.setTimeout(120_000 + 2500 * runs);
  const w = await world(request);
  await visit(page, w.url("settings"));
  await page.evaluate(() => ((window as unknown as { mark: number }).mark = 1));
  for (let i = 0; i < runs; i++) {
    await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
    await page.keyboard.press("]");
    await page
      .locator("input[name=units]")
      .nth(i % 2 === 0 ? 1 : 0)
      .click();
    await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
    for (let k = 0; k < 4; k++) {
      await page.keyboard.press(i % 4 < 2 ? "]" : "[");
      await page.waitForTimeout(20 + ((37 * (i + k)) % 140));
    }
    await page.waitForTimeout(250);
    expect(await page.evaluate(() => (window as unknown as { mark?: number }).mark)).toBe(1);
  }
});

test("limits are told in words: large lists come in whole, too large or cut bodies do not", async ({ request }) => {
  const w = await world(request);
  const about = (bytes: number) =>
    encodeURIComponent(
      JSON.stringify({
        kind: "trees",
        fileName: "big.csv",
        bytes,
        commandId: null,
        mapping: null,
        options: { lengthUnit: "cm", volumeUnit: "L", dateOrder: null },
      }),
    );
  const note = "x".repeat(300);
  const list = `tag,kind,note\n${Array.from({ length: 45_000 }, (_, i) => `T${i},Fig,${note}`).join("\n")}\n`;
  expect(list.length).toBeGreaterThan(13_000_000);
  const answer = await request.post(w.url("import-file"), {
    headers: { "x-import": about(list.length), "content-type": "text/csv" },
    data: Buffer.from(list),
  });
  const lines = (await answer.text()).trim().split("\n");
  expect(JSON.parse(lines.at(-1)!)).toMatchObject({
    step: "preview",
    preview: { good: 45_000, total: 45_000, problemCount: 0 },
  });

  const huge = await request.post(w.url("import-file"), {
    headers: { "x-import": about(70_000_000), "content-type": "text/csv" },
    data: Buffer.alloc(65 * 1_048_576, "a"),
  });
  expect(JSON.parse(await huge.text())).toEqual({
    step: "fault",
    faults: [{ path: "file", code: "too-large", figures: { what: "file", mostBytes: 67_108_864 } }],
  });

  const photo = await request.post(
    `${w.url("photo-upload")}?commandId=${randomUUID()}&tree=${randomUUID()}&on=2026-05-01`,
    {
      data: Buffer.alloc(25 * 1_048_576, 1),
    },
  );
  expect(photo.status()).toBe(413);
  expect(await photo.json()).toMatchObject({
    faults: [{ code: "too-large", figures: { what: "picture", mostBytes: 25_165_824 } }],
  });
});

test("a photograph of more than ten megabytes is kept", async ({ request }) => {
  const { default: sharp } = await import("sharp");
  const { randomFillSync } = await import("node:crypto");
  const w = await world(request);
  const treeId = await w.tree("P-1");
  const raw = randomFillSync(Buffer.alloc(2400 * 2000 * 3));
  const picture = await sharp(raw, { raw: { width: 2400, height: 2000, channels: 3 } })
    .png({ compressionLevel: 0 })
    .toBuffer();
  expect(picture.length).toBeGreaterThan(13_700_000);
  const sent = await request.post(`${w.url("photo-upload")}?commandId=${randomUUID()}&tree=${treeId}&on=2026-05-01`, {
    data: picture,
  });
  expect(await sent.json()).toMatchObject({ ok: true });
});

test("odd requests get a status that fits and words, never an empty page", async ({ page, request }) => {
  const w = await world(request);
  const treeId = await w.tree("S-1");
  const status = async (path: string) => (await request.get(path)).status();
  expect(await status(w.url(`tree/${treeId}`))).toBe(200);
  expect(await status(w.url(`tree/${randomUUID()}`))).toBe(404);
  expect(await status(w.url(`tree/${randomUUID()}/pot`))).toBe(404);
  expect(await status(w.url("tree/nonsense"))).toBe(404);
  expect(await status(`/c/${randomUUID()}/trees`)).toBe(404);
  expect(await status("/c/nonsense/trees")).toBe(404);
  expect(await status("/no/such/page")).toBe(404);
  for (const path of ["/c/%ZZ/trees", `/c/${w.id}/tree/%E0%A4%A`, `/c/${w.id}/photos/%FF`])
    expect(await status(path)).toBeLessThan(500);
  const post = (name: string, data: string) =>
    request.post(`/api/commands/${name}`, { data, headers: { "content-type": "application/json" } });
  expect((await post("no-such-command", "{}")).status()).toBe(404);
  expect((await post("add-note", "{")).status()).toBe(400);
  expect((await post("add-note", '{"commandId": 5}')).status()).toBe(400);
  const began = Date.now();
  expect((await post("add-note", "[".repeat(200_000) + "]".repeat(200_000))).status()).toBe(400);
  expect((await post("add-note", JSON.stringify({ text: "x".repeat(5_000_000) }))).status()).toBe(413);
  expect(Date.now() - began).toBeLessThan(5000);
  expect((await request.post("/api/calc/no.such", { data: {} })).status()).toBe(404);
  expect(await (await request.get("/api/health/ready")).json()).toEqual({
    ready: true,
    database: true,
    readOnly: null,
  });
  await page.goto(w.url(`tree/${randomUUID()}`));
  await expect(page.getByRole("heading").first()).toBeVisible();
});

test("a flood of calculations is sent away with a time to come back, and pages are served meanwhile", async ({
  request,
}) => {
  const w = await world(request);
  const hours = Array.from({ length: 24 * 212 }, (_, h) => ({ airC: -5 + (h % 24) / 4, windMs: 2, soilC: 2 }));
  const ask = () =>
    request.post("/api/calc/winter.potTemperature", {
      data: { volumeL: 12, wall: "timber", stand: "ground", startC: 5, hours },
    });
  const flood = Promise.all(Array.from({ length: 60 }, ask));
  expect((await request.get(w.url("log"))).status()).toBe(200);
  const answers = await flood;
  const statuses = new Set(answers.map((a) => a.status()));
  expect([...statuses].every((s) => s === 200 || s === 429)).toBe(true);
  expect(statuses.has(200)).toBe(true);
  for (const sent of answers.filter((a) => a.status() === 429)) expect(sent.headers()["retry-after"]).toBe("2");
  expect((await ask()).status()).toBe(200);
});

test("an entry of the year 26 from before does not lock the collection: it opens, and is taken back in the history", async ({
  page,
  request,
}) => {
  const env = process.env;
  const pool = openPool({
    host: env.AURELIAN_DB_HOST!,
    port: Number(env.AURELIAN_DB_PORT),
    user: env.AURELIAN_OWNER_USER!,
    password: env.AURELIAN_OWNER_PASSWORD!,
    database: env.AURELIAN_DB_NAME!,
  });
  try {
    const w = await world(request);
    const treeId = await w.tree("OLD-1");
    const { entryId } = await w.send("add-note", { treeId, on: "2026-05-01", text: "a slip" });
    const slip =
      "UPDATE event SET on_best = '0026-05-01', on_from = '0026-05-01', on_to = '0026-05-01' WHERE entry_id = ?";
    await run(pool, slip, [entryId]);
    // A new revision, so that nothing is answered from memory.
    const before = await w.send("add-note", { treeId, on: "2026-05-02", text: "after it" });
    expect(before.entryId).not.toBe("");
    for (const place of ["trees", `tree/${treeId}`, "climate", "log"])
      expect((await request.get(w.url(place))).status()).toBe(200);
    await visit(page, w.url("log"));
    await page
      .getByRole("button", { name: /^Undo: OLD-1: note/ })
      .last()
      .click();
    await expect(page.getByRole("status")).toContainText("Taken back.");
  } finally {
    await pool.end();
  }
});

test("the bench and the roots answer for the day that is shown", async ({ page, request }) => {
  const errors = watchErrors(page);
  const w = await world(request);
  const treeId = await w.tree("B-1", { kindId: "apple" });
  await w.pots("Next", { known: "measured", vessel: { shape: "cylinder", topWidthMm: 300, heightMm: 300 } });
  await visit(page, `${w.url(`tree/${treeId}/pot`)}?on=2026-11-20`);
  await expect(page.getByText("Showing 20 Nov 2026")).toBeVisible();
  await expect(page.getByTestId("closed-window").first()).toBeVisible();
  // Ahead of today nothing can be recorded but today.
  await expect(page.getByLabel("Done on")).toHaveValue("2026-05-15");
  await visit(page, `${w.url(`tree/${treeId}/pot`)}?on=2026-03-25`);
  await expect(page.getByLabel("Done on")).toHaveValue("2026-03-25");
  await visit(page, `${w.url(`tree/${treeId}/correct`)}?on=2026-03-25`);
  await expect(page.getByRole("region", { name: "On 25 Mar" })).toBeVisible();
  // Dragging the day asks the server for that day.
  await page.getByRole("button", { name: "Back to today" }).click();
  await expect(page.getByRole("region", { name: "Today" })).toBeVisible();
  await visit(page, `${w.url("arrival")}?on=2026-03-25`);
  await expect(page.getByText(/As of 25 Mar/)).toBeVisible();
  await visit(page, `${w.url(`tree/${treeId}/pot`)}?on=2020-03-25`);
  await expect(page.getByRole("heading", { name: "B-1 was not here then" })).toBeVisible();
  await expectNoSeriousFindings(page);
  expect(errors).toEqual([]);
});

test("a new site: coordinates as maps give them, feet, Fahrenheit, units and currency chosen; no made-up weather", async ({
  page,
}) => {
  await visit(page, "/setup");
  await page.getByLabel("Latitude").fill("52°31'N 13°24'E");
  await expect(page.getByLabel("Longitude")).toHaveValue("13.4");
  await page.getByLabel("Elevation").fill("180 ft");
  await page.getByLabel("Lowest temperature").fill("14 °F");
  await page.getByLabel("3 · The usual last frost in spring: day").fill("28");
  await page.getByLabel("4 · The usual first frost in autumn: day").fill("20");
  await page.getByLabel("Units").selectOption("us");
  await page.getByLabel("Currency").selectOption("USD");
  await page.getByRole("button", { name: "Begin" }).click();
  await page.waitForURL(/\/today$/);
  const base = new URL(page.url()).pathname.replace(/\/today$/, "");
  await visit(page, `${base}/climate`);
  await expect(page.getByText(/52.52° N, 13.4° E, 180 ft/)).toBeVisible();
  await visit(page, `${base}/settings`);
  await expect(page.getByLabel("Currency of prices")).toHaveValue("USD");
  await expect(page.getByText("52.52° N, 13.4° E, 180 ft above the sea")).toBeVisible();
  await visit(page, `${base}/pots`);
  await page.getByLabel("In one line").fill("2 × 4 gal");
  await expect(
    page.getByText("There is no #4 pot: the nearest are #3 and #5. For true gallons write 4 US gal."),
  ).toBeVisible();
  await page.getByLabel("In one line").fill("2 × 5 gal");
  await expect(page.getByTestId("pot-volume")).toBeVisible();
  await page.getByLabel("Name", { exact: true }).fill("Fives");
  await page.getByRole("button", { name: "Put in store" }).click();
  await expect(page.getByRole("status")).toContainText("2 × Fives put in store.");
});
