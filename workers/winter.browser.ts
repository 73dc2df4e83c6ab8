import * as Comlink from "comlink";
import {
  type PotHour,
  potHours,
  type PotInWinter,
  type RootLimits,
  type WinterCourse,
  type WinterOutlook,
  winterOutlook,
} from "@/core/winter/index";

/** The browser's own winters: given the possible courses once, then asked for any way a pot may stand. */
let courses: PotHour[][] = [];
let startDay = 0;
let limits: RootLimits = { youngC: 0, matureC: 0 };

const api = {
  open(latitudeDeg: number, given: WinterCourse[], of: RootLimits): void {
    courses = given.map((course) => potHours(latitudeDeg, course));
    startDay = given[0].startDay;
    limits = of;
  },
  outlook(pot: PotInWinter): WinterOutlook {
    return winterOutlook(pot, courses, startDay, limits);
  },
};

export type WinterApi = typeof api;
Comlink.expose(api);
