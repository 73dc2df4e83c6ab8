"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/trees";
import { fileAt } from "@/features/kernel/addresses";
import { useAsOf } from "@/features/kernel/as-of";
import { useRecord } from "@/features/kernel/record-wish";
import { Icon } from "@/ui/icon";
import { RECORD_WORDS, type Recordable, treesWord } from "@/words/record";
import type { YardRow } from "@/model/index";

const AT_ONCE = ["move", "potting"] as const satisfies readonly Recordable[];

/** What can be done with the trees that are chosen: at the foot of the screen, under the thumb. */
export function ChosenBar({
  chosen,
  shown,
  choose,
  stop,
}: {
  chosen: readonly YardRow[];
  /** How many the list shows. */
  shown: number;
  /** Chooses all that are shown. */
  choose: () => void;
  /** Nothing is chosen any more. */
  stop: () => void;
}) {
  const { collectionId } = useAsOf();
  const record = useRecord();
  const trees = chosen.map(({ id, tag }) => ({ id, tag }));
  const none = trees.length === 0;
  return (
    <div
      className="no-print bg-neutral text-neutral-content rounded-box sticky bottom-16 z-20 mt-4 flex flex-wrap items-center gap-2 px-3 py-2 shadow-lg sm:bottom-3"
      data-testid="chosen"
    >
      <span role="status" className="mr-auto font-semibold">
        {none ? say.tapTheTrees : say.chosen(treesWord(trees))}
      </span>
      {trees.length < shown && (
        <button type="button" className="btn btn-sm min-h-11" onClick={choose}>
          {say.all(shown)}
        </button>
      )}
      {!none && (
        <>
          <button
            type="button"
            className="btn btn-primary btn-sm min-h-11"
            onClick={() => record({ trees, done: stop })}
          >
            <Icon name="record" />
            {common.record}
          </button>
          {AT_ONCE.map((thing) => (
            <button
              key={thing}
              type="button"
              className="btn btn-sm min-h-11"
              onClick={() => record({ trees, thing, done: stop })}
            >
              <Icon name={thing} />
              {RECORD_WORDS[thing]}
            </button>
          ))}
          <button type="button" className="btn btn-sm min-h-11 max-sm:hidden" onClick={() => window.print()}>
            {common.print}
          </button>
          <form method="post" action={fileAt(collectionId, "trees.csv")}>
            <input type="hidden" name="trees" value={trees.map(({ id }) => id).join(",")} />
            <button type="submit" className="btn btn-sm min-h-11">
              {say.exportLabel}
            </button>
          </form>
        </>
      )}
      <button type="button" className="btn btn-sm min-h-11" onClick={stop}>
        {say.done}
      </button>
    </div>
  );
}
