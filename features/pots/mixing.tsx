"use client";

import { type RecipeOption, BatchLine, DryMass } from "./batch-line";
import { InStore } from "./in-store";
import * as common from "@/words/pages/common";
import * as say from "@/words/pages/pots/mixing";
import { pageAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { useState } from "react";
import { planBatch, shoppingFor, wantedTogether } from "@/core/mix/index";
import type { MixStores } from "@/core/records/index";
import { day, litres, number, readNumber } from "@/words/format";
import { Caution, SelectField, TextField } from "@/ui/fields";
import { useAsOf } from "@/features/kernel/as-of";
import { componentName } from "@/words/mixes";
import { type PotToBuy, ShoppingList } from "./shopping-list";
import { PotsNav } from "./pots-nav";
import { useFollowDay } from "@/features/kernel/follow-day";
import { PAGE_WORDS } from "@/words/rooms";

/** Mix a tree takes that is due and can move today. */
export interface Need {
  id: string;
  tag: string;
  pot: string;
  plants: number;
  settledL: number;
  /** Its pot is not in store and must be bought. */
  toBuy: { lotId: string; price: number | null } | null;
  /** Whether its window is open, and when it opens again where that is known. */
  open: boolean;
  opens: string | null;
}

/** From the trees of the day to litres of each component, bags, mass and a shopping list. */
export function Mixing({
  asOf,
  needs,
  stores,
  recipes,
  usual,
  currency,
}: {
  /** The day the needs were worked out for. */
  asOf: string;
  needs: Need[];
  stores: MixStores;
  recipes: RecipeOption[];
  /** The recipe to start with. */
  usual: string;
  currency: string;
}) {
  const { collectionId } = useAsOf();
  useFollowDay(asOf);
  const [chosen, setChosen] = useState(() => needs.filter((n) => n.open && n.toBuy === null).map((n) => n.id));
  const [extra, setExtra] = useState("");
  const [recipe, setRecipe] = useState(usual);
  /** Trees that take another mix than the rest. */
  const [others, setOthers] = useState<Record<string, string>>({});
  const [inStock, setInStock] = useState<Record<string, string>>({});

  const more = extra.trim() === "" ? 0 : readNumber(extra, "litres");
  const wanted = needs.filter((n) => chosen.includes(n.id));
  const batches = recipes.flatMap((r) => {
    const trees = wanted.filter((n) => (others[n.id] ?? recipe) === r.key);
    const settledL = trees.reduce((sum, n) => sum + n.settledL, 0) + (r.key === recipe && more > 0 ? more : 0);
    return settledL > 0
      ? [{ ...r, trees, settledL, batch: planBatch({ settledL, recipe: r.parts, library: stores.library }) }]
      : [];
  });
  const together = wantedTogether(batches.map((b) => b.batch));
  const stock = Object.fromEntries(
    Object.keys(together).flatMap((id) => {
      const read = readNumber(inStock[id] ?? "", "litres");
      return read > 0 ? [[id, read] as const] : [];
    }),
  );
  const shopping = shoppingFor(together, stock, stores.offers);
  const pots = potsToBuy(wanted);

  return (
    <div>
      <PotsNav at="pots/mixing" />
      <div className="grid gap-8 lg:grid-cols-2">
        <section aria-label={say.whatIsWanted} className="no-print min-w-0">
          <h1 className="text-2xl">{PAGE_WORDS["pots/mixing"]}</h1>
          <SelectField
            className="mt-2 max-w-96"
            label={say.recipe}
            value={recipe}
            onChange={setRecipe}
            options={recipes.map((r) => [r.key, r.name] as const)}
            hint={
              <Link className="link" href={pageAt(collectionId, "pots/library")}>
                {say.writeAnotherRecipe}
              </Link>
            }
          />
          <Trees
            asOf={asOf}
            needs={needs}
            chosen={chosen}
            setChosen={setChosen}
            recipes={recipes}
            recipe={recipe}
            others={others}
            setOthers={setOthers}
          />
          <TextField
            className="max-w-64"
            label={say.andBesidesSettledInThe}
            numeric
            suffix={common.l}
            value={extra}
            onChange={setExtra}
            fault={extra.trim() !== "" && !(more >= 0) ? say.aNumberOfLitresOr() : undefined}
          />
          {shopping.lines.length > 0 && (
            <InStore
              shopping={shopping}
              stores={stores}
              currency={currency}
              inStock={inStock}
              setInStock={setInStock}
            />
          )}
        </section>
        <section aria-label={say.whatItTakes} aria-live="polite" className="min-w-0">
          <h2 className="text-xl">{say.whatItTakes}</h2>
          {batches.length === 0 ? (
            <p className="my-2">{say.chooseTreesOrSayHow}</p>
          ) : (
            <>
              {batches.map((b) => (
                <BatchLine key={b.key} batch={b} nameOf={(id) => componentName(id, stores)} />
              ))}
              <ShoppingList
                asOf={asOf}
                shopping={shopping}
                offers={stores.offers}
                pots={pots}
                nameOf={(id) => componentName(id, stores)}
                currency={currency}
              />
              <DryMass batches={batches} />
              <Caution className="mt-4">
                <p>{say.openBagsAwayFromThe()}</p>
              </Caution>
            </>
          )}
        </section>
      </div>
    </div>
  );
}

/** Pots of one kind are bought together. */
function potsToBuy(needs: Need[]): PotToBuy[] {
  const lots = new Map<string, PotToBuy>();
  for (const n of needs) {
    if (!n.toBuy) continue;
    const known = lots.get(n.toBuy.lotId);
    if (known) known.count += n.plants;
    else lots.set(n.toBuy.lotId, { lotId: n.toBuy.lotId, name: n.pot, count: n.plants, price: n.toBuy.price });
  }
  return [...lots.values()];
}

function Trees({
  asOf,
  needs,
  chosen,
  setChosen,
  recipes,
  recipe,
  others,
  setOthers,
}: {
  asOf: string;
  needs: Need[];
  chosen: string[];
  setChosen: (ids: string[]) => void;
  recipes: RecipeOption[];
  recipe: string;
  others: Record<string, string>;
  setOthers: (others: Record<string, string>) => void;
}) {
  const { units, today } = useAsOf();
  if (needs.length === 0) return <p className="my-3">{say.noTreeIsDueOn}</p>;
  return (
    <fieldset className="my-3">
      <legend className="font-medium">
        {say.treesThatAreDueInto(asOf === today ? say.today : common.on(day(asOf, today)))}
      </legend>
      <div className="flex flex-wrap gap-2 py-1">
        <button type="button" className="btn btn-sm min-h-11" onClick={() => setChosen(needs.map((n) => n.id))}>
          {say.allOfThem}
        </button>
        <button type="button" className="btn btn-sm min-h-11" onClick={() => setChosen([])}>
          {say.none}
        </button>
      </div>
      <ul className="max-h-96 overflow-y-auto">
        {needs.map((n) => (
          <li key={n.id} className="flex flex-wrap items-center justify-between gap-x-3 py-1">
            <label className="flex min-h-11 cursor-pointer items-center gap-3">
              <input
                type="checkbox"
                className="checkbox"
                checked={chosen.includes(n.id)}
                onChange={(e) => setChosen(e.target.checked ? [...chosen, n.id] : chosen.filter((id) => id !== n.id))}
              />
              <span>
                <b>{n.tag}</b>
                {n.plants > 1 && ` × ${number(n.plants)}`}
                {say.intoNewMix(n.pot, litres(n.settledL, units))}
                {!n.open && (
                  <span className="text-sm">{say.window(n.opens ? say.opens(day(n.opens, asOf)) : say.closed)}</span>
                )}
                {n.toBuy && <span className="text-warning font-semibold">{say.potToBeBought}</span>}
              </span>
            </label>
            {chosen.includes(n.id) && (
              <select
                aria-label={say.mixFor(n.tag)}
                className="select select-sm min-h-11 max-w-48"
                value={others[n.id] ?? recipe}
                onChange={(e) => setOthers({ ...others, [n.id]: e.target.value })}
              >
                {recipes.map((r) => (
                  <option key={r.key} value={r.key}>
                    {r.name}
                  </option>
                ))}
              </select>
            )}
          </li>
        ))}
      </ul>
    </fieldset>
  );
}
