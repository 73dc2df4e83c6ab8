import { CURRENCIES, type Currency } from "@/contract/currency";
import type { Units } from "@/words/format";

/** Names in the program's own words: browser and server may not know the same. */
const NAMES: Record<Currency, string> = {
  EUR: "euro",
  USD: "US dollar",
  GBP: "pound sterling",
  AUD: "Australian dollar",
  NZD: "New Zealand dollar",
  CAD: "Canadian dollar",
  CHF: "Swiss franc",
  ZAR: "South African rand",
  INR: "Indian rupee",
  JPY: "Japanese yen",
  ARS: "Argentine peso",
  BRL: "Brazilian real",
  BGN: "Bulgarian lev",
  CLP: "Chilean peso",
  CNY: "Chinese yuan",
  COP: "Colombian peso",
  CZK: "Czech koruna",
  DKK: "Danish krone",
  EGP: "Egyptian pound",
  HKD: "Hong Kong dollar",
  HUF: "Hungarian forint",
  IDR: "Indonesian rupiah",
  ILS: "Israeli shekel",
  ISK: "Icelandic króna",
  KES: "Kenyan shilling",
  KRW: "South Korean won",
  MAD: "Moroccan dirham",
  MXN: "Mexican peso",
  MYR: "Malaysian ringgit",
  NOK: "Norwegian krone",
  PEN: "Peruvian sol",
  PHP: "Philippine peso",
  PLN: "Polish złoty",
  RON: "Romanian leu",
  SEK: "Swedish krona",
  SGD: "Singapore dollar",
  THB: "Thai baht",
  TND: "Tunisian dinar",
  TRY: "Turkish lira",
  TWD: "New Taiwan dollar",
  UAH: "Ukrainian hryvnia",
  UYU: "Uruguayan peso",
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
