"use client";

import * as say from "@/words/pages/tree/learning";
import { HOLDING_MM, type Rerooting } from "@/model/index";
import { Reasoned } from "@/ui/fields";
import { day, degreeDays, millimetres, percent } from "@/words/format";
import { useAsOf } from "@/features/kernel/as-of";

/** How far its new roots should be by now, and what that says of stake and feed. */
export function Expected({ r }: { r: Rerooting }) {
  const { units, today } = useAsOf();
  return (
    <Reasoned
      reason={say.lengthByWarmthSinceThe(millimetres(HOLDING_MM, units), degreeDays(80, units), degreeDays(450, units))}
    >
      <p data-testid="rerooting">
        {say.expectedTodayLongTheyReach(
          millimetres(r.expectedMm.p50, units),
          millimetres(r.expectedMm.p10, units),
          millimetres(r.expectedMm.p90, units),
          percent(r.reached.p50),
          percent(r.reached.p10),
          percent(r.reached.p90),
          r.seen
            ? say.seenThen(
                day(r.seen.on, today),
                r.seen.lengthMm === 0 ? "none" : millimetres(r.seen.lengthMm, units),
                r.seen.firm === null ? "" : r.seen.firm ? say.itStandsFirm : say.itStillRocks,
              )
            : "",
        )}
      </p>
      <p className="font-medium" data-testid="stake">
        {r.stake === "off"
          ? say.itHasRootedTakeThe
          : r.stake === "stays"
            ? say.theStakeStays(r.lookOn ? say.lookAgainAbout(day(r.lookOn, today)) : "")
            : r.lookOn && r.lookOn > today
              ? say.itsRootsHoldAbout(
                  day(r.lookOn, today),
                  r.hold.p10 && r.hold.p90 ? ` (${day(r.hold.p10, today)} – ${day(r.hold.p90, today)})` : "",
                )
              : say.itsRootsHold}{" "}
        {r.feedFrom && (r.feedFrom > today ? say.firstFeedFrom(day(r.feedFrom, today)) : say.itMayBeFedAgain)}
      </p>
    </Reasoned>
  );
}
