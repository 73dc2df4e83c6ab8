"use client";

import * as say from "@/words/pages/kernel";
import Link from "next/link";
import { useAsOf } from "./as-of";
import { pageAt } from "./addresses";

/** What an empty collection says: the three ways to begin. */
export function FirstSteps() {
  const { collectionId } = useAsOf();
  return (
    <div className="mx-auto max-w-xl py-8 text-center">
      <p className="my-4 text-lg">{say.addYourFirstTreeIts}</p>
      <div className="flex flex-wrap justify-center gap-3">
        <Link href={pageAt(collectionId, "add")} className="btn btn-primary btn-lg">
          {say.addTheFirstTree}
        </Link>
        <Link href={pageAt(collectionId, "walk")} className="btn btn-lg">
          {say.walkRound}
        </Link>
        <Link href={pageAt(collectionId, "import")} className="btn btn-lg">
          {say.importAList}
        </Link>
      </div>
    </div>
  );
}
