import { expect, test } from "@playwright/test";
import { expectNoSeriousFindings, round, visit, watchErrors, type World, world } from "./support";

/** Many trees at once, as a list brings them in. */
function manyTrees(w: World, count: number) {
  const lines = Array.from({ length: count }, (_, i) => ({
    line: i + 2,
    tag: `T${i}`,
    kindId: ["quince", "olive", "fig", "camellia"][i % 4],
    typedName: null,
    habit: null,
    cultivar: null,
    purpose: "ornament",
    count: 1,
    arrived: null,
    form: "container",
    lastPotted: { best: "2023-04-01", from: "2023-04-01", to: "2023-04-01" },
    pot: round(160 + (i % 9) * 15, 130 + (i % 9) * 12, 150 + (i % 9) * 14),
    depthToMixMm: null,
    finalVolumeL: 30 + (i % 50),
    trunkMm: null,
    heightM: null,
    rootstock: null,
    stockPace: null,
    place: null,
    mother: null,
    method: null,
    raisedOn: null,
    note: "",
  }));
  return w.send("import-trees", { fileName: "many.csv", lines });
}

test("the collection is planned with progress, agreed to, planned again, and asks for its years", async ({
  page,
  request,
}) => {
  const w = await world(request);
  const treeId = await w.tree("QN-1", { kindId: "quince", purpose: "ornament", pot: round(180, 140, 170) });
  await w.roots(treeId, "2026-04-20", 4, 2);
  for (const tag of ["QN-2", "QN-3"]) await w.tree(tag, { kindId: "quince", pot: round(180, 140, 170) });
  await w.tree("OL-1", { kindId: "olive", count: 40 });
  await w.tree("MN-1", { kindId: "olive", purpose: "miniature" });
  await w.pots("Round 26", round(260, 200, 250), 1);
  await w.send("set-person", {
    personId: "5f2d4d0e-1111-4a6b-9c55-0a4a6a0d1c11",
    name: "Keeper",
    self: true,
    liftKg: 18,
    hoursPerWeek: 3,
    weekdays: [],
  });
  const errors = watchErrors(page);
  await visit(page, w.url("trees"));
  await page.getByRole("link", { name: "Plan", exact: true }).click();
  // Nobody asks for it.
  await expect(page.getByTestId("headline")).toContainText(/43 plants in 4 records/);
  await expect(page.getByText("Without a plan of pots: 1 kept as miniatures.")).toBeVisible();
  await expect(page.getByTestId("eased")).toContainText(/busiest week/);
  await expect(page.getByTestId("room-words")).toContainText(/m² in summer/);
  await expect(page.getByTestId("next-steps")).toContainText("OL-1 Olive × 40");
  await expectNoSeriousFindings(page);

  // Room for less than there is: somebody waits, and what that costs is said.
  await page.getByText(/^How it is planned/).click();
  await page.getByLabel("Room in summer, m²").fill("a little");
  await page.getByRole("button", { name: "Keep it" }).click();
  await expect(page.getByText("A number above 0, or nothing.")).toBeVisible();
  await page.getByLabel("Room in summer, m²").fill("0.4");
  await page.getByRole("button", { name: "Keep it" }).click();
  await expect(page.getByText("Kept. Plan the collection to see it.")).toBeVisible();
  await page.getByRole("button", { name: "Plan all again" }).click();
  await expect(page.getByTestId("room-words")).toContainText(/for want of room/);

  await page.getByLabel("Accept the plan of QN-3").uncheck();
  await page.getByRole("button", { name: "Accept 3" }).click();
  await expect(page.getByText("3 plans accepted.")).toBeVisible();
  await page.getByRole("button", { name: "Plan all again" }).click();
  await expect(page.getByTestId("changed")).toContainText(/All 3 accepted plans are as they were/);
  // The tree's own page knows it.
  await visit(page, w.url(`tree/${treeId}/plan`));
  await expect(page.getByTestId("chosen")).toContainText("Followed since");
  await page.setViewportSize({ width: 390, height: 844 });
  await visit(page, w.url("plan"));
  await expect(page.getByTestId("headline")).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  expect(errors).toEqual([]);
});

test("a planning is stopped, and nothing is left of it", async ({ page, request }) => {
  const w = await world(request);
  await manyTrees(w, 500);
  await visit(page, w.url("plan"));
  await expect(page.getByTestId("progress")).toContainText(/of 500 trees planned/);
  await page.getByRole("button", { name: "Stop" }).click();
  await expect(page.getByTestId("last-end")).toContainText("The last planning was stopped");
  await expect(page.getByTestId("headline")).toHaveCount(0);
  await expect(page.getByRole("button", { name: "Plan all 500 trees" })).toBeEnabled();
});
