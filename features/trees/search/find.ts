import "server-only";
import type { FoundTree } from "@/contract/queries";
import { toDay } from "@/core/dates/index";
import { genusOf, kindById, KINDS, nameOf } from "@/core/species/index";
import { plantsAt } from "@/core/records/index";
import { type LoadedRecords, viewRecords } from "@/features/kernel/collection/load";
import { fold } from "@/words/fold";
import { findKinds } from "./kinds";

/** A tree's words, folded for comparing: `tag` weighs most, then `head`. */
interface Entry {
  found: FoundTree;
  kindId: string | null;
  tag: string;
  head: string;
  /** Words that are about it rather than its name. */
  side: string;
  notes: { folded: string; text: string }[];
}

const MOST_FOUND = 30;
/** Letters of a question that are looked for. */
const MOST_ASKED = 200;
const indexes = new WeakMap<LoadedRecords, Entry[]>();

function indexOf(loaded: LoadedRecords, today: string): Entry[] {
  let index = indexes.get(loaded);
  if (index) return index;
  const places = new Map(loaded.places.map((p) => [p.id, p.name]));
  index = loaded.trees.map((tree) => {
    const name = nameOf(tree);
    const kind = tree.kindId === null ? undefined : kindById(tree.kindId);
    const events = loaded.indexed.eventsByTree.get(tree.id) ?? [];
    const place = tree.placeId ? (places.get(tree.placeId) ?? null) : null;
    const words = [tree.tag, name, ...(kind ? [...kind.names, kind.scientific] : []), tree.cultivar];
    return {
      found: {
        id: tree.id,
        tag: tree.tag,
        name,
        cultivar: tree.cultivar,
        place,
        note: null,
        gone: plantsAt(loaded.indexed, tree.id, toDay(today)) === 0,
      },
      kindId: tree.kindId,
      tag: fold(tree.tag),
      head: fold(words.filter(Boolean).join(" ")),
      side: fold([place, tree.rootstock, tree.motherName].filter(Boolean).join(" ")),
      notes: events.flatMap(({ payload }) =>
        payload.kind === "noted"
          ? [{ folded: fold(payload.text), text: payload.text }]
          : payload.kind === "ended" && payload.note !== ""
            ? [{ folded: fold(payload.note), text: payload.note }]
            : [],
      ),
    };
  });
  indexes.set(loaded, index);
  return index;
}

/**
 * Trees in which every word is found: by tag first, then by name and place, then in notes; where none
 * is, trees of the kinds that may be meant. Those that left come last.
 */
export function findTrees(loaded: LoadedRecords, today: string, query: string): FoundTree[] {
  const words = fold(query).split(/\s+/).filter(Boolean);
  if (words.length === 0) return [];
  const starts = words.map((word) => new RegExp(`(^|[^\\p{L}\\p{N}])${escape(word)}`, "u"));
  const scored: { found: FoundTree; score: number }[] = [];
  for (const entry of indexOf(loaded, today)) {
    let score = entry.found.gone ? GONE : 0;
    let note: string | null = null;
    const all = words.every((word, i) => {
      if (entry.tag === word) return true;
      if (entry.tag.startsWith(word)) score += 1;
      else if (starts[i].test(entry.head)) score += 2;
      else if (entry.head.includes(word)) score += 3;
      else if (entry.side.includes(word)) score += 4;
      else {
        const in_ = entry.notes.find((n) => n.folded.includes(word));
        if (!in_) return false;
        score += 6;
        note = cut(in_.text, in_.folded.indexOf(word));
      }
      return true;
    });
    if (all) scored.push({ found: { ...entry.found, note }, score });
  }
  // Nothing bears these words: then what kind may be meant by them.
  const kinds = scored.length > 0 ? new Map<string, number>() : kindsMeant(query);
  for (const entry of kinds.size === 0 ? [] : indexOf(loaded, today)) {
    const rank = entry.kindId === null ? undefined : kinds.get(entry.kindId);
    if (rank !== undefined) scored.push({ found: entry.found, score: rank + (entry.found.gone ? GONE : 0) });
  }
  return scored
    .sort((a, b) => a.score - b.score || a.found.tag.localeCompare(b.found.tag, undefined, { numeric: true }))
    .slice(0, MOST_FOUND)
    .map((s) => s.found);
}

/** Trees that left come after all that are there. */
const GONE = 100;
/** A letter or two may be wrong in the name of a kind. */
const NEARLY_THE_NAME = 0.5;

/** Kinds that the question may name by any name or with letters wrong, by their rank; a genus stands for all its kinds. */
function kindsMeant(query: string): Map<string, number> {
  const ranks = new Map<string, number>();
  findKinds(query.slice(0, MOST_ASKED), NEARLY_THE_NAME).forEach(({ id, rank, scientific }, at) => {
    const ids =
      rank === "genus" ? [id, ...KINDS.filter((kind) => genusOf(kind) === scientific).map((k) => k.id)] : [id];
    for (const one of ids) if (!ranks.has(one)) ranks.set(one, at);
  });
  return ranks;
}

const escape = (text: string) => text.replace(/[.*+?^${}()|[\]\\]/g, "\\$&");

function cut(text: string, at: number): string {
  const from = Math.max(0, at - 30);
  return `${from > 0 ? "…" : ""}${text.slice(from, at + 60)}${text.length > at + 60 ? "…" : ""}`;
}

/** Null without such a collection. */
export async function search(collectionId: string, query: string): Promise<{ found: FoundTree[] } | null> {
  const view = await viewRecords(collectionId);
  return view && { found: findTrees(view.loaded, view.today, query.slice(0, MOST_ASKED)) };
}
