import { z } from "zod";
import { SETTINGS } from "@/core/event/index";
import { setCurrency, setUnits } from "@/data/collections";
import { command, envelope } from "../commands/define";
import { currencySchema } from "./currency";

/** Measures are stored metric; this only changes how they are shown. */
export const setUnitsCommand = command({
  name: "set-units",
  input: envelope.extend({ units: z.enum(["metric", "us"]) }),
  subjects: () => [SETTINGS],
  run: async (context, { units }) => {
    await setUnits(context.db, context.scope, units);
    context.note(units === "us" ? "Shown in US units" : "Shown in metric units");
    return { units };
  },
});

/** What prices are in. Figures stay as they were typed: nothing is converted. */
export const setCurrencyCommand = command({
  name: "set-currency",
  input: envelope.extend({ currency: currencySchema }),
  subjects: () => [SETTINGS],
  run: async (context, { currency }) => {
    await setCurrency(context.db, context.scope, currency);
    context.note(`Prices in ${currency}`);
    return { currency };
  },
});
