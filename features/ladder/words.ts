import type { LadderAction, School } from "@/core/ladder/index";

export const SCHOOL_WORDS: Record<School, { name: string; what: string }> = {
  "small-steps": { name: "Small steps", what: "a narrow ring all round, stay two to four years" },
  "long-jump": { name: "Long jump", what: "vigorous roots straight into many times the volume" },
  "hold-and-prune": { name: "Hold and prune", what: "final pot early, roots cut and returned" },
  "fewest-handlings": { name: "Fewest handlings", what: "lifted as seldom as safety allows" },
};

export const ACTION_WORDS: Record<LadderAction, { short: string; long: string }> = {
  stay: { short: "", long: "stay" },
  "replace-top": { short: "top", long: "renew the top of the mix" },
  "root-prune": { short: "prune", long: "root-prune and return" },
  "core-in-place": { short: "core", long: "core where it stands" },
  "up-pot": { short: "pot on", long: "pot on" },
  "plant-out": { short: "ground", long: "plant out" },
};
