"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/pots/offers";
import { useState } from "react";
import type { BagOffer } from "@/core/mix/index";
import { litres, readNumber } from "@/words/format";
import { money } from "@/ui/money";
import { Form, FormFaults, TextField } from "@/ui/fields";
import { useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";

/** Litres of a component that are there, and the bags it is sold in. Offers are kept; what is there is of the day. */
export function OfferEditor({
  component,
  name,
  offers,
  currency,
  stock,
  onStock,
}: {
  component: string;
  name: string;
  offers: readonly BagOffer[];
  currency: string;
  stock: string;
  onStock: (text: string) => void;
}) {
  const { collectionId, units } = useAsOf();
  const { send, busy, failure } = useCommand("set-offer");
  const [size, setSize] = useState("");
  const [price, setPrice] = useState("");
  const [problem, setProblem] = useState<Record<string, string>>({});
  const keep = (bags: BagOffer[]) => send({ collectionId, componentId: component, bags });
  const add = async () => {
    const [litresRead, priceRead] = [readNumber(size, "litres"), readNumber(price)];
    const wrong: Record<string, string> = {};
    if (!(litresRead >= 0.1)) wrong.size = say.litresInTheBag();
    if (!(priceRead >= 0)) wrong.price = say.whatABagCosts;
    setProblem(wrong);
    if (Object.keys(wrong).length > 0) return;
    const others = offers.filter((b) => b.litres !== litresRead);
    const done = await keep([...others, { litres: litresRead, price: priceRead }].sort((a, b) => a.litres - b.litres));
    if (!done) return;
    setSize("");
    setPrice("");
  };
  return (
    <Form label={say.bagsOf(name)} onSubmit={add}>
      <p className="text-lg font-semibold">{name}</p>
      <div className="flex flex-wrap items-end gap-2">
        <TextField
          className="w-28"
          label={say.thereAlready}
          numeric
          suffix={common.l}
          value={stock}
          onChange={onStock}
          fault={stock.trim() !== "" && !(readNumber(stock, "litres") >= 0) ? say.litresOrNothing() : undefined}
        />
        <TextField
          className="w-28"
          label={say.aBagHolds}
          numeric
          suffix={common.l}
          value={size}
          onChange={setSize}
          fault={problem.size}
        />
        <TextField
          className="w-24"
          label={say.andCosts}
          numeric
          value={price}
          onChange={setPrice}
          fault={problem.price}
        />
        <button type="submit" className="btn min-h-11" disabled={busy}>
          {say.addBag}
          <span className="sr-only">{common.ofLabel(name)}</span>
        </button>
      </div>
      {offers.length > 0 && (
        <ul className="mt-1 flex flex-wrap gap-2">
          {offers.map((b) => (
            <li key={b.litres}>
              <button
                type="button"
                className="btn btn-sm min-h-11"
                disabled={busy}
                onClick={() => void keep(offers.filter((o) => o !== b))}
                aria-label={say.takeTheBagOfOff(litres(b.litres, units))}
              >
                {say.at(litres(b.litres, units), money(b.price, currency))}
              </button>
            </li>
          ))}
        </ul>
      )}
      <FormFaults faults={failure?.faults ?? []} />
    </Form>
  );
}
