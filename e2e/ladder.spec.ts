import { expect, test } from "@playwright/test";
import { expectNoSeriousFindings, round, visit, watchErrors, world } from "./support";

test("four schools side by side; a goal and a limit change them; one is followed and stays known", async ({
  page,
  request,
}) => {
  const w = await world(request);
  const treeId = await w.tree("QN-1", { kindId: "quince", purpose: "ornament", pot: round(180, 140, 170) });
  await w.roots(treeId, "2026-04-20", 3, 1);
  await w.pots("Round 26", round(260, 200, 250));
  const errors = watchErrors(page);
  await visit(page, w.url(`tree/${treeId}`));
  await page.getByRole("link", { name: "Its ladder of pots" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toContainText("The ladder of QN-1");
  for (const school of ["small-steps", "long-jump", "hold-and-prune", "fewest-handlings"])
    await expect(page.getByTestId(`school-${school}`).getByTestId("figures")).toContainText(/handlings?;\s*heaviest/);
  await expectNoSeriousFindings(page);
  await page.getByLabel("Goal, L of mix").fill("nothing");
  await page.getByRole("button", { name: "Plan anew" }).click();
  await expect(page.getByText("Litres of mix, above 0")).toBeVisible();
  await page.getByLabel("Goal, L of mix").fill("45");
  await page.getByLabel("Can be lifted, kg").fill("20");
  await page.getByRole("button", { name: "Plan anew" }).click();
  await expect(page.getByText(/^To 45 L, with 20 kg to lift/)).toBeVisible();
  const small = page.getByTestId("school-small-steps");
  await small.getByText("Season by season").click();
  await expect(small.getByTestId("steps").getByRole("listitem")).toHaveCount(10);
  await expect(small.getByTestId("steps")).toContainText(/into \d+(\.\d)? L \(/);
  // One season otherwise: the rest is planned round it, and what it costs is said.
  await small.getByText("Change a step").click();
  await small.getByLabel("Season", { exact: true }).selectOption({ index: 2 });
  await small.getByLabel("Instead", { exact: true }).selectOption({ label: "root-prune and return" });
  await small.getByRole("button", { name: "What would it cost?" }).click();
  await expect(small.getByTestId("change")).toContainText(
    /as you asked; the rest is planned round it. It costs [\d.]+ more/,
  );
  await small.getByText("Season by season").click();
  await expect(small.getByTestId("steps").getByRole("listitem").nth(2)).toContainText("root-prune and return");
  await small.getByRole("link", { name: "As it was" }).click();
  await expect(small.getByTestId("change")).toHaveCount(0);
  await small.getByRole("button", { name: "Follow this one" }).click();
  await expect(page.getByTestId("chosen")).toContainText("small steps, to 45 L");
  await expect(page.getByTestId("chosen")).toContainText(/First step, 20\d\d: /);
  await page.setViewportSize({ width: 390, height: 844 });
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  expect(errors).toEqual([]);
});
