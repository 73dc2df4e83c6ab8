import { randomUUID } from "node:crypto";
import { COMMAND_NAMES, type CommandInput, type CommandName } from "@/contract/index";
import { COMPONENTS, READY_MIXES } from "@/core/mix/index";
import { NOTHING_READ } from "@/core/roots/index";
import { UNKNOWN_BUILD } from "@/core/winter/index";
import { closePools } from "@/server/pool";
import { hasTestDatabase } from "@/test-support/database";
import { PLAIN_TREE } from "@/test-support/inputs";
import { TestYard } from "@/test-support/yard";
import { SETTINGS_COMMANDS } from "./kernel/conflicts";
import { COMMANDS } from "./registry";

const onDatabase = hasTestDatabase() ? describe : describe.skip;
const POT = { known: "measured" as const, vessel: { shape: "cylinder" as const, topWidthMm: 300, heightMm: 300 } };
const OWN = { name: "Chips", ...COMPONENTS.grit, flags: [], confidence: "M" as const, source: "weighed" };
const id = () => randomUUID();

/** What every input may lean on: made once, before the first command. */
const A = id();
const B = id();
const [BATCH, RESCUED] = [id(), id()];
const [LOT, PLACE, PERSON, COMPONENT, HEAP, ALARM] = [id(), id(), id(), id(), id(), id()];

type Inputs = { [N in CommandName]?: () => CommandInput<N> };

/** One input of each command that can be taken back, in an order of no meaning: each is undone again. */
const INPUTS: Inputs = {
  "add-tree": () =>
    ({ ...PLAIN_TREE, treeId: id(), tag: "N-1", arrivedOn: "2025-04-01", pot: POT }) as CommandInput<"add-tree">,
  "receive-tree": () =>
    ({
      ...PLAIN_TREE,
      ...{ treeId: id(), tag: "N-2", arrivedOn: "2026-05-01", pot: POT, verdict: "correct", findings: ["bound"] },
      ...{ reading: { ...NOTHING_READ, smell: "sour" }, dry: true, pricePaid: 12.5 },
    }) as CommandInput<"receive-tree">,
  "split-batch": () => ({ treeId: BATCH, childId: id(), tag: "N-3", count: 4, on: "2026-05-01" }),
  "describe-tree": () => ({ treeId: A, changes: { cultivar: "Brown turkey", rootstock: "seedling" } }),
  "end-tree": () => ({
    ...{ treeId: BATCH, on: "2026-05-02", how: "sold", count: 3, cause: null, potLeaves: true, note: "to a neighbour" },
  }),
  "join-pot": () => ({ treeId: A, withIds: [B], on: "2026-05-02" }),
  "merge-trees": () => ({ keepId: A, dropId: B }),
  "match-trees": () => ({ treeIds: [A, B], set: "by the door" }),
  "record-health": () => ({ treeId: A, on: "2026-05-02", state: "weak" }),
  "record-anchored": () => ({ treeId: A, on: "2026-05-02", anchored: true }),
  "record-measure": () => ({
    ...{ treeId: A, on: "2026-05-02", pot: POT, depthToMixMm: 20, trunkMm: 22, heightM: 1.2, crownM: 0.8, feel: 3 },
  }),
  "record-roots": () => ({ treeId: A, on: "2026-05-02", fillGrade: 3, circlingGrade: 1, by: "feel" }),
  "record-rerooting": () => ({ treeId: RESCUED, on: "2026-05-10", lengthMm: 30, firm: true }),
  "record-work-in-place": () => ({
    ...{ treeId: A, on: "2026-05-02", correction: "core-in-place", retainedShare: 0.9, renewedShare: 0.1, count: 18 },
    severs: true,
  }),
  "record-wood": () => ({
    ...{ treeId: A, on: "2026-05-02", woodyShare: 0.4, bend: "snaps", terminalBud: true, leafFall: null, bbch: null },
  }),
  "record-feed": () => ({ treeIds: [A, B], on: "2026-05-02", form: "coated", strength: 1, what: "pellets" }),
  "record-pruning": () => ({ treeId: A, on: "2026-05-02", how: "hard", crownShare: 0.4 }),
  "record-for-trees": () => ({
    treeIds: [A, B],
    what: { kind: "pruned", on: "2026-05-02", how: "light", crownShare: 0.2, purpose: "light" },
  }),
  "begin-rescue": () => ({
    treeId: A,
    on: "2026-05-02",
    cause: "drowned",
    greenWood: null,
    liveRoots: 0.5,
    soakMinutes: 0,
  }),
  "record-checkpoint": () => ({ treeId: RESCUED, on: "2026-05-10", step: "alive", sign: "seen", note: "green" }),
  "end-rescue": () => ({ treeId: RESCUED, on: "2026-05-10", how: "recovered" }),
  "record-potting": () => ({
    ...{ treeId: A, on: "2026-05-02", potLotId: LOT, mix: "pine-bark", correction: "loosen", retainedShare: null },
    ...{ crownMm: 10, bottomLayerMm: 0, staked: true },
  }),
  "record-past-potting": () => ({
    ...{ treeId: A, when: { best: "2024-04-01", from: "2024-03-01", to: "2024-05-01" }, potLotId: null, pot: POT },
    ...{ mix: "pine-bark", correction: "shave", note: "as I remember" },
  }),
  "add-note": () => ({ treeId: A, on: "2026-05-02", text: "leaning" }),
  "stock-pots": () => ({ lotId: id(), name: "More", pot: POT, count: 3, price: 4, toBuy: true, placeId: PLACE }),
  "add-pots": () => ({ lotId: LOT, count: 2 }),
  "discard-pots": () => ({ lotId: LOT, count: 1 }),
  "describe-lot": () => ({ lotId: LOT, name: "Black", price: 3, toBuy: true }),
  "measure-pots": () => ({ lotId: LOT, pot: { ...POT, vessel: { ...POT.vessel, topWidthMm: 310 } } }),
  "move-pots": () => ({ lotId: LOT, placeId: PLACE }),
  "identify-pot": () => ({ lotId: LOT, newLotId: id(), name: "Pot 7", treeId: null }),
  "set-pot-condition": () => ({ lotId: LOT, newLotId: id(), condition: "brittle", count: 1 }),
  "set-component": () => ({ componentId: COMPONENT, own: { ...OWN, name: "Coarse chips" } }),
  "set-recipe": () => ({ recipeId: id(), name: "House", parts: { perlite: 1, compost: 2 }, feedsMonths: 3, note: "n" }),
  "set-offer": () => ({ componentId: "perlite", bags: [{ litres: 50, price: 9.5 }] }),
  "set-product": () => ({
    productId: id(),
    product: { name: "Feed", kind: "feed", form: "liquid", ratePerL: 4, capSize: 18, bottleSize: 1000, npk: [6, 4, 6] },
  }),
  "set-reclaimed": () => ({
    stockId: HEAP,
    stock: {
      ...{ name: "Tub", litres: 60, mix: READY_MIXES["pine-bark"], ageYears: 2, structure: "open", fromHealthy: true },
    },
  }),
  "add-place": () => ({ placeId: id(), name: "Second shed", kind: "unheated" }),
  "place-trees": () => ({ treeIds: [A, B], placeId: PLACE, on: "2026-05-02" }),
  "describe-place": () => ({ placeId: PLACE, name: "Warm shed", kind: "frost-free" }),
  "build-place": () => ({ placeId: PLACE, build: { ...UNKNOWN_BUILD, lengthM: 3, widthM: 2, doorM: 0.8, heaterC: 4 } }),
  "protect-trees": () => ({ treeIds: [A], wrap: "fleece", mulched: true, on: "2026-05-02" }),
  "water-trees": () => ({ treeIds: [A, B], on: "2026-05-02" }),
  "set-winter-word": () => ({ treeIds: [A], inBelowC: -3 }),
  "keep-shelter": () => ({ winter: 2026, whole: false, stands: [{ treeId: A, placeId: PLACE }] }),
  "choose-ladder": () => ({ treeId: A, plan: null }),
  "set-ladder-terms": () => ({ terms: { budget: 120, doorMm: 800 } }),
  "say-kind": () => ({ kindId: "fig", cultivar: null, treeId: null, values: { rootShare: 0.2 }, back: [] }),
  "say-climate": () => ({ normals: null, frost: { last: "05-05", first: null } }),
  "set-place-climate": () => ({ placeId: PLACE, climate: { offsetC: 1.5, damping: 0.2 } }),
  "set-alarm": () => ({ alarmId: ALARM, name: "Frost", thresholdC: -2, chance: 0.3, placeId: PLACE }),
  "set-person": () => ({
    ...{ personId: PERSON, name: "Helper", self: false, liftKg: 18, hoursPerWeek: 4, weekdays: [1, 6] },
  }),
  "set-task": () => ({
    ...{ taskId: id(), text: "Clean gutters", first: "2026-06-01", every: { unit: "month", count: 3 }, placeId: PLACE },
  }),
  "answer-today": () => ({
    ...{
      items: [`${A}:check-roots:2026`],
      on: "2026-05-02",
      answer: "later",
      until: "2026-06-01",
    },
    reason: "too hot",
  }),
  "record-absence": () => ({ personId: PERSON, from: "2026-07-01", to: "2026-07-08", note: "away" }),
  "import-trees": () => ({
    fileName: "t.csv",
    lines: [
      {
        ...{
          line: 2,
          tag: "I-1",
          kindId: "fig",
          typedName: null,
          habit: null,
          cultivar: null,
          purpose: "crop",
          count: 1,
        },
        ...{ arrived: null, form: "container", lastPotted: null, pot: POT, depthToMixMm: null, finalVolumeL: null },
        ...{ trunkMm: null, heightM: null, rootstock: null, stockPace: null, place: "New corner", mother: null },
        ...{ method: null, raisedOn: null, note: "from a list" },
      },
    ] as CommandInput<"import-trees">["lines"],
  }),
  "import-pots": () => ({
    fileName: "p.csv",
    lines: [
      {
        line: 2,
        name: "Listed",
        pot: POT,
        count: 2,
        price: null,
        condition: "sound",
        place: null,
        toBuy: false,
        since: null,
      },
    ],
  }),
  "import-pottings": () => ({
    fileName: "h.csv",
    lines: [
      {
        ...{ line: 2, tag: "A-1", when: { best: "2024-05-01", from: "2024-05-01", to: "2024-05-01" }, potName: null },
        ...{ pot: POT, mix: "pine-bark", correction: "none", note: "" },
      },
    ] as CommandInput<"import-pottings">["lines"],
  }),
};

/** Tried elsewhere: they start the collection, take entries back themselves, need files, or write nothing that is undone. */
const ELSEWHERE: readonly CommandName[] = [
  ...["create-collection", "undo-entry", "undo-together", "add-photo", "correct-arrival", "reassign-event"],
  ...["import-weather", "import-logger", "poll-logger", "rank-weather", "choose-ladders"],
] as CommandName[];

onDatabase("every command", () => {
  const yard = new TestYard();
  /** All that is on record, as it counts today. */
  const onRecord = async () => {
    const { loaded } = await yard.view();
    const { indexed, trees, lots, places, calendar, stores, away, climate, ranking, placeClimates, alarms } = loaded;
    const events = indexed.records.events.map(({ id: eventId, treeId, potLotId, placeId, on, payload }) => ({
      ...{ eventId, treeId, potLotId, placeId, on, payload },
    }));
    events.sort((a, b) => a.eventId.localeCompare(b.eventId));
    return JSON.parse(
      JSON.stringify({
        ...{ events, trees, lots, places, calendar, stores, away, climate, ranking, alarms },
        placeClimates: [...placeClimates],
      }),
    ) as unknown;
  };

  beforeAll(async () => {
    await yard.found();
    for (const [treeId, tag, count] of [
      [A, "A-1", 1],
      [B, "B-1", 1],
      [BATCH, "C-1", 30],
      [RESCUED, "R-1", 1],
    ] as const)
      await yard.tree(tag, { treeId, kindId: "fig", count });
    await yard.ok("add-place", { placeId: PLACE, name: "Shed", kind: "unheated" });
    await yard.ok("stock-pots", { lotId: LOT, name: "Pots", pot: POT, count: 6, price: null });
    await yard.ok("set-person", { ...INPUTS["set-person"]!(), liftKg: 20 });
    await yard.ok("set-component", { componentId: COMPONENT, own: OWN });
    await yard.ok("record-potting", { ...INPUTS["record-potting"]!(), treeId: RESCUED, on: "2026-04-01" });
    await yard.ok("begin-rescue", { ...INPUTS["begin-rescue"]!(), treeId: RESCUED, on: "2026-05-01" });
  });
  afterAll(() => closePools());

  test("stands in this matrix, or in the list of those tried elsewhere", () => {
    const quiet = [...COMMANDS.values()].filter((c) => c.quiet).map((c) => c.name);
    const known = [...Object.keys(INPUTS), ...ELSEWHERE, ...quiet, ...SETTINGS_COMMANDS];
    expect(known.sort()).toEqual([...COMMAND_NAMES].sort());
  });

  test.each(Object.keys(INPUTS) as CommandName[])(
    "%s: applied once however often it is sent; undone without a trace; brought back whole",
    async (name) => {
      const before = await onRecord();
      const input: Record<string, unknown> = { ...INPUTS[name]!(), commandId: id() };
      const done = await yard.ok(name, input);
      const after = await onRecord();
      expect(after).not.toEqual(before);
      expect(await yard.ok(name, input)).toEqual(done);
      expect(await onRecord()).toEqual(after);
      const undone = await yard.ok("undo-entry", { entryId: done.entryId });
      expect(await onRecord()).toEqual(before);
      const redone = await yard.ok("undo-entry", { entryId: undone.entryId });
      expect(await onRecord()).toEqual(after);
      await yard.ok("undo-entry", { entryId: redone.entryId });
      expect(await onRecord()).toEqual(before);
    },
  );
});
