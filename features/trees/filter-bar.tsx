"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/trees";
import { useId, useState } from "react";
import type { YardRow } from "@/model/index";
import { useAsOf } from "@/features/kernel/as-of";
import {
  DUE_WORDS,
  GROUP_WORDS,
  MISSING_WORDS,
  NO_PLACE_WORDS,
  potSizeWords,
  SORT_WORDS,
  statusTitle,
} from "@/words/trees";
import { HEALTH_WORDS } from "@/words/terms";
import { SavedFilters } from "./saved-filters";
import { isFiltered, NO_PLACE, POT_SIZES, type PotSize } from "./tree-filter";
import { filterOf, type TreesAsked } from "./use-tree-filter";

interface Option {
  value: string;
  words: string;
}

/** Narrows, orders and groups the list. On a phone all but the search is folded away. */
export function FilterBar({
  rows,
  places,
  asked,
  ask,
  clear,
  found,
  group,
}: {
  /** All trees: what stands in them can be asked for. */
  rows: readonly YardRow[];
  places: ReadonlyMap<string, string>;
  asked: TreesAsked;
  ask: (changes: Partial<TreesAsked>) => void;
  clear: () => void;
  /** How many are left. */
  found: number;
  /** As the list is grouped now. */
  group: string;
}) {
  const [open, setOpen] = useState(false);
  const filtered = isFiltered(filterOf(asked));
  return (
    <search aria-label={say.narrowTheList} className="no-print bg-base-200 rounded-box mb-3 p-2">
      <div className="flex flex-wrap items-end gap-2">
        <label className="min-w-40 flex-1 basis-52">
          <span className="sr-only">{say.tagSpeciesOrVariety}</span>
          <input
            type="search"
            className="input w-full"
            placeholder={say.tagSpeciesVariety}
            value={asked.text}
            onChange={(e) => ask({ text: e.target.value })}
          />
        </label>
        <button type="button" className="btn min-h-11 sm:hidden" aria-expanded={open} onClick={() => setOpen(!open)}>
          {say.filter(filtered ? " ✓" : "")}
        </button>
        <div className={`${open ? "contents" : "hidden"} sm:contents`}>
          <Picks rows={rows} places={places} asked={asked} ask={ask} group={group} />
        </div>
      </div>
      {filtered && (
        <p className="mt-2 flex flex-wrap items-center gap-3" role="status">
          <span>{say.ofTrees(found, rows.length)}</span>
          <button type="button" className="btn btn-sm min-h-11" onClick={clear}>
            {say.showAll}
          </button>
        </p>
      )}
    </search>
  );
}

/** What the list is asked, a choice each; the rare ones come at a tap. */
function Picks({
  rows,
  places,
  asked,
  ask,
  group,
}: {
  rows: readonly YardRow[];
  places: ReadonlyMap<string, string>;
  asked: TreesAsked;
  ask: (changes: Partial<TreesAsked>) => void;
  group: string;
}) {
  const { units } = useAsOf();
  const [more, setMore] = useState(false);
  // What narrows the list is never out of sight.
  const rare = more || asked.pot !== "" || asked.health !== "" || asked.missing !== "";
  const counted = (of: (row: YardRow) => string | undefined, words: (value: string) => string): Option[] => {
    const counts = new Map<string, number>();
    for (const row of rows) {
      const value = of(row);
      if (value !== undefined) counts.set(value, (counts.get(value) ?? 0) + 1);
    }
    return [...counts]
      .map(([value, n]) => ({ value, words: `${words(value)} (${n})` }))
      .sort((a, b) => a.words.localeCompare(b.words));
  };
  const fixed = (words: Readonly<Record<string, string>>): Option[] =>
    Object.entries(words).map(([value, word]) => ({ value, words: word }));
  const pick = (key: keyof TreesAsked) => (value: string) => ask({ [key]: value });
  return (
    <>
      <Pick
        label={common.place}
        value={asked.place}
        onChange={pick("place")}
        options={counted(
          (r) => r.placeId ?? NO_PLACE,
          (id) => places.get(id) ?? NO_PLACE_WORDS,
        )}
      />
      <Pick
        label={say.status}
        value={asked.status}
        onChange={pick("status")}
        options={counted((r) => r.headline?.code, statusTitle)}
      />
      <Pick
        label={common.species}
        value={asked.species}
        onChange={pick("species")}
        options={counted(
          (r) => r.name,
          (n) => n,
        )}
      />
      <Pick label={say.due} value={asked.due} onChange={pick("due")} options={fixed(DUE_WORDS)} />
      <Pick label={say.order} value={asked.sort} any={null} onChange={pick("sort")} options={fixed(SORT_WORDS)} />
      <Pick label={say.groups} value={group} any={null} onChange={pick("group")} options={fixed(GROUP_WORDS)} />
      <button
        type="button"
        className="btn btn-sm btn-ghost min-h-11 sm:min-h-9"
        aria-expanded={rare}
        onClick={() => setMore(!more)}
      >
        {say.moreFilters}
      </button>
      <SavedFilters asked={asked} ask={ask} />
      {rare && (
        <>
          <Pick
            label={common.pot}
            value={asked.pot}
            onChange={pick("pot")}
            options={(Object.keys(POT_SIZES) as PotSize[]).map((size) => ({
              value: size,
              words: potSizeWords(POT_SIZES[size], units),
            }))}
          />
          <Pick
            label={say.condition}
            value={asked.health}
            onChange={pick("health")}
            options={counted(
              (r) => r.health,
              (h) => HEALTH_WORDS[h as YardRow["health"]],
            )}
          />
          <Pick label={say.missing} value={asked.missing} onChange={pick("missing")} options={fixed(MISSING_WORDS)} />
        </>
      )}
    </>
  );
}

function Pick({
  label,
  value,
  onChange,
  options,
  any = "any",
}: {
  label: string;
  value: string;
  onChange: (value: string) => void;
  options: readonly Option[];
  /** What stands for no question; null: there always is one. */
  any?: string | null;
}) {
  const id = useId();
  return (
    <div className="min-w-28 flex-1 basis-28 sm:max-w-44">
      <label htmlFor={id} className="block text-xs font-medium">
        {label}
      </label>
      <select
        id={id}
        className={`select select-sm min-h-11 w-full sm:min-h-9 ${any !== null && value !== "" ? "border-primary font-semibold" : ""}`}
        value={value}
        onChange={(e) => onChange(e.target.value)}
      >
        {any !== null && <option value="">{any}</option>}
        {/* What the address asks for and no tree has stays to be seen. */}
        {value !== "" && !options.some((o) => o.value === value) && <option value={value}>{`${value} (0)`}</option>}
        {options.map((o) => (
          <option key={o.value} value={o.value}>
            {o.words}
          </option>
        ))}
      </select>
    </div>
  );
}
