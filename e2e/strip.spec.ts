import { expect, test } from "@playwright/test";
import {
  expectNoSeriousFindings,
  NORTH,
  openStrip,
  plansMade,
  SOUTH,
  TODAY,
  visit,
  watchErrors,
  world,
} from "./support";

test("dragging the strip moves everything shown without a word to the server", async ({ page, request }) => {
  const errors = watchErrors(page);
  const w = await world(request, NORTH);
  const treeId = await w.tree("S-1", { arrivedOn: "2025-04-01", form: "liner" });
  await w.roots(treeId, "2025-09-20", 2, 0);
  await visit(page, w.url("trees"));
  await plansMade(page, w);
  await openStrip(page);
  const strip = page.getByRole("slider", { name: "As-of day of everything shown" });
  const tree = page.getByRole("link", { name: /^S-1/ });
  const before = await tree.getAttribute("aria-label");
  // The first move opens the browser's own replay; from then on nothing may be asked of the server.
  const opened = page.waitForResponse((response) => response.url().endsWith("replay-bundle"));
  await page.keyboard.press("]");
  await expect(page.getByText("Showing 22 May 2026")).toBeVisible();
  await expect(page).toHaveURL(/on=2026-05-22/);
  await opened;
  await page.waitForLoadState("networkidle");
  const asked: string[] = [];
  // The browser itself may look at the icon again when the address changes.
  page.on("request", (r) => /(icon\.svg|favicon\.ico)/.test(r.url()) || asked.push(r.url()));
  const box = (await strip.boundingBox())!;
  await page.mouse.move(box.x + 700, box.y + 30);
  await page.mouse.down();
  for (let x = 690; x >= 300; x -= 30) await page.mouse.move(box.x + x, box.y + 30);
  await page.mouse.up();
  await expect(page).toHaveURL(/on=2026-0[89]-/);
  await expect(tree).not.toHaveAttribute("aria-label", before!);
  expect(asked).toEqual([]);

  await page.keyboard.press("t");
  await expect(page.getByText("Showing today")).toBeVisible();
  await expect(page).not.toHaveURL(/on=/);
  await expect(tree).toHaveAttribute("aria-label", before!);
  await strip.focus();
  await page.keyboard.press("ArrowLeft");
  await expect(page.getByText("Showing 14 May 2026")).toBeVisible();
  await page.keyboard.press("[");
  await expect(page.getByText("Showing 7 May 2026")).toBeVisible();
  await page.getByLabel("Day shown").fill("2026-10-01");
  await page.keyboard.press("Enter");
  await expect(page.getByText("Showing 1 Oct 2026")).toBeVisible();
  await page.getByRole("button", { name: "Back to today" }).click();
  await expect(page.getByText("Showing today")).toBeVisible();
  expect(errors).toEqual([]);
});

test("the day stands in the address: opened again, the server shows what the browser showed", async ({
  page,
  request,
}) => {
  const w = await world(request, NORTH);
  const treeId = await w.tree("S-2", { arrivedOn: "2025-04-01", form: "liner" });
  await w.roots(treeId, "2025-09-20", 2, 0);
  await visit(page, w.url(`tree/${treeId}`));
  const today = (await page.getByTestId("fill").textContent())!;
  await page.getByLabel("Day shown").fill("2026-09-01");
  await page.keyboard.press("Enter");
  await expect(page.getByText("Showing 1 Sept 2026")).toBeVisible();
  const values = async () => [
    await page.getByTestId("fill").textContent(),
    await page.getByTestId("due").textContent(),
    await page.getByTestId("verdict").textContent(),
  ];
  await expect(page.getByTestId("fill")).not.toHaveText(today);
  const browser = await values();
  await page.reload();
  await expect(page.getByText("Showing 1 Sept 2026")).toBeVisible();
  expect(await values()).toEqual(browser);
});

test("a southern collection: its spring lies in September, and windows follow", async ({ page, request }) => {
  const w = await world(request, SOUTH);
  await w.tree("J-1", { kindId: "lemon", arrivedOn: "2024-10-01" });
  await visit(page, w.url("climate"));
  await expect(page.getByText("Last frost in spring.").locator("..")).toContainText(/Aug|Sept|Oct/);
  await expect(page.getByText("First frost in autumn.").locator("..")).toContainText(/May|Jun|Jul/);
  await visit(page, w.url("trees"));
  await page.getByRole("link", { name: /^J-1/ }).click();
  await expect(page.getByTestId("window")).toContainText(/opens \d+ (Sept|Oct|Nov)/);
});

test("on a phone: strips of 72 px, nothing wider than the screen, nothing axe objects to", async ({
  page,
  request,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const w = await world(request, NORTH);
  const treeId = await w.tree("P-1");
  await w.roots(treeId, "2026-03-20", 4, 3);
  for (const path of ["trees", `tree/${treeId}`, `tree/${treeId}/pot`, "pots", "climate", "add"]) {
    await visit(page, w.url(path));
    await expect(page.getByRole("heading").first()).toBeVisible();
    expect(await page.evaluate(() => document.documentElement.scrollWidth), path).toBeLessThanOrEqual(390);
    await expectNoSeriousFindings(page);
  }
  await visit(page, w.url("trees"));
  expect((await page.getByRole("link", { name: /^P-1/ }).boundingBox())!.height).toBeGreaterThanOrEqual(72);
});

test("each page has a policy with a nonce of its own and allows no other script", async ({ request }) => {
  const w = await world(request, NORTH);
  const policies = await Promise.all(
    [1, 2].map(async () => (await request.get(w.url("trees"))).headers()["content-security-policy"]),
  );
  const script = (p: string) => /script-src ([^;]*)/.exec(p)![1];
  expect(script(policies[0])).toMatch(/^'self' 'nonce-[^']+'$/);
  expect(script(policies[0])).not.toBe(script(policies[1]));
  expect((await request.get("/", { headers: { host: "evil.example" } })).status()).toBe(421);
  const bundle = await request.get(w.url("replay-bundle"));
  expect(
    (await request.get(w.url("replay-bundle"), { headers: { "if-none-match": bundle.headers().etag } })).status(),
  ).toBe(304);
  const foreign = await request.post("/api/commands/stock-pots", {
    headers: { origin: "http://evil.example" },
    data: {},
  });
  expect(foreign.status()).toBe(403);
});

test("calculations answer over HTTP as on the command line; nothing is known as nothing", async ({ request, page }) => {
  const good = await request.post("/api/calc/vessel.nominal", { data: { system: "container-class", size: "#7" } });
  expect(((await good.json()) as { lowL: number }).lowL).toBeCloseTo(21.91, 2);
  const bad = await request.post("/api/calc/vessel.volume", { data: { vessel: { shape: "round", topWidthMm: -1 } } });
  expect(bad.status()).toBe(400);
  expect(JSON.stringify(await bad.json())).toContain("vessel.topWidthMm");
  await visit(page, "/c/00000000-0000-4000-8000-000000000000/trees");
  await expect(page.getByRole("heading", { name: "There is nothing here" })).toBeVisible();
  expect(TODAY).toBe("2026-05-15");
});

test("every page has its title all the way from one to the next, a tree's by its tag", async ({ page, request }) => {
  const w = await world(request);
  const treeId = await w.tree("TT-1");
  await visit(page, w.url("trees"));
  await page.evaluate(() => {
    const untitled = new MutationObserver(() => {
      if (document.title === "") document.body.dataset.untitled = "yes";
    });
    untitled.observe(document.head, { childList: true, subtree: true, characterData: true });
  });
  for (const place of ["Today", "Plan", "Winter", "Pots & mixes", "Climate", "Trees"]) {
    await page.getByRole("navigation").getByRole("link", { name: place, exact: true }).first().click();
    await expect(page).toHaveTitle(new RegExp(`^${place} ·`));
  }
  await page.getByRole("link", { name: "Working windows" }).click();
  await expect(page).toHaveTitle(/^Working windows ·/);
  await expect(page.locator("body")).not.toHaveAttribute("data-untitled");
  await page.goto(w.url(`tree/${treeId}/winter`));
  await expect(page).toHaveTitle(/^TT-1, winter ·/);
  await page.goto(w.url("nowhere"));
  await expect(page).toHaveTitle(/^Nothing here ·/);
});
