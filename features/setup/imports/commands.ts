import { fault } from "@/contract/faults";
import { randomUUID } from "node:crypto";
import type { PlaceKind } from "@/core/climate/index";
import type { DayRange } from "@/core/dates/index";
import { type Ending, type LoggedEvent, subject } from "@/core/event/index";
import type { Pot } from "@/core/vessel/index";
import { namesPot } from "@/core/records/index";
import { insertPlace } from "@/data/places";
import { insertLots, type StoredLot } from "@/data/pots";
import { insertTrees, type StoredTree } from "@/data/trees";
import type { CellProblem, PottingLine, TreeLine } from "@/formats/collection-csv";
import { arrivalOf, exactDay, happening } from "@/features/kernel/days";
import { addsOnly, command, type CommandContext, Refusal, refuse } from "@/features/kernel/define";
import { pastPotting } from "@/features/bench/potting/commands";
import { arrive } from "@/features/trees/arrive";
import { potName } from "@/words/terms";
import { checkPottingLines, checkTreeLines, ENDED_BEFORE, lotsByName, treesByTag } from "./check";

/** A preview may be an hour old: what the collection has learned since counts. */
function refuseProblems(problems: readonly CellProblem[]): void {
  if (problems.length > 0)
    throw new Refusal(
      problems.slice(0, 50).map((p) => fault(`lines.${p.line}`, "line", { line: p.line, why: p.message })),
    );
}

/** Trees of a file, all in one entry: one undo takes all of them back. */
export const importTrees = command("import-trees", {
  subjects: addsOnly,
  run: (context, v) => {
    refuseProblems(checkTreeLines(context.loaded, v.lines));
    const { db, scope } = context;
    const places = placesOf(context, v.lines, v.places);
    const trees: StoredTree[] = [];
    const lots: StoredLot[] = [];
    const ids = v.lines.map(() => randomUUID());
    const mothers = motherIds(context, v.lines, ids);
    v.lines.forEach((line, i) => {
      // One that left on a known day was there by then; of the others nobody knows but that they are here today.
      const arrived = line.arrived ?? line.endedOn ?? exactDay(context.today);
      const motherId = line.mother === null ? null : (mothers.get(line.mother.toLocaleLowerCase()) ?? null);
      const made = arrive(
        context,
        {
          ...line,
          treeId: ids[i],
          arrivedOn: context.today,
          looks: null,
          feel: null,
          placeId: null,
          motherId,
          motherName: motherId === null ? line.mother : null,
        },
        arrived,
      );
      trees.push(made.tree);
      if (made.lot) lots.push(made.lot);
      context.record(...made.events);
      const placeId = line.place === null ? undefined : places.get(line.place.toLocaleLowerCase());
      if (placeId) context.record(happening({ kind: "placed" }, arrived, { treeId: made.tree.id, placeId }));
      if (line.ended !== null) context.record(endOfLine(context, line, line.ended, arrived, made.tree.id));
      if (i % 200 === 0) context.progress(i, v.lines.length);
    });
    context.write(() => insertTrees(db, scope, trees));
    context.write(() => insertLots(db, scope, lots));
    context.note(`${trees.length} trees read in from ${v.fileName}`);
    return Promise.resolve({ count: trees.length });
  },
});

/** A tree of a list that is there no more: all its plants left, on the day the line says or some day since it came. */
function endOfLine(context: CommandContext, line: TreeLine, how: Ending, arrived: DayRange, treeId: string) {
  const on = line.endedOn ?? { best: context.today, from: arrived.from, to: context.today };
  if (on.best < arrived.from) refuse(`lines.${line.line}`, "line", { line: line.line, why: ENDED_BEFORE });
  const cause = how === "died" ? ("unknown" as const) : null;
  const potLeaves = how === "sold" || how === "given";
  return happening({ kind: "ended", how, count: line.count, cause, potLeaves, note: "" }, on, { treeId });
}

/** Ids by tag: of trees on record, and of the file's own lines, so that a mother may stand below her child; a living one before a dead one. */
function motherIds(context: CommandContext, lines: readonly TreeLine[], ids: readonly string[]): Map<string, string> {
  const byTag = new Map([...treesByTag(context.loaded)].map(([tag, tree]) => [tag, tree.id]));
  const add = (ended: boolean) =>
    lines.forEach((line, i) => {
      if ((line.ended !== null) === ended) byTag.set(line.tag.toLocaleLowerCase(), ids[i]);
    });
  add(true);
  add(false);
  return byTag;
}

/** Places by name in lower case; new names become places in the open until somebody says more of them. */
function placesOf(
  context: CommandContext,
  lines: readonly { place: string | null }[],
  kinds: Readonly<Record<string, PlaceKind>>,
): Map<string, string> {
  const places = new Map(context.loaded.places.map((p) => [p.name.toLocaleLowerCase(), p.id]));
  for (const { place } of lines) {
    if (place === null || places.has(place.toLocaleLowerCase())) continue;
    const id = randomUUID();
    places.set(place.toLocaleLowerCase(), id);
    const { db, scope, entryId } = context;
    const kind = kinds[place.toLocaleLowerCase()] ?? "open";
    context.write(() => insertPlace(db, scope, { id, entryId, name: place, kind }));
  }
  return places;
}

export const importPots = command("import-pots", {
  subjects: addsOnly,
  run: (context, v) => {
    const { db, scope, entryId } = context;
    const lots = v.lines.map((line) => ({
      id: randomUUID(),
      entryId,
      name: line.name,
      pot: line.pot,
      price: line.price,
    }));
    context.write(() => insertLots(db, scope, lots));
    const places = placesOf(context, v.lines, v.places);
    v.lines.forEach((line, i) => {
      const since = line.since ?? context.today;
      const about = { potLotId: lots[i].id };
      if (line.count > 0) context.record(happening({ kind: "stocked", count: line.count }, since, about));
      if (line.toBuy) context.record(happening({ kind: "lot-described", toBuy: true }, since, about));
      if (line.condition !== "sound")
        context.record(happening({ kind: "conditioned", condition: line.condition }, since, about));
      const placeId = line.place === null ? undefined : places.get(line.place.toLocaleLowerCase());
      if (placeId !== undefined) context.record(happening({ kind: "placed" }, since, { ...about, placeId }));
    });
    context.note(`${lots.length} kinds of pots read in from ${v.fileName}`);
    return Promise.resolve({ count: lots.length });
  },
});

/** Old pottings of trees that are on record; one before a tree's arrival moves the arrival back. */
export const importPottings = command("import-pottings", {
  subjects: (v, { trees }) => {
    const tags = new Set(v.lines.map((line) => line.tag.toLocaleLowerCase()));
    return trees.filter((t) => tags.has(t.tag.toLocaleLowerCase())).map((t) => subject.tree(t.id));
  },
  run: (context, v) => {
    refuseProblems(checkPottingLines(context.loaded, v.lines));
    const { db, scope } = context;
    const trees = treesByTag(context.loaded);
    const named = lotsByName(context.loaded);
    const byTree = new Map<string, PottingLine[]>();
    for (const line of v.lines) {
      const tree = trees.get(line.tag.toLocaleLowerCase()) ?? refuse("lines", "tree-gone");
      byTree.set(tree.id, [...(byTree.get(tree.id) ?? []), line]);
    }
    const made = new Map<string, StoredLot>();
    let done = 0;
    for (const [treeId, lines] of byTree) {
      const tree = context.loaded.trees.find((t) => t.id === treeId)!;
      // From the oldest on: the first may move the arrival back, the others then lie after it.
      let arrival = arrivalOf(context, treeId) ?? null;
      const inOrder = [...lines].sort((a, b) => a.when.best.localeCompare(b.when.best));
      inOrder.forEach((line, i) => {
        const known = line.potName === null ? undefined : named.get(line.potName.toLocaleLowerCase());
        const newest = i === inOrder.length - 1 && standsInIt(context.loaded.indexed.eventsByTree.get(treeId), line);
        const potLotId = known ?? (line.pot === null ? null : lotFor(context, made, line.pot, line.potName));
        const { events } = pastPotting(
          context,
          tree,
          { when: line.when, potLotId, pot: null, mix: line.mix, correction: line.correction, note: line.note },
          arrival,
        );
        if (arrival && line.when.best < arrival.on.best) arrival = null;
        // Only the pot it stands in today is certainly still there.
        if (newest && known === undefined && potLotId !== null)
          context.record(happening({ kind: "stocked", count: tree.count }, line.when, { potLotId }));
        context.record(...events);
      });
      if (done++ % 200 === 0) context.progress(done, byTree.size);
    }
    context.write(() => insertLots(db, scope, [...made.values()]));
    context.note(`${v.lines.length} pottings of ${byTree.size} trees read in from ${v.fileName}`);
    return Promise.resolve({ count: v.lines.length });
  },
});

/** Whether nothing on record puts the tree into another pot after this line. */
function standsInIt(events: readonly LoggedEvent[] | undefined, line: PottingLine): boolean {
  return !(events ?? []).some((e) => namesPot(e) && e.payload.kind !== "arrived" && e.on.best > line.when.best);
}

/** Pots of equal measure in one file are one lot. */
function lotFor(context: CommandContext, made: Map<string, StoredLot>, pot: Pot, name: string | null): string {
  const key = JSON.stringify([name, pot]);
  let lot = made.get(key);
  if (!lot) {
    lot = { id: randomUUID(), entryId: context.entryId, name: name ?? potName(pot), pot, price: null };
    made.set(key, lot);
  }
  return lot.id;
}
