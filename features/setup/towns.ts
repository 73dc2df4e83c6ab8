import "server-only";
import tzLookup from "@photostructure/tz-lookup";
import type { FoundTown } from "@/contract/queries";
import { foldName, lettersApart } from "@/core/species/index";
import { type Town, townsBeginning } from "@/data/towns";
import { pool } from "@/server/pool";
import { namesRegion } from "./regions";

const MOST_FOUND = 8;
/** With a letter or two wrong, towns that begin alike are weighed by their letters. */
const ALIKE_FROM_LETTERS = 3;
const MOST_WRONG = 2;

const countries = new Intl.DisplayNames("en", { type: "region" });
const countryName = (code: string) => {
  try {
    return countries.of(code) ?? code;
  } catch {
    return code;
  }
};

/** The time zone at a point; the sea and the poles have theirs by longitude. */
export function zoneAt(latitudeDeg: number, longitudeDeg: number): string {
  return tzLookup(latitudeDeg, longitudeDeg);
}

function foundTown({ id, name, latitudeDeg, longitudeDeg, population, ...town }: Town): FoundTown {
  return {
    id,
    name,
    latitudeDeg,
    longitudeDeg,
    population,
    country: countryName(town.country),
    // Provinces of most countries are mere numbers in the gazetteer: those say nothing.
    region: /^[A-Z]/.test(town.region) ? town.region : "",
    zone: zoneAt(latitudeDeg, longitudeDeg),
  };
}

/**
 * Towns by name, the likeliest first; accents do not matter, and a letter or two may be wrong. What
 * stands after a comma is a country, by name or code, or a state; where none of that name lies there, all are shown.
 */
export async function findTowns(query: string): Promise<FoundTown[]> {
  const [name, ...where] = query.split(",").map((part) => foldName(part));
  if (name === "") return [];
  const side = where.filter(Boolean);
  const fits = (town: Town) =>
    side.every(
      (word) =>
        foldName(countryName(town.country)).startsWith(word) ||
        town.country.toLowerCase() === word ||
        namesRegion(word, town.country, town.region),
    );
  const begun = await townsBeginning(pool(), name);
  const narrowed = begun.filter(fits);
  // A province the gazetteer does not know by name narrows nothing: the towns of that name are shown with their countries.
  if (begun.length > 0) return (narrowed.length > 0 ? narrowed : begun).slice(0, MOST_FOUND).map(foundTown);
  const alike = (await townsBeginning(pool(), name.slice(0, ALIKE_FROM_LETTERS)))
    .filter(fits)
    .map((town) => ({ town, apart: lettersApart(name, town.folded) }))
    .filter(({ apart }) => apart <= MOST_WRONG)
    .sort((a, b) => a.apart - b.apart || b.town.population - a.town.population);
  return alike.slice(0, MOST_FOUND).map(({ town }) => foundTown(town));
}
