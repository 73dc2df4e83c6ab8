import { spelt } from "./english";
import type { RuleId } from "@/core/rules/index";

/** The rules an expert applies, each by its name. */
export const RULE_WORDS: Record<RuleId, { name: string; text: string }> = {
  "sour-not-bound": {
    name: "Sour is not bound",
    text: "Fewer than half of the roots alive, or mushy: cut to live tissue and pot down to at most 1.2 times the live ball. Never up.",
  },
  "root-colour": {
    get name() {
      return spelt("Colour is by species");
    },
    text: "Black is healthy in persimmon, yellow to orange in mulberry, tan in citrus. Judge by snap, and by bark that slips.",
  },
  grafted: {
    name: "Grafted",
    text: "Roots are the stock’s, the crown the scion’s. The union stays 50 mm clear of the mix; scion roots are cut at the next rest, suckers pulled; very dwarfing stocks are always staked.",
  },
  "broadleaf-evergreen": {
    name: "Broadleaf evergreens",
    text: "After the damaging frost, before the flush or between flushes, in a warm root zone; stop nine weeks before it cools; at most a quarter of the roots.",
  },
  conifer: {
    name: "Conifers",
    text: "Never washed bare, half of the old mix stays, one half a session, years apart. Damage shows after months: hold the verdict.",
  },
  palm: {
    name: "Palms",
    text: "Whole ball, same depth, in a well warmed root zone: cut roots often die back to the trunk.",
  },
  "tap-seedling": {
    name: "Tap-rooted seedlings",
    text: "First move at a radicle of 20–50 mm or within six weeks, into a pot half as deep again as wide. Hooked roots are culled.",
  },
  "bare-root": {
    name: "Bare-root",
    text: "Roots dry in minutes. Rejected if a third snap dry; soaked one to four hours; no nitrogen before 100 mm of growth.",
  },
  "air-layer": {
    name: "Air layers",
    text: "Severed when second roots have browned, nine weeks before the cold; the moss stays.",
  },
  miniature: {
    name: "Trained small",
    text: "A third of the ball at most, robust leafy species half; conifers never crown and roots at once.",
  },
  mycorrhizal: {
    name: "Lives with fungi",
    text: "A fifth of healthy old mix stays, no washing, little phosphate, no fungicide drench. A white mantle is not rot.",
  },
  "protea-kin": {
    name: "Protea kin",
    text: "Whole ball, steps of two times at most, hardly any phosphate, no saucer.",
  },
  "autumn-averse": {
    name: "Resents autumn",
    text: "More than a tenth of the roots at bud swell only; slipped up whole until eight weeks before the cold.",
  },
  bleeder: {
    name: "Bleeders and stone fruit",
    text: "Bleeders: no cut above 10 mm from eight weeks before bud break to full leaf. Stone fruit: cut in dry early summer.",
  },
  "fleshy-rooted": { name: "Fleshy roots", text: "Bud swell only, clean cuts, no raking; drier for three weeks." },
  succulent: { name: "Succulents", text: "No water for ten days after its roots were handled: wounds dry first." },
  vine: { name: "Vines", text: "The support goes in before filling. Tender vines whole and warm." },
  legume: { name: "Legumes moved whole", text: "Nothing is taken off the ball." },
  texture: { name: "Texture", text: "New mix not more than twice as coarse as the ball." },
  pests: { name: "Pests at knock-out", text: "Grubs, root aphids, galls: quarantine, mix discarded, pot disinfected." },
  tipping: { name: "Tipping", text: "Tied when a gust may overturn it; on roofs always." },
};
