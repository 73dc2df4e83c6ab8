"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/trees/search";
import { treeAt } from "@/features/kernel/addresses";
import { useRouter } from "next/navigation";
import { type RefObject, useId, useState } from "react";
import { useAsOf, useDayQuery } from "@/features/kernel/as-of";
import type { FoundTree } from "@/contract/queries";
import { NO_ANSWER, NO_TREE_FOUND } from "@/words/search";
import { useTreeSearch } from "./use-tree-search";

/** `/` finds a tree by tag, kind, cultivar, place or note; arrows choose, Enter opens. */
export function Finder({ dialog }: { dialog: RefObject<HTMLDialogElement | null> }) {
  const { collectionId } = useAsOf();
  const router = useRouter();
  const list = useId();
  const dayQuery = useDayQuery();
  const [query, setQuery] = useState("");
  const answer = useTreeSearch(query);
  const [chosen, setChosen] = useState<{ of: string; at: number } | null>(null);
  const found = answer?.found ?? [];
  // A choice among what was found before is not one among these.
  const at = chosen !== null && chosen.of === answer?.query ? chosen.at : 0;
  const setAt = (next: number) => answer && setChosen({ of: answer.query, at: next });

  const open = (tree: FoundTree | undefined) => {
    if (!tree) return;
    dialog.current?.close();
    router.push(treeAt(collectionId, tree.id, "", dayQuery));
  };

  return (
    <dialog ref={dialog} className="modal modal-top sm:modal-middle" aria-label={say.findATree}>
      <div className="modal-box flex max-h-[85dvh] flex-col p-4">
        <input
          type="text"
          role="combobox"
          aria-label={say.findATree}
          aria-expanded={found.length > 0}
          aria-controls={list}
          aria-activedescendant={found[at] ? `${list}-${at}` : undefined}
          autoComplete="off"
          className="input input-lg w-full"
          placeholder={say.tagSpeciesVarietyPlaceOr}
          value={query}
          onChange={(e) => setQuery(e.target.value)}
          onKeyDown={(e) => {
            if (e.key === "ArrowDown" || e.key === "ArrowUp") {
              const next = at + (e.key === "ArrowDown" ? 1 : -1);
              setAt(Math.min(Math.max(0, next), Math.max(0, found.length - 1)));
              e.preventDefault();
            } else if (e.key === "Enter" && answer?.query === query) {
              open(found[at]);
              e.preventDefault();
            }
          }}
        />
        <p className="min-h-6 py-1 text-sm" aria-live="polite">
          {answer?.away
            ? NO_ANSWER
            : answer === null
              ? ""
              : found.length === 0
                ? NO_TREE_FOUND
                : `${found.length === 30 ? say.theFirst30Trees : found.length === 1 ? "1 tree" : say.trees(found.length)}`}
        </p>
        <ul id={list} role="listbox" aria-label={say.treesFound} className="min-h-0 overflow-y-auto">
          {found.map((tree, i) => (
            <li
              key={tree.id}
              id={`${list}-${i}`}
              role="option"
              aria-selected={i === at}
              ref={(element) => {
                if (i === at) element?.scrollIntoView({ block: "nearest" });
              }}
              className={`rounded-field min-h-12 cursor-pointer px-3 py-2 ${i === at ? "bg-primary text-primary-content" : ""}`}
              onMouseMove={() => setAt(i)}
              onClick={() => open(tree)}
            >
              <b>{tree.tag}</b> {tree.name}
              {tree.cultivar ? ` ‘${tree.cultivar}’` : ""}
              {tree.place ? ` · ${tree.place}` : ""}
              {tree.gone ? say.notHereAnyMore : ""}
              {tree.note && <span className="block text-sm">“{tree.note}”</span>}
            </li>
          ))}
        </ul>
        <form method="dialog" className="pt-2 text-right">
          <button className="btn btn-sm">{common.close}</button>
        </form>
      </div>
    </dialog>
  );
}
