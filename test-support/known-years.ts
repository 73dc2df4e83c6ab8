import { readFileSync } from "node:fs";
import { siteNormals } from "@/core/atlas/index";
import { buildSite, type Site } from "@/core/climate/index";
import { midwinterOf } from "@/core/dates/index";

/** What growers and observers know of the year, written down from memory: a file of `core/golden`, line by line. */
export function knownYears(name: "practices" | "phenology"): Record<string, string>[] {
  const [head, ...lines] = readFileSync(`core/golden/${name}.csv`, "utf8").trim().split("\n");
  const names = head.split(",");
  // Reasons may hold commas of their own, in quotes.
  return lines.map((line) => {
    const cells = [...line.matchAll(/"((?:[^"]|"")*)"|([^,]*)(?:,|$)/g)].map((m) => m[1] ?? m[2]);
    return Object.fromEntries(names.map((column, i) => [column, cells[i]]));
  });
}

/** The season whose weather years are asked. */
export const KNOWN_SEASON = 2027;

const sites = new Map<string, Site>();

/** A site of a known place, from its coordinates and height alone. */
export function knownSite({ latitudeDeg, longitudeDeg, elevationM }: Record<string, string>): Site {
  const key = `${latitudeDeg},${longitudeDeg},${elevationM}`;
  let site = sites.get(key);
  if (!site) {
    const place = {
      latitudeDeg: Number(latitudeDeg),
      longitudeDeg: Number(longitudeDeg),
      elevationM: Number(elevationM),
    };
    const today = midwinterOf(KNOWN_SEASON - 1, place.latitudeDeg);
    const { normals } = siteNormals(place, 7);
    site = buildSite({
      latitudeDeg: place.latitudeDeg,
      normals,
      record: null,
      today,
      seed: 7,
      historyFrom: today - 800,
    });
    sites.set(key, site);
  }
  return site;
}
