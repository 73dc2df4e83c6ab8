import { type Db, many } from "./db";

/** A town of the gazetteer; its country in two letters (ISO 3166), its region as the gazetteer codes it. */
export interface Town {
  id: number;
  name: string;
  country: string;
  region: string;
  latitudeDeg: number;
  longitudeDeg: number;
  population: number;
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
