import { SETTINGS } from "@/core/event/index";
import { setCurrency, setUnits } from "@/data/collections";
import { command } from "@/features/kernel/define";

/** Measures are stored metric; this only changes how they are shown. */
export const setUnitsCommand = command("set-units", {
  subjects: () => [SETTINGS],
  run: async (context, { units }) => {
    await setUnits(context.db, context.scope, units);
    context.note(units === "us" ? "Shown in US units" : "Shown in metric units");
    return { units };
  },
});

/** What prices are in. Figures stay as they were typed: nothing is converted. */
export const setCurrencyCommand = command("set-currency", {
  subjects: () => [SETTINGS],
  run: async (context, { currency }) => {
    await setCurrency(context.db, context.scope, currency);
    context.note(`Prices in ${currency}`);
    return { currency };
  },
});
