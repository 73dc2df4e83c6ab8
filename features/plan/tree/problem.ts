import "server-only";
import { createHash } from "node:crypto";
import type { LadderProblem } from "@/core/ladder/index";
import { MODEL_VERSION } from "@/model/index";

/** Names everything a plan was worked out on. */
export function digestOf(problem: LadderProblem): string {
  return createHash("sha256").update(MODEL_VERSION).update(JSON.stringify(problem)).digest("hex").slice(0, 32);
}
