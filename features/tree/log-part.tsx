"use client";

import * as say from "@/words/pages/tree/log";
import Link from "next/link";
import type { ReactNode } from "react";
import { treeAt } from "@/features/kernel/addresses";
import { useAsOf } from "@/features/kernel/as-of";
import { NoteForm } from "@/features/bench/notes/note-form";
import type { TreeFacts } from "./facts";
import { Folded } from "@/ui/folded";
import { History } from "./history";
import { Ways } from "./ways";

/** What happened, its notes and photographs, how it is, and who it belongs with. */
export function LogPart({ facts, children }: { facts: TreeFacts; children?: ReactNode }) {
  const { collectionId } = useAsOf();
  return (
    <div className="space-y-5">
      <Ways>
        <Link href={treeAt(collectionId, facts.id, "edit")} className="btn btn-sm min-h-11">
          {say.details}
        </Link>
      </Ways>
      <div className="grid gap-6 lg:grid-cols-2">
        <History treeId={facts.id} plants={facts.count} items={facts.history} lots={facts.lots} others={facts.others} />
        {facts.left === null && (
          <div className="space-y-4">
            <Folded id="note" title={say.aNoteOrAPhotograph}>
              <NoteForm treeId={facts.id} tag={facts.tag} />
            </Folded>
            {children}
          </div>
        )}
      </div>
    </div>
  );
}
