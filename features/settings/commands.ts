import { z } from "zod";
import { SETTINGS } from "@/core/event/index";
import { setUnits } from "@/data/collections";
import { command, envelope } from "../commands/define";

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
