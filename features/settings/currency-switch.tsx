"use client";

import * as say from "@/words/pages/settings";
import type { Currency } from "@/contract/currency";
import { SelectField } from "@/ui/fields";
import { useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { currencyOptions } from "./currency";

/** What prices are in; figures stay as they were typed. */
export function CurrencySwitch() {
  const { collectionId, currency } = useAsOf();
  const { tell } = useNotice();
  const { send, at, failure } = useCommand("set-currency");
  const change = async (next: Currency) => {
    const done = await send({ collectionId, currency: next });
    if (done) tell({ text: say.pricesAreInNowNothing(next), entryId: null });
  };
  return (
    <SelectField
      className="max-w-80"
      label={say.currencyOfPrices}
      value={currency}
      onChange={(next) => void change(next as Currency)}
      options={currencyOptions()}
      fault={at("currency") ?? failure?.faults[0]?.message}
      hint={say.figuresStayAsTheyWere}
    />
  );
}
