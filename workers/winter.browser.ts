import * as Comlink from "comlink";
import {
  type PotInWinter,
  type RootLimits,
  type SummerOutlook,
  summerOutlook,
  type WinterOutlook,
  winterOutlook,
} from "@/core/winter/index";
import { hoursAtPlace, type PlaceAir, type PotHours, type WeatherDays, weatherHours } from "@/core/place/index";

/** The browser's own winters: given the possible courses once, then asked for any way a pot may stand. */
let winter: PotHours[] = [];
let summer: PotHours[] = [];
let startDay = 0;
let limits: RootLimits = { youngC: 0, matureC: 0 };

const api = {
  open(
    latitudeDeg: number,
    airs: { winter: PlaceAir; summer: PlaceAir },
    winters: WeatherDays[],
    summers: WeatherDays[],
    of: RootLimits,
  ): void {
    const there = (air: PlaceAir) => (days: WeatherDays) => hoursAtPlace(weatherHours(latitudeDeg, days), air);
    winter = winters.map(there(airs.winter));
    summer = summers.map(there(airs.summer));
    startDay = winters[0].startDay;
    limits = of;
  },
  outlook(pot: PotInWinter): WinterOutlook {
    return winterOutlook(pot, winter, startDay, limits);
  },
  summer(pot: PotInWinter): SummerOutlook {
    return summerOutlook(pot, summer);
  },
};

export type WinterApi = typeof api;
Comlink.expose(api);
