import type { Site } from "../climate/index";
import { type DayNumber, midwinterOf } from "../dates/index";
import type { Profile } from "../species/index";
import { isUsual, type OwnWood } from "../wood/index";
import { type SeasonCourses, seasonCourses } from "./courses";
import { DEFAULT_WINDOW, type JudgedSeason, judgeSeason, type WindowOptions } from "./judge";
import type { Operation } from "./operations";

/** Suitability (×200) and limiting factor by day, through whole growing seasons. */
export interface WindowSeries {
  startDay: DayNumber;
  suitability: Uint8Array;
  limiting: Uint8Array;
  /** Share of the site's weather years (×100) in which work that day ends well: roots take hold, wood ripens, no killing cold. */
  safe: Uint8Array;
  /** Open stretches with the spread of their first and last days over the weather years, 10, 50 and 90 %. */
  spans: WindowSpan[];
}

export interface WindowSpan {
  from: DayNumber;
  to: DayNumber;
  opens: [DayNumber, DayNumber, DayNumber];
  closes: [DayNumber, DayNumber, DayNumber];
}

/**
 * Windows of several operations for trees of one profile through whole seasons. Seasons already finished, and the one running, use
 * the record as far as it goes; the rest the site's weather years. A day's suitability is the smallest of its named factors.
 */
export function windowsOf<O extends Operation>(
  site: Site,
  profile: Profile,
  operations: readonly O[],
  fromSeason: number,
  toSeason: number,
  options: WindowOptions = DEFAULT_WINDOW,
  own?: OwnWood,
): Record<O, WindowSeries> {
  const startDay = midwinterOf(fromSeason, site.latitudeDeg);
  const length = midwinterOf(toSeason + 1, site.latitudeDeg) - startDay;
  const all = {} as Record<O, WindowSeries>;
  for (const operation of operations)
    all[operation] = {
      startDay,
      suitability: new Uint8Array(length),
      limiting: new Uint8Array(length),
      safe: new Uint8Array(length),
      spans: [],
    };
  // Seasons the record does not touch are all judged by the same weather years: judge one, copy it.
  let usual: SeasonCourses | null = null;
  let usualJudged: Partial<Record<O, JudgedSeason>> = {};
  for (let season = fromSeason; season <= toSeason; season++) {
    const opening = midwinterOf(season, site.latitudeDeg);
    const untouched = isUsual(site, season);
    let courses: SeasonCourses | null = untouched ? usual : null;
    if (!courses) {
      courses = seasonCourses(site, profile, season, own);
      if (untouched) [usual, usualJudged] = [courses, {}];
    }
    const days = midwinterOf(season + 1, site.latitudeDeg) - opening;
    for (const operation of operations) {
      const judged: JudgedSeason =
        (untouched ? usualJudged[operation] : undefined) ?? judgeSeason(courses, operation, options);
      if (untouched) usualJudged[operation] = judged;
      copySeason(all[operation], judged, opening, days);
    }
  }
  return all;
}

function copySeason(series: WindowSeries, judged: JudgedSeason, opening: DayNumber, days: number): void {
  for (let d = 0; d < days; d++) {
    const from = Math.min(d, judged.suitability.length - 1);
    const at = opening - series.startDay + d;
    series.suitability[at] = Math.round(200 * judged.suitability[from]);
    series.limiting[at] = judged.limiting[from];
    series.safe[at] = Math.round(100 * judged.safe[from]);
  }
  const moved = (v: [number, number, number]) => v.map((d) => opening + d) as [number, number, number];
  for (const span of judged.spans)
    series.spans.push({
      from: opening + span.from,
      to: opening + span.to,
      opens: moved(span.opens),
      closes: moved(span.closes),
    });
}

/** Windows of one operation. */
export function windowSeries(
  site: Site,
  profile: Profile,
  operation: Operation,
  fromSeason: number,
  toSeason: number,
  options: WindowOptions = DEFAULT_WINDOW,
  own?: OwnWood,
): WindowSeries {
  return windowsOf(site, profile, [operation], fromSeason, toSeason, options, own)[operation];
}

/** Two series of one work, the second beginning where the first ends, as one. */
export function seriesAfter(first: WindowSeries, second: WindowSeries): WindowSeries {
  const joined = (a: Uint8Array, b: Uint8Array) => {
    const out = new Uint8Array(a.length + b.length);
    out.set(a);
    out.set(b, a.length);
    return out;
  };
  return {
    startDay: first.startDay,
    suitability: joined(first.suitability, second.suitability),
    limiting: joined(first.limiting, second.limiting),
    safe: joined(first.safe, second.safe),
    spans: [...first.spans, ...second.spans],
  };
}

/** The open stretch of the weather years a day lies in. */
export function spanAt(series: WindowSeries, day: DayNumber): WindowSpan | null {
  return series.spans.find((s) => s.from <= day && day <= s.to) ?? null;
}
