"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/trees";
import { useRef, useState } from "react";
import { z } from "zod";
import { useAsOf } from "@/features/kernel/as-of";
import { restore } from "@/ui/device-memory";
import { treesAsked, type TreesAsked } from "./use-tree-filter";

const saved = z.array(z.object({ name: z.string(), asked: treesAsked }));
type Saved = z.output<typeof saved>;

/** Ways to look at the list, kept on this device under names. */
export function SavedFilters({ asked, ask }: { asked: TreesAsked; ask: (changes: Partial<TreesAsked>) => void }) {
  const { collectionId } = useAsOf();
  const key = `aurelian-filters-${collectionId}`;
  const details = useRef<HTMLDetailsElement>(null);
  const [all, setAll] = useState<Saved>([]);
  const [name, setName] = useState("");
  const keep = (next: Saved) => {
    setAll(next);
    window.localStorage.setItem(key, JSON.stringify(next));
  };
  const close = () => details.current?.removeAttribute("open");
  const save = () => {
    if (name.trim() === "") return;
    keep([...all.filter((s) => s.name !== name.trim()), { name: name.trim(), asked }]);
    setName("");
    close();
  };
  return (
    <details
      ref={details}
      className="relative"
      onKeyDown={(e) => e.key === "Escape" && close()}
      onToggle={(e) => e.currentTarget.open && setAll(restore(key, (v) => saved.safeParse(v).data ?? null) ?? [])}
    >
      <summary className="btn btn-sm min-h-11 sm:min-h-9">{say.savedLists}</summary>
      <div className="bg-base-100 border-base-300 rounded-box absolute right-0 z-20 mt-1 w-72 border p-3 shadow-lg">
        <ul>
          {all.map((s) => (
            <li key={s.name} className="flex items-center gap-1">
              <button
                type="button"
                className="hover:bg-base-200 rounded-field min-h-11 flex-1 px-2 text-left"
                onClick={() => {
                  ask(s.asked);
                  close();
                }}
              >
                {s.name}
              </button>
              <button
                type="button"
                className="btn btn-ghost btn-sm min-h-11 min-w-11"
                aria-label={say.deleteLabel(s.name)}
                onClick={() => keep(all.filter((x) => x !== s))}
              >
                ✕
              </button>
            </li>
          ))}
        </ul>
        <label className="mt-1 block">
          <span className="text-sm font-medium">{say.saveThisListAs}</span>
          <span className="flex gap-1">
            <input
              className="input input-sm min-h-11 w-full"
              value={name}
              maxLength={60}
              onChange={(e) => setName(e.target.value)}
              onKeyDown={(e) => {
                if (e.key !== "Enter") return;
                e.preventDefault();
                save();
              }}
            />
            <button type="button" className="btn btn-sm min-h-11" disabled={name.trim() === ""} onClick={save}>
              {common.save}
            </button>
          </span>
        </label>
      </div>
    </details>
  );
}
