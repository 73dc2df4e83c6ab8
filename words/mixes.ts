import { spelt } from "./english";
import type { ComponentFlag, ComponentName, PRODUCT_KINDS, ReadyMixName, STRUCTURES } from "@/core/mix/index";
import type { MixChoice, MixStores } from "@/core/records/index";
import type { SoakVerdict } from "@/core/vessel/index";
import { number } from "./format";
import { MIX_WORDS } from "./terms";

/** Words about mixes and what goes into them. */
export const COMPONENT_WORDS: Record<ComponentName, string> = {
  "bark-fine": "fine bark",
  "bark-coarse": "coarse bark",
  peat: "peat",
  coir: "coir",
  compost: "compost",
  loam: "loam",
  grit: "grit, 2–6 mm, lime-free",
  sand: "sharp sand",
  perlite: "perlite",
  pumice: "pumice",
  get "leaf-mould"() {
    return spelt("leaf mould");
  },
  "wood-fibre": "wood fibre",
  "worm-casts": "worm casts",
  "green-waste": "composted green waste",
  vermiculite: "vermiculite",
  "expanded-clay": "expanded clay",
  lava: "crushed lava",
  biochar: "biochar",
  "rice-hulls": "rice hulls",
  "lime-grit": "limestone grit",
  "mushroom-compost": "mushroom compost",
};

export function componentName(id: string, stores: MixStores): string {
  const own = stores.components.find((c) => c.id === id);
  return own?.own.name ?? COMPONENT_WORDS[id as ComponentName] ?? "a component no longer on record";
}

export function mixName(choice: Pick<MixChoice, "ready" | "name">): string {
  return choice.ready === null ? choice.name : MIX_WORDS[choice.ready];
}

export function readyName(name: ReadyMixName): string {
  return MIX_WORDS[name];
}

export const FLAG_WORDS: Record<ComponentFlag, { name: string; what: string }> = {
  lime: { name: "lime", what: "raises pH: not for lime-haters" },
  phosphate: { name: "phosphate", what: "rich in phosphate: not for proteas and their kin" },
  salt: { name: "salt", what: "may carry salt: rinse or test it, spare touchy roots" },
  weeds: { name: "weed seed", what: "may bring weeds" },
  dust: { name: "dust", what: "dusty when dry: mask, and damp it down" },
  germs: {
    name: "germs",
    get what() {
      return spelt("may carry germs and moulds: open away from the face, damp it, wash hands");
    },
  },
};

export const PRODUCT_WORDS: Record<(typeof PRODUCT_KINDS)[number], string> = {
  feed: "feed",
  disinfectant: "disinfectant",
  wetting: "wetting agent",
  other: "something else",
};

export const STRUCTURE_WORDS: Record<(typeof STRUCTURES)[number], string> = {
  open: "open, still springy",
  slumped: "slumped",
  sandy: "sandy and spent",
};

export const CONFIDENCE_WORDS = {
  H: "published or derived",
  M: "typical range, remembered",
  get L() {
    return spelt("our judgement");
  },
} as const;

export const SOAK_WORDS: Record<SoakVerdict, string> = {
  sump: "The hole is a sump: gravel round the pot would only collect water. Raise the pot, or dig an outlet to lower ground.",
  slow: "Slow ground: the bed keeps the pot out of a wet day’s water, but not out of a wet week’s. An outlet is better.",
  free: "Free-draining ground: the gravel bed has somewhere to empty to.",
};

/** "2 coarse bark : 1 compost". */
export function partsWords(parts: Readonly<Record<string, number>>, stores: MixStores): string {
  return Object.entries(parts)
    .filter(([, v]) => v > 0)
    .map(([id, v]) => `${number(v, 2)} ${componentName(id, stores)}`)
    .join(" : ");
}
