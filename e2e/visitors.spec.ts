import { randomUUID } from "node:crypto";
import { expect, test } from "@playwright/test";
import { PLAIN_TREE } from "../test-support/inputs";
import { UNKNOWN_BUILD } from "../core/winter/index";
import { expectNoSeriousFindings, round, SOUTH, TODAY, visit, watchErrors, world } from "./support";

/** Each begins with an empty collection and comes to the one sentence about their tree. */

test("a nursery: 480 liners, and the mix, the pots and the level for all of them", async ({ page, request }) => {
  const w = await world(request);
  const treeId = await w.tree("S-480", {
    form: "liner",
    purpose: "grow-on",
    count: 480,
    arrivedOn: "2026-04-20",
    pot: round(55, 40, 60),
  });
  await w.roots(treeId, "2026-05-14", 3, 1);
  await w.pots("Bag", round(120, 105, 140), 480);
  await visit(page, w.url(`tree/${treeId}`));
  const verdict = page.getByTestId("verdict");
  await expect(verdict).toContainText(/into [\d.]+ L/);
  await expect(verdict).toContainText(/[\d,]+ L of loose mix for 480 pots/);
  const acts = page.getByTestId("acts");
  await expect(acts).toContainText("Bag");
  await expect(acts).toContainText(/\d+ mm/);
  await expectNoSeriousFindings(page);
  // The bench says the same of one of them.
  await visit(page, w.url(`tree/${treeId}/pot`));
  await expect(page.getByTestId("numbers")).toContainText(/New mix, loose/);
});

test("a bare-root apple: potted the minute it is unwrapped, its spread typed once", async ({ page, request }) => {
  const errors = watchErrors(page);
  const w = await world(request);
  const treeId = randomUUID();
  await w.send("receive-tree", {
    treeId,
    tag: "AP-1",
    ...PLAIN_TREE,
    kindId: "apple",
    form: "bare-root",
    arrivedOn: TODAY,
    pot: null,
    verdict: "accept",
    findings: [],
    spreadMm: 260,
  });
  await w.pots("Thirty", round(340, 280, 340));
  await visit(page, w.url(`tree/${treeId}`));
  // In leaf it keeps for hours only; the pot is as wide as its roots spread, and half as much again.
  await expect(page.getByTestId("verdict")).toContainText(/^Pot it today into \d+ L to \d+ L/);
  await expect(page.getByTestId("acts")).toContainText("Thirty");
  await visit(page, w.url(`tree/${treeId}/pot`));
  await expect(page.getByLabel("Roots spread across")).toHaveValue("260");
  await page
    .getByLabel(/from the (crown|flare) down|reach down|long/i)
    .first()
    .fill("250");
  await expectNoSeriousFindings(page);
  await page.getByRole("button", { name: "Potted" }).click();
  await expect(page.getByTestId("verdict")).toContainText("Just potted. Second soak");
  expect(errors).toEqual([]);
});

test("a citrus nobody lifts: cored where it stands, in spring, whoever asks in January", async ({ page, request }) => {
  const w = await world(request);
  const box = {
    known: "measured",
    vessel: {
      shape: "square",
      topWidthMm: 600,
      baseWidthMm: 600,
      heightMm: 520,
      wall: "timber-lined",
    },
  };
  const treeId = await w.tree("C-1", { kindId: "lemon", pot: box, arrivedOn: "2019-05-01", trunkMm: 60, heightM: 2 });
  await w.roots(treeId, "2026-05-01", 4, 2);
  await visit(page, w.url(`tree/${treeId}?on=2027-01-15`));
  const verdict = page.getByTestId("verdict");
  await expect(verdict).toContainText(/Drill out cores.* from \d+ \w+ 2027: its root ball is too heavy to lift/);
  await expect(page.getByTestId("acts")).toContainText("13 °C");
  await expect(page.getByTestId("refused")).toContainText(/kg/);
});

test("a winter-damaged olive: a rescue is the headline until it is over", async ({ page, request }) => {
  const w = await world(request);
  const treeId = await w.tree("OL-1", { kindId: "olive", purpose: "rescue" });
  await w.send("begin-rescue", {
    treeId,
    on: "2026-05-10",
    cause: "frozen",
    greenWood: true,
    liveRoots: null,
    soakMinutes: 0,
  });
  await visit(page, w.url(`tree/${treeId}`));
  const verdict = page.getByTestId("verdict");
  await expect(verdict).toContainText(/^Rescue: .*to be seen between/);
  await visit(page, w.url("trees"));
  await expect(page.getByRole("link", { name: /^OL-1, Olive.*rescue/ })).toBeVisible();
  await w.send("end-rescue", { treeId, on: TODAY, how: "recovered" });
  await visit(page, w.url(`tree/${treeId}`));
  await expect(verdict).not.toContainText("Rescue");
});

test("planning a spring potting in January: every page answers for that day", async ({ page, request }) => {
  const w = await world(request);
  const treeId = await w.tree("QU-1", { purpose: "ornament", finalVolumeL: 60, arrivedOn: "2024-04-01" });
  await w.roots(treeId, "2026-05-10", 3, 1);
  await w.pots("Fifteen", round(290, 240, 270));
  const on = "?on=2027-01-15";
  await visit(page, w.url(`tree/${treeId}${on}`));
  const verdict = page.getByTestId("verdict");
  await expect(verdict).toContainText(/^Wait until \d+ \w+, then pot it up .*into/);
  const sentence = (await verdict.textContent())!;
  const day = /until (\d+ \w+)/.exec(sentence)![1];
  await visit(page, w.url(`tree/${treeId}/correct${on}`));
  await expect(page.locator("main")).toContainText(day);
  await visit(page, w.url(`tree/${treeId}/pot${on}`));
  await expect(page.locator("main")).toContainText(day);
});

test("a pot three sizes too large is told from one that fits, and its litres say why", async ({ page, request }) => {
  const w = await world(request);
  const treeId = await w.tree("B-1", { arrivedOn: "2022-04-01", purpose: "ornament", kindId: "stewartia" });
  await w.roots(treeId, "2026-05-10", 4, 2);
  await w.pots("Tub", round(560, 480, 500));
  await w.pots("Next", round(262, 205, 240));
  await visit(page, w.url(`tree/${treeId}/pot`));
  await page.getByText("Show the others, with the reason").click();
  await expect(page.locator("main")).toContainText(/Tub[^.]*too large: most of the mix would stay without roots/);
});

test("its plan: always there, made without asking, by the school one chooses", async ({ page, request }) => {
  const errors = watchErrors(page);
  const w = await world(request);
  const treeId = await w.tree("P-1", { purpose: "ornament", finalVolumeL: 50, arrivedOn: "2024-04-01" });
  await w.roots(treeId, "2026-05-10", 3, 1);
  await visit(page, w.url(`tree/${treeId}`));
  const plan = page.getByTestId("plan");
  await expect(plan).toContainText(/into \d+ L/, { timeout: 20_000 });
  await expect(plan).toContainText("Planned by small steps. Goal 50 L");
  const steps = () => plan.getByRole("listitem").allTextContents();
  const before = await steps();
  await plan.getByRole("link", { name: "Compare all schools" }).click();
  await expect(page.getByTestId("school-long-jump").getByTestId("says")).toContainText(/Today: \S/);
  const says = await page.getByTestId("says").allTextContents();
  expect(says).toHaveLength(4);
  expect(new Set(says).size).toBeGreaterThan(1);
  await expectNoSeriousFindings(page);
  await page.getByTestId("school-long-jump").getByRole("button", { name: "Use this plan" }).click();
  await expect(page.getByRole("status")).toContainText("follows long jump");
  await visit(page, w.url(`tree/${treeId}`));
  await expect(plan).toContainText("You follow long jump", { timeout: 20_000 });
  expect(await steps()).not.toEqual(before);
  expect(errors).toEqual([]);
});

test("a drive that is cleared for a feast: typed once at the place, said at every tree on it", async ({
  page,
  request,
}) => {
  const w = await world(request);
  const placeId = randomUUID();
  await w.send("add-place", { placeId, name: "Drive", kind: "open" });
  const treeId = await w.tree("BY-1", { kindId: "bay", purpose: "ornament" });
  await w.send("place-trees", { treeIds: [treeId], placeId, on: "2026-04-01" });
  const errors = watchErrors(page);
  await visit(page, w.url("winter"));
  await page.getByRole("button", { name: "Drive" }).click();
  const form = page.getByRole("form", { name: "Measures of Drive" });
  await form.getByLabel("It must stand empty").selectOption({ label: "from one day to another, once" });
  await form.getByLabel("Empty from").fill("2026-06-10");
  await form.getByLabel("Empty until").fill("2026-06-01");
  await form.getByRole("button", { name: "Keep these measures" }).click();
  await expect(form).toContainText("The last day lies before the first.");
  await form.getByLabel("Empty until").fill("2026-06-14");
  await form.getByRole("button", { name: "Keep these measures" }).click();
  await expect(page.getByText("Drive is measured.")).toBeVisible();
  await visit(page, w.url(`tree/${treeId}`));
  const act = page.getByTestId("acts").locator("li", { hasText: "Carry it elsewhere" });
  await expect(act).toContainText("its place must be empty from 10 Jun to 14 Jun");
  await expect(act).toContainText("Now, by 9 Jun");
  await expectNoSeriousFindings(page);
  // Carried away, nothing more is said of it.
  const garden = randomUUID();
  await w.send("add-place", { placeId: garden, name: "Garden", kind: "open" });
  await w.send("place-trees", { treeIds: [treeId], placeId: garden, on: TODAY });
  await page.reload();
  await expect(page.getByTestId("acts")).not.toContainText("Carry it elsewhere");
  expect(errors).toEqual([]);
});

test("six figs in a southern autumn: by when they are in, and how many are carried", async ({ page, request }) => {
  const w = await world(request, { ...SOUTH, coldestNightC: -15, firstAutumnFrost: "04-15" });
  const [terrace, porch] = [randomUUID(), randomUUID()];
  await w.send("add-place", { placeId: terrace, name: "Terrace", kind: "open" });
  await w.send("add-place", { placeId: porch, name: "Shed", kind: "frost-free" });
  await w.send("build-place", { placeId: porch, build: { ...UNKNOWN_BUILD, lengthM: 4, widthM: 3, heightM: 2.2 } });
  const figs = [];
  for (let i = 1; i <= 6; i++) figs.push(await w.tree(`F-${i}`, { kindId: "fig", pot: round(300, 240, 270) }));
  await w.send("place-trees", { treeIds: figs, placeId: terrace, on: "2025-11-15" });
  await visit(page, w.url("winter"));
  await page.getByRole("button", { name: "Place them all" }).click();
  await expect(page.getByTestId("proof")).toContainText(/points\. At most/, { timeout: 60_000 });
  await page.getByRole("button", { name: "Keep this plan" }).click();
  await expect(page.getByTestId("shelter-words")).toContainText("As planned");
  await visit(page, w.url("winter/moves"));
  await expect(page.getByTestId("moves-words")).toContainText(/Next: in (today|on \d+ \w+).*, 6 pots, \d+ kg/);
});
