import type { ComponentFlag, Recipe } from "../mix/index";
import type { KindValues } from "../species/index";

/** In what a mix is not what its kind would like. */
export const MIX_REMARKS = ["lime", "sour", "phosphate", "salt", "airless", "rich", "light", "dries"] as const;
export type MixRemark = (typeof MIX_REMARKS)[number];

/** What of a mix a kind may mind; shares of the mix and of its volume when drained. */
export interface MixFacts {
  flags: Partial<Record<ComponentFlag, number>>;
  /** null: nobody said what is in it. */
  parts: Recipe | null;
  /** Air and water in the pot it is meant for, after draining; null where no pot is chosen. */
  airShare: number | null;
  waterShare: number | null;
}

/** Below this, feed and lime left out, bark and peat lie near pH 4 to 5.5: sour for kinds that want more than this (L). */
const SOUR_FOR_PH_FROM = 6.3;
const SOUR_PARTS = ["bark-fine", "bark-coarse", "peat", "leaf-mould"] as const;
const SOUR_FROM = 0.6;
/** Lime in a mix keeps it near pH 7 or above (L). */
const LIMED_PH = 7;
/** A part that carries salt or lime counts from this share of the mix (L). */
const COUNTS_FROM = 0.1;
const ANY_LIME = 0.02;
/** A fifth of air at least for kinds that ask for an airy mix; nearly dry between waterings asks for a little less (L). */
export const AIRY_FROM = 0.2;
const OPEN_FROM_AIR = 0.14;
/** Kinds of lean ground take no more feed-rich compost than this (L). */
const LEAN_UP_TO = 0.25;
const LOAM_FROM = 0.1;
/** Water a moist mix holds after draining (L). */
const MOIST_FROM = 0.35;

/**
 * What there is to say of a mix for a kind: lime against its pH, phosphate, salt, air, richness, weight and moisture.
 * @example mixRemarks({ lime: "hater", ph: [4.5, 5.5], phosphate: "usual", salt: "usual", water: "even", mixNote: "any" }, { flags: { lime: 0.2 }, parts: null, airShare: null, waterShare: null }) // ["lime"]
 */
export function mixRemarks(
  values: Pick<KindValues, "lime" | "ph" | "phosphate" | "salt" | "water" | "mixNote">,
  mix: MixFacts,
): MixRemark[] {
  const part = (names: readonly string[]) => {
    if (mix.parts === null) return null;
    const whole = Object.values(mix.parts).reduce((sum, v) => sum + v, 0);
    return whole === 0 ? 0 : names.reduce((sum, name) => sum + (mix.parts![name] ?? 0), 0) / whole;
  };
  const flag = (name: ComponentFlag) => mix.flags[name] ?? 0;
  const hates = values.lime === "hater" || values.lime === "mild-hater" || values.mixNote === "acid";
  const sour = (part(SOUR_PARTS) ?? 0) >= SOUR_FROM;
  const loam = part(["loam"]);
  const found: Record<MixRemark, boolean> = {
    lime: flag("lime") >= ANY_LIME && (hates || (flag("lime") >= COUNTS_FROM && values.ph[1] < LIMED_PH)),
    sour: flag("lime") < ANY_LIME && sour && (values.lime === "likes" || values.ph[0] >= SOUR_FOR_PH_FROM),
    phosphate: values.phosphate !== "usual" && flag("phosphate") > (values.phosphate === "sensitive" ? 0 : COUNTS_FROM),
    salt: values.salt === "sensitive" && flag("salt") >= COUNTS_FROM,
    airless:
      mix.airShare !== null &&
      ((values.mixNote === "airy" && mix.airShare < AIRY_FROM) ||
        ((values.mixNote === "lean-grit" || values.water === "dry-between") && mix.airShare < OPEN_FROM_AIR)),
    rich: values.mixNote === "lean-grit" && flag("phosphate") > LEAN_UP_TO,
    light: values.mixNote === "loam" && loam !== null && loam < LOAM_FROM,
    dries: values.mixNote === "moist" && mix.waterShare !== null && mix.waterShare < MOIST_FROM,
  };
  return MIX_REMARKS.filter((name) => found[name]);
}
