import * as common from "@/words/pages/common";
import * as say from "@/words/pages/tree/main";
import { nameOf } from "@/core/species/index";
import "server-only";
import { notFound } from "next/navigation";
import { Suspense } from "react";
import { toDay, toIso } from "@/core/dates/index";
import type { LoggedEvent } from "@/core/event/index";
import { stepRule } from "@/core/ladder/index";
import { winterOn } from "@/core/shelter/index";
import type { TreeRecord } from "@/core/records/index";
import { shelterPlanOf } from "@/model/index";
import type { CollectionView } from "@/features/kernel/collection/load";
import { frostWords } from "@/words/climate";
import { day } from "@/words/format";
import { ownStripWood } from "@/features/kernel/own-wood";
import { collectionView } from "@/features/kernel/views";
import { asOfDay } from "@/features/kernel/page-props";
import { CAUSE_WORDS, ENDING_WORDS, METHOD_WORDS } from "@/words/terms";
import { TreeCompanySection, TreeWindowsSection } from "@/features/plan/windows/tree-section";
import type { HistoryItem } from "./history";
import type { TreeFacts } from "./facts";
import { TreeView } from "./tree-view";

export async function TreeScreen({
  collectionId,
  treeId,
  on,
  stand,
}: {
  collectionId: string;
  treeId: string;
  on: string | undefined;
  /** A place it might stand in instead, as a question. */
  stand?: string;
}) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const tree = view.loaded.trees.find((t) => t.id === treeId);
  if (!tree) notFound();
  const arrived = view.loaded.indexed.eventsByTree.get(treeId)?.[0]?.on.best;
  const asked = asOfDay(on, view.today);
  // Before its arrival there is nothing to show: the day it came is the first there is.
  const shown = arrived !== undefined && asked < arrived ? arrived : asked;
  const picture = view.yard.tree(treeId)?.picture(shown);
  if (!picture) notFound();
  const facts = factsOf(view, treeId);
  return (
    <TreeView
      facts={facts}
      initial={picture}
      initialOn={shown}
      windows={
        facts.left === null && (
          <Suspense fallback={<p>{say.calculatingWhenEachWorkMay}</p>}>
            <TreeWindowsSection view={view} treeId={treeId} on={toDay(shown)} stand={stand} />
          </Suspense>
        )
      }
      company={facts.left === null && <TreeCompanySection view={view} treeId={treeId} on={toDay(shown)} />}
    />
  );
}

/** What does not change with the as-of day. */
function factsOf(view: CollectionView, treeId: string): TreeFacts {
  const { loaded, yard, today } = view;
  const own = yard.tree(treeId)!;
  const { record: tree, kind: profile, events, left: end } = own;
  const mine = new Set(events.flatMap((e) => (e.potLotId === null ? [] : [e.potLotId])));
  const offered = new Set(yard.on(today).free.map((p) => p.lotId));
  const tags = Object.fromEntries(loaded.trees.map((t) => [t.id, t.tag]));
  const known = namedIn(events);
  return {
    id: tree.id,
    tag: tree.tag,
    tagLost: tree.tagLost ?? false,
    name: profile.name,
    scientific: profile.scientific,
    cultivar: tree.cultivar,
    purpose: tree.purpose,
    count: tree.count,
    plants: own.plants(yard.today),
    note: profile.note,
    hazards: profile.hazards,
    kindKey: profile.key,
    kindId: profile.kindId,
    ownWood: ownStripWood(view, treeId),
    listed: tree.kindId !== null,
    habit: tree.habit,
    step: stepRule(profile.kPerDegreeDay, profile.values.largestStep),
    kPerDegreeDay: profile.kPerDegreeDay,
    frost: frostWords(yard.site),
    anyInStore: offered.size > 0,
    lots: loaded.lots
      .filter((lot) => mine.has(lot.id) || offered.has(lot.id))
      .map((lot) => ({ id: lot.id, name: lot.name, pot: lot.pot })),
    history: historyOf(view, treeId),
    others: yard.trees.filter((t) => t.id !== treeId).map((t) => ({ id: t.id, tag: t.record.tag, name: t.name })),
    narrowing: end ? [] : (own.on(today)?.narrowing ?? []),
    arrivedOn: events.find((e) => e.payload.kind === "arrived")?.on.best ?? today,
    rootstock: tree.rootstock ?? null,
    left: end
      ? say.notHereAnyMoreOn(
          ENDING_WORDS[end.ended.how],
          day(toIso(end.day)),
          end.ended.cause && end.ended.cause !== "unknown" ? `, ${CAUSE_WORDS[end.ended.cause]}` : "",
          end.ended.intoTreeId ? say.itsHistoryGoesOnAs(tags[end.ended.intoTreeId] ?? say.anotherRecord) : "",
        )
      : null,
    place: loaded.places.find((p) => p.id === tree.placeId)?.name ?? null,
    wintersIn: wintersIn(view, tree.id),
    origin: originWords(tree, tags),
    tags: Object.fromEntries(known.map((id) => [id, tags[id]])),
  };
}

/** Trees that a tree's events speak of. */
function namedIn(events: readonly LoggedEvent[]): string[] {
  return events.flatMap(({ payload }) => (payload.kind === "joined" ? payload.together : []));
}

function originWords(tree: TreeRecord, tags: Record<string, string>): string | null {
  const mother = tree.motherId ? tags[tree.motherId] : tree.motherName;
  if (tree.parentId) return say.fromTheBatch(tags[tree.parentId] ?? "").trim();
  if (!mother && !tree.method) return null;
  const how = tree.method && tree.method !== "unknown" ? METHOD_WORDS[tree.method] : "raised";
  return `${how}${mother ? common.ofLabel(mother) : ""}${tree.raisedOn ? `, ${tree.raisedOn.best.slice(0, 4)}` : ""}`;
}

/** Every event ever recorded of a tree, newest first; those that do not count say why. */
function historyOf(view: CollectionView, treeId: string): HistoryItem[] {
  const { loaded } = view;
  const entries = new Map(loaded.entries.map((e) => [e.id, e]));
  const lots = new Map(loaded.rows.lots.map((l) => [l.id, l]));
  const places = new Map(loaded.rows.places.map((p) => [p.id, p.name]));
  const tags = new Map(loaded.rows.trees.map((t) => [t.id, t.tag]));
  for (const tree of loaded.trees) tags.set(tree.id, tree.tag);
  const inherited = (loaded.indexed.eventsByTree.get(treeId) ?? []).filter((e) => e.treeId !== treeId);
  const voidedBy = new Map(
    loaded.entries.flatMap((e) =>
      e.voidsEntryId !== null && !loaded.counting.voided.has(e.id) ? [[e.voidsEntryId, e.id] as const] : [],
    ),
  );
  for (const e of loaded.log)
    if (e.payload.kind === "voided" && !loaded.counting.voided.has(e.entryId))
      for (const id of e.payload.entryIds) voidedBy.set(id, e.entryId);
  return [...inherited, ...loaded.log.filter((e) => e.treeId === treeId)]
    .map((event): HistoryItem => {
      const entry = entries.get(event.entryId)!;
      const undone = loaded.counting.voided.has(event.entryId);
      const corrected = loaded.counting.withdrawnBy.get(event.id);
      const { payload } = event;
      const spoken =
        payload.kind === "joined"
          ? payload.together
          : payload.kind === "split-off"
            ? [payload.childId]
            : payload.kind === "split-from"
              ? [payload.parentId]
              : payload.kind === "described" && payload.changes.motherId
                ? [payload.changes.motherId]
                : [];
      const lot =
        event.potLotId === null ? undefined : (loaded.indexed.lots.get(event.potLotId) ?? lots.get(event.potLotId));
      return {
        eventId: event.id,
        entryId: entry.id,
        on: event.on,
        payload,
        potLotId: event.potLotId,
        pot: lot?.pot ?? null,
        names: {
          lot: lot?.name ?? null,
          place: event.placeId ? (places.get(event.placeId) ?? null) : null,
          tags: Object.fromEntries(spoken.map((id) => [id, tags.get(id) ?? say.anotherTree])),
          kind:
            payload.kind === "described" && payload.changes.kindId
              ? nameOf({ kindId: payload.changes.kindId, typedName: null, habit: null })
              : null,
        },
        recordedAt: entry.recordedAt,
        actor: entry.actor,
        standing: undone ? "undone" : corrected !== undefined ? "corrected" : "counts",
        takenOutBy: undone ? (voidedBy.get(event.entryId) ?? null) : (corrected ?? null),
        inherited: event.treeId !== treeId,
      };
    })
    .reverse();
}

function wintersIn({ loaded, yard }: CollectionView, treeId: string): string | null {
  const stand = shelterPlanOf(loaded.indexed, winterOn(yard.today, yard.latitudeDeg))?.get(treeId);
  return loaded.places.find((p) => p.id === stand?.placeId)?.name ?? null;
}
