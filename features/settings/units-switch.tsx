"use client";

import * as say from "@/words/pages/settings";
import { useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";

/** Everything is stored metric; this changes how it is shown. Fields take "12 in" or "5 gal" either way. */
export function UnitsSwitch() {
  const { collectionId, units } = useAsOf();
  const { send, busy } = useCommand("set-units");
  return (
    <fieldset className="flex flex-wrap items-center gap-x-6 gap-y-1" disabled={busy}>
      <legend className="font-medium">{say.unitsShown}</legend>
      {(
        [
          ["metric", say.litresMillimetresKilogramsC()],
          ["us", say.gallonsInchesPoundsF],
        ] as const
      ).map(([key, words]) => (
        <label key={key} className="flex min-h-11 cursor-pointer items-center gap-2">
          <input
            type="radio"
            name="units"
            className="radio"
            checked={units === key}
            onChange={() => void send({ collectionId, units: key })}
          />
          {words}
        </label>
      ))}
    </fieldset>
  );
}
