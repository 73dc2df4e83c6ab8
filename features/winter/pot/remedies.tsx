"use client";

import * as say from "@/words/pages/winter/pot";
import type { WinterOutlook } from "@/core/winter/index";
import { percent } from "@/words/format";
import type { Measured } from "./use-outlooks";

/** Fewer winters with a loss than this are not worth a word. */
const LITTLE = 0.05;

/** What would help, the best first. */
export function Remedies({ helping, outlook }: { helping: Measured[]; outlook: WinterOutlook }) {
  return (
    <section aria-labelledby="measures" className="mt-3">
      <h2 id="measures" className="text-lg">
        {say.whatWouldHelp}
      </h2>
      <ul className="text-sm" data-testid="measures">
        {helping.length === 0 && (
          <li>{outlook.chanceOfLoss > LITTLE ? say.noneOfWhatWeKnow : say.nothingIsNeededItsRoots}</li>
        )}
        {helping.map((m) => (
          <li key={m.words}>
            <b>{m.words}</b>
            {say.rootsLostInOfWinters(
              percent(m.outlook.chanceOfLoss),
              percent(outlook.chanceOfLoss),
              percent(m.outlook.meanKill),
              percent(outlook.meanKill),
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
