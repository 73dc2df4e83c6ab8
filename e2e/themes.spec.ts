import { expect, test } from "@playwright/test";
import { expectNoSeriousFindings, openPart, round, visit, world } from "./support";

/** Every main view in the evening theme and in US units: readable, nothing undefined, no wider than a phone. */
test("evening, US units: readable on every main page", async ({ page, request }) => {
  const w = await world(request);
  const treeId = await w.tree("Q-1", { trunkMm: 30, heightM: 1.5 });
  await w.roots(treeId, "2026-03-20", 4, 2);
  await w.pots("Black 25 cm", round(252, 198, 228));
  await w.send("set-units", { units: "us" });
  await page.emulateMedia({ colorScheme: "dark" });
  const pages = ["today", "trees", `tree/${treeId}`, `tree/${treeId}/pot`, "plan", "winter", "pots", "climate"];
  for (const path of [...pages, "settings", "add", "people", "import"]) {
    await visit(page, w.url(path));
    await expect(page.locator("main")).not.toContainText(/NaN|undefined|\bnull\b/);
    await expectNoSeriousFindings(page);
  }
  await visit(page, w.url(`tree/${treeId}`));
  for (const part of ["Roots & wood", "Potting", "Winter", "Log"] as const) {
    await openPart(page, part);
    await expectNoSeriousFindings(page);
  }
  // Lengths are typed in inches, and kept as typed.
  await visit(page, w.url("add"));
  const width = page.getByLabel("Outside width at the rim");
  await width.fill("12 1/2");
  await page.getByLabel("Outside height").fill("10");
  await expect(width).toHaveValue("12 1/2");
  // 317 mm by 254 mm outside: some four US gallons, in gallons.
  await expect(page.getByTestId("pot-volume")).toContainText(/Holds (3\.\d|4\.\d|4) gal of mix/);
});

test("a theme that is chosen stays on this device", async ({ page, request }) => {
  const w = await world(request);
  await visit(page, w.url("settings"));
  const theme = () => page.evaluate(() => getComputedStyle(document.body).colorScheme);
  expect(await theme()).toBe("light");
  await page.getByLabel("evening").check();
  expect(await theme()).toBe("dark");
  await visit(page, w.url("trees"));
  expect(await theme()).toBe("dark");
  await visit(page, w.url("settings"));
  await expect(page.getByLabel("evening")).toBeChecked();
  await page.getByLabel("as the device").check();
  expect(await theme()).toBe("light");
  // The name is changed, and stands in the head.
  await page.getByLabel("Name", { exact: true }).fill("");
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByText("Give the collection a name.")).toBeVisible();
  await page.getByLabel("Name", { exact: true }).fill("Upper roof");
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByRole("banner")).toContainText("Upper roof");
});
