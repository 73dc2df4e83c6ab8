import { expect, test } from "@playwright/test";
import { expectNoSeriousFindings, round, visit, watchErrors, world, openPart } from "./support";

test("a pot is entered by its dimensions, in one line or field by field; faults stand at their fields", async ({
  page,
  request,
}) => {
  const w = await world(request);
  const errors = watchErrors(page);
  await visit(page, w.url("pots"));
  await page.getByLabel("In one line").fill("5 × 25/20/22 terracotta 4.50");
  await expect(page.getByLabel("Inside width at the rim")).toHaveValue("250");
  await expect(page.getByLabel("How many")).toHaveValue("5");
  await expect(page.getByTestId("pot-volume")).toHaveText(/^Holds 7\.\d L of mix/);
  await page.getByRole("button", { name: "Put in store" }).click();
  await expect(page.getByText("Give these pots a name you will know them by.")).toBeVisible();
  await page.getByLabel("Name", { exact: true }).fill("Terracotta 25 cm");
  await page.getByRole("button", { name: "Put in store" }).click();
  await expect(page.getByRole("img", { name: "Terracotta 25 cm: 5 free" })).toBeVisible();
  await page.getByLabel("One Terracotta 25 cm is").selectOption({ label: "and 5 more of these" });
  await expect(page.getByRole("img", { name: "Terracotta 25 cm: 10 free" })).toBeVisible();

  // What could be bought stands apart until it is.
  await page.getByLabel("Name", { exact: true }).fill("Deep tree pot");
  await page.getByLabel("Shape").selectOption({ label: "deep tree pot, square" });
  await page.getByLabel("They are").selectOption({ label: "to be bought" });
  await page.getByLabel("Inside width at the rim").fill("10 cm");
  await page.getByLabel("Inside width at the floor").fill("8");
  await page.getByLabel("Inside height").fill("25 cm");
  await page.getByRole("button", { name: "Put in store" }).click();
  await expect(page.getByText("Less than 20 mm is no pot.")).toBeVisible();
  await page.getByLabel("Inside width at the floor").fill("8 cm");
  await page.getByRole("button", { name: "Put in store" }).click();
  await page.getByText("Could be bought (1)").click();
  await expect(page.getByRole("img", { name: "Deep tree pot: to be bought" })).toBeVisible();
  await page.getByRole("button", { name: "one bought Deep tree pot" }).click();
  await expect(page.getByRole("img", { name: "Deep tree pot: 1 free" })).toBeVisible();

  // Its own page: history, price, and one of the ten with a name of its own.
  await page.getByRole("link", { name: "Terracotta 25 cm" }).click();
  await expect(page.getByTestId("standing")).toHaveText("10 free.");
  await page.getByLabel("Called").fill("Terracotta with the lion");
  await page.getByRole("button", { name: "Name it" }).click();
  await expect(page.getByRole("heading", { level: 1, name: "Terracotta with the lion" })).toBeVisible();
  await expect(page.getByTestId("standing")).toHaveText("1 free.");
  await expectNoSeriousFindings(page);
  expect(errors).toEqual([]);
});

test("a mix is built from parts, stands beside another in the pot, and says why they differ", async ({
  page,
  request,
}) => {
  const w = await world(request);
  await w.pots("Black 30 cm", round(300, 240, 280), 3);
  await visit(page, w.url("pots/library"));
  const form = page.getByRole("form", { name: "Recipe" });
  await form.getByLabel("Parts of coarse bark").fill("two");
  await form.getByRole("button", { name: "Keep this recipe" }).click();
  await expect(form.getByText("Give the recipe a name.")).toBeVisible();
  await expect(form.getByText("Parts are numbers, such as 2 or 0.5.")).toBeVisible();
  await form.getByLabel("Name").fill("House mix");
  await form.getByLabel("Parts of coarse bark").fill("2");
  await form.getByLabel("Add a component").selectOption({ label: "pumice" });
  await expect(page.getByTestId("recipe-sum")).toContainText("of the summed volumes vanish on mixing");
  await form.getByRole("button", { name: "Keep this recipe" }).click();
  await expect(page.getByText("2 coarse bark : 1 compost : 1 pumice")).toBeVisible();

  // Physical nonsense is refused at its field.
  await page.getByRole("button", { name: "Copy grit" }).click();
  const own = page.getByRole("form", { name: "Component" });
  await own.getByLabel("Name").fill("Brick chips");
  await own.getByLabel("Pores in all").fill("90");
  await own.getByRole("button", { name: "Keep it" }).click();
  await expect(own.getByText(/With so many pores it cannot weigh so much/)).toBeVisible();
  await own.getByLabel("Pores in all").fill("45");
  await own.getByRole("button", { name: "Keep it" }).click();
  await expect(page.getByRole("button", { name: "Change Brick chips" })).toBeVisible();
  await expectNoSeriousFindings(page);

  await page.getByRole("link", { name: "Compare mixes" }).click();
  const left = page.getByRole("region", { name: "Left" });
  const right = page.getByRole("region", { name: "Right" });
  await expect(left.getByLabel("Mix", { exact: true })).toContainText("House mix");
  await left.getByLabel("Mix", { exact: true }).selectOption({ label: "Compost and bark, 1:1" });
  await right.getByLabel("Mix", { exact: true }).selectOption({ label: "Compost and bark, 1:1" });
  await page.getByRole("button", { name: "With a gravel layer" }).click();
  await expect(right.getByLabel("Gravel layer, mm")).toHaveValue("60");
  await expect(page.getByTestId("difference")).toContainText("less air than the left one");
  await expect(page.getByTestId("difference")).toContainText("Gravel cannot pull water out of the finer mix");
  const air = async () => (await page.getByTestId("sum-Right").innerText()).match(/([\d.]+) L of air/)![1];
  const before = Number(await air());
  await right.getByLabel("Gravel layer, mm").fill("120");
  await expect(async () => expect(Number(await air())).toBeLessThan(before)).toPass();
  await right.getByRole("slider", { name: "Years in the pot" }).press("ArrowRight");
  await expect(right.getByLabel("Years in the pot, years")).toHaveValue("0.5");
  await expectNoSeriousFindings(page);
});

test("a setting is planned for an existing tree: ball, bare roots, lean; warnings say what to do; measures correct it", async ({
  page,
  request,
}) => {
  const w = await world(request);
  const tree = await w.tree("S-1");
  await w.roots(tree, "2026-03-20", 3, 0);
  await w.pots("Tub 28 cm", round(280, 230, 260), 2);
  await visit(page, w.url(`tree/${tree}/pot`));
  await page.getByLabel("Mix", { exact: true }).selectOption({ label: "Coarse bark and pumice" });
  await page.getByText("Flare, graft, lean and facing").click();
  await page.getByLabel("Graft union above the surface").fill("10");
  await page.getByLabel("Stem off the ball’s middle by").fill("2 cm");
  await page.getByLabel("Lean from upright").fill("80");
  await page.getByRole("button", { name: "Potted", exact: true }).click();
  await expect(page.getByText("0 to 45 degrees from upright.")).toBeVisible();
  await page.getByLabel("Lean from upright").fill("6");
  await expect(page.getByTestId("warnings")).toContainText("set the tree 30 mm higher");
  await expect(page.getByTestId("warnings")).toContainText("shift the ball by 20 mm");
  await page.getByLabel("What is set").selectOption({ label: "bare roots" });
  await page.getByLabel("Roots spread across").fill("150");
  await page.getByLabel("Longest root that stays").fill("160");
  await expect(page.getByTestId("warnings")).toContainText("Take a smaller one");
  await page.getByLabel("What is set").selectOption({ label: "the ball as this pot gives it back" });
  await page.getByText("In wind, and how it is carried").click();
  await expect(page.getByTestId("wind")).toContainText("Tips at");
  await expect(page.getByTestId("carry")).toContainText("One person, at waist height");
  await page.getByLabel("From rim to mix, settled").fill("45");
  await expectNoSeriousFindings(page);
  await page.getByRole("button", { name: "Potted", exact: true }).click();
  await openPart(page, "Log");
  await expect(page.getByText(/Potted into Tub 28 cm, Coarse bark and pumice.*leaning 6°/)).toBeVisible();
  await expect(page.getByText("Measured: 45 mm from the rim to the mix")).toBeVisible();
  await openPart(page, "Potting");
  await page.getByRole("link", { name: "Weight & wind" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Weight & wind of S-1");
  await expectNoSeriousFindings(page);
});

test("a batch for five trees becomes bags and a list that prints on A4 and Letter", async ({ page, request }) => {
  const w = await world(request);
  for (let i = 1; i <= 5; i++) {
    const tree = await w.tree(`B-${i}`);
    await w.roots(tree, "2026-03-20", 4, 1);
  }
  await w.pots("Tub 28 cm", round(280, 230, 260), 4);
  await w.send("stock-pots", {
    lotId: crypto.randomUUID(),
    name: "Tub 29 cm",
    pot: round(290, 240, 265),
    count: 0,
    toBuy: true,
    price: 7,
  });
  const offers = { compost: [45, 6.5], "bark-fine": [60, 12] } as const;
  for (const [componentId, [litres, price]] of Object.entries(offers))
    await w.send("set-offer", { componentId, bags: [{ litres, price }] });
  await visit(page, w.url("pots/mixing"));
  await page.getByLabel("Recipe", { exact: true }).selectOption({ label: "Compost and bark, 1:1" });
  await page.getByRole("button", { name: "All of them" }).click();
  await expect(page.getByText("pot to be bought")).toHaveCount(1);
  await expect(page.getByTestId("batch")).toContainText("measured out give");
  const list = page.getByTestId("shopping");
  await expect(list).toContainText(/compost.*× 45 L/);
  await expect(list).toContainText("Tub 29 cm");
  const [wanted] = (await list.getByRole("row", { name: /^compost/ }).innerText()).match(/\d+(?= L)/)!;
  await page.getByRole("form", { name: "Bags of compost" }).getByLabel("There already").fill("500");
  await expect(list.getByRole("row", { name: /^compost/ })).toContainText("nothing");
  await page.getByRole("form", { name: "Bags of compost" }).getByLabel("There already").fill("");
  await page.getByLabel("And besides, settled in the pots").fill("much");
  await expect(page.getByText("A number of litres, or nothing.")).toBeVisible();
  await page.getByLabel("And besides, settled in the pots").fill("100");
  await expect(async () => {
    const [now] = (await list.getByRole("row", { name: /^compost/ }).innerText()).match(/\d+(?= L)/)!;
    expect(Number(now)).toBeGreaterThan(Number(wanted) + 40);
  }).toPass();
  await expectNoSeriousFindings(page);

  const download = page.waitForEvent("download");
  await page.getByRole("button", { name: "Save as a file" }).click();
  expect((await download).suggestedFilename()).toMatch(/^shopping-.*\.csv$/);

  await page.emulateMedia({ media: "print" });
  await expect(page.getByRole("button", { name: "Print" })).toBeHidden();
  await expect(page.getByLabel("Recipe", { exact: true })).toBeHidden();
  await expect(list).toBeVisible();
  await expect(page.getByText(/^As of /)).toBeVisible();
  for (const format of ["A4", "Letter"] as const) {
    const pdf = await page.pdf({ format });
    // One sheet: the page tree counts its pages.
    expect(pdf.toString("latin1").match(/\/Type\s*\/Page[^s]/g)).toHaveLength(1);
  }
});

test("boxes, sunk pots, drain holes, cans and sources answer as one types", async ({ page, request }) => {
  const w = await world(request);
  await visit(page, w.url("pots/big"));
  const box = page.getByRole("region", { name: "Timber box" });
  await expect(box.getByTestId("cutting")).toContainText("boards, short side that comes off");
  await box.getByLabel("Height inside").fill("9");
  await expect(box.getByText("At least 150 mm.")).toBeVisible();
  await box.getByLabel("Height inside").fill("58 cm");
  await expect(box).toContainText("4 boards one above the other");
  await page.getByRole("button", { name: "Pot in the ground" }).click();
  const sunk = page.getByRole("region", { name: "Sunk pot" });
  await sunk.getByLabel("The water fell").fill("6");
  await expect(sunk.getByTestId("soak")).toContainText("The hole is a sump");
  await page.getByRole("button", { name: "Drain holes" }).click();
  await expect(page.getByTestId("drain")).toContainText("Drill 11 more");
  await expectNoSeriousFindings(page);

  await page.getByRole("link", { name: "Feeds" }).click();
  const form = page.getByRole("form", { name: "Product" });
  await form.getByLabel("Name").fill("Citrus feed");
  await form.getByRole("button", { name: "Keep it" }).click();
  await expect(form.getByText("Write this as a number.")).toBeVisible();
  await form.getByLabel("Full strength by the label").fill("4");
  await form.getByLabel("The cap holds").fill("8");
  await form.getByRole("button", { name: "Keep it" }).click();
  await expect(page.getByTestId("dose-Citrus feed")).toContainText("40 ml = 5 caps for 10 L");
  await page.getByLabel("Strength", { exact: true }).selectOption({ label: "half" });
  await expect(page.getByTestId("dose-Citrus feed")).toContainText("20 ml = 2.5 caps");
  await expectNoSeriousFindings(page);

  await page.getByRole("link", { name: "Values & sources" }).click();
  await expect(page.getByRole("row", { name: /container class #7/ })).toContainText("21.91 · 25 · 29.333");
  await expect(page.getByRole("row", { name: /fresh fill settles by/ })).toContainText("our judgement");
  await expectNoSeriousFindings(page);
});
