import { randomUUID } from "node:crypto";
import { type PlaceBuild, UNKNOWN_BUILD } from "@/core/winter/index";
import { idOf, type Sender } from "./sender";

/** What happened on the roof beside potting: places and moves, people, endings, second thoughts. All made up. */
const PLACES = [
  ["Roof terrace", "open"],
  ["Lift door", "open"],
  ["Wind wall", "sheltered"],
  ["Stair glass", "unheated"],
  ["Boiler anteroom", "frost-free"],
  ["Cellar bay", "frost-free"],
  ["Studio window", "heated"],
] as const;

const built = (build: Partial<PlaceBuild>): PlaceBuild => ({ ...UNKNOWN_BUILD, ...build });
/** As somebody measured them with a tape: what goes in, how far it is, what the floor bears. */
const BUILDS: Partial<Record<(typeof PLACES)[number][0], PlaceBuild>> = {
  "Roof terrace": built({ shelter: "open", lengthM: 16, widthM: 9, floorKgM2: 350, raised: true, distanceM: 0 }),
  "Wind wall": built({
    shelter: "house-wall",
    lengthM: 8,
    widthM: 1.5,
    floorKgM2: 350,
    raised: true,
    distanceM: 12,
    wrap: "straw",
    mulched: true,
  }),
  "Stair glass": built({
    shelter: "glasshouse",
    lengthM: 5,
    widthM: 2.8,
    heightM: 2.6,
    doorM: 0.85,
    distanceM: 30,
    light: 3,
    floorKgM2: 400,
  }),
  "Boiler anteroom": built({
    shelter: "garage",
    lengthM: 3.6,
    widthM: 2.5,
    heightM: 2.1,
    doorM: 0.8,
    doorAtM: 0.6,
    distanceM: 40,
    light: 1,
    heaterC: 4,
  }),
  "Cellar bay": built({
    shelter: "cellar",
    lengthM: 5,
    widthM: 4,
    heightM: 2.3,
    doorM: 0.9,
    doorAtM: 4.2,
    steps: 12,
    distanceM: 35,
    light: 0,
    heaterC: 3,
  }),
  "Studio window": built({
    shelter: "room",
    lengthM: 3,
    widthM: 1,
    heightM: 2.4,
    doorM: 0.8,
    distanceM: 45,
    light: 2,
  }),
};

/** Who winters where: by the first letters of the tag. */
const WINTER: Record<string, string[]> = {
  "Stair glass": ["FJ", "BAY-2", "BAY-3", "CM", "OL", "LQ"],
  "Boiler anteroom": ["KQ", "LM"],
  "Cellar bay": ["PG", "FG", "CR-2", "CR-3"],
  "Studio window": ["KQ-6"],
};

export interface Placed {
  id: string;
  arrivedOn: string;
  home: string;
}

export async function addPlaces(s: Sender): Promise<Map<string, string>> {
  const places = new Map<string, string>();
  for (const [name, kind] of PLACES) {
    const placeId = randomUUID();
    places.set(name, placeId);
    await s.send("add-place", { placeId, name, kind });
    const build = BUILDS[name];
    if (build) await s.send("build-place", { placeId, build });
  }
  return places;
}

/** In at the end of October, out again in the middle of May, for two winters and the one that has begun. */
export async function moveForWinter(
  s: Sender,
  places: ReadonlyMap<string, string>,
  trees: ReadonlyMap<string, Placed>,
): Promise<void> {
  const winterOf = (tag: string) =>
    Object.entries(WINTER).findLast(([, heads]) => heads.some((h) => tag === h || tag.startsWith(`${h}-`)))?.[0];
  const year = Number(s.today.slice(0, 4));
  const tender = [...trees].flatMap(([tag, tree]) => {
    const winter = winterOf(tag);
    return winter ? [{ ...tree, winter }] : [];
  });
  const carry = async (on: string, where: (tree: (typeof tender)[number]) => string) => {
    if (on > s.today) return;
    const there = tender.filter((t) => t.arrivedOn <= on);
    for (const place of new Set(there.map(where))) {
      const treeIds = there.filter((t) => where(t) === place).map((t) => t.id);
      await s.send("place-trees", { treeIds, placeId: idOf(places, place), on });
    }
  };
  for (const y of [year - 2, year - 1, year]) {
    await carry(`${y}-05-14`, (t) => t.home);
    await carry(`${y}-10-28`, (t) => t.winter);
  }
}

export async function tellStory(s: Sender, trees: ReadonlyMap<string, string>): Promise<void> {
  const id = (tag: string) => trees.get(tag)!;
  const note = (tag: string, on: string, text: string) => s.send("add-note", { treeId: id(tag), on, text });

  const [first, second, help] = [randomUUID(), randomUUID(), randomUUID()];
  const person = (personId: string, name: string, self: boolean, liftKg: number, hours: number, weekdays: number[]) =>
    s.send("set-person", { personId, name, self, liftKg, hoursPerWeek: hours, weekdays });
  await person(first, "caretaker, mornings", true, 25, 8, []);
  await person(second, "caretaker, evenings", false, 20, 5, [1, 2, 3, 4, 5]);
  await person(help, "volunteers", false, 12, 4, [6]);
  const year = Number(s.today.slice(0, 4));
  await s.send("record-absence", {
    personId: null,
    from: `${year}-12-23`,
    to: `${year + 1}-01-02`,
    note: "the house is closed",
  });
  await s.send("record-absence", { personId: first, from: `${year + 1}-04-06`, to: `${year + 1}-04-19`, note: "away" });

  await note(
    "JM-3",
    s.day([0, "03-21"]),
    "Flare found 70 mm down when the loose mix came off the top. Set by today's surface; the rest at the next potting.",
  );
  await note(
    "SB-2",
    s.day([0, "03-25"]),
    "One girdling root at the flare, on the north side, serves less than a third.",
  );
  await note(
    "FG-3",
    s.day([0, "09-02"]),
    "Roots have gone through the holes into the planting bed below: it does not thirst any more, however dry the pot is.",
  );
  await s.send("record-anchored", { treeId: id("FG-3"), on: s.day([0, "09-02"]), anchored: true });
  await note("LQ-1", s.day([1, "10-02"]), "Matched with LQ-2 at the lift door: the two move together.");
  await s.send("match-trees", { treeIds: [id("LQ-1"), id("LQ-2")], set: "lift door" });
  await s.send("record-health", { treeId: id("R-8"), on: s.today, state: "weak" });
  await note("PG-1", s.day([1, "09-18"]), "Eleven fruit, the best year so far.");

  await s.send("describe-tree", {
    treeId: id("QN-31"),
    changes: { rootstock: "seedling quince", motherName: "the old quince of the depot yard", method: "seed" },
  });
  await s.send("describe-tree", { treeId: id("PR-1"), changes: { rootstock: "quince", stockPace: "dwarfing" } });
  await s.send("describe-tree", {
    treeId: id("FG-2"),
    changes: { motherId: id("FG-1"), method: "cutting", raisedOn: s.range([3, "02-01"], [3, "03-31"]) },
  });
  await s.send("describe-tree", { treeId: id("GK-2"), changes: { tag: null } });

  // A batch: some went, some died, one became a tree of its own.
  await s.send("end-tree", {
    treeId: id("QN-30"),
    on: s.day([0, "05-16"]),
    how: "sold",
    count: 6,
    cause: null,
    potLeaves: true,
    note: "plant swap",
  });
  await s.send("end-tree", {
    treeId: id("QN-30"),
    on: s.day([0, "08-12"]),
    how: "died",
    count: 2,
    cause: "drought",
    potLeaves: false,
    note: "",
  });
  await s.send("split-batch", {
    treeId: id("QN-30"),
    childId: randomUUID(),
    tag: "QN-30a",
    count: 1,
    on: s.day([0, "09-20"]),
  });

  await s.send("end-tree", {
    treeId: id("PE-3"),
    on: s.day([0, "01-18"]),
    how: "died",
    count: 1,
    cause: "frost",
    potLeaves: false,
    note: "the roots froze through in its pot on the open roof",
  });
  await s.send("end-tree", {
    treeId: id("SB-3"),
    on: s.day([0, "04-02"]),
    how: "planted-out",
    count: 1,
    cause: null,
    potLeaves: false,
    note: "into the courtyard bed",
  });
  await s.send("join-pot", {
    treeId: id("KQ-4"),
    withIds: [id("KQ-5")],
    on: s.day([0, "06-05"]),
    correction: "loosen",
  });

  // Second thoughts: a look was written down on the wrong tree, a day was wrong, a tree stood in the list twice.
  const wrong = await s.send("add-note", {
    treeId: id("MD-1"),
    on: s.day([0, "07-08"]),
    text: "Leaves pale between the veins.",
  });
  await s.send("undo-entry", { entryId: wrong.entryId });
  await s.send("add-note", {
    treeId: id("MD-2"),
    on: s.day([0, "07-08"]),
    text: "Leaves pale between the veins: quince stock and hard water.",
  });
  const twin = randomUUID();
  await s.send("add-tree", {
    treeId: twin,
    tag: "WH-1 old list",
    kindId: "witch-hazel",
    typedName: null,
    habit: null,
    cultivar: null,
    purpose: "ornament",
    count: 1,
    form: "unknown",
    arrivedOn: s.day([1, "11-02"]),
    lastPotted: null,
    pot: null,
    finalVolumeL: null,
    trunkMm: null,
    heightM: null,
  });
  await s.send("merge-trees", { keepId: id("WH-1"), dropId: twin });
}
