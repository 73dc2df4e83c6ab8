"use client";

import * as say from "@/words/pages/winter/pot";
import { FormFaults } from "@/ui/fields";
import { useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import type { Asked, WinterFacts } from "./facts";

/** What was asked becomes what is: the pot has been wrapped, mulched or sunk, or freed of it. */
export function KeepSo({ asked, facts }: { asked: Asked; facts: Pick<WinterFacts, "treeId" | "tag" | "protection"> }) {
  const { collectionId, today } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure } = useCommand("protect-trees");
  const wanted = {
    wrap: asked.wrap === "none" ? null : asked.wrap,
    mulched: asked.mulch === "straw",
    sunk: asked.stand === "sunk",
  };
  const { protection: now } = facts;
  if (wanted.wrap === now.wrap && wanted.mulched === now.mulched && wanted.sunk === now.sunk) return null;
  const save = async () => {
    const done = await send({ collectionId, treeIds: [facts.treeId], ...wanted, on: today });
    if (done) tell({ text: say.standsSoFromTodayOn(facts.tag), entryId: done.entryId });
  };
  return (
    <div className="no-print mt-2">
      <button type="button" className="btn min-h-11" disabled={busy} onClick={() => void save()}>
        {say.itStandsSoFromToday}
      </button>
      <FormFaults faults={failure?.faults ?? []} />
    </div>
  );
}
