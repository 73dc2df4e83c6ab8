import { expect, type Page, test } from "@playwright/test";
import sharp from "sharp";
import { expectNoSeriousFindings, NORTH, round, visit, watchErrors, world, type World, openPart } from "./support";

const BIG_BOX = {
  known: "measured",
  vessel: {
    shape: "rectangle",
    topLengthMm: 750,
    topWidthMm: 750,
    baseLengthMm: 750,
    baseWidthMm: 750,
    heightMm: 600,
    wall: "timber-lined",
  },
};

test.use({ viewport: { width: 390, height: 844 } });

const fits = async (page: Page) =>
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
const tap = (page: Page, name: string | RegExp) => page.getByRole("button", { name }).first().click();

/** Eight taps: side, side, base, flare, colour, snap, smell, record. */
async function read(page: Page, w: World, treeId: string, answers: (string | RegExp)[]) {
  await visit(page, w.url(`tree/${treeId}/roots`));
  for (const answer of answers) await tap(page, answer);
  await tap(page, "Record what I see");
  await page.waitForURL(/\/correct$/);
}

test("a ball is read in eight taps, kept on the way, and says what it wants today and what later", async ({
  page,
  request,
}) => {
  const w = await world(request);
  const treeId = await w.tree("SB-1", { kindId: "serviceberry", arrivedOn: "2024-04-01", pot: round(205, 170, 190) });
  const errors = watchErrors(page);
  await visit(page, w.url(`tree/${treeId}/roots`));
  await expect(page.getByText("never pull on the trunk")).toBeVisible();
  await expectNoSeriousFindings(page);
  await tap(page, /4 solid/);
  await tap(page, /3 a mat at the base/);
  // Left and taken up again: what was answered is still there.
  await visit(page, w.url(`tree/${treeId}/roots`));
  await expect(page.getByRole("heading", { name: "Turn it over" })).toBeVisible();
  await tap(page, /3 a mat at the base/);
  await tap(page, /about 60 mm/);
  await expect(page.getByText("Healthy in serviceberry")).toBeVisible();
  await tap(page, "tan");
  await tap(page, /Snaps/);
  await tap(page, /Earthy/);
  await page.getByText("Measured, photographed").click();
  await page.getByLabel("Roots alive, %").fill("300");
  await tap(page, "Record what I see");
  await expect(page.getByText("Between 0 and 100 %, or nothing.")).toBeVisible();
  await page.getByLabel("Roots alive, %").fill("");
  await tap(page, "Record what I see");
  await page.waitForURL(/\/correct$/);
  // In leaf, in May: whole or hardly touched today, the shave at its day, its price said.
  await expect(page.getByTestId("seen")).toContainText("solid: no mix to be seen");
  await expect(page.getByTestId("pick")).toContainText(/Undisturbed|Loosen/);
  await expect(page.getByTestId("later")).toContainText(/Then from .*: Shave, \d+ mm off sides and base/);
  await expect(page.getByTestId("flare")).toContainText("60 mm");
  // Refused, with the reason and the day.
  const wash = page.getByTestId("refused").getByRole("listitem").filter({ hasText: "Wash bare" });
  await expect(wash).toContainText(/it costs about 45\s*% of the roots|costs about 45/);
  await expect(wash).toContainText(/all it stands in this season/);
  await expect(wash).toContainText(/Right from \d+ (Feb|Mar|Apr|Nov|Dec)/);
  await expect(page.getByTestId("look-on")).toContainText("Look for new roots about");
  await fits(page);
  await expectNoSeriousFindings(page);
  // What was really done is recorded with its share.
  await page.getByText("Other root work").click();
  await page.getByLabel("What was done").selectOption("replace-top");
  await page.getByLabel("Share of roots kept, %").fill("2");
  await tap(page, "Record it");
  await expect(page.getByText("At least 5 % of the roots must stay")).toBeVisible();
  await page.getByLabel("Share of roots kept, %").fill("95");
  await tap(page, "Record it");
  await expect(page.getByText("replace the top is recorded")).toBeVisible();
  expect(errors).toEqual([]);
});

test("sour is not bound: cut to live tissue and potted down, with the share and the work filled in", async ({
  page,
  request,
}) => {
  const w = await world(request);
  const treeId = await w.tree("FJ-1", { kindId: "feijoa" });
  await w.pots("Round 15", round(150, 120, 140));
  await read(page, w, treeId, [/4 solid/, /1 a few/, /0 none/, /The flare shows/, "brown", /Mushy/, /Sour/]);
  await expect(page.getByTestId("pick")).toContainText("Sour is not bound");
  await expect(page.getByTestId("pick")).toContainText(/\d L at most/);
  await page.getByRole("link", { name: "Pot it down" }).click();
  await expect(page.getByLabel("Correction", { exact: true })).toHaveValue("rake-and-thin");
});

test("a giant is worked where it stands, holes and slices by its size; a fig in leaf says its price", async ({
  page,
  request,
}) => {
  const w = await world(request);
  const bay = await w.tree("BAY-1", {
    kindId: "bay",
    arrivedOn: "2015-04-01",
    trunkMm: 110,
    heightM: 3,
    pot: BIG_BOX,
  });
  await visit(page, w.url(`tree/${bay}/in-place`));
  // One slice of 90 mm, a tenth and a bit; the opposite side next year only.
  await expect(page.getByTestId("slice")).toContainText("90 mm");
  await expect(page.getByTestId("slice")).toContainText(/12\s*%/);
  await expect(page.getByTestId("turns").getByRole("listitem").nth(1)).toContainText("2027: north side");
  await page.getByLabel("How", { exact: true }).selectOption("cores");
  await page.getByLabel("Where", { exact: true }).selectOption("all");
  await expect(page.getByTestId("cores")).toContainText("43");
  await expect(page.getByText("Probe each place with a rod")).toBeVisible();
  await page.getByLabel("Auger, mm").fill("500");
  await expect(page.getByText("A width from 10 to 120 mm.")).toBeVisible();
  await page.getByLabel("Auger, mm").fill("50");
  await tap(page, "Done: record it");
  await expect(page.getByText("Soak twice, slowly")).toBeVisible();
  await expect(page.getByText("This was done this year already")).toBeVisible();
  await fits(page);
  await expectNoSeriousFindings(page);

  const fig = await w.tree("FG-1", { kindId: "fig", arrivedOn: "2024-04-01", pot: round(165, 130, 150) });
  await w.roots(fig, "2026-05-10", 4, 2);
  await visit(page, w.url(`tree/${fig}/correct`));
  await expect(page.getByTestId("pick")).toContainText(/Today: (Tease and clip|Loosen|Undisturbed)/);
  await expect(page.getByTestId("options").getByRole("img").first()).toHaveAttribute("aria-label", /price/);
});

test("a bad plant at the gate: the verdict follows the taps; it is taken in and corrected", async ({
  page,
  request,
}) => {
  const w = await world(request);
  await visit(page, w.url("arrival"));
  await expect(page.getByTestId("arrival-verdict")).toHaveText("Take it");
  await page.getByLabel("Species", { exact: true }).fill("Serviceberry");
  await tap(page, "Light: dried out");
  await tap(page, /^solid: no mix/);
  await page.getByLabel("Outside width at the rim").fill("220");
  await page.getByLabel("Outside height").fill("210");
  await page.getByLabel("Circling roots", { exact: true }).selectOption("3");
  await page.getByLabel("Mix above the flare, mm").fill("70");
  await page.getByText("Wounds, variety, price").click();
  await page.getByLabel("A sound one costs").fill("40");
  await page.getByLabel("Asked price").fill("39");
  await expect(page.getByTestId("arrival-verdict")).toHaveText("Take it and correct it at once");
  await expect(page.getByTestId("found")).toContainText("The flare is 70 mm down");
  await expect(page.getByTestId("arrival-steps")).toContainText("Plunge the ball");
  await expect(page.getByTestId("arrival-steps")).toContainText(/Slip it up whole into \d+(\.\d)? L to \d+(\.\d)? L/);
  await expect(page.getByTestId("arrival-steps")).toContainText(/from \d+ \w+.*: Correct the ball/);
  await expect(page.getByTestId("price-note")).toContainText("is too much");
  // Pests beside it change the verdict; brown to the base ends it.
  await tap(page, /Insects or spots/);
  await expect(page.getByTestId("arrival-verdict")).toHaveText("Quarantine");
  await tap(page, "Brown to the base");
  await expect(page.getByTestId("arrival-verdict")).toHaveText("Leave it");
  await tap(page, "Brown to the base");
  await tap(page, /Insects or spots/);
  await fits(page);
  await expectNoSeriousFindings(page);
  await page.getByLabel("Tag").fill("");
  await tap(page, "Accept");
  await expect(page.getByText("Every tree needs a tag")).toBeVisible();
  await expect(page.getByLabel("Mix above the flare, mm")).toHaveValue("70");
  await page.getByLabel("Tag").fill("SB-9");
  await tap(page, "Accept");
  await page.waitForURL(/\/correct$/);
  await expect(page.getByTestId("seen")).toContainText("flare 70 mm down");
});

test("a rescue with a sign that fails: what to do about it, looked for again, then time to stop", async ({
  page,
  request,
}) => {
  const w = await world(request, NORTH);
  const earlier = await w.tree("R-1", { kindId: "quince" });
  const start = { cause: "dried-out", greenWood: true, liveRoots: 0.8, soakMinutes: 30 };
  await w.send("begin-rescue", { treeId: earlier, on: "2025-05-01", ...start });
  await w.send("end-rescue", { treeId: earlier, on: "2025-08-01", how: "recovered" });
  const treeId = await w.tree("R-2", { kindId: "quince" });
  await visit(page, w.url(`tree/${treeId}/rescue`));
  await expect(page.getByTestId("season")).toContainText("Enough warm season is left");
  await tap(page, "Begin the rescue");
  await expect(page.getByText("Say what happened to it")).toBeVisible();
  await tap(page, "Dried out");
  await page.getByLabel("Soak, minutes").fill("600");
  await expect(page.getByTestId("soak-risk")).toBeVisible();
  await page.getByLabel("Soak, minutes").fill("40");
  await expect(page.getByText("drown small children")).toBeVisible();
  await expectNoSeriousFindings(page);
  await tap(page, "Begin the rescue");
  await expect(page.getByTestId("next-step")).toContainText("Is it alive?");
  await expect(page.getByTestId("rescue-acts")).toContainText("Plunge the ball until no more bubbles rise");
  const step = page.getByTestId("step-alive");
  await step.getByRole("button", { name: "It is not" }).click();
  await expect(page.getByTestId("branch-alive")).toContainText("Scratch lower");
  await expect(step).toContainText("failed once, look again");
  await step.getByLabel(/Note on/).fill("still brown");
  await step.getByRole("button", { name: "It is not" }).click();
  await expect(page.getByTestId("next-step")).toContainText("failed twice: most growers stop here");
  await expect(page.getByTestId("branch-alive")).toContainText("Give it up");
  await expect(page.getByTestId("outcomes")).toContainText("1 of 1 ended ones recovered");
  await fits(page);
  await expectNoSeriousFindings(page);
  await tap(page, "It is lost");
  await expect(page.getByTestId("ended")).toContainText("lost");
});

test("a re-rooting check takes the stake off, and teaches the tree's pace", async ({ page, request }) => {
  const w = await world(request);
  const treeId = await w.tree("FG-1", { kindId: "fig" });
  const potLotId = await w.pots("Round 26", round(260, 200, 250));
  await w.send("record-potting", {
    treeId,
    on: "2026-04-22",
    potLotId,
    mix: "compost-bark",
    correction: "tease-and-clip",
    retainedShare: null,
    crownMm: 10,
    bottomLayerMm: 0,
    staked: true,
  });
  await visit(page, w.url(`tree/${treeId}/learning`));
  await expect(page.getByTestId("stake")).toContainText("The stake stays");
  await expect(page.getByTestId("pace")).toContainText("Nobody has looked at its roots");
  await tap(page, "Record the new roots");
  await expect(page.getByText("0 where none are to be seen.")).toBeVisible();
  await page.getByLabel("Longest new roots, mm").fill("12");
  await expect(page.getByRole("checkbox")).toBeDisabled();
  await page.getByLabel("Longest new roots, mm").fill("85");
  await tap(page, "stands firm");
  await page.getByLabel("The stake is off").check();
  await tap(page, "Record the new roots");
  await expect(page.getByTestId("rerooting")).toContainText("85 mm, it stands firm");
  await expect(page.getByTestId("stake")).not.toContainText("The stake stays");
  await expect(page.getByTestId("checks")).toContainText("new roots of 85 mm");
  await fits(page);
  await expectNoSeriousFindings(page);
});

test("a look that does not fit asks whether the history is wrong before it bends the pace", async ({
  page,
  request,
}) => {
  const w = await world(request);
  const treeId = await w.tree("QN-1", { kindId: "quince", pot: round(220, 165, 205) });
  const potLotId = await w.pots("Round 45", round(450, 380, 420));
  await w.send("record-potting", {
    treeId,
    on: "2026-03-25",
    potLotId,
    mix: "compost-bark",
    correction: "none",
    retainedShare: null,
    crownMm: 10,
    bottomLayerMm: 0,
  });
  await w.roots(treeId, "2026-05-12", 4, 1);
  await visit(page, w.url(`tree/${treeId}/learning`));
  const doubt = page.getByTestId("doubt");
  await expect(doubt).toContainText("Does its history hold?");
  await expect(doubt).toContainText("Were it that");
  await expectNoSeriousFindings(page);
  await doubt.getByRole("button", { name: "believe what I saw" }).click();
  await expect(doubt).toBeHidden();
  await expect(page.getByTestId("checks")).toContainText("confirmed");
  await visit(page, w.url("learning"));
  await expect(page.getByRole("heading", { level: 1 })).toContainText("Trees to check next");
  await fits(page);
});

test("worked examples 1, 3 and 5 as the tree's page tells them, each in its season", async ({ page, request }) => {
  /** The first of some days of spring on which the tree's page says this. */
  const dayThatSays = async (w: World, treeId: string, days: string[], text: RegExp) => {
    for (const on of days) {
      await visit(page, w.url(`tree/${treeId}?on=${on}`));
      await openPart(page, "Potting");
      await expect(page.getByTestId("acts")).toBeVisible();
      if (text.test((await page.getByTestId("acts").textContent()) ?? "")) return on;
    }
    throw new Error(`${String(text)} on none of ${days.join(", ")}`);
  };
  const w = await world(request);
  const serviceberry = await w.tree("SB-1", {
    kindId: "serviceberry",
    arrivedOn: "2024-04-01",
    pot: round(205, 170, 190),
    finalVolumeL: 20,
  });
  await w.roots(serviceberry, "2026-05-14", 4, 3);
  await visit(page, w.url(`tree/${serviceberry}`));
  const acts = page.getByTestId("acts");
  await expect(page.getByTestId("verdict")).toContainText(/Overdue: .*Pot it up undisturbed into .* L by 2\d May/);
  await expect(acts).toContainText(/Pot it up undisturbed into .* L of mix/);
  await expect(acts).toContainText(/water the old ball by hand until 2\d Jun/);
  await expect(acts).toContainText(/ 2027 to .*Shave 1\d mm off sides and base/);
  await expect(page.getByTestId("refused")).toContainText(
    /Wash its roots bare.*: (the shoots are soft|it cannot lose so many roots)/,
  );
  await expect(page.getByTestId("refused")).toContainText(/Feed before it grows again/);

  // Frost is past before it flushes.
  const early = await world(request, { ...NORTH, lastSpringFrost: "04-05" });
  const bay = await early.tree("BAY-1", {
    kindId: "bay",
    arrivedOn: "2015-04-01",
    trunkMm: 110,
    heightM: 3,
    pot: BIG_BOX,
  });
  await early.roots(bay, "2026-03-01", 4, 3);
  const april = Array.from({ length: 10 }, (_, k) => `2026-04-${10 + 2 * k}`);
  await dayThatSays(early, bay, april, /Renew the top 40 mm to 60 mm of its mix/);
  await expect(page.getByTestId("verdict")).toContainText(/Drill out cores of the root ball.* too heavy to lift/);
  await expect(acts).toContainText(/outer half of the root ball.*The mix at 10 °C or more.*About 10 % of its roots/);
  await expect(page.getByTestId("refused")).toContainText("Lifting it by hand");

  const warm = await world(request, {
    ...NORTH,
    latitudeDeg: 40,
    elevationM: 50,
    coldestNightC: -3,
    lastSpringFrost: "03-05",
    firstAutumnFrost: "12-05",
  });
  const fig = await warm.tree("FG-1", {
    kindId: "fig",
    arrivedOn: "2024-04-01",
    pot: round(165, 130, 150),
    finalVolumeL: 55,
  });
  await warm.roots(fig, "2026-02-01", 4, 2);
  const days = ["02-14", "02-21", "02-28", "03-07", "03-14", "03-21", "03-28"].map((d) => `2026-${d}`);
  await dayThatSays(warm, fig, days, /^Now.*Pot it up with its roots teased out into 55 L/);
  await expect(acts).toContainText(/About 10 % of its roots, at most 50 %/);
  await expect(acts).toContainText(/The full pot weighs 40 kg to \d\d kg/);
  await expect(acts).toContainText(/water the old ball by hand until/);
});

test("a photograph of a face stands beside the next one of the same face", async ({ page, request }) => {
  const w = await world(request);
  const treeId = await w.tree("QN-1");
  const toTheEnd = async () => {
    await visit(page, w.url(`tree/${treeId}/roots`));
    for (let i = 0; i < 7; i++) await tap(page, "Can’t say, go on");
    await page.getByText("Measured, photographed").click();
  };
  await visit(page, w.url(`tree/${treeId}/roots`));
  await tap(page, /3 well rooted/);
  for (let i = 0; i < 6; i++) await tap(page, "Can’t say, go on");
  await page.getByText("Measured, photographed").click();
  await expect(page.getByText("No earlier photograph of the side.")).toBeVisible();
  const buffer = await sharp({ create: { width: 60, height: 40, channels: 3, background: "#964" } })
    .png()
    .toBuffer();
  await page.getByLabel("Photograph the side").setInputFiles({ name: "side.png", mimeType: "image/png", buffer });
  await expect(page.getByRole("img", { name: "Side of the ball today" })).toBeVisible();
  await tap(page, "Record what I see");
  await page.waitForURL(/\/correct$/);
  await toTheEnd();
  await expect(page.getByRole("img", { name: /Side of the ball on 15 May/ })).toBeVisible();
  await expect(page.getByText("No earlier photograph of the base.")).toBeVisible();
});
