import "server-only";
import { type DayNumber, partsOf, toIso } from "@/core/dates/index";
import type { Profile } from "@/core/species/index";
import { thirstiestMonth } from "@/core/suits/index";
import type { KindYear, Stretch, Yard } from "@/model/index";
import type { KindHere } from "@/words/kind-care";
import { OPERATION_WORDS } from "@/words/terms";
import type { YearRow } from "./year-picture";

const dated = (stretches: readonly Stretch[]) =>
  stretches.map(({ from, to }: { from: DayNumber; to: DayNumber }) => ({ from: toIso(from), to: toIso(to) }));

/** A kind's year as its picture draws it; what never happens and is not waited for has no line. */
export function yearOf(year: KindYear): { from: string; days: number; rows: YearRow[] } {
  const row = (key: string, name: string, tone: YearRow["tone"], stretches: readonly Stretch[]): YearRow => ({
    key,
    name,
    tone,
    stretches: dated(stretches),
  });
  const seasons = [
    row("frost", "Frost, one night in ten", "frost", year.frost),
    row("leafless", "Leafless", "leafless", year.leafless),
    row("shoots", year.winterless ? "Flush after flush, all year" : "Soft new shoots", "shoots", year.shoots),
    row("bloom", "In bloom or setting", "bloom", year.bloom),
    row("fruit", "Fruit ripens", "fruit", year.fruit),
  ].filter((r) => r.stretches.length > 0);
  const works = year.works.map((w) => row(w.operation, OPERATION_WORDS[w.operation].name, "work", w.open));
  return { from: toIso(year.from), days: year.days, rows: [...seasons, ...works] };
}

/** What the site adds to what a kind asks for. */
export function hereOf(yard: Yard, profile: Profile, year: KindYear): KindHere {
  const thirst = thirstiestMonth(yard.site.normals, yard.latitudeDeg);
  const { year: calendar } = partsOf(year.from);
  return {
    kPerDegreeDay: profile.kPerDegreeDay,
    seasonsToDue: year.seasonsToDue,
    coldestNightC: year.coldestNightC,
    chillMet: year.chillMet,
    thirst: { month: `${calendar}-${String(thirst.month + 1).padStart(2, "0")}-01`, et0Mm: thirst.et0Mm },
    ripens: year.crop === null ? null : { chance: year.crop.chance, on: year.crop.ripeOn },
  };
}
