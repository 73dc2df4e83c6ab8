import { readFileSync } from "node:fs";
import { expect, test } from "@playwright/test";
import ICAL from "ical.js";
import { expectNoSeriousFindings, NORTH, plansMade, visit, watchErrors, world } from "./support";

const row = "[data-testid=today-row]";

test("on a phone: what the trees ask for, a root check from the list, work put off, and an own task done", async ({
  page,
  request,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const errors = watchErrors(page);
  const w = await world(request, NORTH);
  for (const tag of ["Q-1", "Q-2"]) await w.tree(tag, { kindId: "quince", arrivedOn: "2024-04-01" });
  await visit(page, w.url("today"));
  await plansMade(page, w);
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Today");
  await expect(page.getByTestId("tonight")).toContainText("coldest of the coming three nights");
  // Equal work is one line.
  const both = page.locator(row).filter({ hasText: "2 trees:" }).first();
  await expect(both).toContainText("Q-1");
  const title = (await both.locator("b").first().textContent())!;
  await expectNoSeriousFindings(page);

  // Put off with two taps, undone with one.
  await both.getByText("Not now").click();
  await page.getByRole("button", { name: "In two weeks" }).click();
  await expect(page.getByRole("status")).toContainText(`${title}: not before 29 May.`);
  await expect(page.getByText("Put off or refused (2)")).toBeVisible();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByText("Put off or refused (2)")).toBeHidden();

  // A day that cannot be read is told at its field and keeps what was typed.
  await page.locator(row).filter({ hasText: "2 trees:" }).first().getByText("Not now").click();
  await page.getByLabel("Another day").fill("some day");
  await page.getByRole("button", { name: "Put off" }).click();
  await expect(page.getByText("This cannot be read as a day. Write 2027-03-01")).toBeVisible();
  await expect(page.getByLabel("Another day")).toHaveValue("some day");
  await page.keyboard.press("Escape");

  await page.getByTestId("tasks").getByText("Own tasks").click();
  await page.getByRole("button", { name: "Add the task" }).click();
  await expect(page.getByText("What is to be done?")).toBeVisible();
  await page.getByLabel("What is to be done").fill("Clean the gutters");
  await page.getByLabel("How often").selectOption("every month");
  await page.getByRole("button", { name: "Add the task" }).click();
  await expect(page.getByRole("status")).toContainText("Clean the gutters: on the list.");
  const task = page.locator(row).filter({ hasText: "Clean the gutters" });
  await task.getByRole("button", { name: "Done" }).click();
  await expect(page.getByTestId("group-now").getByText("Clean the gutters")).toBeHidden();
  await page.getByText(/^Later/).click();
  await expect(page.getByTestId("group-later")).toContainText("Clean the gutters");
  await expect(page.locator("nav").getByRole("link", { name: "Trees" })).toBeVisible();
  expect(errors).toEqual([]);
});

test("the list as a calendar: a file, and an address that works until it is stopped", async ({ page, request }) => {
  const w = await world(request, NORTH);
  await w.tree("Q-1", { kindId: "quince", arrivedOn: "2024-04-01" });
  await visit(page, w.url("today"));
  await page.getByText("Calendar", { exact: true }).click();
  const download = page.waitForEvent("download");
  await page.getByRole("link", { name: "Download" }).click();
  const text = readFileSync(await (await download).path(), "utf8");
  const events = new ICAL.Component(ICAL.parse(text) as unknown[]).getAllSubcomponents("vevent");
  expect(events.length).toBeGreaterThan(0);
  await page.getByRole("button", { name: "Make an address" }).click();
  const address = (await page.getByTestId("feed-address").textContent())!;
  const read = async () => (await request.get(new URL(address).pathname)).status();
  expect(await read()).toBe(200);
  await expectNoSeriousFindings(page);
  await page.getByRole("button", { name: "Stop all addresses" }).click();
  await expect(page.getByRole("status")).toContainText("No address works any more.");
  expect(await read()).toBe(404);
});

test("an empty collection says what to do first; a quiet day says when the next work is", async ({ page, request }) => {
  const w = await world(request, NORTH);
  await visit(page, w.url("today"));
  await expect(page.getByRole("link", { name: "Add the first tree" })).toBeVisible();
  await expectNoSeriousFindings(page);
});
