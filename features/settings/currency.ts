import * as say from "@/words/pages/settings";
import { CURRENCIES, type Currency } from "@/contract/currency";
import type { Units } from "@/words/format";

/** Names in the program's own words: browser and server may not know the same. */
const NAMES: Record<Currency, string> = {
  EUR: "euro",
  USD: say.usDollar,
  GBP: say.poundSterling,
  AUD: say.australianDollar,
  NZD: say.newZealandDollar,
  CAD: say.canadianDollar,
  CHF: say.swissFranc,
  ZAR: say.southAfricanRand,
  INR: say.indianRupee,
  JPY: say.japaneseYen,
  ARS: say.argentinePeso,
  BRL: say.brazilianReal,
  BGN: say.bulgarianLev,
  CLP: say.chileanPeso,
  CNY: say.chineseYuan,
  COP: say.colombianPeso,
  CZK: say.czechKoruna,
  DKK: say.danishKrone,
  EGP: say.egyptianPound,
  HKD: say.hongKongDollar,
  HUF: say.hungarianForint,
  IDR: say.indonesianRupiah,
  ILS: say.israeliShekel,
  ISK: say.icelandicKrNa,
  KES: say.kenyanShilling,
  KRW: say.southKoreanWon,
  MAD: say.moroccanDirham,
  MXN: say.mexicanPeso,
  MYR: say.malaysianRinggit,
  NOK: say.norwegianKrone,
  PEN: say.peruvianSol,
  PHP: say.philippinePeso,
  PLN: say.polishZOty,
  RON: say.romanianLeu,
  SEK: say.swedishKrona,
  SGD: say.singaporeDollar,
  THB: say.thaiBaht,
  TND: say.tunisianDinar,
  TRY: say.turkishLira,
  TWD: say.newTaiwanDollar,
  UAH: say.ukrainianHryvnia,
  UYU: say.uruguayanPeso,
  VND: "Vietnamese đồng",
};

export const currencyOptions = (): (readonly [Currency, string])[] =>
  CURRENCIES.map((code) => [code, `${code} · ${NAMES[code]}`] as const);

/** What is paid with where a browser's language names a region; euros where it names none we know. */
const BY_REGION: Record<string, Currency> = {
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
export const usualCurrency = (language: string): Currency => BY_REGION[regionOf(language)] ?? "EUR";
/** @example usualUnits("en-US") // "us" */
export const usualUnits = (language: string): Units => (regionOf(language) === "US" ? "us" : "metric");
