import { expect, test } from "@playwright/test";
import { expectNoSeriousFindings, visit, world } from "./support";

test("a misspelt name offers its species, a species that is not listed goes by its genus, and the list narrows", async ({
  page,
  request,
}) => {
  const w = await world(request);
  await visit(page, w.url("add"));
  // Nothing is chosen for the keeper: what is near is offered with what tells it apart.
  await page.getByLabel("Species").fill("Lemmon");
  const offers = page.getByRole("group", { name: "Is it one of these?" });
  await expect(offers.getByRole("button").first()).toContainText("Citrus × limon · citrus kind, evergreen");
  await expectNoSeriousFindings(page);
  await offers.getByRole("button").first().click();
  await expect(page.getByLabel("Species")).toHaveValue("Lemon");
  await expect(offers).toHaveCount(0);
  // An exact name needs no choice, whatever its case and number.
  await page.getByLabel("Species").fill("fig trees");
  await expect(page.getByText("Ficus carica · fig kind, deciduous")).toBeVisible();
  // A species that is not in the library: its genus, under the name that was typed.
  await page.getByLabel("Species").fill("Quercus phellos");
  await offers.getByRole("button", { name: /Another Quercus/ }).click();
  await expect(page.getByText("Quercus, known by its genus · leafy ornamental, deciduous")).toBeVisible();
  // Of a genus the shoots of this plant say its pace.
  await page.getByLabel("Last year’s shoots").selectOption("short");
  await page.getByLabel("Tag").fill("QP-1");
  await page.getByLabel("Outside width at the rim").fill("22 cm");
  await page.getByLabel("Outside height").fill("20 cm");
  await page.getByRole("button", { name: "Add this tree" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toContainText("Quercus phellos");

  await visit(page, w.url("climate/species?show=genera"));
  await page.getByLabel("Find a species").fill("quercus");
  await page
    .getByTestId("kinds")
    .getByRole("link", { name: /Quercus/ })
    .click();
  await expect(page.getByRole("heading", { level: 1 })).toContainText("Quercus");

  await visit(page, w.url("climate/species"));
  await page.getByLabel("Its wood stands").selectOption("-30");
  await page.getByLabel("Group").selectOption("pome");
  const kinds = page.getByTestId("kinds");
  await expect(kinds.getByRole("link", { name: /^Medlar/ })).toHaveCount(0);
  await expect(kinds.getByRole("link", { name: /Rowan/ })).toBeVisible();
  await expectNoSeriousFindings(page);
});

test("a plant nobody can name goes by what is seen of it", async ({ page, request }) => {
  const w = await world(request);
  await visit(page, w.url("add"));
  await page.getByLabel("Species").fill("Grandmother’s tree");
  const seen = page.getByRole("group", { name: "What you see of it" });
  await seen.getByLabel("Its leaves").selectOption("evergreen");
  await seen.getByLabel("What it is like").selectOption("conifer");
  await seen.getByLabel("Last year’s shoots").selectOption("short");
  await expectNoSeriousFindings(page);
  await page.getByLabel("Tag").fill("GT-1");
  await page.getByLabel("Outside width at the rim").fill("22 cm");
  await page.getByLabel("Outside height").fill("20 cm");
  await page.getByRole("button", { name: "Add this tree" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toContainText("Grandmother’s tree");
  const id = /tree\/([0-9a-f-]{36})/.exec(page.url())![1];
  await visit(page, w.url(`tree/${id}/edit`));
  await expect(page.getByLabel("Its leaves")).toHaveValue("evergreen");
  await expect(page.getByLabel("Last year’s shoots")).toHaveValue("short");
});
