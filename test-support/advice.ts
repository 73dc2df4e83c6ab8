import type { Site } from "@/core/climate/index";
import { adviseCorrection, type AdviseInput } from "@/core/root-work/index";
import type { DayNumber } from "@/core/dates/index";
import { seasonFacts, type Situation } from "@/core/judgement/index";
import { BALL_CORRECTIONS, NOTHING_READ, type Reading } from "@/core/roots/index";
import { operationOf, suitabilityOn, windowSeries } from "@/core/window/index";
import { situation } from "./season";

/** The advice on a ball of a kind on a day, in the windows of that day. */
export function ask(
  site: Site,
  kindId: string,
  on: DayNumber,
  more: Partial<Situation>,
  reading: Partial<Reading> | null = null,
  extra: Partial<AdviseInput> = {},
) {
  const s = situation(site, kindId, on, more);
  const facts = seasonFacts(site, s.profile, on);
  const windows: AdviseInput["windows"] = {};
  for (const name of BALL_CORRECTIONS) {
    const at = suitabilityOn(windowSeries(site, s.profile, operationOf(name), 2026, 2027), on)!;
    windows[name] = {
      open: at.suitability >= 0.5,
      limiting: at.limiting,
      safe: at.safe,
      opens: at.suitability >= 0.5 ? null : "2027-03-20",
      closes: null,
    };
  }
  return adviseCorrection({
    situation: s,
    reading: reading && { ...NOTHING_READ, ...reading },
    grafted: false,
    purpose: "ornament",
    ageYears: null,
    daysToBudBreak: facts.daysToBudBreak,
    windows,
    paces: { k: [s.kPerDegreeDay], weight: [1] },
    warmth: { track: site.warmth, set: s.profile.warmth, on },
    ...extra,
  });
}
