import { HALF_ROOTED, LEAST_RATIO } from "../ladder/index";
import {
  COMPONENTS,
  DEFAULT_DRY_KG_PER_L,
  LEAST_AIR,
  PACKING_REACHED,
  READY_MIXES,
  SETTLE_FRACTION,
  TEXTURE_JUMP,
  TRIGGER_SUCTION_CM,
  WASTE,
  WORN_OUT_AIR,
  WORN_OUT_LOSS,
} from "../mix/index";
import {
  CIRCLING_FROM,
  CIRCLING_PACE,
  CORRECTIONS,
  CROSSING_DEGREE_DAYS,
  DUE_CIRCLING,
  DUE_FILL,
  SHELL_DENSITY,
  VIGOUR_PER_DEGREE_DAY,
} from "../roots/index";
import {
  BARE_ROOT_MOST_WIDTH,
  LEAST_BASE_MM,
  LEAST_GAP_MM,
  MOST_TRIM_SHARE,
  RIM_BELOW_MM,
  UNION_CLEAR_MM,
  WORKABLE_GAP_MM,
} from "../setting/index";
import {
  DROOPING_SUCTION_CM,
  TREE_SHARE,
  LIFT_FROM_FLOOR_KG,
  MACHINE_LIMIT_KG,
  PAIR_LIMIT_KG,
  SOLO_LIMIT_KG,
  VOLUNTEER_LIMIT_KG,
} from "../mass/index";
import { STEPS_SHARE, TEAM_SHARE } from "../people/index";
import {
  ABOUT_SPREAD,
  type Confidence,
  CONTAINER_CLASSES,
  DENSITY_KG_PER_L,
  DEPTH_SD_MM,
  DRAIN_GOOD_SHARE,
  DRAIN_LEAST_HOLES,
  DRAIN_LEAST_SHARE,
  FABRIC_STRETCH,
  FLOOR_GAP_MM,
  FREEBOARD_RULE,
  GRAVEL_KG_PER_L,
  HEIGHT_SD_MM,
  LININGS,
  LINER_OVERLAP_MM,
  LITRE_LABEL,
  LITRES_PER_IMPERIAL_PINT,
  MIX_SHARE_OF_BRIM,
  MOIST_SOIL_KG_PER_L,
  nominalVolume,
  SLOW_MM_PER_H,
  SOIL_SWELL,
  SUMP_MM_PER_H,
  USUAL_TAPER,
  WALL,
  WIDTH_SD_MM,
} from "../vessel/index";
import {
  AIR_DENSITY_KG_PER_M3,
  DRAG_BARE,
  DRAG_IN_LEAF,
  GRAVITY_M_PER_S2,
  TIE_AT_SHARE,
  TIE_BRITTLE_AT_SHARE,
} from "../wind/index";

/** One number the arithmetic stands on, as it is used, with where it comes from. */
export interface Figure {
  /** Key of what it is about where words exist for it elsewhere, or plain words. */
  what: string;
  /** The value or values, in the order the unit names them. */
  values: readonly number[];
  unit: string;
  source: string;
  confidence: Confidence;
}

export const FIGURE_GROUPS = [
  "trade-sizes",
  "geometry",
  "materials",
  "components",
  "ready-mixes",
  "mixing",
  "setting",
  "big",
  "wind",
  "lifting",
  "roots",
] as const;
export type FigureGroup = (typeof FIGURE_GROUPS)[number];

const OURS = "our judgement";
const GUIDANCE = "general manual-handling guidance, remembered; your local rules come first";
const figure = (
  what: string,
  values: number | readonly number[],
  unit: string,
  source: string,
  confidence: Confidence,
): Figure => ({
  what,
  values: typeof values === "number" ? [values] : values,
  unit,
  source,
  confidence,
});
/** Materials whose density is a standard one. */
const PUBLISHED_DENSITY = new Set(["polypropylene", "hdpe", "ldpe", "concrete", "steel", "aluminium"]);
const entries = <T>(table: Readonly<Record<string, T>>) => Object.entries(table);

/** Every figure behind Stores and the bench, read from the very constants the calculations use. */
export const FIGURES: Record<FigureGroup, Figure[]> = {
  "trade-sizes": [
    ...CONTAINER_CLASSES.map((size) => {
      const n = nominalVolume("container-class", size)!;
      return figure(
        `container class ${size}`,
        [n.lowL, n.typicalL, n.highL],
        "L: least, usual, most",
        n.source,
        n.confidence,
      );
    }),
    figure(
      "imperial pint of a planter bag",
      LITRES_PER_IMPERIAL_PINT,
      "L at the brim",
      "defined; that the label means the brim is our reading",
      "M",
    ),
    figure(
      "litres on a label",
      [LITRE_LABEL.low, LITRE_LABEL.typical, LITRE_LABEL.high],
      "of the label at the brim: least, usual, most",
      OURS,
      "L",
    ),
    figure(
      "mix at the fill line",
      [MIX_SHARE_OF_BRIM.low, MIX_SHARE_OF_BRIM.typical, MIX_SHARE_OF_BRIM.high],
      "of the brim: least, usual, most",
      OURS,
      "L",
    ),
    figure("“about so many litres”", ABOUT_SPREAD, "spread to each side (80 % band)", OURS, "L"),
  ],
  geometry: [
    figure("stretch of a filled fabric pot", FABRIC_STRETCH, "of the width", OURS, "L"),
    figure("leaching share of a watering", FREEBOARD_RULE.leaching, "", "usual horticultural practice", "M"),
    figure("soaks in while it is poured", FREEBOARD_RULE.soaksIn, "", OURS, "L"),
    figure("a tape round a pot misses by", [WIDTH_SD_MM, HEIGHT_SD_MM], "mm: width, height (sd)", OURS, "L"),
    figure("a finger down to the mix misses by", DEPTH_SD_MM, "mm (sd)", OURS, "L"),
    figure("foot against rim, where nobody measured the foot", USUAL_TAPER, "", OURS, "L"),
    ...entries(WALL).map(([wall, { usualMm }]) =>
      figure(`wall:${wall}`, usualMm, "mm at 30 cm width, where nobody measured it", OURS, "L"),
    ),
  ],
  materials: entries(DENSITY_KG_PER_L).map(([material, density]) =>
    figure(
      `material:${material}`,
      density,
      "kg/L",
      PUBLISHED_DENSITY.has(material) ? "standard density of the material" : "typical range, remembered",
      PUBLISHED_DENSITY.has(material) ? "H" : "M",
    ),
  ),
  components: entries(COMPONENTS).map(([name, c]) =>
    figure(
      `component:${name}`,
      [c.porosity, c.gaps, c.particleMm, c.dryKgPerL, c.alphaPerCm, c.n, c.thetaR],
      "pores, gaps, grain mm, kg/L dry, α 1/cm, n, θr",
      c.source,
      c.confidence,
    ),
  ),
  "ready-mixes": entries(READY_MIXES).map(([name, m]) =>
    figure(
      `mix:${name}`,
      [m.thetaR, m.thetaS, m.alphaPerCm, m.n, m.dryKgPerL, m.volumeLossPerYear, m.alphaGainPerYear],
      "θr, θs, α 1/cm, n, kg/L dry, loss a year, finer a year",
      "curves fitted to published ranges (Bilderback & Fonteno 1987; Fonteno 1989); ageing our judgement",
      "M",
    ),
  ),
  mixing: [
    figure(
      "of the ideal packing a shovel reaches",
      PACKING_REACHED,
      "",
      "method: Westman & Hugill 1930; Yu & Standish 1991; the share is our judgement",
      "L",
    ),
    figure("fresh fill settles by", SETTLE_FRACTION, "", OURS, "L"),
    figure("measured out for one part used", WASTE, "", OURS, "L"),
    figure(
      "suction at which watering is due",
      TRIGGER_SUCTION_CM,
      "cm",
      "end of the easily available water, usual in container media (de Boodt & Verdonck 1972)",
      "M",
    ),
    figure("suction at which leaves droop", DROOPING_SUCTION_CM, "cm", OURS, "L"),
    figure("sodden below this share of air", LEAST_AIR, "", "guide values for container mixes, remembered", "M"),
    figure("worn out at a loss of volume of", WORN_OUT_LOSS, "", OURS, "L"),
    figure("worn out at less air in 20 cm than", WORN_OUT_AIR, "", OURS, "L"),
    figure(
      "a jump of texture from",
      TEXTURE_JUMP,
      "times coarser or finer",
      "growers’ rule; direction after Costello & Paul 1975",
      "L",
    ),
    figure("a mix nobody weighed", DEFAULT_DRY_KG_PER_L, "kg/L dry", OURS, "L"),
  ],
  setting: [
    figure("gap to work mix in by hand", WORKABLE_GAP_MM, "mm", OURS, "L"),
    figure("least gap", LEAST_GAP_MM, "mm", OURS, "L"),
    figure("least mix under a ball", LEAST_BASE_MM, "mm", OURS, "L"),
    figure("graft union clear of the mix", UNION_CLEAR_MM, "mm", "growers’ rule", "L"),
    figure("most of a ball’s height cut from its base", MOST_TRIM_SHARE, "", OURS, "L"),
    figure("rim of a pot planted whole, under the surface", RIM_BELOW_MM, "mm", OURS, "L"),
    figure("pot for bare roots, at most", BARE_ROOT_MOST_WIDTH, "times their spread", "growers’ rule", "L"),
    figure("least step worth the handling", LEAST_RATIO, "times the mix", OURS, "L"),
    figure("a big step must be rooted by the season’s end to", HALF_ROOTED, "", OURS, "L"),
  ],
  big: [
    figure("open area of drain holes", [DRAIN_LEAST_SHARE, DRAIN_GOOD_SHARE], "of the base: least, good", OURS, "L"),
    figure("drain holes, never fewer than", DRAIN_LEAST_HOLES, "", OURS, "L"),
    figure("liner turned over and lapped", LINER_OVERLAP_MM, "mm", OURS, "L"),
    ...entries(LININGS).map(([name, l]) =>
      figure(`lining, ${name}`, [l.thickMm, l.resistance], "mm thick, R in m²K/W", "typical figures, remembered", "M"),
    ),
    figure("gap between floor boards", FLOOR_GAP_MM, "mm", OURS, "L"),
    figure("gravel", GRAVEL_KG_PER_L, "kg/L", "typical figure", "M"),
    figure("moist soil", MOIST_SOIL_KG_PER_L, "kg/L", "typical figure", "M"),
    figure("dug soil takes up", SOIL_SWELL, "times its place", OURS, "L"),
    figure(
      "water falls in a tight hole",
      [SUMP_MM_PER_H, SLOW_MM_PER_H],
      "mm/h: a sump below, slow below",
      "extension rule of thumb, remembered",
      "L",
    ),
  ],
  wind: [
    figure("air", AIR_DENSITY_KG_PER_M3, "kg/m³", "standard air", "H"),
    figure("gravity", GRAVITY_M_PER_S2, "m/s²", "standard", "H"),
    figure("drag of a crown", [DRAG_IN_LEAF, DRAG_BARE], "of its silhouette: in leaf, bare", OURS, "L"),
    figure(
      "tie from this share of what it withstands dry",
      [TIE_AT_SHARE, TIE_BRITTLE_AT_SHARE],
      ": usual kinds, brittle ones",
      "growers’ rule",
      "L",
    ),
    figure("a tree nobody measured weighs", TREE_SHARE, "of its wet soil", OURS, "L"),
  ],
  lifting: [
    figure("from the floor, raise it first above", LIFT_FROM_FLOOR_KG, "kg", GUIDANCE, "M"),
    figure("a volunteer alone, at most", VOLUNTEER_LIMIT_KG, "kg", GUIDANCE, "M"),
    figure("anybody alone, at most", SOLO_LIMIT_KG, "kg", GUIDANCE, "M"),
    figure("two together manage", TEAM_SHARE, "of both limits", GUIDANCE, "M"),
    figure("two together, at most", PAIR_LIMIT_KG, "kg", GUIDANCE, "M"),
    figure("on steps", STEPS_SHARE, "of the level", GUIDANCE, "M"),
    figure("sack truck or hoist, at most", MACHINE_LIMIT_KG, "kg", GUIDANCE, "M"),
  ],
  roots: [
    ...entries(VIGOUR_PER_DEGREE_DAY).map(([name, k]) =>
      figure(`pace of filling, ${name}`, k, "per °C·d", "our judgement, calibrated to experience", "L"),
    ),
    ...entries(WALL).map(([wall, { circling }]) =>
      figure(
        `circling:${wall}`,
        circling,
        "of smooth plastic",
        "direction from comparison trials, size our judgement",
        "L",
      ),
    ),
    ...entries(CORRECTIONS).map(([name, c]) =>
      figure(
        `correction:${name}`,
        [c.retained, c.circlingRemoved, c.lagDegreeDays],
        "roots kept, circling removed, pause °C·d",
        OURS,
        "L",
      ),
    ),
    figure("roots in the shell of a ball", SHELL_DENSITY, "times as dense", OURS, "L"),
    figure("due when filled, or circling", [DUE_FILL, DUE_CIRCLING], "share, grade", OURS, "L"),
    figure("circling starts at a fill of, and its pace", [CIRCLING_FROM, CIRCLING_PACE], "", OURS, "L"),
    ...entries(CROSSING_DEGREE_DAYS).map(([name, d]) => figure(`crossing the new mix, ${name}`, d, "°C·d", OURS, "L")),
  ],
};
