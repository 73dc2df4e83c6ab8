import type { Genus } from "../fields";
import { genus } from "./make";

// prettier-ignore
export const STONE: Genus[] = [
  genus("Prunus", "cherry; plum; peach; nectarine; apricot; almond; flowering cherry; cherry laurel; Portugal laurel; sloe", "Rosaceae", "apple-like", "B", true, "Kernels and wilted leaves give off prussic acid. Crown −40 (nigra, padus) to −18 (almond); evergreen laurels −18, roots −5/−9. Chill 15–35 almond, 45–75 cherry. Peach, sour cherry, most apricots self. Crown cuts in dry early summer. Plum pox and silver leaf.", { group: "stone", leaf: "deciduous", vigour: ["moderate", "vigorous"], spread: "even", roots: "fibrous", tolerance: "normal", rootShare: 0.35, rootGrowthBaseC: 7, ph: [6, 7.2], lime: "tolerates", phosphate: "usual", salt: "sensitive", water: "even", winterLight: "dark", winterC: [-5, 5], chillPortions: [40, 70], crownC: -26, leafC: null, rootKillYoungC: -8, rootKillMatureC: -10, springRootZoneC: 5, rootWork: ["late-dormant", "swell"], traits: ["stone-fruit", "grafted"], hazards: ["seeds-poisonous", "poisonous", "poisonous-to-animals"], health: ["stone-fruit-rules", "canker", "xylella-rules", "peach-curl"], pollination: "partner" }),
];
