"use client";

import type { Quarter, Standing } from "@/core/shelter/index";
import { floorM2 } from "@/core/winter/index";
import { kilograms, number } from "@/words/format";
import { useAsOf } from "@/features/kernel/as-of";

/** The open places, with what stands on them against what their floor is said to bear. */
export function Outdoors({
  places,
  standings,
  onPlace,
}: {
  places: readonly Quarter[];
  standings: readonly Standing[];
  onPlace: (id: string) => void;
}) {
  const { units } = useAsOf();
  if (places.length === 0) return null;
  return (
    <section aria-labelledby="open-places" className="mt-4">
      <h2 id="open-places" className="text-lg">
        Open places
      </h2>
      <ul className="text-sm">
        {places.map((q) => {
          const kg = standings.filter((s) => s.homeId === q.id).reduce((sum, s) => sum + s.massKg, 0);
          const area = floorM2(q.build);
          const bears = area === null || q.build.floorKgM2 === null ? null : area * q.build.floorKgM2;
          return (
            <li key={q.id} className="min-h-8">
              <button type="button" className="link font-semibold" onClick={() => onPlace(q.id)}>
                {q.name}
              </button>
              : {kilograms(kg, units)} stay there through the winter
              {bears === null
                ? ""
                : kg > bears
                  ? `, more than the ${kilograms(bears, units)} its floor is said to bear evenly spread: ask a structural engineer`
                  : `, ${number((100 * kg) / bears)} % of what its floor is said to bear evenly spread`}
              .
            </li>
          );
        })}
      </ul>
    </section>
  );
}
