import { expect, test } from "@playwright/test";
import sharp from "sharp";
import { expectNoSeriousFindings, visit, watchErrors, world, openPart } from "./support";

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

test("a walk-round of three trees with one thumb: each saved by itself, one left and taken up again, one known already", async ({
  page,
  request,
}) => {
  const errors = watchErrors(page);
  const w = await world(request);
  const known = await w.tree("T-3", { pot: { known: "about", litres: 5, wall: "smooth-plastic" } });
  await w.tree("T-1");
  await visit(page, w.url("trees"));
  await page.getByRole("button", { name: "Record" }).click();
  await page.getByRole("link", { name: "Walk-round" }).click();
  const step = (title: string) => expect(page.getByRole("heading", { name: title })).toBeVisible();
  const tap = (name: string | RegExp) => page.getByRole("button", { name, exact: typeof name === "string" }).click();

  // The first: eight taps, the photograph's shutter aside.
  await step("What stands on its tag?");
  await expect(page.getByLabel("Tag")).toHaveValue("T-2");
  await tap("A new tree");
  await step("What is it?");
  await page.getByLabel("Another species").fill("fig");
  await tap("Fig");
  await tap("28");
  await tap("25");
  await expect(page.getByTestId("walk-volume")).toContainText(/about .* L of mix, between/);
  await tap(/^Firm/);
  const photo = await sharp({ create: { width: 60, height: 90, channels: 3, background: "#5a7a3c" } })
    .jpeg()
    .toBuffer();
  await page.locator("input[type=file]").setInputFiles({ name: "t2.jpg", mimeType: "image/jpeg", buffer: photo });
  await expectNoSeriousFindings(page);
  await tap("Save, next tree");
  await expect(page.getByRole("status")).toContainText("T-2 is saved: 1 on this round");

  // The second is left half way; the device remembers. The kind used last is offered first. T-3 hangs already.
  await expect(page.getByLabel("Tag")).toHaveValue("T-4");
  await tap("A new tree");
  await expect(page.getByRole("heading", { name: "What is it?" }).locator("..").getByRole("button").first()).toHaveText(
    "Fig",
  );
  await tap("Fig");
  await tap("20");
  await page.getByRole("link", { name: "Later" }).click();
  await expect(page.getByRole("heading", { name: "Trees" })).toBeVisible();
  await page.goto(w.url("walk"));
  await step("How high is the pot?");
  await page.getByLabel("Another height").fill("wide");
  await tap("OK");
  await expect(page.getByText("Between 4 cm and 4 m, as a number.")).toBeVisible();
  await page.getByLabel("Another height").fill("18,5");
  await tap("OK");
  await tap("Can’t say");
  await tap("Save, next tree");
  await expect(page.getByRole("status")).toContainText("T-4 is saved: 2 on this round");

  // The third is on record: only what is new is asked.
  await page.getByLabel("Tag").fill("t-3");
  await expect(page.getByText("On record already, Quince")).toBeVisible();
  await tap("Note what I see");
  await step("How wide is the rim, outside?");
  await tap("25");
  await tap("22");
  await tap(/^Rock hard/);
  await tap("Save, next tree");
  await expect(page.getByRole("status")).toContainText("3 on this round");

  await page.goto(w.url("trees"));
  const strips = page.getByRole("list", { name: /lose most/ }).getByRole("link");
  await expect(strips).toHaveCount(4);
  await page.goto(w.url(`tree/${known}`));
  await openPart(page, "Log");
  await expect(page.getByText(/Measured: pot Round 25 cm outside/)).toBeVisible();
  await expect(page.getByText("Ball felt: rock hard")).toBeVisible();
  await page.goto(w.url("trees"));
  await strips.filter({ hasText: "T-2" }).click();
  await openPart(page, "Log");
  await expect(page.getByRole("img", { name: /^Photograph of/ })).toBeVisible();
  await expect(page.getByText("Ball felt: firm")).toBeVisible();
  await expectNoSeriousFindings(page);
  expect(errors).toEqual([]);
});

test("a walk-round that cannot save says so and keeps every answer", async ({ page, request }) => {
  const w = await world(request);
  await visit(page, w.url("walk"));
  await page.getByRole("button", { name: "A new tree" }).click();
  await page.getByLabel("Another species").fill("Moon plum");
  await page.getByRole("button", { name: "As typed" }).click();
  await page.getByRole("button", { name: "30", exact: true }).click();
  await page.getByRole("button", { name: "Skip" }).click();
  await page.getByRole("button", { name: /^Springy/ }).click();
  await page.route("**/api/commands/add-tree", (route) => route.abort());
  await page.getByRole("button", { name: "Save, next tree" }).click();
  await expect(page.getByText(/Aurelian does not answer/)).toBeVisible();
  await page.unroute("**/api/commands/add-tree");
  await page.reload();
  await expect(page.getByRole("list", { name: "This tree" })).toContainText("Moon plum");
  await page.getByRole("button", { name: "Save, next tree" }).click();
  await expect(page.getByRole("status")).toContainText("T-1 is saved");
});
