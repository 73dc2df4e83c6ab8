import { normalsFromAnswers } from "@/core/atlas/index";
import { buildSite, type Normals, type Site, type SiteAnswers, type SiteInput } from "@/core/climate/index";
import { toDay } from "@/core/dates/index";

/** Sites whose accepted practice is known: a mild coast, a valley inland, a mild coast in the south. */
export const PRACTISED = {
  maritime: {
    latitudeDeg: 52,
    longitudeDeg: 0,
    elevationM: 30,
    coldestNightC: -7,
    lastSpringFrost: "04-20",
    firstAutumnFrost: "11-05",
  },
  continental: {
    latitudeDeg: 47,
    longitudeDeg: 8,
    elevationM: 450,
    coldestNightC: -15,
    lastSpringFrost: "04-28",
    firstAutumnFrost: "10-15",
  },
  south: {
    latitudeDeg: -41,
    longitudeDeg: 175,
    elevationM: 20,
    coldestNightC: -3,
    lastSpringFrost: "09-15",
    firstAutumnFrost: "06-01",
  },
} satisfies Record<string, SiteAnswers>;

/** A cold hill inland. */
export const HILL: SiteAnswers = {
  latitudeDeg: 48,
  longitudeDeg: 11,
  elevationM: 500,
  coldestNightC: -15,
  lastSpringFrost: "05-01",
  firstAutumnFrost: "10-12",
};

interface More {
  today?: string;
  seed?: number;
}

/** What a site of four answers, without a record, is built from. */
export function siteInputOf(answers: SiteAnswers, more: More = {}): SiteInput {
  return {
    latitudeDeg: answers.latitudeDeg,
    normals: normalsFromAnswers(answers, more.seed ?? 7),
    record: null,
    today: toDay(more.today ?? "2026-05-15"),
    seed: more.seed ?? 7,
    historyFrom: toDay("2020-01-01"),
  };
}

export const siteOf = (answers: SiteAnswers, more: More = {}): Site => buildSite(siteInputOf(answers, more));

/** The same climate on the other half of the globe: every month six months on. */
export function mirroredNormals(normals: Normals): Normals {
  return Object.fromEntries(
    Object.entries(normals).map(([name, months]) => [name, [...months.slice(6), ...months.slice(0, 6)]]),
  ) as unknown as Normals;
}
