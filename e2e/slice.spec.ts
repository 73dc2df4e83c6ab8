import { expect, test } from "@playwright/test";
import { expectNoSeriousFindings, round, visit, watchErrors, world, openPart } from "./support";

test("one tree the whole way: from the Yard to potted, and back by undo", async ({ page, request }) => {
  const errors = watchErrors(page);
  const w = await world(request);
  const treeId = await w.tree("Q-1", { trunkMm: 30, heightM: 1.5 });
  await w.tree("Q-2", {
    pot: { known: "nominal", system: "container-class", size: "#3", wall: "smooth-plastic" },
    arrivedOn: "2026-05-01",
  });
  await w.roots(treeId, "2026-03-20", 4, 2);
  await w.pots("Black 25 cm", round(252, 198, 228));
  await w.pots("Thimble", round(90, 70, 80));

  await visit(page, w.url("trees"));
  const strips = page.getByRole("list", { name: /lose most/ }).getByRole("link");
  await expect(strips).toHaveCount(2);
  await expect(strips.first()).toHaveAccessibleName(/^Q-1, Quince.*overdue/);
  await expectNoSeriousFindings(page);
  await strips.first().click();

  await expect(page.getByTestId("verdict")).toContainText("Overdue");
  await expect(page.getByRole("img", { name: /Q-1 in Round 22 cm/ })).toBeVisible();
  await expect(page.getByText("next: Black 25 cm")).toBeVisible();
  const filledBefore = await page.getByTestId("fill").textContent();
  await page.getByText("Next pot", { exact: true }).click();
  await expect(page.getByText("Thimble: too small")).toBeVisible();
  await expectNoSeriousFindings(page);

  await page.getByRole("link", { name: "Pot up", exact: true }).click();
  await expect(page.getByRole("heading", { name: "Pot up Q-1" })).toBeVisible();
  const numbers = page.getByTestId("numbers");
  await expect(numbers).toContainText(/Base layer, loose\d+ mm/);
  await expect(numbers).toContainText(/New mix, loose[\d.]+ L/);
  await expect(page.getByTestId("lifting")).toContainText(/kg wet\. (Light enough|.*10 kg|Above 16 kg)/);
  // A gravel layer changes the plan at once: less room beneath the ball.
  const base = await numbers.locator("dd").first().textContent();
  await page.getByLabel("Gravel layer").fill("3 cm");
  await expect(numbers.locator("dd").first()).not.toHaveText(base!);
  await page.getByLabel("Gravel layer").fill("0");
  await page.getByLabel("Mix", { exact: true }).selectOption({ label: "Fine aged bark" });
  await page.getByLabel("Roots kept, if you measured").fill("85");
  await expectNoSeriousFindings(page);
  await page.getByRole("button", { name: "Potted" }).click();

  await expect(page.getByRole("status")).toContainText("Q-1 is potted");
  await expect(page.getByTestId("verdict")).toContainText("Just potted. Second soak");
  await expect(page.getByTestId("aftercare")).toContainText(/look for new roots on \d+ \w+/);
  await expect(page.getByTestId("fill")).not.toHaveText(filledBefore!);
  await openPart(page, "Log");
  await expect(page.getByText(/Potted into Black 25 cm, Fine aged bark.*85 % of roots kept/)).toBeVisible();
  await visit(page, w.url("pots"));
  await expect(page.getByRole("img", { name: "Black 25 cm: 1 free" })).toBeVisible();
  await expect(page.getByRole("img", { name: /Round 22 cm.*: 1 free/ })).toBeVisible();
  await expectNoSeriousFindings(page);

  await visit(page, w.url(`tree/${treeId}`));
  await openPart(page, "Log");
  await page.getByRole("button", { name: /Undo: Potted/ }).click();
  await expect(page.getByTestId("verdict")).toContainText("Overdue");
  await expect(page.getByTestId("fill")).toHaveText(filledBefore!);
  // The same button brings it back.
  await page.getByRole("status").getByRole("button", { name: "Undo" }).click();
  await expect(page.getByTestId("verdict")).toContainText("Just potted");
  await expect(page.getByRole("status")).toContainText("Brought back");
  expect(errors).toEqual([]);
});

test("a root check visibly changes the projection, and its undo changes it back", async ({ page, request }) => {
  const w = await world(request);
  const treeId = await w.tree("R-1", { arrivedOn: "2025-06-01" });
  await visit(page, w.url(`tree/${treeId}`));
  const [due, fill] = [page.getByTestId("due"), page.getByTestId("fill")];
  const before = [await due.textContent(), await fill.textContent()];
  await openPart(page, "Roots & wood");
  await page.getByRole("button", { name: "Root check" }).click();
  await page.getByText("1 holds around the core").click();
  await page.getByText("0 none: tips end at the wall").click();
  await page.getByRole("button", { name: "Record what I see" }).click();
  await expect(page.getByRole("status")).toContainText("R-1: roots checked");
  await expect(fill).not.toHaveText(before[1]!);
  await expect(due).not.toHaveText(before[0]!);
  await expect(page.getByTestId("verdict")).toContainText("Not due");
  await page.getByRole("status").getByRole("button", { name: "Undo" }).click();
  await expect(fill).toHaveText(before[1]!);
});

test("the Yard by keyboard: arrows walk, Enter opens, l shows the plain list", async ({ page, request }) => {
  const w = await world(request);
  const a = await w.tree("K-1");
  await w.roots(a, "2026-03-20", 4, 3);
  await w.tree("K-2", { kindId: null, typedName: "<b>Moon plum</b> & co", habit: "unknown", arrivedOn: "2026-05-10" });
  await visit(page, w.url("trees"));
  await page.getByRole("link", { name: /^K-1/ }).focus();
  await page.keyboard.press("ArrowRight");
  await expect(page.getByRole("link", { name: /^K-2/ })).toBeFocused();
  await page.keyboard.press("l");
  // Markup in a name stays text.
  await expect(page.getByRole("link", { name: "K-2 <b>Moon plum</b> & co" })).toBeVisible();
  await expectNoSeriousFindings(page);
  await page.keyboard.press("l");
  await page.getByRole("link", { name: /^K-2/ }).focus();
  await page.keyboard.press("Enter");
  await expect(page.getByTestId("verdict")).toContainText("nobody knows how full its pot is");
  await expect(page.getByRole("link", { name: "Check the roots", exact: true })).toBeVisible();
});

test("a batch is one record, and an order that loses by waiting leads the Yard", async ({ page, request }) => {
  const w = await world(request);
  await w.tree("B-300", {
    count: 300,
    form: "liner",
    arrivedOn: "2026-04-20",
    pot: { known: "nominal", system: "litre-label", size: "1", wall: "smooth-plastic" },
  });
  await visit(page, w.url("trees"));
  await expect(page.getByRole("link", { name: /^B-300/ })).toHaveCount(1);
  await expect(page.getByText("1 tree")).toBeVisible();
});

test("the shelf answers: which pots lie between two volumes, which fit a ball, and why the others do not", async ({
  page,
  request,
}) => {
  const w = await world(request);
  const tree = await w.tree("H-1");
  await w.roots(tree, "2026-03-20", 3, 0);
  await w.pots("Thimble", round(90, 70, 80));
  await w.pots("Black 26 cm", round(260, 205, 240), 3);
  await w.pots("Tub 60 cm", round(600, 500, 520));
  await visit(page, w.url("pots"));
  await page.getByLabel("Between").fill("5");
  await page.getByLabel("and", { exact: true }).fill("20");
  await expect(page.getByText("3 free pots of this size")).toBeVisible();
  await page.getByLabel("Between").fill("");
  await page.getByLabel("and", { exact: true }).fill("");
  await page.getByLabel("Hold a ball against the shelf").selectOption({ label: "H-1 · Quince" });
  await expect(page.getByTestId("held")).toContainText("1 kind of pot fits");
  await expect(page.getByText(/^fits: .* × the mix$/)).toBeVisible();
  await expect(page.getByText("too small a step to be worth lifting it")).toBeVisible();
  await expect(page.getByText(/^too large: most of the mix/)).toBeVisible();
  await expectNoSeriousFindings(page);
  await page.getByLabel("Hold a ball against the shelf").selectOption("");
  await page.getByLabel("One Black 26 cm is").selectOption("cracked");
  await expect(page.getByRole("status")).toContainText("One Black 26 cm: cracked.");
  await expect(page.getByRole("img", { name: "Black 26 cm: 2 free" })).toBeVisible();
  await expect(page.getByRole("img", { name: "Black 26 cm, cracked: 1 free" })).toBeVisible();
  await page.getByRole("status").getByRole("button", { name: "Undo" }).click();
  await expect(page.getByRole("img", { name: "Black 26 cm: 3 free" })).toBeVisible();
});
