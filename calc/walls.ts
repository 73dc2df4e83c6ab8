import { z } from "zod";
import { type Wall, WALLS } from "@/core/vessel/index";

/** A wall by its published name; `timber` is the same as `timber-lined`. */
export const wallName = z
  .enum([...WALLS, "timber"])
  .transform((name): Wall => (name === "timber" ? "timber-lined" : name));
