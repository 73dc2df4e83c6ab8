import { SETTINGS } from "@/core/event/index";
import { describeCollection, setCurrency, setUnits } from "@/data/collections";
import { command, refuse } from "@/features/kernel/define";
import { percent } from "@/words/format";

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

/** What the collection is called, and which chance of a loss its keeper takes: every window and winter follows it. */
export const describeCollectionCommand = command("describe-collection", {
  subjects: () => [SETTINGS],
  run: async (context, v) => {
    const { name, risk } = context.collection;
    if (name === v.name && risk === v.risk) refuse("name", "nothing-changed");
    await describeCollection(context.db, context.scope, v);
    context.note(`Collection: ${v.name}${risk === v.risk ? "" : `, chance of a loss ${percent(v.risk)}`}`);
    return { name: v.name };
  },
});
