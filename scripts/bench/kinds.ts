// Finding among all names of the library, and the profiles of a thousand trees through all layers. Prints its figures as JSON.
import { KINDS, resolveValues } from "@/core/species/index";
import { FIFTY } from "@/core/species/fifty";
import { findKinds } from "@/features/trees/search/kinds";

const SLIPS = ["Lemmon", "Appel", "bouganvilla", "sugar maple", "mini olive", "rhododendrum"];
const asked = [...FIFTY.map((plant) => plant.typed), ...SLIPS];
for (const text of asked) findKinds(text);
const times = asked.map((text) => {
  const from = performance.now();
  findKinds(text);
  return performance.now() - from;
});
times.sort((a, b) => a - b);

const thousand = Array.from({ length: 1000 }, (_, i) => KINDS[i % KINDS.length]);
for (const kind of KINDS) resolveValues(kind, kind.habit);
const from = performance.now();
for (const kind of thousand) resolveValues(kind, kind.habit);
console.log(
  JSON.stringify({
    p50: times[Math.floor(times.length / 2)],
    p95: times[Math.floor(times.length * 0.95)],
    profilesMs: performance.now() - from,
  }),
);
