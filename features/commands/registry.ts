import { undoEntry } from "../history/commands";
import { recordPotting } from "../potting/commands";
import { recordRoots } from "../roots/commands";
import { setUnitsCommand } from "../settings/commands";
import { createCollection } from "../setup/commands";
import { stockPots } from "../stores/commands";
import { addTree } from "../trees/commands";
import { importWeather } from "../weather/commands";
import type { Command } from "./define";

/** Every write the application knows, by name. */
export const COMMANDS: ReadonlyMap<string, Command> = new Map(
  [createCollection, addTree, stockPots, recordPotting, recordRoots, undoEntry, importWeather, setUnitsCommand].map(
    (c) => [c.name, c],
  ),
);
