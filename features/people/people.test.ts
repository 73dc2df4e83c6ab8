import { randomUUID } from "node:crypto";
import { hasTestDatabase } from "@/test-support/database";
import { TestYard } from "@/test-support/yard";
import { closePools } from "@/server/pool";

const onDatabase = hasTestDatabase() ? describe : describe.skip;
afterAll(() => (hasTestDatabase() ? closePools() : undefined));

onDatabase("people and their days on a real database", () => {
  const yard = new TestYard();
  beforeAll(() => yard.found());
  const person = (more: Record<string, unknown> = {}) => ({
    personId: randomUUID(),
    name: "volunteer",
    self: false,
    liftKg: 12,
    hoursPerWeek: 4,
    weekdays: [6],
    ...more,
  });
  const people = async () => (await yard.view()).loaded.calendar.people;

  test("a limit may be lowered, never raised above what one lifts alone", async () => {
    const me = person({ name: "keeper", self: true, weekdays: [] });
    expect(await yard.fault("set-person", { ...me, liftKg: 40 }, "liftKg")).toBe("lift-above-limit");
    expect(await yard.fault("set-person", { ...me, name: " " }, "name")).toBe("person-name-needed");
    await yard.ok("set-person", { ...me, liftKg: 25 });
    await yard.ok("set-person", { ...me, liftKg: 14 });
    expect(await people()).toMatchObject([{ name: "keeper", liftKg: 14 }]);
    expect(await yard.fault("set-person", person({ self: true }), "self")).toBe("one-keeper");
  });

  test("a helper comes and goes; undo brings back", async () => {
    const helper = person();
    await yard.ok("set-person", helper);
    expect((await people()).map((p) => p.name)).toEqual(["keeper", "volunteer"]);
    const gone = await yard.ok("set-person", { ...helper, gone: true });
    expect((await people()).map((p) => p.name)).toEqual(["keeper"]);
    await yard.ok("undo-entry", { entryId: gone.entryId });
    expect(await people()).toHaveLength(2);
  });

  test("days nobody is there close every window, and opening them again opens it", async () => {
    const tree = await yard.tree("W-1");
    const open = (await yard.state(tree)).window;
    const days = { personId: null, from: "2026-05-01", to: "2026-06-30", note: "away" };
    expect(await yard.fault("record-absence", { ...days, to: "2026-04-01" }, "to")).toBe("last-before-first");
    expect(await yard.fault("record-absence", { ...days, to: "2027-12-01" }, "to")).toBe("away-too-long");
    expect(await yard.fault("record-absence", { ...days, personId: randomUUID() }, "personId")).toBe("person-gone");
    const away = await yard.ok("record-absence", days);
    const closed = (await yard.state(tree)).window;
    expect(closed.open).toBe(false);
    for (const p of closed.periods) expect(p.from > "2026-06-30" || p.to < "2026-05-01").toBe(true);
    await yard.ok("undo-entry", { entryId: away.entryId });
    expect((await yard.state(tree)).window.periods).toEqual(open.periods);
  });
});
