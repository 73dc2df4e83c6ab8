"use client";

import Link from "next/link";
import { useAsOf } from "../shell/as-of";

const PARTS = [
  ["", "Pots"],
  ["mixes", "Mixes in the pot"],
  ["library", "Recipes and components"],
  ["mixing", "Mixing and bags"],
  ["big", "Big containers"],
  ["products", "Cans and caps"],
  ["figures", "Figures and sources"],
] as const;
export type StoresPart = (typeof PARTS)[number][0];

/** The rooms of the Stores. */
export function StoresNav({ at }: { at: StoresPart }) {
  const { collectionId, settledOn, today } = useAsOf();
  const query = settledOn === today ? "" : `?on=${settledOn}`;
  return (
    <nav aria-label="Stores" className="mb-4 flex gap-x-5 overflow-x-auto whitespace-nowrap sm:flex-wrap">
      {PARTS.map(([key, words]) => (
        <Link
          key={key}
          prefetch={false}
          href={`/c/${collectionId}/stores${key === "" ? "" : `/${key}`}${query}`}
          aria-current={key === at ? "page" : undefined}
          className="aria-[current]:border-accent inline-flex min-h-11 items-center border-b-2 border-transparent underline-offset-4 hover:underline aria-[current]:font-semibold"
        >
          {words}
        </Link>
      ))}
    </nav>
  );
}
