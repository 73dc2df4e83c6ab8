import { expect, test } from "@playwright/test";
import { expectNoSeriousFindings, openStrip, visit, watchErrors, world, openPart } from "./support";

test("a look at the wood moves its pace; late feed and late work say by how much they delay it", async ({
  page,
  request,
}) => {
  const w = await world(request);
  const treeId = await w.tree("AP-1", { kindId: "apple" });
  await w.tree("LM-1", { kindId: "lemon" });
  const errors = watchErrors(page);
  // The season before this one, in September: what is looked at then is recorded for that day.
  await visit(page, w.url(`tree/${treeId}?on=2025-09-10`));
  await openPart(page, "Roots & wood");
  await page.getByRole("link", { name: "Wood & hardiness" }).click();
  await visit(page, w.url(`climate/wood?tree=${treeId}&on=2025-09-10`));
  await expect(page.getByTestId("wood-words")).toContainText(
    /^AP-1 Apple on dwarfing stock, season 2025. Ripe to the tips:/,
  );
  await expect(page.getByTestId("wood-pace")).toContainText("1 times the species’");
  await expect(page.getByLabel("Whose wood the strip shows")).toHaveValue("apple");
  const form = page.getByRole("region", { name: "Look at the wood" });
  await form.getByRole("button", { name: "Record what I saw" }).click();
  await expect(form.getByText("Say at least one thing you saw.")).toBeVisible();
  await form.getByLabel("Or a BBCH stage").fill("55");
  await form.getByRole("button", { name: "Record what I saw" }).click();
  await expect(form.getByText(/Stages that speak of the wood/)).toBeVisible();
  await expect(form.getByLabel("Or a BBCH stage")).toHaveValue("55");
  await form.getByLabel("Or a BBCH stage").fill("");
  await form.getByLabel("Bent round a finger").selectOption("soft");
  await form.getByLabel("Woody share of the shoot").fill("10");
  await form.getByRole("button", { name: "Record what I saw" }).click();
  await expect(page.getByText(/from one look this season/)).toBeVisible();
  const pace = Number((await page.getByTestId("wood-pace").innerText()).match(/^([\d.]+) times/)![1]);
  expect(pace).toBeLessThan(0.95);
  // Now it goes its own pace, and the strip shows its own wood.
  await expect(page.getByLabel("Whose wood the strip shows")).toHaveValue(`tree:${treeId}`);

  await page.getByText("Fed it with nitrogen").click();
  await page.getByLabel("Fed on").fill("2025-08-20");
  await page.getByRole("button", { name: "Record the feed" }).click();
  await expect(page.getByTestId("wood-delay")).toContainText(/What was done to it this season: .* middle year/);

  await page.getByLabel("Suppose").selectOption("prune-hard");
  await page.getByLabel("On", { exact: true }).fill("2025-08-25");
  await page.getByRole("button", { name: "Work it out" }).click();
  await expect(page.getByTestId("what-if")).toContainText("Pruning hard on 25 Aug");
  await expect(page.getByTestId("what-if")).toContainText("It would start new shoots in");
  await expectNoSeriousFindings(page);

  // Dragged on, the page follows: in the season after, nobody has looked yet.
  await page.getByLabel("Days from today").fill("60");
  await page.getByLabel("Days from today").press("Enter");
  await expect(page.getByTestId("wood-words")).toContainText("season 2026");
  // An earlier day does not know what was seen later.
  await visit(page, w.url(`climate/wood?tree=${treeId}&on=2025-08-10`));
  await expect(page.getByTestId("wood-pace")).toContainText("1 times the species’");
  // The browser notes each refused command by itself.
  expect(errors.filter((e) => !e.includes("status of 400"))).toEqual([]);
});

test("the strip by drag, keys and numbers moves the day, and shows the wood that is chosen", async ({
  page,
  request,
}) => {
  const w = await world(request);
  await w.tree("AP-1", { kindId: "apple" });
  await w.tree("LM-1", { kindId: "lemon" });
  await visit(page, w.url("trees"));
  await openStrip(page);
  const strip = page.getByRole("slider", { name: "As-of day of everything shown" });
  const box = (await strip.boundingBox())!;
  await page.mouse.move(box.x + 600, box.y + 30);
  await page.mouse.down();
  await page.mouse.move(box.x + 400, box.y + 30, { steps: 5 });
  await page.mouse.up();
  await expect(page).toHaveURL(/on=2026-07-/);
  const days = page.getByLabel("Days from today");
  await expect(days).not.toHaveValue("0");
  await days.fill("120");
  await days.press("Enter");
  await expect(page).toHaveURL(/on=2026-09-12/);
  await days.fill("soon");
  await days.press("Enter");
  await expect(days).toHaveValue("120");
  await page.getByLabel("Whose wood the strip shows").selectOption("lemon");
  await expect(page.getByLabel("Whose wood the strip shows")).toHaveValue("lemon");
  await page.keyboard.press("Escape");
  await strip.focus();
  await page.keyboard.press("t");
  await expect(page.getByText("Showing today")).toBeVisible();
  await expect(page).not.toHaveURL(/on=/);
});

test("the wood on a phone", async ({ page, request }) => {
  const w = await world(request);
  await w.tree("FG-1", { kindId: "fig" });
  await page.setViewportSize({ width: 390, height: 844 });
  for (const part of ["wood", "ahead", "places", "records"]) {
    await visit(page, w.url(`climate/${part}`));
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  }
});
