import "server-only";
import { createHash } from "node:crypto";
import { toDay, toIso } from "@/core/dates/index";
import { type OutlookTask, type ShelterData, siteWinter, winterOn } from "@/core/shelter/index";
import { carryLimitsOf } from "@/core/people/index";
import { MODEL_VERSION, type WinterStandings } from "@/model/index";
import { type CollectionView, stateKey } from "../kernel/collection/load";
import { asWinterPlace, type KnownQuarter, OPEN_QUARTER, quartersOf } from "./quarters";

/** Courses a collection's winter is calculated in: fewer where there are many pots. */
const COURSES = { few: 30, many: 12, manyFrom: 150 } as const;

/** A collection's winter as it is asked about, before it is calculated. */
export interface WinterFacts {
  winter: number;
  startDay: string;
  quarters: KnownQuarter[];
  known: WinterStandings;
  data: Omit<ShelterData, "outlooks">;
  task: OutlookTask;
  /** Names all that the outlook depends on. */
  key: string;
}

const cache = new Map<string, WinterFacts>();

export function winterFacts(view: CollectionView): WinterFacts {
  const { collection, loaded, yard, today } = view;
  const { site } = yard;
  const cacheKey = `${stateKey(collection)}:${collection.revision}:${collection.weatherRevision}:${view.weather.key}:${today}`;
  const found = cache.get(cacheKey);
  if (found) return found;
  const on = toDay(today);
  const winter = winterOn(on, site.latitudeDeg);
  const quarters = quartersOf(loaded);
  const known = yard.on(on).winter(winter);
  const courses = known.trees.length >= COURSES.manyFrom ? COURSES.many : COURSES.few;
  const { risk } = collection;
  const task: OutlookTask = {
    site: siteWinter(site, winter, courses),
    trees: known.trees,
    places: quarters.map(asWinterPlace),
    openPlace: OPEN_QUARTER,
    risk,
  };
  const { trees, places } = task;
  const facts: WinterFacts = {
    winter,
    startDay: toIso(task.site.startDay),
    quarters,
    known,
    data: { standings: known.standings, quarters, limits: carryLimitsOf(loaded.calendar.people), risk },
    task,
    key: createHash("sha256")
      .update(JSON.stringify([MODEL_VERSION, view.weather.key, winter, courses, trees, places, risk]))
      .digest("hex")
      .slice(0, 32),
  };
  cache.set(cacheKey, facts);
  while (cache.size > 6) cache.delete(cache.keys().next().value!);
  return facts;
}
