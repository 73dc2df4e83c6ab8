import { z } from "zod";
import { midwinterOf, toIso } from "@/core/dates/index";
import { sortNamed } from "@/core/species/index";
import { fruitClock, kindDates, type NoStage, STAGES } from "@/core/wood/index";
import { kindOf } from "@/model/index";
import { CalcProblem, define } from "../definition";
import { calcSiteSchema, siteOfCalc } from "../site";

/** A year without a leap day: dates are told without their year. */
const ANY_SEASON = 2027;

const BECAUSE: Record<NoStage, string> = {
  "flushes-all-year": "No winter stops it here: it grows in flushes all year.",
  evergreen: "It keeps its leaves.",
  "no-bloom-known": "Nobody has timed its bloom.",
  "no-fruit-known": "Nobody has timed its fruit.",
  "keeps-leaves": "The winters here are too mild to bring its leaves down.",
  "too-cold-to-wake": "Too little warmth comes here for it.",
  "too-cool-to-ripen": "Its fruit does not ripen before the season ends.",
};

export const phenologyCalculations = [
  define(
    "phenology.dates",
    "When a kind wakes, blooms, ripens and sheds its leaves at a site",
    z.strictObject({
      site: calcSiteSchema,
      kind: z.string().min(1).max(120),
      season: z.int().min(1900).max(2200).default(ANY_SEASON),
    }),
    ({ site: asked, kind, season }) => {
      const named = sortNamed(kind);
      if (!named) return new CalcProblem("kind", "This kind is not in the library.");
      const site = siteOfCalc(asked, midwinterOf(season, asked.latitudeDeg) - 1);
      if (site instanceof CalcProblem) return site;
      const profile = kindOf({ kindId: named.kindId, typedName: null, habit: null });
      const dates = kindDates(site, season, profile.parameters[0], fruitClock(named.kindId, named.sort));
      const monthDay = (day: number) => toIso(day).slice(5);
      const stages = STAGES.map((stage) => {
        const d = dates[stage];
        if ("because" in d) return [stage, null, d.because] as const;
        return [stage, { p10: monthDay(d.p10), p50: monthDay(d.p50), p90: monthDay(d.p90) }, null] as const;
      });
      return {
        ...Object.fromEntries(stages.map(([stage, dated]) => [stage, dated])),
        because: Object.fromEntries(stages.flatMap(([stage, , why]) => (why ? [[stage, BECAUSE[why]]] : []))),
      };
    },
  ),
];
