import { randomUUID } from "node:crypto";
import { expect, type Page, test } from "@playwright/test";
import { expectNoSeriousFindings, openPart, visit, watchErrors, world } from "./support";

const PHONE = { width: 390, height: 844 };

/** Taps counted: what a newcomer needs for a task. */
function counting() {
  let taps = 0;
  return {
    tap: async (target: { click: () => Promise<void> }) => {
      taps += 1;
      await target.click();
    },
    /** A choice from a list opens it and takes one. */
    pick: async (choice: Promise<unknown>) => {
      taps += 2;
      await choice;
    },
    taps: () => taps,
  };
}

const button = (page: Page, name: string | RegExp) =>
  page.getByRole("button", { name, exact: typeof name === "string" }).last();

test("ten trees to one place in six taps, taken back in one", async ({ page, request }) => {
  const errors = watchErrors(page);
  const w = await world(request);
  for (let i = 1; i <= 10; i++) await w.tree(`T-${i}`);
  const [a, b] = [randomUUID(), randomUUID()];
  await w.send("add-place", { placeId: a, name: "Court", kind: "open" });
  await w.send("add-place", { placeId: b, name: "South wall", kind: "open" });
  await page.setViewportSize(PHONE);
  await visit(page, w.url("trees"));
  const { tap, pick, taps } = counting();
  await tap(button(page, "Choose several"));
  await tap(button(page, "All 10"));
  await tap(button(page, "Move"));
  await pick(page.getByTestId("record").getByLabel("Place").selectOption({ label: "South wall" }));
  await expectNoSeriousFindings(page);
  await tap(button(page, "Move 10 trees"));
  expect(taps()).toBeLessThanOrEqual(6);
  await expect(page.getByRole("status").filter({ hasText: "10 trees moved." })).toBeVisible();
  await expect(page.getByTestId("chosen")).toHaveCount(0);
  await visit(page, `${w.url("trees")}?place=${b}`);
  await expect(page.getByText("10 of 10 trees")).toBeVisible();
  await visit(page, w.url("log"));
  await page.getByRole("button", { name: /^Undo: 10 trees to South wall/ }).click();
  await expect(page.getByRole("status").filter({ hasText: "Taken back." })).toBeVisible();
  await visit(page, `${w.url("trees")}?place=none`);
  await expect(page.getByText("10 of 10 trees")).toBeVisible();
  expect(errors).toEqual([]);
});

test("a death in three taps; a root check from Today in six", async ({ page, request }) => {
  const w = await world(request);
  const dead = await w.tree("D-1");
  const asked = await w.tree("R-1", { arrivedOn: "2024-06-01" });
  await page.setViewportSize(PHONE);
  await visit(page, w.url(`tree/${dead}`));
  const death = counting();
  await death.tap(button(page, "Record"));
  await death.tap(button(page, "Loss or sale"));
  await expectNoSeriousFindings(page);
  await death.tap(button(page, "Record it"));
  expect(death.taps()).toBeLessThanOrEqual(4);
  await expect(page.getByTestId("verdict")).toContainText("Not here any more: died");

  await visit(page, w.url("today"));
  const check = counting();
  await check.tap(page.getByRole("link", { name: "R-1" }).first());
  await page.waitForURL(new RegExp(`tree/${asked}`));
  await check.tap(button(page, "Record"));
  await check.tap(button(page, "Root check"));
  const dialog = page.getByTestId("record");
  await check.tap(dialog.getByText("3 well rooted"));
  await check.tap(dialog.getByText("0 none: tips end at the wall"));
  await check.tap(dialog.getByRole("button", { name: "Record what I see" }));
  expect(check.taps()).toBeLessThanOrEqual(8);
  await expect(page.getByRole("status").filter({ hasText: "R-1: roots checked." })).toBeVisible();
  await openPart(page, "Log");
  await expect(page.getByText(/Roots seen: well rooted/)).toBeVisible();
});

test("the list is narrowed, grouped, kept under a name, written to a file; faults stay with what was typed", async ({
  page,
  request,
}) => {
  const w = await world(request);
  await w.tree("F-1", { kindId: "fig" });
  await w.tree("Q-1", { kindId: "quince", pot: { known: "about", litres: 40, wall: "smooth-plastic" } });
  await visit(page, w.url("trees"));
  await page.getByLabel("Species", { exact: true }).selectOption("Quince");
  await expect(page.getByText("1 of 2 trees")).toBeVisible();
  await expect(page).toHaveURL(/species=Quince/);
  await page.getByText("Saved lists").click();
  await page.getByLabel("Save this list as").fill("Quinces");
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await page.getByRole("button", { name: "Show all" }).click();
  await page.getByRole("button", { name: /^List/ }).click();
  await page.getByLabel("Groups").selectOption("species");
  await expect(page.getByRole("heading", { name: /Fig/ })).toBeVisible();
  await expectNoSeriousFindings(page);
  await page.getByLabel("choose Q-1").check();
  // On paper stand the chosen ones alone.
  const fig = page.getByLabel("choose F-1");
  await expect(fig).toBeVisible();
  await page.evaluate(() => window.dispatchEvent(new Event("beforeprint")));
  await expect(fig).toHaveCount(0);
  await expect(page.getByLabel("choose Q-1")).toBeVisible();
  await page.evaluate(() => window.dispatchEvent(new Event("afterprint")));
  await expect(fig).toBeVisible();
  const download = page.waitForEvent("download");
  await page.getByRole("button", { name: "Export" }).click();
  const file = await (await download).createReadStream();
  const chunks: Buffer[] = [];
  for await (const chunk of file) chunks.push(chunk as Buffer);
  const text = Buffer.concat(chunks).toString("utf8");
  expect(text).toContain("Q-1");
  expect(text).not.toContain("F-1");
  // An empty note is told at its field, and the note that follows is kept.
  await page.getByTestId("chosen").getByRole("button", { name: "Record" }).click();
  await button(page, "Note").click();
  await button(page, "Keep this note").click();
  await expect(page.getByTestId("record").getByRole("alert")).toBeVisible();
  await page.getByTestId("record").getByRole("textbox", { name: "Note" }).fill("leans to the gate");
  await button(page, "Keep this note").click();
  await expect(page.getByRole("status").filter({ hasText: "Q-1: note." })).toBeVisible();
  await page.getByText("Saved lists").click();
  await page.getByRole("button", { name: "Quinces", exact: true }).click();
  await expect(page.getByText("1 of 2 trees")).toBeVisible();
  // Opened and come back from: what narrows the list still stands.
  await page.getByRole("link", { name: /^Q-1/ }).first().click();
  await expect(page.getByTestId("verdict")).toBeVisible();
  await page.goBack();
  await expect(page.getByText("1 of 2 trees")).toBeVisible();
});

test("from nothing to the first answer for an own tree in twelve taps", async ({ page }) => {
  await page.setViewportSize(PHONE);
  await visit(page, "/setup");
  const { tap, taps } = counting();
  await tap(page.getByLabel("Nearest town"));
  await page.keyboard.type("Helsinki");
  await tap(page.getByRole("list", { name: "Towns found" }).getByRole("button").first());
  await tap(page.getByRole("button", { name: "Begin" }));
  await page.waitForURL(/\/today$/);
  await tap(page.getByRole("link", { name: "Add the first tree" }));
  await tap(page.getByLabel("Species", { exact: true }));
  await page.keyboard.type("Quince");
  await tap(page.getByLabel("Outside width at the rim"));
  await page.keyboard.type("30 cm");
  await tap(page.getByLabel("Outside height"));
  await page.keyboard.type("28 cm");
  await tap(page.getByRole("button", { name: "Add this tree" }));
  await expect(page.getByTestId("verdict")).not.toBeEmpty();
  await expect(
    page.getByTestId("primary").getByRole("link").or(page.getByTestId("primary").getByRole("button")).first(),
  ).toBeVisible();
  expect(taps()).toBeLessThanOrEqual(12);
});
