import { randomUUID } from "node:crypto";
import ICAL from "ical.js";
import { closePools, pool } from "@/server/pool";
import { hasTestDatabase } from "@/test-support/database";
import { TestYard } from "@/test-support/yard";
import { many } from "@/data/db";
import { calendarFile, feedFile, feedHash } from "./feed";
import { missingFacts } from "./missing";
import { todayFacts } from "./queries";

const onDatabase = hasTestDatabase() ? describe : describe.skip;
afterAll(() => (hasTestDatabase() ? closePools() : undefined));

onDatabase("the day's list on a real database", () => {
  const yard = new TestYard();
  const place = randomUUID();
  let trees: string[] = [];
  beforeAll(async () => {
    await yard.found();
    await yard.ok("add-place", { placeId: place, name: "South wall", kind: "open" });
    trees = [await yard.tree("T-1"), await yard.tree("T-2")];
    await yard.ok("place-trees", { treeIds: trees, placeId: place, on: "2025-01-01" });
  });
  const facts = async (on = yard.today) => todayFacts(await yard.view(), on);
  const rows = async (on?: string) => Object.values((await facts(on)).groups).flatMap((g) => g.flatMap((r) => r.rows));
  const ofTask = async (text: string) =>
    (await rows()).find((row) => row.what.kind === "task" && row.what.text === text);

  test("what both trees ask for alike is one row of their place, and both stand in it once", async () => {
    const found = await rows();
    const both = found.find((row) => row.trees.length === 2)!;
    expect(both.placeId).toBe(place);
    expect(both.trees.map((t) => t.tag).sort()).toEqual(["T-1", "T-2"]);
    const items = found.flatMap((row) => row.trees.map((t) => t.item));
    expect(new Set(items).size).toBe(items.length);
    // The acts are those of the decisions.
    const view = await yard.view();
    const acts = trees.flatMap((id) =>
      view.yard
        .tree(id)!
        .on(yard.today)!
        .decision!.acts.map((a) => `${id}:${a.id}`),
    );
    expect(items.filter((i) => !i.includes(":after:")).every((i) => acts.includes(i))).toBe(true);
  });

  test("what nobody has said yet is listed with the trees it is missing of, and goes once it is said", async () => {
    const missing = async () => missingFacts(await yard.view()).map((l) => [l.what, l.trees, l.page, l.rest]);
    expect(await missing()).toEqual([
      ["climate", null, "climate/records", ""],
      ["potted", 2, "trees", "?missing=potted&view=rows"],
      ["check", 2, "trees", "?missing=check&view=rows"],
      ["people", null, "people", ""],
    ]);
    const { entryId } = await yard.ok("record-roots", { treeId: trees[0], on: yard.today, fillGrade: 2 });
    expect((await missing())[2]).toEqual(["check", 1, "trees", "?missing=check&view=rows"]);
    await yard.ok("undo-entry", { entryId });
  });

  test("put off it comes back on its day, refused never, and undo brings it back at once", async () => {
    const row = (await rows()).find((r) => r.trees.length === 2)!;
    const items = row.trees.map(({ item }) => item);
    const said = { items, on: yard.today, until: null, reason: "" };
    expect(await yard.fault("answer-today", { ...said, answer: "later" }, "until")).toBe("missing");
    expect(await yard.fault("answer-today", { ...said, answer: "later", until: yard.today }, "until")).toBe(
      "not-ahead",
    );
    expect(await yard.fault("answer-today", { ...said, answer: "done", on: "2026-05-16" }, "on")).toBe("future-day");
    expect(await yard.fault("answer-today", { ...said, items: [], answer: "done" }, "items")).toBe("too-small");
    const gone = [`${randomUUID()}:check-roots:2026`];
    expect(await yard.fault("answer-today", { ...said, items: gone, answer: "done" }, "items")).toBe("tree-gone");
    await yard.ok("answer-today", { ...said, answer: "later", until: "2026-06-20", reason: "too hot" });
    const put = await facts();
    expect(put.putOff.map((p) => [p.tree.tag, p.until]).sort()).toEqual([
      ["T-1", "2026-06-20"],
      ["T-2", "2026-06-20"],
    ]);
    expect(put.groups.later.flatMap((r) => r.rows).some((r) => r.from === "2026-06-20")).toBe(true);
    const refused = await yard.ok("answer-today", { ...said, answer: "refused", reason: "sold soon" });
    expect((await rows()).some((r) => r.trees.some((t) => t.item === items[0]))).toBe(false);
    expect((await facts()).putOff.map((p) => [p.until, p.reason])).toEqual([
      [null, "sold soon"],
      [null, "sold soon"],
    ]);
    await yard.ok("undo-entry", { entryId: refused.entryId });
    expect((await facts()).putOff).toHaveLength(2);
    expect((await yard.kinds(trees[0])).filter((k) => k === "answered")).toHaveLength(1);
    await yard.ok("answer-today", { ...said, answer: "back" });
    expect((await facts()).putOff).toEqual([]);
    expect((await rows()).some((r) => r.trees.some((t) => t.item === items[0]))).toBe(true);
  });

  test("an own job comes once or every so often, is done, changed and taken out", async () => {
    const task = { taskId: randomUUID(), text: "Order bark", first: "2026-05-10", every: null, placeId: place };
    expect(await yard.fault("set-task", { ...task, text: " " }, "text")).toBe("task-needed");
    expect(await yard.fault("set-task", { ...task, placeId: randomUUID() }, "placeId")).toBe("place-gone");
    expect(await yard.fault("set-task", { ...task, first: "2226-05-10" }, "first")).toBe("too-far-ahead");
    expect(await yard.fault("set-task", { ...task, every: { unit: "day", count: 0 } }, "every.count")).toBe(
      "too-small",
    );
    await yard.ok("set-task", { ...task, every: { unit: "month", count: 1 } });
    const row = (await ofTask("Order bark"))!;
    expect([row.group, row.from, row.overdue, row.placeId]).toEqual(["now", "2026-05-10", 1, place]);
    const item = row.trees[0].item;
    await yard.ok("answer-today", { items: [item], on: yard.today, answer: "done", until: null, reason: "" });
    expect((await ofTask("Order bark"))!.from).toBe("2026-06-10");
    await yard.ok("set-task", { ...task, text: "Order bark and grit", first: "2026-05-15" });
    expect(await ofTask("Order bark")).toBeUndefined();
    expect((await ofTask("Order bark and grit"))!.from).toBe("2026-05-15");
    await yard.ok("set-task", { ...task, text: "Order bark and grit", gone: true });
    expect((await facts()).tasks).toEqual([]);
  });

  test("the calendar holds each row once; an address opens it until it is stopped, and nothing keeps the token", async () => {
    const events = async (answer: Response) =>
      new ICAL.Component(ICAL.parse(await answer.text()) as unknown[]).getAllSubcomponents("vevent");
    const file = await calendarFile(yard.id);
    expect(file.headers.get("content-type")).toBe("text/calendar; charset=utf-8");
    const found = await events(file);
    expect(found).toHaveLength((await rows()).length);
    const uids = found.map((e) => String(e.getFirstPropertyValue("uid")));
    expect(new Set(uids).size).toBe(uids.length);
    expect((await events(await calendarFile(yard.id))).map((e) => String(e.getFirstPropertyValue("uid")))).toEqual(
      uids,
    );
    for (const e of found) expect(String(e.getFirstPropertyValue("dtstart")) >= yard.today).toBe(true);
    expect((await calendarFile("nobody")).status).toBe(404);

    const token = (await yard.ok("make-feed", {})).result.token as string;
    expect(await events(await feedFile(token))).toHaveLength(found.length);
    const kept = await many<{ token_sha256: string }>(pool(), "SELECT * FROM feed_token WHERE collection_id = ?", [
      yard.id,
    ]);
    expect(kept).toHaveLength(1);
    expect(kept[0].token_sha256).toBe(feedHash(token));
    expect(JSON.stringify(kept)).not.toContain(token);
    expect((await feedFile(`${token.slice(0, -1)}x`)).status).toBe(404);
    expect((await feedFile("../x")).status).toBe(404);
    await yard.ok("revoke-feeds", {});
    expect((await feedFile(token)).status).toBe(404);
  });
});
