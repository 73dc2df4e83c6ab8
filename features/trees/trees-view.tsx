"use client";

import * as say from "@/words/pages/trees";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useCallback, useEffect, useMemo, useState } from "react";
import { brimHeightMm, widthAtMm } from "@/core/vessel/index";
import { pageAt, treeAt } from "@/features/kernel/addresses";
import { useAsOf, useDayQuery, useReplayed } from "@/features/kernel/as-of";
import { FirstSteps } from "@/features/kernel/first-steps";
import type { YardRow } from "@/model/index";
import { isPageKey } from "@/ui/keys";
import { usePrinting } from "@/ui/use-printing";
import { countHeadlines, countSentence, type HeadlineCounts } from "@/words/decision";
import { ROOM_WORDS } from "@/words/rooms";
import { NO_PLACE_WORDS, statusTitle } from "@/words/trees";
import { MovedPanel } from "./look/moved-panel";
import type { MovedSince } from "./look/since";
import { ChosenBar } from "./chosen-bar";
import { FilterBar } from "./filter-bar";
import { Legend, Pictures } from "./pictures";
import { isOverdueRow } from "./row-words";
import { TreeRows } from "./rows";
import { asksFor, inGroups, inOrder, isFiltered, type TreeGroup } from "./tree-filter";
import { filterOf, groupOf, useTreesAsked } from "./use-tree-filter";

/** Tallest pot is drawn this high: one scale for all of them. Crowns have another. */
const TALLEST_PX = 132;
const WIDEST_PX = 150;
const TALLEST_CROWN_PX = 120;
/** Crowns beside pots: at most this share of the pots' scale. */
const CROWN_SHARE = 0.42;

/** All trees: what loses most by waiting first, as pictures or lines; narrowed, grouped, chosen for what is recorded of many. */
export function TreesView({
  initial,
  initialOn,
  counts,
  places,
  moved,
}: {
  initial: YardRow[];
  initialOn: string;
  counts: HeadlineCounts;
  places: { id: string; name: string }[];
  moved: MovedSince;
}) {
  const { collectionId, units } = useAsOf();
  const query = useDayQuery();
  const { asked, ask, clear, choose } = useTreesAsked();
  const { rows, start, shown } = useRows(initial, initialOn, counts.total);
  const scales = useMemo(() => scalesOf(start), [start]);
  const choice = useChosen(choose);
  const printing = usePrinting();
  const inRows = asked.view === "rows";
  const flip = useCallback(() => ask({ view: inRows ? "pictures" : "rows" }), [ask, inRows]);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (isPageKey(event) && event.key === "l") flip();
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [flip]);

  const placeNames = useMemo(() => new Map(places.map((p) => [p.id, p.name])), [places]);
  const filter = filterOf(asked);
  const wanted = JSON.stringify(filter);
  const found = useMemo(() => {
    const of = JSON.parse(wanted) as typeof filter;
    return inOrder(isFiltered(of) ? rows.filter((row) => asksFor(of, row, shown)) : rows, asked.sort);
  }, [rows, wanted, shown, asked.sort]);
  const group = groupOf(asked, places.length === 0 ? 0 : counts.total);
  const chosen = useMemo(() => found.filter((row) => choice.chosen.has(row.id)), [found, choice.chosen]);
  // On paper stand the chosen ones, where any are.
  const drawn = printing && chosen.length > 0 ? chosen : found;
  const groups = useMemo(() => inGroups(drawn, group), [drawn, group]);

  if (counts.total === 0) {
    return (
      <>
        <h1 className="text-center text-2xl">{say.noTreeStandsHereYet}</h1>
        <FirstSteps />
      </>
    );
  }
  const of = { query, shown, units, collectionId };
  const choosing = choice.on ? { chosen: choice.chosen, toggle: choice.toggle } : null;
  return (
    <div>
      <Head
        first={rows[0]}
        sentence={countSentence(rows.length < counts.total ? counts : countHeadlines(rows, shown))}
        inRows={inRows}
        flip={flip}
        choosing={choice.on}
        choose={choice.start}
      />
      <MovedPanel moved={moved} />
      <FilterBar
        rows={rows}
        places={placeNames}
        asked={asked}
        ask={ask}
        clear={clear}
        found={found.length}
        group={group}
      />
      {found.length === 0 && <p className="py-6 text-lg">{say.noTreeIsLeftBy}</p>}
      {groups.map(({ key, rows: some }) => {
        const name = key === null ? null : titleOf(group, key, placeNames);
        return (
          <section key={key ?? ""} aria-label={name ?? ROOM_WORDS.trees} className="mb-6">
            {name !== null && (
              <h2 className="mb-2 text-lg">
                {name} <span className="text-base font-normal">· {countSentence(countHeadlines(some, shown))}</span>
              </h2>
            )}
            {inRows ? (
              <TreeRows
                {...of}
                rows={some}
                label={name ?? ROOM_WORDS.trees}
                byPlace={group === "place"}
                places={placeNames}
                chosen={choice.chosen}
                onChoose={(next) => choice.set(mergedInto(choice.chosen, some, next))}
              />
            ) : (
              <Pictures
                {...of}
                rows={some}
                {...scales}
                label={name}
                choosing={choosing}
                urgent={asked.sort === "urgency"}
              />
            )}
          </section>
        );
      })}
      {!inRows && found.length > 0 && <Legend overdue={found.some(isOverdueRow)} />}
      {(choice.on || choice.chosen.size > 0) && (
        <ChosenBar
          chosen={chosen}
          shown={found.length}
          choose={() => choice.set(new Set(found.map((r) => r.id)))}
          stop={choice.stop}
        />
      )}
    </div>
  );
}

/** A large collection arrives in two parts: the first trees with the page, all of them from the browser's own replay. */
function useRows(initial: YardRow[], initialOn: string, total: number) {
  const { replay, revision } = useAsOf();
  const [whole, setWhole] = useState<{ rows: YardRow[]; revision: number } | null>(null);
  useEffect(() => {
    if (total <= initial.length) return;
    let wanted = true;
    void replay()
      .then((api) => api.yard(initialOn))
      .then((rows) => wanted && setWhole({ rows, revision }))
      .catch(() => undefined);
    return () => {
      wanted = false;
    };
  }, [initial.length, initialOn, replay, revision, total]);
  const start = whole?.revision === revision ? whole.rows : initial;
  const { value: rows, on: shown } = useReplayed(start, initialOn, (api, day) => api.yard(day));
  return { rows, start, shown };
}

function scalesOf(rows: readonly YardRow[]): { scale: number; crownScale: number } {
  const [tall, wide] = rows.reduce(
    ([t, w], row) =>
      row.vessel
        ? [Math.max(t, brimHeightMm(row.vessel)), Math.max(w, widthAtMm(row.vessel, brimHeightMm(row.vessel)))]
        : [t, w],
    [200, 200],
  );
  const scale = Math.min(TALLEST_PX / tall, WIDEST_PX / wide, 0.3);
  const tallest = rows.reduce((most, row) => Math.max(most, row.heightMm), 500);
  return { scale, crownScale: Math.min(CROWN_SHARE * scale, TALLEST_CROWN_PX / tallest) };
}

/** Trees that are chosen, and whether a tap on a picture chooses; each time the address asks for it, it does. */
function useChosen(begin: string | null) {
  const [on, setOn] = useState(begin !== null);
  const [begun, setBegun] = useState(begin);
  if (begin !== begun) {
    setBegun(begin);
    if (begin !== null) setOn(true);
  }
  const [chosen, set] = useState<ReadonlySet<string>>(new Set());
  const toggle = useCallback(
    (id: string) =>
      set((last) => {
        const next = new Set(last);
        if (!next.delete(id)) next.add(id);
        return next;
      }),
    [],
  );
  const stop = useCallback(() => {
    setOn(false);
    set(new Set());
  }, []);
  return { on, chosen, set, toggle, start: () => setOn(true), stop };
}

/** What is chosen of one group of the list, with what was chosen of the others. */
function mergedInto(all: ReadonlySet<string>, group: readonly YardRow[], of: ReadonlySet<string>): Set<string> {
  const merged = new Set(all);
  for (const { id } of group) {
    if (of.has(id)) merged.add(id);
    else merged.delete(id);
  }
  return merged;
}

function titleOf(group: TreeGroup, key: string, places: ReadonlyMap<string, string>): string {
  if (group === "place") return places.get(key) ?? NO_PLACE_WORDS;
  return group === "status" ? statusTitle(key) : key;
}

function Head({
  first,
  sentence,
  inRows,
  flip,
  choosing,
  choose,
}: {
  first: YardRow | undefined;
  sentence: string;
  inRows: boolean;
  flip: () => void;
  choosing: boolean;
  choose: () => void;
}) {
  const { collectionId } = useAsOf();
  const query = useDayQuery();
  const router = useRouter();
  return (
    <div className="mb-3 flex flex-wrap items-center gap-3">
      <h1 className="text-2xl">{ROOM_WORDS.trees}</h1>
      <p className="text-lg">{sentence}</p>
      <span className="no-print ml-auto flex flex-wrap gap-2">
        {first && (
          <button
            type="button"
            className="btn max-sm:hidden"
            onClick={() => router.push(treeAt(collectionId, first.id, "", query))}
          >
            {say.openLosesMostByWaiting(first.tag)}
          </button>
        )}
        <Link href={pageAt(collectionId, "add")} className="btn max-sm:hidden">
          {say.addATree}
        </Link>
        {!choosing && (
          <button type="button" className="btn" onClick={choose}>
            {say.chooseSeveral}
          </button>
        )}
        <button type="button" className="btn" aria-pressed={inRows} onClick={flip}>
          {inRows ? say.pictures : say.list} <kbd className="kbd kbd-xs hidden sm:inline">l</kbd>
        </button>
      </span>
    </div>
  );
}
