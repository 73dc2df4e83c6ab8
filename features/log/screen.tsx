import "server-only";
import { notFound } from "next/navigation";
import { isReadable } from "@/core/event/index";
import { recordsView } from "@/features/kernel/views";
import { Journal, type JournalEntry } from "./journal";

const PAGE = 100;

/** Everything that was ever entered, newest first. */
export async function HistoryScreen({ collectionId, before }: { collectionId: string; before: string | undefined }) {
  const view = await recordsView(collectionId);
  if (!view) notFound();
  const { loaded } = view;
  const from = Number(before);
  const upTo = Number.isInteger(from) && from > 0 ? from : Number.MAX_SAFE_INTEGER;
  const older = loaded.entries.filter((e) => e.seq < upTo);
  const shown = older.slice(-PAGE).reverse();
  const ids = new Set(shown.map((e) => e.id));
  const treesOf = new Map<string, Set<string>>();
  const daysOf = new Map<string, string>();
  const unreadable = new Set<string>();
  for (const event of loaded.log) {
    if (!ids.has(event.entryId)) continue;
    daysOf.set(event.entryId, event.on.best);
    if (!isReadable(event)) unreadable.add(event.entryId);
    if (event.treeId === null) continue;
    const set = treesOf.get(event.entryId) ?? new Set<string>();
    treesOf.set(event.entryId, set.add(event.treeId));
  }
  const tags = new Map(loaded.trees.map((t) => [t.id, t.tag]));
  const entries: JournalEntry[] = shown.map((e) => ({
    id: e.id,
    seq: e.seq,
    words: e.note ?? e.command,
    recordedAt: e.recordedAt,
    actor: e.actor,
    on: daysOf.get(e.id) ?? null,
    undone: loaded.counting.voided.has(e.id),
    unreadable: unreadable.has(e.id),
    isUndo: e.voidsEntryId !== null || e.command === "undo-together",
    isCorrection: e.replacesEntryId !== null,
    founding: e.command === "create-collection",
    trees: [...(treesOf.get(e.id) ?? [])]
      .flatMap((id) => (tags.has(id) ? [{ id, tag: tags.get(id)! }] : []))
      .slice(0, 4),
    more: Math.max(0, (treesOf.get(e.id)?.size ?? 0) - 4),
  }));
  return (
    <Journal
      entries={entries}
      total={loaded.entries.length}
      older={older.length > PAGE ? (shown.at(-1)?.seq ?? null) : null}
    />
  );
}
