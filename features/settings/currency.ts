import { z } from "zod";
import type { Units } from "@/ui/format";

/** Three letters of ISO 4217 that this runtime knows. */
export const currencySchema = z
  .string()
  .refine((code) => Intl.supportedValuesOf("currency").includes(code), { error: "Choose a currency from the list." });

/** Most used first to be found; all others behind them by their names. */
const FIRST = ["EUR", "USD", "GBP", "AUD", "NZD", "CAD", "CHF", "ZAR", "INR", "JPY"];

export function currencyOptions(): (readonly [string, string])[] {
  const names = new Intl.DisplayNames("en", { type: "currency" });
  const known = Intl.supportedValuesOf("currency");
  const rest = known.filter((code) => !FIRST.includes(code));
  const option = (code: string) => [code, `${code} · ${names.of(code) ?? code}`] as const;
  return [...FIRST, ...rest].map(option);
}

/** What is paid with where a browser's language names a region; euros where it names none we list. */
const BY_REGION: Record<string, string> = {
  US: "USD",
  GB: "GBP",
  AU: "AUD",
  NZ: "NZD",
  CA: "CAD",
  CH: "CHF",
  ZA: "ZAR",
  IN: "INR",
  JP: "JPY",
};

const regionOf = (language: string) => /-([A-Z]{2})\b/.exec(language)?.[1] ?? "";

/** @example usualCurrency("en-US") // "USD" */
export const usualCurrency = (language: string): string => BY_REGION[regionOf(language)] ?? "EUR";
/** @example usualUnits("en-US") // "us" */
export const usualUnits = (language: string): Units => (regionOf(language) === "US" ? "us" : "metric");
