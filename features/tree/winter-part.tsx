"use client";

import { celsius } from "@/words/format";
import Link from "next/link";
import { pageAt, treeAt } from "@/features/kernel/addresses";
import { useAsOf } from "@/features/kernel/as-of";
import { Why } from "@/ui/fields";
import type { TreeFacts } from "./facts";
import { Ways } from "./ways";

/** Where it spends the winter, and the frosts of the place. */
export function WinterPart({ facts }: { facts: TreeFacts }) {
  const { collectionId, units } = useAsOf();
  return (
    <div className="space-y-4">
      <p>
        {facts.wintersIn === null
          ? `No winter place is planned${facts.place ? `: it stays in ${facts.place}` : ""}.`
          : `This winter it stands in ${facts.wintersIn}.`}
      </p>
      <Why
        reason={
          <>
            Counted from frost years, midsummer to midsummer, at {celsius(0, units)} {facts.frost.source}. The
            one-in-ten day is uncertain by {facts.frost.plusMinus || "an unknown span"}.
          </>
        }
      >
        <b>Frost here</b> {facts.frost.guess && <span className="badge badge-sm badge-warning">guess</span>} spring:{" "}
        {facts.frost.last} Autumn: {facts.frost.first}
      </Why>
      <Ways>
        <Link className="btn btn-sm min-h-11" href={treeAt(collectionId, facts.id, "winter")} prefetch={false}>
          Its winter
        </Link>
        <Link className="btn btn-sm min-h-11" href={pageAt(collectionId, "winter")} prefetch={false}>
          Layout of all trees
        </Link>
      </Ways>
    </div>
  );
}
