import { randomUUID } from "node:crypto";
import { z } from "zod";
import { COMMAND_NAMES, contractOf } from "@/contract/index";
import { PAYLOAD_VERSION, subjectsOf } from "@/core/event/index";
import { insertEntry, insertEvents } from "@/data/log";
import { bumpRevision } from "@/data/collections";
import { type Db, many, run, tx } from "@/data/db";
import { closePools, pool, writers } from "@/server/pool";
import { inTurn, TooMany } from "@/server/queue";
import { faultWords } from "@/words/faults";
import { propsOf } from "@/test-support/elements";
import { TestYard } from "@/test-support/yard";
import { eventWords } from "@/words/events";
import { Journal } from "@/features/log/journal";
import { HistoryScreen } from "@/features/log/screen";
import { TreeScreen } from "@/features/tree/screen";
import { TreeView } from "@/features/tree/tree-view";
import { historyFrom, viewCollection, viewRecords } from "@/features/kernel/collection/load";
import { toDay } from "@/core/dates/index";
import { addsOnly } from "@/features/kernel/define";
import { DAY_FIELDS, datesOutOfReach, NOT_OF_TREES } from "@/features/kernel/reach";
import { COMMANDS } from "./registry";

const yard = new TestYard();
let treeId = "";
let placeId = "";
const lotId = randomUUID();
beforeAll(async () => {
  await yard.found();
  treeId = await yard.tree("D-1", { kindId: "fig" });
  placeId = randomUUID();
  await yard.ok("add-place", { placeId, name: "Porch", kind: "unheated" });
  await yard.ok("stock-pots", {
    lotId,
    name: "Pots",
    pot: { known: "measured", vessel: { shape: "cylinder", topWidthMm: 300, heightMm: 300 } },
    count: 4,
    price: 4,
  });
});
afterAll(() => closePools());

const revision = async () => (await viewRecords(yard.id))!.collection.revision;

describe("two tabs", () => {
  const id = randomUUID();
  const person = { personId: id, name: "Helper", self: false, liftKg: 20, hoursPerWeek: null, weekdays: [] };
  const alarm = { alarmId: id, name: "Frost", thresholdC: 0, chance: 0.3, placeId: null };
  const cases: [string, () => Record<string, unknown>, string][] = [
    ["set-person", () => person, "this person"],
    ["record-absence", () => ({ personId: null, from: "2026-06-01", to: "2026-06-02", note: "" }), "these days off"],
    ["describe-place", () => ({ placeId, name: "Porch" }), "this place"],
    ["set-place-climate", () => ({ placeId, climate: { offsetC: 1, damping: 0 } }), "this place"],
    [
      "say-climate",
      () => ({ normals: null, frost: { last: "05-10", first: "10-01" } }),
      "these settings of the collection",
    ],
    ["set-alarm", () => alarm, "this alert"],
    ["set-ladder-terms", () => ({ terms: {} }), "these settings of the collection"],
    ["set-units", () => ({ units: "metric" }), "these settings of the collection"],
    ["describe-collection", () => ({ name: `Roof ${Math.random()}`, risk: 0.1 }), "these settings of the collection"],
    ["set-offer", () => ({ componentId: "perlite", bags: [{ litres: 50, price: 9 }] }), "these bags"],
    ["set-recipe", () => ({ recipeId: id, name: "Mine", parts: { perlite: 1 }, feedsMonths: null }), "this recipe"],
    ["say-kind", () => ({ kindId: "fig", cultivar: null, treeId: null, values: {}, back: [] }), "this species"],
    ["keep-shelter", () => ({ winter: 2026, whole: false, stands: [{ treeId, placeId }] }), "the plan for this winter"],
    ["describe-lot", () => ({ lotId, price: 5 }), "these pots"],
    ["add-pots", () => ({ lotId, count: 1 }), "these pots"],
    ["water-trees", () => ({ treeIds: [treeId], on: "2026-05-01" }), "this tree"],
    ["record-health", () => ({ treeId, on: "2026-05-01", state: "well" }), "this tree"],
    ["choose-ladder", () => ({ treeId, plan: null }), "this tree"],
  ];
  test.each(cases)("%s: the second is told, not written over", async (name, input, what) => {
    const base = await revision();
    const first = await yard.ok(name, { ...input(), baseRevision: base });
    const second = await yard.send(name, { ...input(), baseRevision: base });
    expect(second).toMatchObject({ ok: false, code: "conflict", revision: first.revision });
    const [fault] = second.ok ? [] : second.faults;
    expect(fault).toMatchObject({ path: "", code: "changed-since" });
    expect(faultWords(fault, "metric")).toBe(
      `Somebody changed ${what} after this page was opened. Look at what is new, then save again: what you typed is still here.`,
    );
    expect(await revision()).toBe(first.revision);
    // A tab's own change is no surprise to it; and who was told may save over it.
    const own = await yard.ok(name, { ...input(), baseRevision: base, ownRevisions: [first.revision] });
    await yard.ok(name, { ...input(), baseRevision: own.revision });
  });

  test("a lowered lifting limit does not go back up", async () => {
    const base = await revision();
    await yard.ok("set-person", { ...person, liftKg: 8, baseRevision: base });
    expect(await yard.send("set-person", { ...person, liftKg: 20, baseRevision: base })).toMatchObject({
      code: "conflict",
    });
    expect((await yard.view()).loaded.calendar.people.map((p) => p.liftKg)).toEqual([8]);
  });

  test("another tree, another person merge", async () => {
    const other = await yard.tree("D-2");
    const base = await revision();
    await yard.ok("record-health", { treeId, on: "2026-05-02", state: "weak", baseRevision: base });
    await yard.ok("record-health", { treeId: other, on: "2026-05-02", state: "weak", baseRevision: base });
    await yard.ok("set-person", { ...person, personId: randomUUID(), name: "Other", baseRevision: base });
  });

  test("what was taken back in one tab is a change for the other", async () => {
    const done = await yard.ok("record-health", { treeId, on: "2026-05-03", state: "well" });
    const base = await revision();
    await yard.ok("undo-entry", { entryId: done.entryId });
    expect(
      await yard.send("record-health", { treeId, on: "2026-05-04", state: "weak", baseRevision: base }),
    ).toMatchObject({ ok: false, code: "conflict" });
  });
});

test("every command says what it is about; these only add, or are refused in better words of their own", () => {
  const adding = [...COMMANDS.values()].filter((c) => c.subjects === addsOnly).map((c) => c.name);
  expect(adding.sort()).toEqual(
    [
      "add-note",
      "answer-today",
      "make-feed",
      "revoke-feeds",
      "add-photo",
      "add-place",
      "add-tree",
      "cancel-job",
      "create-collection",
      "import-pots",
      "import-trees",
      "import-weather",
      "mark-seen",
      "plan-ladders",
      "plan-shelter",
      "receive-tree",
      "stock-pots",
      "undo-entry",
      "undo-together",
    ].sort(),
  );
});

test("what an event is about, by its kind", () => {
  const about = (payload: object, more: object = {}) =>
    subjectsOf({ treeId: null, potLotId: null, placeId: null, payload, ...more } as Parameters<typeof subjectsOf>[0]);
  expect(about({ kind: "potted" }, { treeId: "t", potLotId: "p" })).toEqual(["tree:t", "pots:p"]);
  expect(about({ kind: "placed" }, { treeId: "t", placeId: "x" })).toEqual(["tree:t"]);
  expect(about({ kind: "place-built" }, { placeId: "x" })).toEqual(["place:x"]);
  expect(about({ kind: "kind-said", kindId: "fig", cultivar: null })).toEqual(["species:fig/"]);
  expect(about({ kind: "kind-said", kindId: "fig", cultivar: null }, { treeId: "t" })).toEqual(["tree:t"]);
  expect(about({ kind: "weather-ranked" })).toEqual(["collection:weather-order"]);
  expect(about({ kind: "reclaimed-used", stockId: "s" })).toEqual(["reclaimed:s"]);
  expect(about({ kind: "component", componentId: "c" })).toEqual(["component:c"]);
  expect(about({ kind: "product", productId: "q" })).toEqual(["product:q"]);
  expect(about({ kind: "noted" })).toEqual([]);
});

test("the same id with the same content answers the first result; with another content or name it is refused", async () => {
  const commandId = randomUUID();
  const note = { commandId, treeId, on: "2026-05-01", text: "one" };
  const first = await yard.ok("add-note", note);
  const again = await yard.ok("add-note", { ...note, baseRevision: 0, ownRevisions: [3] });
  expect(again).toMatchObject({ entryId: first.entryId, revision: first.revision });
  const refused = "sent-before";
  expect(await yard.fault("add-note", { ...note, text: "two" }, "commandId")).toBe(refused);
  expect(await yard.fault("water-trees", { commandId, treeIds: [treeId], on: "2026-05-01" }, "commandId")).toBe(
    refused,
  );
  expect((await yard.events(treeId)).filter((e) => e.payload.kind === "noted")).toHaveLength(1);
});

describe("days that can only be a slip of the keys", () => {
  test.each(["0026-05-15", "1026-05-15", "1726-05-14"])("a note of %s is refused at its day", async (on) => {
    const before = await revision();
    expect(await yard.fault("add-note", { treeId, on, text: "x" }, "on")).toBe("too-old");
    expect(await revision()).toBe(before);
  });

  test("everything that is not of a tree reaches back 150 years, and nothing more than 100 ahead", async () => {
    const pot = { known: "measured", vessel: { shape: "cylinder", topWidthMm: 200, heightMm: 200 } };
    const stock = { lotId: randomUUID(), name: "Old pots", pot, count: 1, price: null };
    expect(await yard.fault("stock-pots", { ...stock, on: "1876-05-14" }, "on")).toBe("too-old");
    expect(datesOutOfReach("stock-pots", { on: "1876-05-15" }, "2026-05-15")).toEqual([]);
    const away = { personId: null, from: "2126-05-16", to: "2126-05-17", note: "" };
    expect(await yard.fault("record-absence", away, "from")).toBe("too-far-ahead");
  });

  test("a range is looked at from end to end, in lists, too; text that looks like a day is left alone", () => {
    const range = { best: "2020-01-01", from: "1026-01-01", to: "2021-01-01" };
    expect(datesOutOfReach("import-trees", { lines: [{ lastPotted: range }] }, "2026-05-15")).toEqual([
      { path: "lines.0.lastPotted.from", code: "too-old", figures: { years: 300 } },
    ]);
    expect(datesOutOfReach("add-note", { text: "1026-01-01" }, "2026-05-15")).toEqual([]);
  });

  test("every write of the contract is carried out by a command, and no other is", () => {
    expect([...COMMANDS.keys()].sort()).toEqual([...COMMAND_NAMES].sort());
  });

  test("no command takes a day under a name that is not looked at", () => {
    const unseen: string[] = [];
    for (const command of COMMANDS.values()) {
      const found: string[] = [];
      const walk = (node: unknown, name: string): void => {
        if (typeof node !== "object" || node === null) return;
        const { calendarDay, properties, ...rest } = node as Record<string, unknown>;
        if (calendarDay === true) found.push(name);
        for (const [key, value] of Object.entries(properties ?? {})) walk(value, key);
        for (const value of Object.values(rest)) walk(value, name);
      };
      walk(z.toJSONSchema(contractOf(command.name).input, { io: "input", unrepresentable: "any" }), "");
      unseen.push(...found.filter((name) => !DAY_FIELDS.has(name)).map((name) => `${command.name}: ${name}`));
    }
    expect(unseen).toEqual([]);
    for (const name of NOT_OF_TREES) expect(COMMANDS.has(name)).toBe(true);
  });

  test("a collection that holds such an entry from before opens, shows it and lets it be taken back", async () => {
    const old = new TestYard();
    await old.found();
    const tree = await old.tree("OLD-1");
    const scope = { collectionId: old.id };
    const entryId = randomUUID();
    const on = "0026-03-01";
    const seq = (await viewRecords(old.id))!.collection.revision + 1;
    await tx(writers(), async (db) => {
      await insertEntry(db, scope, {
        id: entryId,
        seq,
        commandId: randomUUID(),
        command: "add-note",
        actor: "keeper",
        recordedAt: "2026-05-01 10:00:00.000",
        voidsEntryId: null,
        replacesEntryId: null,
        note: "OLD-1: note",
        result: null,
      });
      await insertEvents(db, scope, entryId, [
        {
          id: randomUUID(),
          treeId: tree,
          potLotId: null,
          on: { best: on, from: on, to: on },
          payload: { kind: "noted", text: "slip" },
        },
      ]);
      await bumpRevision(db, scope, false);
    });
    const view = (await viewCollection(old.id))!;
    // 300 years of running totals, not two thousand.
    expect(historyFrom(view.loaded, toDay("2026-05-15"))).toBe(toDay("1726-01-01"));
    expect(view.yard.site.warmth.startDay).toBe(toDay("1726-01-01"));
    expect(await old.kinds(tree)).toContain("noted");
    await old.ok("undo-entry", { entryId });
    expect(await old.kinds(tree)).not.toContain("noted");
  });
});

test("one odd row never closes a collection: it is kept, named in the tree's history, and counts for nothing", async () => {
  const yard = new TestYard();
  await yard.found();
  const treeId = await yard.tree("ODD-1");
  await yard.ok("add-note", { treeId, on: "2026-05-01", text: "readable" });
  const before = await yard.state(treeId);
  const scope = { collectionId: yard.id };
  const entryId = randomUUID();
  const seq = (await yard.view()).collection.revision + 1;
  const odd = (db: Db, ord: number, payload: string, version: number) =>
    run(
      db,
      `INSERT INTO event (collection_id, id, entry_id, ord, kind, tree_id, on_best, on_from, on_to, payload, payload_version)
       VALUES (?, ?, ?, ?, 'roots-read', ?, '2026-05-02', '2026-05-02', '2026-05-02', ?, ?)`,
      [yard.id, randomUUID(), entryId, ord, treeId, payload, version],
    );
  await tx(writers(), async (db) => {
    await insertEntry(db, scope, {
      id: entryId,
      seq,
      commandId: randomUUID(),
      command: "record-roots",
      actor: "keeper",
      recordedAt: "2026-05-02 10:00:00.000",
      voidsEntryId: null,
      replacesEntryId: null,
      note: "ODD-1: roots",
      result: null,
    });
    await odd(db, 0, '{"kind":"roots-read","fillGrade":4,"circlingGrade":4,"wholeness":1}', PAYLOAD_VERSION + 1);
    await odd(db, 1, '{"kind":"roots-read","fillGrade":"full"}', 1);
    await bumpRevision(db, scope, false);
  });
  const view = await yard.view();
  expect(
    view.loaded.log.flatMap((e) => (e.payload.kind === "unreadable" ? [[e.payload.was, e.payload.why]] : [])),
  ).toEqual([
    ["roots-read", "later"],
    ["roots-read", "broken"],
  ]);
  expect(await yard.kinds(treeId)).toEqual(["arrived", "noted"]);
  expect(await yard.state(treeId)).toEqual(before);
  const journal = propsOf(await HistoryScreen({ collectionId: yard.id, before: undefined }), Journal).entries;
  expect(journal.filter((e) => e.unreadable).map((e) => e.words)).toEqual(["ODD-1: roots"]);
  const history = propsOf(await TreeScreen({ collectionId: yard.id, treeId, on: undefined }), TreeView).facts.history;
  const words = history.flatMap((h) =>
    h.payload.kind === "unreadable" ? [eventWords(h.payload, h.names, "metric")] : [],
  );
  expect(words).toEqual([
    "Something that cannot be read (“roots-read”, damaged). It is kept as it is, and counts for nothing.",
    "Something a later version of this program wrote (“roots-read”): this one cannot read it. It is kept, and counts again after an update.",
  ]);
});

describe("connections", () => {
  test("a transaction that asks a pool for a second connection is told at once instead of waiting for itself", async () => {
    for (const other of [pool, writers]) {
      await expect(tx(writers(), () => many(other(), "SELECT 1"))).rejects.toThrow(/second connection/);
      await expect(tx(writers(), () => tx(other(), () => Promise.resolve(1)))).rejects.toThrow(/second connection/);
    }
  });

  test("time limits of seconds stand on every connection", async () => {
    const limits = (db: ReturnType<typeof pool>) =>
      many<Record<string, number>>(
        db,
        "SELECT @@max_statement_time + 0 AS statement, @@innodb_lock_wait_timeout AS rowWait, @@lock_wait_timeout AS tableWait",
      );
    expect(await limits(pool())).toEqual([{ statement: 20, rowWait: 5, tableWait: 5 }]);
    expect(await limits(writers())).toEqual([{ statement: 30, rowWait: 5, tableWait: 5 }]);
  });

  test("writers of one collection come one after another, of two beside each other, and too many are sent away", async () => {
    const order: string[] = [];
    const work = (name: string, ms: number) => () =>
      new Promise<void>((done) => setTimeout(() => (order.push(name), done()), ms));
    await Promise.all([inTurn("a", work("a1", 40)), inTurn("a", work("a2", 0)), inTurn("b", work("b1", 5))]);
    expect(order).toEqual(["b1", "a1", "a2"]);
    const failing = inTurn("c", () => Promise.reject(new Error("no")));
    const next = inTurn("c", () => Promise.resolve("goes on"));
    await expect(failing).rejects.toThrow("no");
    expect(await next).toBe("goes on");
    let release: () => void = () => undefined;
    const held = inTurn("d", () => new Promise<void>((done) => (release = done)));
    const waiting = Array.from({ length: 59 }, () => inTurn("d", () => Promise.resolve()));
    await expect(inTurn("d", () => Promise.resolve())).rejects.toBeInstanceOf(TooMany);
    release();
    await Promise.all([held, ...waiting]);
    await inTurn("d", () => Promise.resolve());
  });

  test("twenty keepers press Seen at once and pages are read meanwhile", async () => {
    const all = await Promise.all([
      ...Array.from({ length: 20 }, () => yard.send("mark-seen", {})),
      ...Array.from({ length: 20 }, () => viewCollection(yard.id)),
    ]);
    expect(all.slice(0, 20).every((answer) => (answer as { ok: boolean }).ok)).toBe(true);
  });
});
