"use client";

import { SelectField } from "@/ui/fields";
import { useCommand } from "../commands/use-command";
import { useAsOf } from "../shell/as-of";
import { useNotice } from "../shell/notice";
import { currencyOptions } from "./currency";

/** What prices are in; figures stay as they were typed. */
export function CurrencySwitch() {
  const { collectionId, currency } = useAsOf();
  const { tell } = useNotice();
  const { send, at } = useCommand("set-currency");
  const change = async (next: string) => {
    const done = await send({ collectionId, currency: next });
    if (done) tell({ text: `Prices are in ${next} now; nothing was converted.`, entryId: null });
  };
  return (
    <SelectField
      className="max-w-80"
      label="Currency of prices"
      value={currency}
      onChange={(next) => void change(next)}
      options={currencyOptions()}
      fault={at("currency") ?? at("")}
      hint="Figures stay as they were typed: nothing is converted."
    />
  );
}
