import { expect, test } from "@playwright/test";
import { expectNoSeriousFindings, round, visit, watchErrors, world, openPart } from "./support";

test("a pot's winter: how cold wall and core get, what kills, and what sinking and wrapping would change", async ({
  page,
  request,
}) => {
  const w = await world(request);
  const treeId = await w.tree("FG-1", { kindId: "fig", pot: round(260, 210, 250) });
  const errors = watchErrors(page);
  await visit(page, w.url(`tree/${treeId}`));
  await openPart(page, "Winter");
  await page.getByRole("link", { name: "Its winter" }).click();
  const words = page.getByTestId("winter-words");
  await expect(words).toContainText(
    /on the ground: it loses more than a tenth of its roots in \d+ % of winters, in \d+ % if they are/,
  );
  const share = async () => Number((await words.innerText()).match(/in (\d+) % of winters/)![1]);
  const before = await share();
  // A fig in a cold place: its roots are at risk above ground.
  expect(before).toBeGreaterThan(10);
  await expect(page.getByRole("img", { name: /Coldest at the wall/ })).toBeVisible();
  await expect(page.getByTestId("measures")).toContainText("sink it into the ground, mulched: roots lost in");
  await expectNoSeriousFindings(page);
  await page.getByLabel("Stands", { exact: true }).selectOption("sunk");
  await page.getByLabel("On the mix").selectOption("straw");
  await expect(page.getByRole("article")).toHaveAttribute("aria-busy", "false");
  await expect(words).toContainText("sunk into the ground");
  expect(await share()).toBeLessThan(before);
  await expect(page.getByTestId("winter-else")).toContainText(
    /Crown: more than a tenth of its wood lost in \d+ % of winters/,
  );
  await expect(page.getByTestId("summer-words")).toContainText(/its wall reaches \d+/);
  // What was asked becomes what is, and any winter may be asked about instead of this one.
  await page.getByRole("button", { name: "It stands so from today on" }).click();
  await expect(page.getByText("FG-1 stands so from today on.")).toBeVisible();
  await page.reload();
  await expect(page.getByLabel("Stands", { exact: true })).toHaveValue("sunk");
  await page.getByLabel("Which winter").selectOption("any");
  await expect(page).toHaveURL(/winter=any/);
  await expect(words).toContainText("sunk into the ground");
  await page.setViewportSize({ width: 390, height: 844 });
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  expect(errors).toEqual([]);
});

test("a clay pot: how often it freezes wet, and the word that it stands that, said in one choice and taken back", async ({
  page,
  request,
}) => {
  const w = await world(request);
  const pot = round(260, 210, 250);
  const clay = { ...pot, vessel: { ...pot.vessel, wall: "terracotta" } };
  const treeId = await w.tree("AP-1", { pot: clay });
  const errors = watchErrors(page);
  await visit(page, w.url(`tree/${treeId}/winter`));
  const words = page.getByTestId("winter-clay");
  await expect(words).toContainText(/freezes through wet \d+ times in the middle winter/);
  await expect(words).toContainText(/at even odds it cracks in about \d+ % of winters/);
  await page.getByLabel("Wet frost on its clay").selectOption("yes");
  await expect(words).toContainText("It stands that, by what was said of it.");
  // It is the pots' own word: their page has it, too, and its history.
  await page.getByRole("link", { name: "The clay" }).click();
  await expect(page.getByLabel("Wet frost on its clay")).toHaveValue("yes");
  await expect(page.getByRole("region", { name: "What happened" })).toContainText("stands it: frost-proof");
  await expectNoSeriousFindings(page);
  expect(errors).toEqual([]);
});
