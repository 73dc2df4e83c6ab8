import "server-only";
import type { IsoDate } from "@/core/dates/index";
import { config } from "./config";

/** The calendar day at the site, read here and passed inwards: nothing below asks a clock. */
export function todayAt(zone: string): IsoDate {
  const fixed = config().AURELIAN_TODAY;
  if (fixed) return fixed;
  // The Swedish locale writes dates as ISO.
  return new Intl.DateTimeFormat("sv-SE", { timeZone: zone, dateStyle: "short" }).format(new Date());
}

export function now(): string {
  return new Date().toISOString().replace("T", " ").replace("Z", "");
}

/** A moment on the site's clock, as `YYYY-MM-DD HH:MM`. */
export function localTimeOf(zone: string): (utc: Date) => string {
  const format = new Intl.DateTimeFormat("sv-SE", { timeZone: zone, dateStyle: "short", timeStyle: "short" });
  return (utc) => format.format(utc);
}
