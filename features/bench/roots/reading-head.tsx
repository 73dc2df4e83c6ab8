"use client";

import type { ReadingFacts } from "./reading-facts";
import * as common from "@/words/pages/common";
import * as say from "@/words/pages/bench/roots";
import { treeAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { useAsOf } from "@/features/kernel/as-of";
import { READING_STEPS } from "./reading-draft";

/** Whose roots, how far the reading is, and the way out. */
export function ReadingHead({ facts, at }: { facts: ReadingFacts; at: number }) {
  const { collectionId } = useAsOf();
  return (
    <div className="flex items-baseline gap-3">
      <h1 className="text-xl">{say.rootsOf(facts.tag)}</h1>
      <span className="text-sm">{say.ofLabel(at + 1, READING_STEPS.length)}</span>
      <Link href={treeAt(collectionId, facts.treeId)} className="link ml-auto flex min-h-11 items-center">
        {common.later}
      </Link>
    </div>
  );
}
