"use client";

import Link from "next/link";
import { useAsOf } from "./as-of";
import { pageAt } from "./addresses";

/** What an empty collection says: the three ways to begin. */
export function FirstSteps() {
  const { collectionId } = useAsOf();
  return (
    <div className="mx-auto max-w-xl py-8 text-center">
      <p className="my-4 text-lg">
        Add your first tree: its species and the pot it grows in are enough to say what it needs and when. With many
        trees, walk round with the phone, or import a list.
      </p>
      <div className="flex flex-wrap justify-center gap-3">
        <Link href={pageAt(collectionId, "add")} className="btn btn-primary btn-lg">
          Add the first tree
        </Link>
        <Link href={pageAt(collectionId, "walk")} className="btn btn-lg">
          Walk round
        </Link>
        <Link href={pageAt(collectionId, "import")} className="btn btn-lg">
          Import a list
        </Link>
      </div>
    </div>
  );
}
