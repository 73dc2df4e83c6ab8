import { randomUUID } from "node:crypto";
import { hasTestDatabase } from "@/test-support/database";
import { toDay } from "@/core/dates/index";
import { storeAt } from "@/core/records/index";
import { TestYard } from "@/test-support/yard";
import { closePools } from "@/server/pool";

const onDatabase = hasTestDatabase() ? describe : describe.skip;
afterAll(() => (hasTestDatabase() ? closePools() : undefined));

onDatabase("the store's small change", () => {
  const yard = new TestYard();
  beforeAll(() => yard.found());

  test("pots are thrown out as long as they are free", async () => {
    const lotId = randomUUID();
    await yard.ok("stock-pots", {
      lotId,
      name: "Grey",
      count: 3,
      price: null,
      pot: { known: "about", litres: 5, wall: "glazed" },
    });
    expect(await yard.free()).toBe(3);
    const out = await yard.ok("discard-pots", { lotId, count: 2 });
    expect(await yard.free()).toBe(1);
    expect(await yard.fault("discard-pots", { lotId, count: 2 }, "count")).toBe("fewer-pots-free");
    await yard.ok("undo-entry", { entryId: out.entryId });
    expect(await yard.free()).toBe(3);
    expect(await yard.fault("discard-pots", { lotId: randomUUID(), count: 1 }, "lotId")).toBe("pot-gone");
  });

  test("one pot of several found cracked stands by itself and is offered to no tree; a clean one is again", async () => {
    const lotId = randomUUID();
    const pot = { known: "measured", vessel: { shape: "cylinder", topWidthMm: 280, heightMm: 280 } };
    await yard.ok("stock-pots", { lotId, name: "Tub", count: 2, price: 4, pot });
    const set = (id: string, condition: string, count: number, newLotId = randomUUID()) =>
      yard.ok("set-pot-condition", { lotId: id, newLotId, condition, count });
    const shelf = async () => {
      const { loaded } = await yard.view();
      return storeAt(loaded.indexed, toDay(yard.today)).flatMap((p) =>
        p.free > 0 && p.name.startsWith("Tub") ? [[p.name, p.free, p.condition]] : [],
      );
    };
    const cracked = randomUUID();
    const done = await set(lotId, "cracked", 1, cracked);
    expect(await shelf()).toEqual([
      ["Tub", 1, "sound"],
      ["Tub, cracked", 1, "cracked"],
    ]);
    expect(
      await yard.fault(
        "set-pot-condition",
        { lotId, newLotId: randomUUID(), condition: "sound", count: 1 },
        "condition",
      ),
    ).toBe("so-recorded-already");
    // The whole lot changes where all of it is meant.
    await set(lotId, "wash", 1);
    expect((await shelf())[0]).toEqual(["Tub", 1, "wash"]);
    await set(lotId, "sound", 1);
    const tree = await yard.tree("S-1");
    const pots = (await yard.view()).yard.tree(tree)!.on(yard.today)!.fits();
    expect(pots.find((p) => p.lotId === cracked)?.misfit).toBe("unsound");
    expect(pots.find((p) => p.lotId === lotId)?.misfit).not.toBe("unsound");
    await yard.ok("undo-together", { entryIds: [done.entryId] });
    expect(await shelf()).toEqual([["Tub", 2, "sound"]]);
  });
});
