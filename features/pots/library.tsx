"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/pots/library";
import { useState } from "react";
import { COMPONENTS, READY_MIX_NAMES, READY_RECIPES } from "@/core/mix/index";
import type { MixChoice, MixStores } from "@/core/records/index";
import { number, percent } from "@/words/format";
import { ScrollBox } from "@/ui/fields";
import { ComponentForm } from "./component-form";
import { componentName, CONFIDENCE_WORDS, FLAG_WORDS, readyName, partsWords } from "@/words/mixes";
import { RecipeForm } from "./recipe-form";
import { ReclaimedHeap } from "./reclaimed";
import { PotsNav } from "./pots-nav";

/** Recipes of one's own, the component library, and the heap of reclaimed mix. */
export function LibraryView({ stores, mixes }: { stores: MixStores; mixes: MixChoice[] }) {
  const [recipe, setRecipe] = useState<string | null>(null);
  const [component, setComponent] = useState<{ id: string | null; from: string } | null>(null);
  const editing = stores.recipes.find((r) => r.id === recipe) ?? null;
  return (
    <div>
      <PotsNav at="pots/library" />
      <div className="grid gap-8 xl:grid-cols-2">
        <section aria-label={say.recipes} className="min-w-0">
          <h1 className="text-2xl">{say.recipes}</h1>
          {stores.recipes.length === 0 ? (
            <p className="my-2">{say.noRecipeOfYourOwn}</p>
          ) : (
            <ul className="divide-base-300 my-2 divide-y">
              {stores.recipes.map((r) => (
                <li key={r.id} className="flex flex-wrap items-center justify-between gap-2 py-2">
                  <span>
                    <b>{r.name}</b>
                    <span className="block text-sm">
                      {partsWords(r.parts, stores)}
                      {r.feedsMonths === null ? "" : say.feedsMonths(number(r.feedsMonths, 1))}
                      {r.note && `; ${r.note}`}
                    </span>
                  </span>
                  <button type="button" className="btn btn-sm min-h-11" onClick={() => setRecipe(r.id)}>
                    {common.change}
                  </button>
                </li>
              ))}
            </ul>
          )}
          <RecipeForm key={editing?.id ?? "new"} stores={stores} recipe={editing} onDone={() => setRecipe(null)} />
          <details className="mt-4">
            <summary className="min-h-11 cursor-pointer font-medium">{say.ordinaryMixesAlwaysAtHand}</summary>
            <ul className="text-sm">
              {READY_MIX_NAMES.map((name) => (
                <li key={name} className="py-1">
                  <b>{readyName(name)}</b>: {partsWords(READY_RECIPES[name], stores)}
                </li>
              ))}
            </ul>
          </details>
          <ReclaimedHeap stores={stores} mixes={mixes} />
        </section>
        <section aria-label={say.components} className="min-w-0">
          <h2 className="text-2xl">{say.components}</h2>
          <p className="my-1 text-sm">{say.typicalValuesToStartFrom(CONFIDENCE_WORDS.M, CONFIDENCE_WORDS.L)}</p>
          <ScrollBox label={say.componentLibrary}>
            <table className="table-xs table">
              <thead>
                <tr>
                  <th scope="col">{say.component}</th>
                  <th scope="col">{say.pores}</th>
                  <th scope="col">{say.grain}</th>
                  <th scope="col">{say.kgLDry}</th>
                  <th scope="col">{say.rotsAYear}</th>
                  <th scope="col">{say.toMind}</th>
                  <th scope="col">{say.sure}</th>
                  <th scope="col">
                    <span className="sr-only">{say.copyOrChange}</span>
                  </th>
                </tr>
              </thead>
              <tbody>
                {Object.entries(stores.library).map(([id, c]) => {
                  const own = !(id in COMPONENTS);
                  return (
                    <tr key={id}>
                      <th scope="row" className={own ? "font-semibold" : "font-normal"}>
                        {componentName(id, stores)}
                      </th>
                      <td>{percent(c.porosity)}</td>
                      <td className="whitespace-nowrap">{say.mm(number(c.particleMm, 1))}</td>
                      <td>{number(c.dryKgPerL, 2)}</td>
                      <td>{percent(c.volumeLossPerYear)}</td>
                      <td>{c.flags.map((f) => FLAG_WORDS[f].name).join(", ")}</td>
                      <td title={c.source}>{own ? `${c.confidence}, ${c.source || say.yourOwn}` : c.confidence}</td>
                      <td>
                        <button
                          type="button"
                          className="btn btn-xs min-h-9"
                          onClick={() => setComponent({ id: own ? id : null, from: id })}
                        >
                          {own ? common.change : say.copy}
                          <span className="sr-only"> {componentName(id, stores)}</span>
                        </button>
                      </td>
                    </tr>
                  );
                })}
              </tbody>
            </table>
          </ScrollBox>
          <ComponentForm
            key={component ? `${component.id ?? "copy"}-${component.from}` : "new"}
            stores={stores}
            id={component?.id ?? null}
            from={component?.from ?? null}
            onDone={() => setComponent(null)}
          />
        </section>
      </div>
    </div>
  );
}
