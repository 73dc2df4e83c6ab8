import type { Site } from "@/core/climate/index";
import { type DayNumber, midwinterOf } from "@/core/dates/index";
import { seasonFacts, type Situation } from "@/core/judgement/index";
import { profileOf } from "@/core/species/index";
import type { WoodPhase } from "@/core/wood/index";
import { siteOf } from "./sites";

/** Seasons of two made-up sites, and trees in them at a stage of their year. */
export const continental = siteOf({
  latitudeDeg: 47,
  longitudeDeg: 8,
  elevationM: 450,
  coldestNightC: -14,
  lastSpringFrost: "04-20",
  firstAutumnFrost: "10-18",
});
export const warm = siteOf({
  latitudeDeg: 40,
  longitudeDeg: 0,
  elevationM: 50,
  coldestNightC: -3,
  lastSpringFrost: "03-05",
  firstAutumnFrost: "12-05",
});

/** The first day from `from` (days after midwinter) on which the middle course stands in a phase and more is asked of it. */
export function dayWhen(
  site: Site,
  kindId: string,
  phase: WoodPhase,
  asked: (facts: ReturnType<typeof seasonFacts>) => boolean = () => true,
  from = 0,
): DayNumber {
  const profile = profileOf({ kindId, typedName: null, habit: null });
  const opening = midwinterOf(2026, site.latitudeDeg);
  for (let d = from; d < 365; d += 2) {
    const facts = seasonFacts(site, profile, opening + d);
    if (facts.phase === phase && asked(facts)) return opening + d;
  }
  throw new Error(`${kindId} is never ${phase}`);
}

/** A tree of a kind on a day, with the season as it is; what a test is not about has a plain value. */
export function situation(site: Site, kindId: string, on: DayNumber, more: Partial<Situation>): Situation {
  const profile = profileOf({ kindId, typedName: null, habit: null });
  const { phase, autumn, growthLeft, growthOfSeason } = seasonFacts(site, profile, on);
  return {
    profile,
    kPerDegreeDay: profile.kPerDegreeDay,
    phase,
    autumn,
    growthLeft,
    growthOfSeason,
    fill: 0.6,
    circling: 0.5,
    volumeL: 10,
    ball: { widthMm: 240, heightMm: 220 },
    hottestC: 20,
    dry: false,
    flareHidden: false,
    girdler: null,
    broken: false,
    slumped: false,
    offeredL: null,
    carriedKg: null,
    massKg: 12,
    finalPot: false,
    trunkMm: null,
    healthy: true,
    ...more,
  };
}
