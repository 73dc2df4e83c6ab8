"use client";

import * as say from "@/words/pages/winter/outdoors";
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
        {say.openPlaces}
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
              {say.stayThereThroughTheWinter(
                kilograms(kg, units),
                bears === null
                  ? ""
                  : kg > bears
                    ? say.moreThanTheItsFloor(kilograms(bears, units))
                    : say.ofWhatItsFloorIs(number((100 * kg) / bears)),
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
