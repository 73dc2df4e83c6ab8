import * as say from "@/words/pages/setup";

/** States by their names, as the gazetteer's codes have them; of other countries it knows mere numbers. */
const US_STATES = say.alAlabamaAkAlaskaAz;
const GB_NATIONS = say.engEnglandSctScotlandWls;

const named = (text: string) =>
  new Map(text.split(",").map((part): [string, string] => [part.slice(part.indexOf(" ") + 1), part.split(" ")[0]]));
const REGIONS: Readonly<Record<string, ReadonlyMap<string, string>>> = { US: named(US_STATES), GB: named(GB_NATIONS) };

/** How people call countries besides their names. */
const CALLED: Readonly<Record<string, string>> = {
  usa: "US",
  america: "US",
  uk: "GB",
  britain: "GB",
  "great britain": "GB",
};

/** Whether a folded word names the country, or a state or nation in it. */
export function namesRegion(word: string, country: string, region: string): boolean {
  return CALLED[word] === country || region.toLowerCase() === word || REGIONS[country]?.get(word) === region;
}
