import { randomUUID } from "node:crypto";
import { findCollection } from "@/data/collections";
import { closePools, pool } from "@/server/pool";
import { runCommand } from "@/features/registry";

afterAll(() => closePools());

const GOOD = {
  latitudeDeg: 52,
  longitudeDeg: 0,
  elevationM: 20,
  coldestNightC: -7,
  lastSpringFrost: "04-25",
  firstAutumnFrost: "11-01",
};
const start = (collectionId: string, answers: Record<string, unknown>, more: Record<string, unknown> = {}) =>
  runCommand("create-collection", {
    commandId: randomUUID(),
    collectionId,
    name: "Yard",
    zone: "Europe/London",
    answers: { ...GOOD, ...answers },
    ...more,
  });
const faultAt = async (path: string, answers: Record<string, unknown>, more: Record<string, unknown> = {}) => {
  const id = randomUUID();
  const result = await start(id, answers, more);
  // Refused, nothing of it is left.
  if (!result.ok) expect(await findCollection(pool(), id)).toBeNull();
  return result.ok ? undefined : result.faults.find((f) => f.path === path)?.code;
};

test("four answers make a collection; a zone nobody knows is universal time", async () => {
  const id = randomUUID();
  expect((await start(id, {})).ok).toBe(true);
  expect(await findCollection(pool(), id)).toMatchObject({ name: "Yard", zone: "Europe/London", units: "metric" });
  const other = randomUUID();
  expect((await start(other, {}, { zone: "Moon/Tranquility" })).ok).toBe(true);
  expect((await findCollection(pool(), other))!.zone).toBe("UTC");
});

test("the same collection has the same weather years, another one its own", async () => {
  const [a, b] = [randomUUID(), randomUUID()];
  await start(a, {});
  await start(b, {});
  const seed = async (id: string) => (await findCollection(pool(), id))!.seed;
  expect(await seed(a)).toBe(Number.parseInt(a.slice(0, 8), 16));
  expect(await seed(a)).not.toBe(await seed(b));
});

test("answers that cannot all be true are told apart at the answer", async () => {
  expect(await faultAt("answers.lastSpringFrost", { lastSpringFrost: "02-31" })).toBe("no-such-day");
  expect(await faultAt("answers.lastSpringFrost", { lastSpringFrost: "11-01", firstAutumnFrost: "04-25" })).toBe(
    "wrong-half-of-year",
  );
  expect(await faultAt("answers.coldestNightC", { coldestNightC: 4 })).toBe("frost-without-cold");
  const oneSided = await start(randomUUID(), { lastSpringFrost: null });
  expect(oneSided.ok).toBe(false);
  const none = await start(randomUUID(), { lastSpringFrost: null, firstAutumnFrost: null });
  expect(none.ok ? "" : none.faults[0].code).toBe("cold-without-frost");
});

test("south of the equator the same days are in the right half of the year", async () => {
  const south = { latitudeDeg: -41, lastSpringFrost: "10-01", firstAutumnFrost: "05-15" };
  expect((await start(randomUUID(), south)).ok).toBe(true);
  expect(await faultAt("answers.lastSpringFrost", { ...south, latitudeDeg: 41 })).toBe("wrong-half-of-year");
});

test("where it never freezes no frost days are asked for", async () => {
  const tropics = { latitudeDeg: 6, coldestNightC: 17, lastSpringFrost: null, firstAutumnFrost: null };
  expect((await start(randomUUID(), tropics)).ok).toBe(true);
});

test("a name is asked for", async () => {
  expect(await faultAt("name", {}, { name: "  " })).toBe("collection-name-needed");
});
