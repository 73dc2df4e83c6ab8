import { runCommand } from "@/features/registry";
import { randomUUID } from "node:crypto";
import { hasTestDatabase } from "@/test-support/database";
import { TestYard } from "@/test-support/yard";
import { closePools } from "@/server/pool";
import type { ListRequest } from "@/contract/files";
import { type ImportMessage, runImport } from "./run";
import { importStream } from "./stream";

const onDatabase = hasTestDatabase() ? describe : describe.skip;

onDatabase("lists on a real database", () => {
  const yard = new TestYard();
  beforeAll(() => yard.found());
  afterAll(() => closePools());

  const request = (kind: ListRequest["kind"], more: Partial<ListRequest> = {}): ListRequest => ({
    kind,
    fileName: `${kind}.csv`,
    bytes: 0,
    commandId: randomUUID(),
    mapping: null,
    sheet: null,
    headerLine: null,
    edits: [],
    options: { lengthUnit: "cm", volumeUnit: "L", dateOrder: null, kinds: {}, places: {} },
    ...more,
  });
  const bring = async (kind: ListRequest["kind"], text: string, more: Partial<ListRequest> = {}) => {
    const messages: ImportMessage[] = [];
    async function* file() {
      await Promise.resolve();
      yield new TextEncoder().encode(text);
    }
    await runImport(yard.id, request(kind, more), file(), (m) => messages.push(m), runCommand);
    return messages;
  };
  const tree = async (tag: string) => (await yard.view()).loaded.trees.find((t) => t.tag === tag)!;

  test("a preview keeps nothing; reading in twice with one command records once", async () => {
    const text = "tag,kind\nP-1,Fig\n";
    const before = (await yard.view()).collection.revision;
    const seen = await bring("trees", text, { commandId: null });
    expect(seen.at(-1)).toMatchObject({
      step: "preview",
      preview: { good: 1, total: 1, mapping: { tag: 0, kind: 1 } },
    });
    expect((await yard.view()).collection.revision).toBe(before);
    const commandId = randomUUID();
    const done = (await bring("trees", text, { commandId })).at(-1);
    expect(done).toMatchObject({ step: "done", kept: { count: 1, skipped: 0 } });
    // The second time its tag hangs already: the line is told, nothing is added.
    expect((await bring("trees", text, { commandId: randomUUID() })).at(-1)).toMatchObject({ step: "fault" });
    expect((await yard.view()).loaded.trees.filter((t) => t.tag === "P-1")).toHaveLength(1);
  });

  test("cells put right by hand come in so, the file's own stay where nothing was said", async () => {
    const text = "tag,kind,last_potted\nE-1,Fig,when we moved\n,Lemon,2021\n";
    const seen = (await bring("trees", text, { commandId: null })).at(-1);
    expect(seen).toMatchObject({ preview: { good: 1, total: 2, problemCount: 2 } });
    const problems = seen?.step === "preview" ? seen.preview.doubts : [];
    expect(problems.map((p) => [p.lines, p.column, p.value, p.fatal])).toEqual([
      [[2], "last_potted", "when we moved", false],
      [[3], "tag", "", true],
    ]);
    const edits = [
      { line: 2, column: "last_potted", from: "", value: "spring 2022" },
      { line: 3, column: "tag", from: "", value: "E-2" },
      { line: 9, column: "tag", from: "", value: "nowhere" },
      { line: 2, column: "no such column", from: "", value: "x" },
    ];
    expect((await bring("trees", text, { edits })).at(-1)).toMatchObject({
      step: "done",
      kept: { count: 2, skipped: 0 },
    });
    expect((await yard.events((await tree("E-1")).id))[0].payload).toMatchObject({
      lastPotted: { best: expect.stringMatching(/^2022-04/) as string },
    });
    expect(await tree("E-2")).toMatchObject({ kindId: "lemon" });
  });

  test("what would be taken without a word is named: titles, unused columns, unlisted species, new places, emptied cells", async () => {
    await yard.ok("add-place", { placeId: randomUUID(), name: "Known yard", kind: "open" });
    const text =
      "Our list,,,,\ntag,kind,place,Colour,last_potted\nQ-1,Fig,Known yard,red,2021\nQ-2,Appel,Roof,,when we moved\nQ-3,Appel,roof,,2020\n,Fig,,,\n";
    const seen = (await bring("trees", text, { commandId: null })).at(-1);
    expect(seen).toMatchObject({
      step: "preview",
      preview: {
        total: 4,
        good: 3,
        withGaps: 1,
        problemCount: 2,
        notes: {
          above: ["Our list"],
          unused: ["Colour"],
          unlisted: [{ name: "Appel", lines: 2, goesBy: null, near: expect.anything() as unknown }],
          newPlaces: [{ name: "Roof", lines: 2, guess: null }],
        },
      },
    });
    expect((await bring("trees", text)).at(-1)).toMatchObject({ step: "done", kept: { count: 3, skipped: 1 } });
    expect((await yard.view()).loaded.places.map((p) => p.name).sort()).toEqual(["Known yard", "Roof"]);
  });

  test("equal faults are one doubt with what may be meant; a tap mends all its lines, and a death is recorded", async () => {
    const text = [
      "tag,kind,arrived,last_potted,place,pot",
      "D-1,Fig,2021,never,Greenhouse,15 gal",
      "D-2,Fig,2020,never,greenhouse,15 gal",
      "D-3,Fig,2019,dead,Bench,15 gal",
      "D-4,Fig,,03/04/2021,,#16",
      "D-4,Fig,,,,",
    ].join("\n");
    const preview = async (more: Partial<ListRequest> = {}) => {
      const seen = (await bring("trees", text, { commandId: null, ...more })).at(-1)!;
      if (seen.step !== "preview") throw new Error(seen.step);
      return seen.preview;
    };
    const first = await preview();
    expect(first.doubts.map((d) => [d.lines, d.count, d.column, d.value, d.propose])).toEqual([
      [[2], 1, "last_potted", "never", [{ code: "arrival", value: "2021" }]],
      [[3], 1, "last_potted", "never", [{ code: "arrival", value: "2020" }]],
      [[4], 1, "last_potted", "dead", [{ code: "ended", how: "died" }]],
      [
        [5],
        1,
        "last_potted",
        "03/04/2021",
        [
          { code: "value", value: "2021-04-03" },
          { code: "value", value: "2021-03-04" },
        ],
      ],
      [[5], 1, "pot", "#16", ["#15", "#20", "16 US gal"].map((value) => ({ code: "value", value }))],
      [[6], 1, "tag", "D-4", [{ code: "value", value: "D-4-2" }]],
    ]);
    expect(first.notes.newPlaces).toEqual([
      { name: "Greenhouse", lines: 2, guess: "frost-free" },
      { name: "Bench", lines: 1, guess: null },
    ]);
    expect(first.notes.readings).toMatchObject([
      { column: "pot", value: "15 gal", lines: 3, instead: "15 US gal", pot: { known: "nominal", size: "#15" } },
    ]);

    const edits: ListRequest["edits"] = [
      { line: 2, column: "last_potted", from: "", value: "2021" },
      { line: 4, column: "last_potted", from: "", value: "", ended: "died" },
      { line: null, column: "pot", from: "15 gal", value: "15 US gal" },
      { line: 6, column: "tag", from: "", value: "D-5" },
    ];
    const mended = await preview({ edits });
    expect(mended.headers.at(-1)).toBe("status");
    expect(mended.doubts.map((d) => [d.lines, d.value])).toEqual([
      [[3], "never"],
      [[5], "03/04/2021"],
      [[5], "#16"],
    ]);
    expect(mended.notes.readings).toEqual([]);

    const options = { ...request("trees").options, places: { greenhouse: "frost-free" as const } };
    expect((await bring("trees", text, { edits, options })).at(-1)).toMatchObject({ kept: { count: 5, skipped: 0 } });
    const view = await yard.view();
    expect(view.loaded.places.find((p) => p.name === "Greenhouse")).toMatchObject({ kind: "frost-free" });
    expect(view.loaded.places.find((p) => p.name === "Bench")).toMatchObject({ kind: "open" });
    const dead = (await tree("D-3")).id;
    const end = (await yard.events(dead)).at(-1)!;
    expect(end.payload).toMatchObject({ kind: "ended", how: "died", count: 1, cause: "unknown", potLeaves: false });
    expect(end.on).toEqual({ best: yard.today, from: "2019-01-01", to: yard.today });
    expect(view.yard.on(yard.today).living.map((t) => t.tag)).not.toContain("D-3");
    const pot = view.loaded.lots.find(
      (lot) => lot.id === (view.loaded.indexed.eventsByTree.get(dead) ?? [])[0].potLotId,
    );
    expect(pot?.pot).toMatchObject({ known: "about", litres: 56.781 });
    await yard.ok("undo-entry", { entryId: end.entryId });
  });

  test("a column says who is gone and when; nothing ends before it came, and a tag of a dead one may hang on another", async () => {
    const text = [
      "tag,kind,arrived,status,ended_on",
      "G-1,Fig,2020,sold,May 2024",
      "G-1,Fig,2022,alive,",
      "G-2,Fig,2022,dead,2020",
      "G-3,Fig,2022,hm,",
    ].join("\n");
    const seen = (await bring("trees", text, { commandId: null })).at(-1)!;
    if (seen.step !== "preview") throw new Error(seen.step);
    expect(seen.preview.doubts.map((d) => [d.lines, d.column, d.fatal])).toEqual([
      [[4], "ended_on", true],
      [[5], "status", false],
    ]);
    const done = (await bring("trees", text)).at(-1)!;
    expect(done).toMatchObject({ kept: { count: 3, skipped: 1 } });
    const { loaded } = await yard.view();
    const ends = loaded.trees
      .filter((t) => t.tag === "G-1")
      .map((t) =>
        loaded.indexed.eventsByTree
          .get(t.id)!
          .map((e) => e.payload.kind)
          .includes("ended"),
      );
    expect(ends.sort()).toEqual([false, true]);
    await yard.ok("undo-entry", { entryId: done.step === "done" ? done.kept.entryId : "" });
  });

  test("one that left on a known day was there by then; a day without a kind of end, and an end where a place should stand, are asked about", async () => {
    const text = [
      "tag,kind,status,ended_on,place",
      "X-1,Fig,dead,May 2024,",
      "X-2,Fig,,2023-08-01,",
      "X-3,Fig,,,sold",
    ].join("\n");
    const preview = async (edits: ListRequest["edits"] = []) => {
      const seen = (await bring("trees", text, { commandId: null, edits })).at(-1)!;
      if (seen.step !== "preview") throw new Error(seen.step);
      return seen.preview;
    };
    const first = await preview();
    expect(first.doubts.map((d) => [d.lines, d.column, d.fatal, d.propose])).toEqual([
      [[3], "ended_on", false, ["died", "sold", "given"].map((how) => ({ code: "ended", how, keep: true }))],
      [[4], "place", false, [{ code: "ended", how: "sold" }]],
    ]);
    expect(first.notes.newPlaces).toEqual([]);
    const edits: ListRequest["edits"] = [
      { line: 3, column: "ended_on", from: "", value: "2023-08-01", ended: "given" },
      { line: 4, column: "place", from: "", value: "", ended: "sold" },
    ];
    expect((await preview(edits)).doubts).toEqual([]);
    const done = (await bring("trees", text, { edits })).at(-1)!;
    expect(done).toMatchObject({ kept: { count: 3, skipped: 0 } });
    const [arrived, end] = await yard.events((await tree("X-1")).id);
    expect([arrived.payload.kind, arrived.on.from, arrived.on.to]).toEqual(["arrived", "2024-05-01", "2024-05-31"]);
    expect([end.payload.kind, end.on.best]).toEqual(["ended", arrived.on.best]);
    const given = (await yard.events((await tree("X-2")).id)).at(-1)!;
    expect([given.payload, given.on.best]).toMatchObject([{ kind: "ended", how: "given" }, "2023-08-01"]);
    await yard.ok("undo-entry", { entryId: done.step === "done" ? done.kept.entryId : "" });
  });

  test("another line may name the columns", async () => {
    const text = "tag,kind\nnr,plant\nH-1,Fig\n";
    const seen = async (headerLine: number | null) => {
      const last = (await bring("trees", text, { commandId: null, headerLine })).at(-1)!;
      if (last.step !== "preview") throw new Error(last.step);
      return last.preview;
    };
    const found = await seen(null);
    expect([found.header.line, found.total]).toEqual([1, 2]);
    expect(found.header.choices).toEqual([
      { line: 1, text: "tag · kind" },
      { line: 2, text: "nr · plant" },
      { line: 3, text: "H-1 · Fig" },
    ]);
    const said = await seen(2);
    expect([said.header.line, said.total, said.headers, said.mapping]).toEqual([
      2,
      1,
      ["nr", "plant"],
      { tag: 0, kind: 1 },
    ]);
  });

  test("a name the library does not have is proposed its nearest, comes in as written, and as another only where the keeper says so", async () => {
    const text = "tag,kind\nK-1,Lemmon\nK-2,Quercus rugosa\nK-3,lemmon\n";
    const seen = (await bring("trees", text, { commandId: null })).at(-1)!;
    if (seen.step !== "preview") throw new Error(seen.step);
    const [lemmon, oak] = seen.preview.notes.unlisted;
    expect(lemmon).toMatchObject({ name: "Lemmon", lines: 2, goesBy: null });
    expect(lemmon.near[0]).toMatchObject({ name: "Lemon", scientific: "Citrus × limon" });
    expect(oak).toMatchObject({ name: "Quercus rugosa", lines: 1, goesBy: { id: "genus-quercus", rank: "genus" } });
    await bring("trees", text);
    expect(await tree("K-1")).toMatchObject({ kindId: null, typedName: "Lemmon" });
    expect(await tree("K-2")).toMatchObject({ kindId: "genus-quercus", typedName: "Quercus rugosa" });
    const said = { ...request("trees").options, kinds: { lemmon: "lemon", "quercus rugosa": "holm-oak" } };
    const again = text.replaceAll("K-", "U-");
    await bring("trees", again, { options: said });
    expect(await tree("U-1")).toMatchObject({ kindId: "lemon", typedName: null });
    expect(await tree("U-3")).toMatchObject({ kindId: "lemon", typedName: null });
    expect(await tree("U-2")).toMatchObject({ kindId: "holm-oak", typedName: null });
    // A genus said for a name keeps the name; a kind that is not in the library is passed over.
    const genus = { ...said, kinds: { lemmon: "genus-citrus", "quercus rugosa": "no-such-kind" } };
    await bring("trees", text.replaceAll("K-", "V-"), { options: genus });
    expect(await tree("V-1")).toMatchObject({ kindId: "genus-citrus", typedName: "Lemmon" });
    expect(await tree("V-2")).toMatchObject({ kindId: "genus-quercus", typedName: "Quercus rugosa" });
  });

  test("mothers may stand below their children, places are made once, batches are one record", async () => {
    await bring(
      "trees",
      "tag,kind,plants,place,mother,raised,note\nC-1,Fig,1,East wall,M-1,cutting,first of two\nC-2,Fig,40,east WALL,Unknown garden,seed,\nM-1,Fig,1,,,,\n",
    );
    const [child, batch, mother] = [await tree("C-1"), await tree("C-2"), await tree("M-1")];
    expect(child).toMatchObject({ motherId: mother.id, method: "cutting" });
    expect(batch).toMatchObject({ motherName: "Unknown garden", count: 40, method: "seed" });
    expect(child.placeId).toBe(batch.placeId);
    expect((await yard.view()).loaded.places.filter((p) => /east wall/i.test(p.name))).toHaveLength(1);
    expect(await yard.kinds(child.id)).toEqual(["arrived", "described", "noted", "placed"]);
  });

  test("a last potting after the arrival is a potting of its own, into the pot that is described", async () => {
    await bring(
      "trees",
      "tag,kind,acquired,repotted,width,pot height\nL-1,Fig,2019,spring 2024,30,28\nL-2,Fig,2024,2021,30,28\n",
    );
    const [later, earlier] = [await tree("L-1"), await tree("L-2")];
    const events = await yard.events(later.id);
    expect(events.map((e) => [e.payload.kind, e.on.from, e.potLotId !== null])).toEqual([
      ["arrived", "2019-01-01", false],
      ["potted", "2024-03-01", true],
    ]);
    expect(await yard.kinds(earlier.id)).toEqual(["arrived"]);
  });

  test("pottings of one tree come in from the oldest on; the first moves the arrival, later ones do not", async () => {
    const id = await yard.tree("H-1", { arrivedOn: "2026-05-01" });
    const done = await bring(
      "pottings",
      "tag,when,litres,mix,correction\nH-1,2024,20,pine-bark,shave\nh-1,spring 2020,6,,\nH-1,2022,12,,none\nX-9,2022,12,,\n",
    );
    expect(done.at(-1)).toMatchObject({ step: "done", kept: { count: 3, skipped: 1 } });
    const events = await yard.events(id);
    expect(events.map((e) => [e.payload.kind, e.on.from])).toEqual([
      ["arrived", "2020-03-01"],
      ["potted", "2020-03-01"],
      ["potted", "2022-01-01"],
      ["potted", "2024-01-01"],
    ]);
    const volume = (await yard.state(id)).volumeL;
    expect(volume.p50).toBeCloseTo(20 * 0.88, 1);
    expect(volume.p10).toBeLessThan(volume.p50);
  });

  test("a file that is none, a column that is missing and a stranger's request are told apart", async () => {
    expect((await bring("trees", "")).at(-1)).toMatchObject({
      step: "fault",
      faults: [{ path: "file", code: "file-unread", figures: { why: "The file is empty." } }],
    });
    const half = (await bring("trees", "Colour,kind\nred,Fig\n", { commandId: null })).at(-1);
    expect(half).toMatchObject({ step: "preview", preview: { missing: ["tag"], good: 0 } });
    const put = (await bring("trees", "Colour,kind\nred,Fig\n", { commandId: null, mapping: { tag: 0, kind: 1 } })).at(
      -1,
    );
    expect(put).toMatchObject({ step: "preview", preview: { missing: [], good: 1 } });
    const answer: unknown = await importStream(
      yard.id,
      new Request("http://127.0.0.1/x", { method: "POST", body: "tag,kind\n", headers: { "x-import": "{" } }),
      runCommand,
    ).json();
    expect(answer).toMatchObject({ step: "fault" });
  });

  test("a large file tells how far it is, in order, and comes in whole", async () => {
    const lines = Array.from({ length: 3000 }, (_, i) => `B-${i},Fig\n`);
    const text = `tag,kind\n${lines.join("")}`;
    const sent = request("trees", { bytes: text.length });
    const response = importStream(
      yard.id,
      new Request("http://127.0.0.1/x", {
        method: "POST",
        body: text,
        headers: { "x-import": encodeURIComponent(JSON.stringify(sent)) },
      }),
      runCommand,
    );
    const messages = (await response.text())
      .trim()
      .split("\n")
      .map((line) => JSON.parse(line) as ImportMessage);
    expect(messages.at(-1)).toMatchObject({ step: "done", kept: { count: 3000 } });
    const order = ["reading", "checking", "saving", "done"];
    const steps = messages.map((m) => order.indexOf(m.step));
    expect([...steps].sort((a, b) => a - b)).toEqual(steps);
    const { loaded } = await yard.view();
    const entry = loaded.entries.find((e) => e.note?.startsWith("3000 trees"))!;
    await yard.ok("undo-entry", { entryId: entry.id });
    expect((await yard.view()).loaded.trees.some((t) => t.tag === "B-7")).toBe(false);
  });
});
