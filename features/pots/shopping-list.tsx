"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/pots/shopping-list";
import type { BagOffer, Shopping } from "@/core/mix/index";
import { csvLine } from "@/formats/csv-line";
import { day, litres, number } from "@/words/format";
import { money } from "@/ui/money";
import { useAsOf } from "@/features/kernel/as-of";

export interface PotToBuy {
  lotId: string;
  name: string;
  count: number;
  price: number | null;
}

interface Row {
  what: string;
  wanted: string;
  buy: string;
  cost: number | null;
}

/** What to buy, as a list that prints on one sheet and goes out as a file. */
export function ShoppingList({
  asOf,
  shopping,
  offers,
  pots,
  nameOf,
  currency,
}: {
  /** The day the trees are to be potted on. */
  asOf: string;
  shopping: Shopping;
  offers: Readonly<Record<string, readonly BagOffer[]>>;
  pots: PotToBuy[];
  nameOf: (component: string) => string;
  currency: string;
}) {
  const { units, today } = useAsOf();
  const rows: Row[] = [
    ...shopping.lines.map((l): Row => {
      const toBuy = l.litres - l.fromStockL;
      const bags = (l.bags?.counts ?? []).flatMap((n, i) =>
        n === 0 ? [] : [`${number(n)} × ${litres(offers[l.component][i].litres, units)}`],
      );
      const there = l.fromStockL > 0 ? say.areThere(litres(l.fromStockL, units)) : "";
      return {
        what: nameOf(l.component),
        wanted: `${litres(l.litres, units)}${there}`,
        buy:
          l.bags === null
            ? say.noBagOnOfferYet(litres(toBuy, units))
            : bags.length === 0
              ? "nothing"
              : say.leftOver(bags.join(" + "), litres(Math.max(0, l.bags.leftoverL), units)),
        cost: l.bags?.cost ?? null,
      };
    }),
    ...pots.map((p): Row => ({
      what: p.name,
      wanted: `${number(p.count)} ${p.count === 1 ? "pot" : "pots"}`,
      buy: `${number(p.count)} ×`,
      cost: p.price === null ? null : p.price * p.count,
    })),
  ];
  const total = rows.every((r) => r.cost !== null) ? rows.reduce((sum, r) => sum + r.cost!, 0) : null;
  const save = () => {
    const lines = [
      ["item", "wanted", "buy", say.costIn(currency)],
      ...rows.map((r) => [r.what, r.wanted, r.buy, r.cost]),
    ];
    const url = URL.createObjectURL(new Blob([lines.map(csvLine).join("")], { type: "text/csv" }));
    const link = document.createElement("a");
    link.href = url;
    link.download = `shopping-${asOf}.csv`;
    link.click();
    URL.revokeObjectURL(url);
  };
  return (
    <section aria-label={say.shoppingList} className="print-sheet mt-4">
      <h3 className="text-lg">{say.shoppingList}</h3>
      <p className="print-only text-sm">{say.asOf(day(asOf), asOf === today ? "" : say.written(day(today)))}</p>
      <table className="table-sm table">
        <thead>
          <tr>
            <th scope="col">{say.item}</th>
            <th scope="col">{say.wanted}</th>
            <th scope="col">{say.buy}</th>
            <th scope="col" className="text-right">
              {say.cost}
            </th>
          </tr>
        </thead>
        <tbody data-testid="shopping">
          {rows.map((r) => (
            <tr key={r.what}>
              <th scope="row" className="font-semibold">
                {r.what}
              </th>
              <td>{r.wanted}</td>
              <td>{r.buy}</td>
              <td className="text-right whitespace-nowrap">{r.cost === null ? "?" : money(r.cost, currency)}</td>
            </tr>
          ))}
        </tbody>
        <tfoot>
          <tr>
            <th scope="row" colSpan={3}>
              {total === null ? say.inAllAsFarAs : say.inAll}
            </th>
            <td className="text-right font-semibold">
              {money(
                rows.reduce((sum, r) => sum + (r.cost ?? 0), 0),
                currency,
              )}
            </td>
          </tr>
        </tfoot>
      </table>
      <div className="no-print mt-2 flex flex-wrap gap-3">
        <button type="button" className="btn min-h-11" onClick={() => window.print()}>
          {common.print}
        </button>
        <button type="button" className="btn min-h-11" onClick={save}>
          {say.saveAsAFile}
        </button>
      </div>
    </section>
  );
}
