import { expect, type Locator, test } from "@playwright/test";
import { expectNoSeriousFindings, round, visit, watchErrors, world } from "./support";

const SCHOOLS = ["small-steps", "long-jump", "hold-and-prune", "fewest-handlings"];

/** The worker's answer has come: nothing is promised any more. */
const steps = (school: Locator) => school.getByTestId("steps").getByRole("listitem");

test("four schools side by side; what if changes them; a step is moved by keys, drag and fields; one is followed", async ({
  page,
  request,
}) => {
  const w = await world(request);
  const treeId = await w.tree("QN-1", { kindId: "quince", purpose: "ornament", pot: round(180, 140, 170) });
  await w.roots(treeId, "2026-04-20", 3, 1);
  await w.pots("Round 26", round(260, 200, 250));
  const errors = watchErrors(page);
  await visit(page, w.url(`tree/${treeId}`));
  await page.getByRole("link", { name: "Its plan, all schools" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toContainText("Plan of QN-1");
  for (const school of SCHOOLS)
    await expect(page.getByTestId(`school-${school}`).getByTestId("figures")).toContainText(/handlings?;\s*heaviest/);
  // How sure, what a look is worth, where it ends: worked out by the browser's own planner.
  await expect(page.getByTestId("bands")).toContainText(/L: 20\d\d,/);
  await expect(page.getByTestId("worth")).toContainText(/of the plan/);
  await expect(page.getByTestId("ends")).toContainText(/times \(/);
  await expectNoSeriousFindings(page);

  // What if: typed and by slider.
  await page.getByLabel("Goal, L of mix").fill("nothing");
  await expect(page.getByText("A number above 0, up to 2,000.")).toBeVisible();
  await page.getByLabel("Goal, L of mix").fill("45");
  await page.getByLabel("Lift limit, kg").fill("20");
  await expect(page.getByTestId("aim")).toContainText(/^To 45 L, with 20 kg to lift/);
  const small = page.getByTestId("school-small-steps");
  const figures = small.getByTestId("figures");
  await expect(page.getByRole("article")).toHaveAttribute("aria-busy", "false");
  const before = await figures.innerText();
  await page.getByRole("slider", { name: "Vigour" }).focus();
  for (let i = 0; i < 10; i++) await page.keyboard.press("ArrowLeft");
  await expect(figures).not.toHaveText(before);
  await page.getByRole("slider", { name: "Vigour" }).fill("1");
  await expect(figures).toHaveText(before);

  const whatIf = page.getByRole("region", { name: "What if" });
  await whatIf.getByLabel("Pots").selectOption("owned");
  await expect(page.getByTestId("reliefs")).toContainText(/other pots than these|a smaller goal is the way/);
  await whatIf.getByLabel("Pots").selectOption("any");
  await expect(figures).toHaveText(before);

  // A step a season later by key, and as it was again.
  await small.getByText("Season by season").click();
  await expect(steps(small)).toHaveCount(10);
  await expect(steps(small).first()).toContainText(/Because /);
  const firstStep = small.getByRole("button", { name: /^20\d\d: [\d.]+ L\. Arrow left or right/ }).first();
  const season = Number((await firstStep.getAttribute("aria-label"))!.slice(0, 4));
  await firstStep.focus();
  await page.keyboard.press("ArrowRight");
  await expect(small.getByTestId("change")).toContainText(
    /As you asked; the rest is planned round it. It costs [\d.]+ more/,
  );
  await expect(steps(small).nth(season - 2026)).toContainText(/: stay/);
  await small.getByRole("button", { name: "As it was" }).click();
  await expect(small.getByTestId("change")).toHaveCount(0);
  await expect(figures).toHaveText(before);
  // The same by drag.
  const box = (await firstStep.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + 60);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 + 90, box.y + 60, { steps: 4 });
  await page.mouse.up();
  await expect(small.getByTestId("change")).toContainText(/As you asked/);
  await expect(steps(small).nth(season - 2026)).toContainText(/: stay/);
  await small.getByRole("button", { name: "As it was" }).click();
  // And by fields.
  await small.getByText("Change a step").click();
  await small.getByLabel("Season", { exact: true }).selectOption({ index: 2 });
  await small.getByLabel("Instead", { exact: true }).selectOption({ label: "root-prune and return" });
  await small.getByRole("button", { name: "What would it cost?" }).click();
  await expect(steps(small).nth(2)).toContainText("root-prune and return");

  await small.getByRole("button", { name: "Use this plan" }).click();
  await expect(page.getByTestId("chosen")).toContainText("small steps, to 45 L");
  await expect(page.getByTestId("chosen")).toContainText(/Next step, 20\d\d: /);
  // What was followed was planned on another limit than stands on record.
  await expect(page.getByTestId("changed")).toContainText("what can be lifted");
  await page.setViewportSize({ width: 390, height: 844 });
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  // One school at a time on a phone.
  await expect(page.getByTestId("school-long-jump")).toBeHidden();
  await page.getByLabel("School", { exact: true }).selectOption("long-jump");
  await expect(page.getByTestId("school-long-jump")).toBeVisible();
  expect(errors).toEqual([]);
});

test("own weights make a fifth ladder and are kept; a goal out of reach names what would have to give; a tree goes into the ground", async ({
  page,
  request,
}) => {
  const w = await world(request);
  const treeId = await w.tree("OL-1", { kindId: "olive", purpose: "grow-on" });
  await w.tree("MN-1", { kindId: "olive", purpose: "miniature" });
  await visit(page, w.url(`tree/${treeId}/plan`));
  await page.getByText("Your own weights", { exact: true }).click();
  const form = page.getByRole("form", { name: "Your own weights" });
  await form.getByLabel("Growth forgone").fill("a lot");
  await expect(form.getByText("A number, 0 or more.")).toBeVisible();
  await expect(form.getByLabel("Growth forgone")).toHaveValue("a lot");
  await form.getByLabel("Growth forgone").fill("90");
  await expect(page.getByTestId("school-own").getByTestId("figures")).toContainText(/handling/);
  await form.getByRole("button", { name: "Keep these weights" }).click();
  await expect(page.getByText("Your own weights are kept.")).toBeVisible();
  await page.reload();
  await expect(page.getByTestId("school-own").getByTestId("figures")).toContainText(/handling/);

  await page.getByLabel("Goal, L of mix").fill("1500");
  await expect(page.getByTestId("reliefs")).toContainText(/It does not get to 1,500 L within 10 seasons/);
  await expect(page.getByTestId("reliefs")).toContainText(/It would with|a smaller goal is the way/);

  await page.getByText("Plant it out", { exact: true }).click();
  await page.getByLabel("In the growing season").fill("1999");
  await page.getByRole("button", { name: "Keep it" }).click();
  await expect(page.getByText(/A year from 20\d\d to 20\d\d, or nothing/)).toBeVisible();
  await page.getByLabel("In the growing season").fill("2029");
  await page.getByRole("button", { name: "Keep it" }).click();
  await expect(page.getByTestId("aim")).toContainText("then into the ground in 2029");
  await expect(page.getByTestId("school-small-steps").getByTestId("figures")).toContainText(
    /Into the ground after \d seasons?, out of/,
  );

  const miniature = await w.tree("MN-2", { kindId: "olive", purpose: "miniature" });
  await visit(page, w.url(`tree/${miniature}/plan`));
  await expect(page.getByText(/kept as a miniature.*off the ladder/)).toBeVisible();
});
