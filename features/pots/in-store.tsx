"use client";

import type { Shopping } from "@/core/mix/index";
import * as say from "@/words/pages/pots/mixing";
import type { MixStores } from "@/core/records/index";
import { componentName } from "@/words/mixes";
import { OfferEditor } from "./offers";

/** What of each component is there already, and what bags are on offer. */
export function InStore({
  shopping,
  stores,
  currency,
  inStock,
  setInStock,
}: {
  shopping: Shopping;
  stores: MixStores;
  currency: string;
  inStock: Record<string, string>;
  setInStock: (value: Record<string, string>) => void;
}) {
  return (
    <div className="mt-5">
      <h2 className="text-xl">{say.whatIsThereAndWhat}</h2>
      <ul className="divide-base-300 divide-y">
        {shopping.lines.map((l) => (
          <li key={l.component} className="py-2">
            <OfferEditor
              component={l.component}
              name={componentName(l.component, stores)}
              offers={stores.offers[l.component] ?? []}
              currency={currency}
              stock={inStock[l.component] ?? ""}
              onStock={(text) => setInStock({ ...inStock, [l.component]: text })}
            />
          </li>
        ))}
      </ul>
    </div>
  );
}
