import { expect, test } from "@playwright/test";
import { expectNoSeriousFindings, pressUntil, visit, watchErrors, world, openPart } from "./support";

test("a correction moves a date, and the move is listed with its cause until it is seen", async ({ page, request }) => {
  const errors = watchErrors(page);
  const w = await world(request);
  const tree = await w.tree("M-1", { arrivedOn: "2026-01-10", form: "liner" });
  await w.roots(tree, "2026-05-01", 0, 0);
  await visit(page, w.url("trees"));
  // The first look has nothing to compare with: it becomes the mark.
  await expect.poll(async () => (await request.get(w.url("trees"))).status()).toBe(200);
  await page.waitForTimeout(800);
  await expect(page.getByTestId("moved-since")).toHaveCount(0);

  await visit(page, w.url(`tree/${tree}`));
  const due = await page.getByTestId("due").textContent();
  await openPart(page, "Log");
  await page.getByRole("button", { name: /^Correct: Roots seen/ }).click();
  const form = page.getByRole("form", { name: "Correct this entry" });
  await form.getByLabel("When").fill("the other day");
  await form.getByLabel("How full").selectOption("2");
  await form.getByRole("button", { name: "Correct" }).click();
  await expect(form.getByText(/This cannot be read as a day/)).toBeVisible();
  await form.getByLabel("When").fill("2026-05-02");
  await expectNoSeriousFindings(page);
  await form.getByRole("button", { name: "Correct" }).click();
  await expect(page.getByRole("status")).toContainText("Corrected");
  await expect(page.getByTestId("due")).not.toHaveText(due!);
  await page.getByText("also what was undone or corrected (1)").click();
  await expect(page.getByText("corrected since")).toBeVisible();

  await visit(page, w.url("trees"));
  const moved = page.getByTestId("moved-since");
  await expect(moved).toContainText("since you last looked");
  await moved.locator("summary").click();
  await expect(moved).toContainText(/M-1 due: .* days earlier\), because of a correction of its history/);
  await expectNoSeriousFindings(page);
  await moved.getByRole("button", { name: "Seen" }).click();
  await expect(moved).toHaveCount(0);
  expect(errors).toEqual([]);
});

test("what was recorded on the wrong tree moves to the right one", async ({ page, request }) => {
  const w = await world(request);
  const [a, b] = [await w.tree("W-1", { arrivedOn: "2026-01-10" }), await w.tree("W-2", { kindId: "fig" })];
  await w.roots(a, "2026-03-01", 4, 3);
  await visit(page, w.url(`tree/${a}`));
  await expect(page.getByTestId("verdict")).toContainText("Overdue");
  await openPart(page, "Log");
  await page.getByRole("button", { name: /^That was another tree: Roots seen/ }).click();
  await page.getByLabel("It was this tree").selectOption({ label: "W-2 · Fig" });
  await page.getByRole("button", { name: "Move it" }).click();
  await expect(page.getByRole("status")).toContainText("Moved to W-2");
  await expect(page.getByTestId("verdict")).not.toContainText("Overdue");
  await visit(page, w.url(`tree/${b}`));
  await openPart(page, "Log");
  await expect(page.getByText(/Roots seen: solid/)).toBeVisible();
});

test("a tree dies and leaves the Yard but not the history; several entries are undone together", async ({
  page,
  request,
}) => {
  const w = await world(request);
  const tree = await w.tree("X-1");
  await w.tree("X-2");
  await visit(page, w.url(`tree/${tree}/edit`));
  await expectNoSeriousFindings(page);
  await page.getByLabel("Of what").selectOption("frost");
  await page.getByRole("button", { name: "Record that X-1 died" }).click();
  await expect(page.getByTestId("verdict")).toContainText("Not here any more: died");
  await visit(page, w.url("trees"));
  await expect(page.getByRole("link", { name: /^X-1/ })).toHaveCount(0);
  await pressUntil(page, "/", page.getByRole("combobox", { name: "Find a tree" }));
  await page.getByRole("combobox", { name: "Find a tree" }).fill("x-1");
  await expect(page.getByRole("listbox").getByRole("option")).toContainText("not here any more");
  await page.keyboard.press("Enter");
  await expect(page.getByTestId("verdict")).toContainText("Not here any more");
  await page.getByRole("button", { name: /^Undo: Arrived/ }).click();
  await expect(page.getByText(/Later entries build on this one: X-1 died/)).toBeVisible();
  await page.getByRole("button", { name: "Undo these 2 together" }).click();
  await expect(page.getByRole("heading", { name: /not here|nothing here|cannot be found/i })).toBeVisible();
  await visit(page, w.url("log"));
  await expect(page.getByText("X-1 died (frost)", { exact: true })).toBeVisible();
  await expectNoSeriousFindings(page);
});

test("people and their days: nobody there closes the window", async ({ page, request }) => {
  const w = await world(request);
  const tree = await w.tree("P-1");
  await w.roots(tree, "2026-03-20", 3, 1);
  await visit(page, w.url("people"));
  await page.getByLabel("Lifts alone, up to").first().fill("40");
  await page.getByRole("button", { name: "Keep" }).first().click();
  await expect(page.getByText(/Above 25 kg nobody lifts alone/)).toBeVisible();
  await page.getByLabel("Lifts alone, up to").first().fill("18");
  await page.getByRole("button", { name: "Keep" }).first().click();
  await expect(page.getByText("lifts up to 18 kg alone")).toBeVisible();
  const away = page.getByRole("form", { name: "Away from to" });
  await away.getByLabel("First day").fill("2026-05-10");
  await away.getByLabel("Last day").fill("2026-05-01");
  await away.getByRole("button", { name: "Away on these days" }).click();
  await expect(page.getByText("The last day lies before the first.")).toBeVisible();
  await away.getByLabel("Last day").fill("2026-06-20");
  await away.getByRole("button", { name: "Away on these days" }).click();
  await expect(page.getByTestId("away")).toContainText("10 May to 20 Jun");
  await expectNoSeriousFindings(page);
  await visit(page, w.url(`tree/${tree}`));
  await expect(page.getByTestId("window")).toContainText("closed");
});

test("search by key: tag, kind, place and note; arrows choose", async ({ page, request }) => {
  const w = await world(request);
  await w.tree("S-1", { kindId: "fig", cultivar: "Lantern" });
  const b = await w.tree("S-2");
  await w.send("add-note", { treeId: b, on: "2026-05-01", text: "Leans towards the gate" });
  await visit(page, w.url("trees"));
  const box = page.getByRole("combobox", { name: "Find a tree" });
  const found = page.getByRole("listbox");
  await pressUntil(page, "/", box);
  await box.fill("S");
  await expect(found.getByRole("option")).toHaveCount(2);
  await page.keyboard.press("ArrowDown");
  await expect(found.getByRole("option", { selected: true })).toContainText("S-2");
  await expectNoSeriousFindings(page);
  await box.fill("gate");
  await expect(page.getByText("Leans towards the gate")).toBeVisible();
  await expect(found.getByRole("option")).toHaveCount(1);
  await box.fill("nothing like it");
  await expect(page.getByText("No tree has all of these words.")).toBeVisible();
  await page.keyboard.press("Escape");
  await expect(box).toBeHidden();
});
