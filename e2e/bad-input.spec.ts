import { expect, test } from "@playwright/test";
import { round, visit, world, openPart } from "./support";

test("adding a tree: faults stand at their fields and what was typed stays", async ({ page, request }) => {
  const w = await world(request);
  await w.tree("T-1");
  await visit(page, w.url("add"));
  await page.getByLabel("Tag").fill("t-1");
  await page.getByLabel("Species").fill("Moon plum");
  await page.getByText("Don't know").click();
  await page.getByText("inside, empty").click();
  await page.getByLabel("Inside width at the rim").fill("12");
  await page.getByLabel("Inside width at the floor").fill("wide");
  await page.getByRole("button", { name: "Add this tree" }).click();
  await expect(page.getByText("hangs on another living tree already")).toBeVisible();
  await expect(page.getByText("Did you mean cm?")).toBeVisible();
  await expect(page.getByText("Measure it, in mm").first()).toBeVisible();
  await expect(page.getByLabel("Tag")).toHaveAttribute("aria-invalid", "true");
  await expect(page.getByLabel("Species")).toHaveValue("Moon plum");
  await expect(page.getByLabel("Inside width at the floor")).toHaveValue("wide");

  await page.getByLabel("Tag").fill("T-2");
  await page.getByText("about so many litres").click();
  await page.getByLabel("Volume, about").fill("12");
  await page.getByText("More, if you like").click();
  await page.getByLabel("Variety").fill("x".repeat(5000));
  await page.getByLabel("Arrived", { exact: true }).fill("2031-01-01");
  await page.getByRole("button", { name: "Add this tree" }).click();
  await expect(page.getByText(/This lies ahead/)).toBeVisible();
  await page.getByLabel("Arrived", { exact: true }).fill("2026-05-01");
  await page.getByRole("button", { name: "Add this tree" }).click();
  await expect(page.getByText("At most 120 characters here")).toBeVisible();
  await expect(page.getByLabel("Variety")).toHaveValue("x".repeat(5000));
  await page.getByLabel("Variety").fill("");
  await page.getByRole("button", { name: "Add this tree" }).click();
  await expect(page.getByTestId("verdict")).toContainText("nobody knows how full");
});

test("potting: a ball that does not fit says what to do; a day before the arrival is refused", async ({
  page,
  request,
}) => {
  const w = await world(request);
  const treeId = await w.tree("T-1", { arrivedOn: "2025-04-01" });
  await w.pots("Narrow 18 cm", round(180, 140, 300));
  await w.pots("Black 30 cm", round(300, 235, 270));
  await visit(page, w.url(`tree/${treeId}/pot`));
  await page.getByRole("button", { name: /Show the others/ }).click();
  await page.getByText("Narrow 18 cm").click();
  await expect(
    page.getByText(/The ball is \d+ mm wide where this pot is \d+ mm: take a wider pot, or take \d+ mm off each side/),
  ).toBeVisible();
  await expect(page.getByRole("button", { name: "Potted" })).toBeDisabled();
  await page.getByText("Black 30 cm").click();
  await page.getByLabel("Roots kept, if you measured").fill("300");
  await page.getByLabel("Done on").fill("2024-12-24");
  await page.getByRole("button", { name: "Potted" }).click();
  await expect(page.getByText("At most 100 %.")).toBeVisible();
  await page.getByLabel("Roots kept, if you measured").fill("80");
  await page.getByRole("button", { name: "Potted" }).click();
  await expect(page.getByText(/This tree arrived on 1 Apr 2025/)).toBeVisible();
  await expect(page.getByLabel("Roots kept, if you measured")).toHaveValue("80");
});

test("the four questions: contradictions are told at the question", async ({ page }) => {
  await visit(page, "/setup");
  await page.getByLabel("Latitude").fill("95");
  await page.getByRole("button", { name: "Begin" }).click();
  await expect(page.getByText("A latitude lies between −90 and 90.")).toBeVisible();
  await expect(page.getByText("Give the longitude as 13.4, −122.4, 122.4 W or 13°24'E.")).toBeVisible();
  await page.getByLabel("Latitude").fill("-38.6");
  await page.getByLabel("Longitude").fill("1");
  await page.getByLabel("Lowest temperature").fill("-3 °C");
  await page.getByLabel("3 · The usual last frost in spring: day").fill("20");
  await page.getByLabel("4 · The usual first frost in autumn: day").fill("31");
  await page.getByRole("button", { name: "Begin" }).click();
  await expect(page.getByText(/wrong half of the year for your latitude/).first()).toBeVisible();
  await expect(page.getByLabel("Lowest temperature")).toHaveValue("-3 °C");
});

test("pressing twice records once", async ({ page, request }) => {
  const w = await world(request);
  const treeId = await w.tree("T-1");
  await visit(page, w.url(`tree/${treeId}`));
  await openPart(page, "Roots & wood");
  await page.getByRole("button", { name: "Root check" }).click();
  await page.getByText("2 whole ball holds").click();
  await page.getByRole("button", { name: "Record what I see" }).dblclick();
  await expect(page.getByRole("status")).toContainText("roots checked");
  await openPart(page, "Log");
  await expect(page.getByText(/Roots seen:/)).toHaveCount(1);
});

test("undo of what others lean on is refused in words, and offered together", async ({ page, request }) => {
  const w = await world(request);
  const treeId = await w.tree("T-1");
  await w.roots(treeId, "2026-05-01", 2, 0);
  await w.tree("T-2");
  await visit(page, w.url(`tree/${treeId}`));
  await openPart(page, "Log");
  await page.getByRole("button", { name: "Undo: Arrived in a container" }).click();
  await expect(page.getByText(/Later entries build on this one: T-1: roots looked at/)).toBeVisible();
  await page.getByRole("button", { name: "Undo these 2 together" }).click();
  await expect(page.getByRole("heading", { name: "There is nothing here" })).toBeVisible();
});
