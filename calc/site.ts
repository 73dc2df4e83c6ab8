import { z } from "zod";
import { fault } from "@/contract/faults";
import { nearestPlace, siteNormals } from "@/core/atlas/index";
import { answerFaults, answersSchema, type Normals, type Site, type SiteInput } from "@/core/climate/index";
import { type DayNumber, toIso } from "@/core/dates/index";
import { openYard } from "@/model/index";
import { faultWords } from "@/words/faults";
import { CalcProblem } from "./definition";

const months = (least: number, most: number) => z.array(z.number().min(least).max(most)).length(12);

/** A site by where it is, with its months or with what its grower says; coordinates and height alone suffice. */
export const calcSiteSchema = z.strictObject({
  latitudeDeg: z.number().min(-90).max(90),
  longitudeDeg: z.number().min(-180).max(180).optional(),
  elevationM: z.number().min(-450).max(6000).optional(),
  normals: z
    .strictObject({ tminC: months(-60, 40), tmaxC: months(-50, 55), rainMm: months(0, 2500).optional() })
    .optional(),
  answers: answersSchema.omit({ latitudeDeg: true, longitudeDeg: true, elevationM: true }).optional(),
});
type CalcSite = z.infer<typeof calcSiteSchema>;

/** The generator's seed for years a calculation makes: fixed, so that the same input always answers the same. */
const SEED = 7;
/** Where only the latitude is said, a meridian with land on both halves of the globe stands in for the spread of weather. */
const MERIDIAN_DEG = 20;
/** So much of the past is generated that every statistic has its years, days. */
const PAST_DAYS = 800;

/** What a site's weather years are made from, or what is wrong with it; `path` is where the site stands in the input. */
export function weatherOfCalc(site: CalcSite, today: DayNumber, path = "site"): SiteInput | CalcProblem {
  const { latitudeDeg, normals, answers } = site;
  if (site.longitudeDeg === undefined && !normals)
    return new CalcProblem(`${path}.longitudeDeg`, "Give the longitude, or the months of the site.");
  const longitudeDeg = site.longitudeDeg ?? MERIDIAN_DEG;
  const elevationM = site.elevationM ?? nearestPlace(latitudeDeg, longitudeDeg).elevationM;
  const said = { latitudeDeg, longitudeDeg, elevationM, ...answers };
  const [wrong] = answerFaults(said);
  if (wrong)
    return new CalcProblem(`${path}.answers.${wrong.field}`, faultWords(fault(wrong.field, wrong.code), "metric"));
  const cold = normals?.tminC.findIndex((low, m) => low > normals.tmaxC[m]) ?? -1;
  if (cold >= 0) return new CalcProblem(`${path}.normals.tmaxC.${cold}`, "The maximum lies below the minimum.");
  const guessed = siteNormals(said, SEED).normals;
  const used: Normals = normals ? { ...guessed, ...normals, rainMm: normals.rainMm ?? guessed.rainMm } : guessed;
  return { latitudeDeg, normals: used, record: null, today, seed: SEED, historyFrom: today - PAST_DAYS };
}

/** The site's weather years themselves. */
export function siteOfCalc(site: CalcSite, today: DayNumber, path = "site"): Site | CalcProblem {
  const input = weatherOfCalc(site, today, path);
  if (input instanceof CalcProblem) return input;
  const nothing = { trees: [], lots: [], places: [], events: [] };
  return openYard({ records: nothing, risk: 0.1 }, { key: "asked", input }, { today: toIso(today) }).site;
}
