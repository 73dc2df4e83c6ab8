/** Days of a week: what the strip counts in. */
export const WEEK = 7;

export interface StripWood {
  /** Of a kind its profile's key, of a tree `tree:` and its id. */
  key: string;
  name: string;
  /** Trees it stands for; a single tree is counted with its species. */
  count: number;
  /** A letter a week: a soft … z ripe, capitals while leafless. */
  weeks: string;
}

/** One week of wood: mean ripeness of what has leaves, and the leafless share. */
export interface WoodWeek {
  ripe: number;
  leafless: number;
}

const A = 97;

/** Wood of the chosen kind or tree by week; of all trees together where nothing is chosen. */
export function woodWeeks(woods: readonly StripWood[], chosen: string | null): WoodWeek[] {
  const one = woods.filter((w) => w.key === chosen);
  const counted = one.length > 0 ? one.map((w) => ({ ...w, count: 1 })) : woods.filter((w) => w.count > 0);
  const length = Math.max(0, ...counted.map((w) => w.weeks.length));
  return Array.from({ length }, (_, week) => {
    let [ripe, leafy, bare] = [0, 0, 0];
    for (const { weeks, count } of counted) {
      const code = weeks.charCodeAt(week);
      if (code < A) bare += count;
      else {
        leafy += count;
        ripe += (count * (code - A)) / 25;
      }
    }
    // Of a bare crown the tone is kept for the strip behind the twigs.
    const only = counted.length === 1 ? (counted[0].weeks.toLowerCase().charCodeAt(week) - A) / 25 : 0;
    return { ripe: leafy > 0 ? ripe / leafy : only, leafless: bare / Math.max(1, leafy + bare) };
  });
}
