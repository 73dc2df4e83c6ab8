import { randomUUID } from "node:crypto";
import { hasTestDatabase } from "@/test-support/database";
import { toDay } from "@/core/dates/index";
import { COMPONENTS, READY_MIXES } from "@/core/mix/index";
import { mixChoices, storeAt } from "@/core/records/index";
import { TestYard } from "@/test-support/yard";
import { closePools } from "@/server/pool";

const onDatabase = hasTestDatabase() ? describe : describe.skip;
afterAll(() => (hasTestDatabase() ? closePools() : undefined));

const OWN = { name: "Chips", ...COMPONENTS.grit, flags: ["lime"], confidence: "M", source: "weighed" };
const LARGE = { known: "measured", vessel: { shape: "cylinder", topWidthMm: 300, heightMm: 300 } };

onDatabase("mixes, recipes and pots of their own", () => {
  const yard = new TestYard();
  beforeAll(() => yard.found());
  const stores = async () => (await yard.view()).loaded.stores;
  const stateOf = async (treeId: string) => {
    return (await yard.view()).yard.tree(treeId)!.on(yard.today)!.roots;
  };

  test("a component of one's own goes into a recipe and cannot leave while the recipe uses it; undo brings words back", async () => {
    const componentId = randomUUID();
    await yard.ok("set-component", { componentId, own: OWN });
    const recipeId = randomUUID();
    const recipe = { recipeId, name: "House", parts: { [componentId]: 1, compost: 2 }, feedsMonths: null };
    await yard.ok("set-recipe", recipe);
    expect((await stores()).recipes[0]).toMatchObject({ name: "House", parts: { compost: 2 } });
    expect(await yard.fault("set-component", { componentId, own: OWN, gone: true }, "gone")).toBe("component-in-use");
    expect(await yard.fault("set-recipe", { ...recipe, recipeId: randomUUID() }, "name")).toBe("name-taken");
    const parts = { [randomUUID()]: 1 };
    expect(await yard.fault("set-recipe", { ...recipe, name: "Other", parts }, "parts")).toBe("component-gone");
    const changed = await yard.ok("set-recipe", { ...recipe, name: "House, lighter" });
    expect((await stores()).recipes[0].name).toBe("House, lighter");
    await yard.ok("undo-entry", { entryId: changed.entryId });
    expect((await stores()).recipes[0].name).toBe("House");
    await yard.ok("set-recipe", { ...recipe, gone: true });
    await yard.ok("set-component", { componentId, own: OWN, gone: true });
    expect((await stores()).components).toEqual([]);
  });

  test("nonsense is told at its field, sick mix is not kept, bags and bottles are", async () => {
    const own = { ...OWN, dryKgPerL: 2.6, porosity: 0.9 };
    expect(await yard.fault("set-component", { componentId: randomUUID(), own }, "own.dryKgPerL")).toBe(
      "heavier-than-stone",
    );
    const stock = {
      name: "Tub",
      litres: 40,
      mix: READY_MIXES["pine-bark"],
      ageYears: 1,
      structure: "open",
      fromHealthy: false,
    };
    expect(await yard.fault("set-reclaimed", { stockId: randomUUID(), stock }, "stock.fromHealthy")).toBe(
      "mix-of-sick-tree",
    );
    await yard.ok("set-offer", { componentId: "compost", bags: [{ litres: 45, price: 6.5 }] });
    expect((await stores()).offers.compost).toEqual([{ litres: 45, price: 6.5 }]);
    expect(await yard.fault("set-offer", { componentId: "mud", bags: [] }, "componentId")).toBe("component-gone");
    const product = {
      name: "Feed",
      kind: "feed",
      form: "liquid",
      ratePerL: 4,
      capSize: 10,
      bottleSize: 1000,
      npk: [6, 4, 6],
    };
    await yard.ok("set-product", { productId: randomUUID(), product });
    expect((await stores()).products[0]).toMatchObject({ name: "Feed", capSize: 10 });
    expect(
      await yard.fault(
        "set-product",
        { productId: randomUUID(), product: { ...product, name: "", ratePerL: 0 } },
        "product.name",
      ),
    ).toBe("name-needed");
  });

  test("potting with a recipe, a lean, measured rim, bucket and scale: what was measured counts", async () => {
    const treeId = await yard.tree("M-1");
    const lotId = randomUUID();
    await yard.ok("stock-pots", { lotId, name: "Large", pot: LARGE, count: 2, price: null, on: "2024-01-01" });
    const recipeId = randomUUID();
    await yard.ok("set-recipe", { recipeId, name: "Coarse", parts: { "bark-coarse": 2, compost: 1 }, feedsMonths: 3 });
    const potting = {
      treeId,
      on: "2026-05-10",
      potLotId: lotId,
      mix: `recipe:${recipeId}`,
      correction: "none",
      retainedShare: null,
      crownMm: 10,
      bottomLayerMm: 0,
    };
    expect(await yard.fault("record-potting", { ...potting, mix: "recipe:gone" }, "mix")).toBe("mix-gone");
    expect(await yard.fault("record-potting", { ...potting, set: { as: "whole-pot" } }, "set")).toBe(
      "only-fibre-planted-whole",
    );
    const measured = { rimMm: 40, looseMixL: null, wetKg: 400 };
    expect(await yard.fault("record-potting", { ...potting, measured }, "measured.wetKg")).toBe("mass-unlikely");
    const done = await yard.ok("record-potting", {
      ...potting,
      tiltDeg: 8,
      facing: "low branch south",
      flareDepthMm: 30,
      takenOffMm: 10,
      measured: { rimMm: 40, looseMixL: null, wetKg: 18.5 },
    });
    const potted = (await yard.events(treeId)).find((e) => e.payload.kind === "potted")!.payload;
    expect(potted).toMatchObject({
      mixName: "Coarse",
      tiltDeg: 8,
      facing: "low branch south",
      flareBelowMm: 20,
      fedMonths: 3,
      wetMassKg: 18.5,
      measured: ["fill", "mass"],
    });
    const state = await stateOf(treeId);
    expect(state.fillHeightMm).toBe(260);
    expect(state.weighedKg).toBe(18.5);
    expect(state.mix && "parts" in state.mix).toBe(true);
    await yard.ok("undo-entry", { entryId: done.entryId });

    // Litres counted into a pot nobody measured beat its name.
    const named = randomUUID();
    const pot = { known: "nominal", system: "litre-label", size: "20", wall: "smooth-plastic" };
    await yard.ok("stock-pots", { lotId: named, name: "20 L", pot, count: 1, price: null, on: "2024-01-01" });
    await yard.ok("record-potting", {
      ...potting,
      potLotId: named,
      measured: { rimMm: null, looseMixL: 9, wetKg: null },
    });
    const counted = await stateOf(treeId);
    expect(counted.volumeL.basis).toBe("measured");
    expect(counted.volumeL.p50).toBeGreaterThan(9 * 0.88);
  });

  test("reclaimed mix is taken from its heap by potting, starts old, and comes back with the undo", async () => {
    const stockId = randomUUID();
    const stock = {
      name: "Heap",
      litres: 30,
      mix: READY_MIXES["bark-pumice"],
      ageYears: 2,
      structure: "open",
      fromHealthy: true,
    };
    await yard.ok("set-reclaimed", { stockId, stock });
    const treeId = await yard.tree("R-1");
    const lotId = randomUUID();
    await yard.ok("stock-pots", { lotId, name: "Heap pot", pot: LARGE, count: 1, price: null, on: "2024-01-01" });
    const done = await yard.ok("record-potting", {
      treeId,
      on: yard.today,
      potLotId: lotId,
      mix: `reclaimed:${stockId}`,
      correction: "none",
      retainedShare: null,
      crownMm: 0,
      bottomLayerMm: 0,
    });
    const left = async () => mixChoices(await stores(), toDay(yard.today)).find((m) => m.from === "reclaimed")!.leftL!;
    expect(await left()).toBeLessThan(20);
    expect((await stateOf(treeId)).mixStartAgeYears).toBeCloseTo(2, 1);
    await yard.ok("undo-entry", { entryId: done.entryId });
    expect(await left()).toBe(30);
  });

  test("pots on sale, bought, carried, priced, measured; one gets a name of its own, under its tree", async () => {
    const lotId = randomUUID();
    const pot = { known: "about", litres: 12, wall: "terracotta" };
    await yard.ok("stock-pots", { lotId, name: "Rosy", pot, count: 0, toBuy: true, price: 8 });
    const free = async (id: string) =>
      storeAt((await yard.view()).loaded.indexed, toDay(yard.today)).find((p) => p.lotId === id)?.free;
    expect(await free(lotId)).toBeUndefined();
    expect(await yard.fault("stock-pots", { lotId: randomUUID(), name: "X", pot, count: 0, price: 1 }, "count")).toBe(
      "one-pot-at-least",
    );
    await yard.ok("add-pots", { lotId, count: 3 });
    expect(await free(lotId)).toBe(3);
    const placeId = randomUUID();
    await yard.ok("add-place", { placeId, name: "Rack", kind: "sheltered" });
    await yard.ok("move-pots", { lotId, placeId });
    await yard.ok("describe-lot", { lotId, price: 9.5, toBuy: false });
    await yard.ok("measure-pots", { lotId, pot: LARGE });
    const lot = async (id: string) => (await yard.view()).loaded.lots.find((l) => l.id === id);
    expect(await lot(lotId)).toMatchObject({ price: 9.5, toBuy: false, placeId, pot: LARGE });
    expect(await yard.fault("describe-lot", { lotId }, "name")).toBe("nothing-new");

    const treeId = await yard.tree("I-1");
    await yard.ok("record-potting", {
      treeId,
      on: yard.today,
      potLotId: lotId,
      mix: "pine-bark",
      correction: "none",
      retainedShare: null,
      crownMm: 0,
      bottomLayerMm: 0,
    });
    const before = await stateOf(treeId);
    const own = randomUUID();
    expect(
      await yard.fault("identify-pot", { lotId, newLotId: own, name: "Y", treeId: await yard.tree("I-2") }, "treeId"),
    ).toBe("not-in-these-pots");
    const named = await yard.ok("identify-pot", { lotId, newLotId: own, name: "Rosy with the chip", treeId });
    const after = await stateOf(treeId);
    expect(after).toMatchObject({ lotId: own, pottedOn: before.pottedOn, fillHeightMm: before.fillHeightMm });
    expect(after.volumeL).toEqual(before.volumeL);
    expect([await free(lotId), await free(own)]).toEqual([2, 0]);
    expect(await lot(own)).toMatchObject({ name: "Rosy with the chip", placeId, pot: LARGE });
    await yard.ok("undo-entry", { entryId: named.entryId });
    expect((await stateOf(treeId)).lotId).toBe(lotId);
    await yard.ok("identify-pot", { lotId, newLotId: randomUUID(), name: "A free one", treeId: null });
    expect(await free(lotId)).toBe(1);
  });

  test("a pot planted whole is no pot any more, and nobody touched its roots", async () => {
    const vessel = { shape: "round", topWidthMm: 110, baseWidthMm: 85, heightMm: 110, wall: "fibre" };
    const treeId = await yard.tree("W-1", { pot: { known: "measured", vessel } });
    const before = await stateOf(treeId);
    const owned = async () => {
      const { loaded } = await yard.view();
      return storeAt(loaded.indexed, toDay(yard.today)).find((p) => p.lotId === before.lotId)?.free;
    };
    const lotId = randomUUID();
    await yard.ok("stock-pots", { lotId, name: "Whole into", pot: LARGE, count: 1, price: null, on: "2024-01-01" });
    const potting = {
      treeId,
      on: yard.today,
      potLotId: lotId,
      mix: "pine-bark",
      correction: "wash-bare",
      retainedShare: null,
      crownMm: 0,
      bottomLayerMm: 0,
      set: { as: "whole-pot" },
    };
    await yard.ok("record-potting", potting);
    const potted = (await yard.events(treeId)).find((e) => e.payload.kind === "potted")!.payload;
    expect(potted).toMatchObject({ correction: "none" });
    expect(await owned()).toBe(0);
  });

  test("a cracked pot chosen by hand is refused", async () => {
    const lotId = randomUUID();
    await yard.ok("stock-pots", { lotId, name: "Cracked", pot: LARGE, count: 1, price: null, on: "2024-01-01" });
    await yard.ok("set-pot-condition", { lotId, newLotId: randomUUID(), condition: "cracked", count: 1 });
    const treeId = await yard.tree("C-1");
    const potting = {
      treeId,
      on: yard.today,
      potLotId: lotId,
      mix: "pine-bark",
      correction: "none",
      retainedShare: null,
      crownMm: 0,
      bottomLayerMm: 0,
    };
    expect(await yard.fault("record-potting", potting, "potLotId")).toBe("pot-cracked");
  });
});
