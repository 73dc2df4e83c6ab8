import type { Profile } from "../species/index";
import type { WoodPhase } from "../wood/index";

/** A tree on a day, as far as work on its roots asks; the season speaks through its windows. Volumes are mix in place. */
export interface Situation {
  profile: Profile;
  /** Its own pace where it is known better than its kind's. */
  kPerDegreeDay: number;
  phase: WoodPhase;
  /** After midsummer. */
  autumn: boolean;
  fill: number;
  circling: number;
  volumeL: number;
  ball: { widthMm: number; heightMm: number };
  /** Highest of the next days, °C; null without a forecast. */
  hottestC: number | null;
  /** Degree-days in which roots fill a pot, until the season's end, and of a whole season. */
  growthLeft: number;
  growthOfSeason: number;
  /** Dries out within a day, or was found dry. */
  dry: boolean;
  flareHidden: boolean;
  /** A girdling root seen or to be reckoned with; the share of the girth it serves, where somebody looked. */
  girdler: { shareOfGirth: number | null } | null;
  /** Pot cracked or burst. */
  broken: boolean;
  /** Mix that has sunk or is worn out. */
  slumped: boolean;
  /** A pot the grower has in mind, L of mix. */
  offeredL: number | null;
  /** Carried in for the winter, and what may be lifted then, kg; null: it stays where it is. */
  carriedKg: number | null;
  /** Wet mass as it stands, kg. */
  massKg: number;
  /** Stands in the pot it is to stay in. */
  finalPot: boolean;
  trunkMm: number | null;
  healthy: boolean;
}
