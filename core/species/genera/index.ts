import { BROADLEAF_EVERGREEN } from "./broadleaf-evergreen";
import { CITRUS } from "./citrus";
import { CONIFER } from "./conifer";
import { DECIDUOUS_ORNAMENTAL } from "./deciduous-ornamental";
import { FIG_LIKE } from "./fig-like";
import { LEGUME } from "./legume";
import type { Genus } from "../fields";
import { MEDITERRANEAN } from "./mediterranean";
import { NUT } from "./nut";
import { PALM_LIKE } from "./palm-like";
import { POME } from "./pome";
import { PROTEA_KIN } from "./protea-kin";
import { SOFT_FRUIT } from "./soft-fruit";
import { STONE } from "./stone";
import { TROPICAL_FRUIT } from "./tropical-fruit";
import { VINE_LIKE } from "./vine-like";

/** The genus layer: some nine hundred genera of trees, shrubs, palms and climbers that are grown in pots. */
export const GENERA: readonly Genus[] = [
  ...BROADLEAF_EVERGREEN,
  ...CITRUS,
  ...CONIFER,
  ...DECIDUOUS_ORNAMENTAL,
  ...FIG_LIKE,
  ...LEGUME,
  ...MEDITERRANEAN,
  ...NUT,
  ...PALM_LIKE,
  ...POME,
  ...PROTEA_KIN,
  ...SOFT_FRUIT,
  ...STONE,
  ...TROPICAL_FRUIT,
  ...VINE_LIKE,
];
