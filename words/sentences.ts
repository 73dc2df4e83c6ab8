import type { TreeState } from "@/model/index";
import { day, litres, percent, type Units } from "./format";
import { LIMIT_BECAUSE } from "./terms";

/** What closes the stretch that counts; null where nothing does, or there is none. */
const closing = ({ period }: TreeState["window"]) => (period && period.closedBy !== "none" ? period.closedBy : null);

/** Why a window is as it is, with the figures behind it. */
export function windowReason(state: TreeState, near: string): string {
  const { window } = state;
  const share = `In ${percent(window.safe)} of this site's weather years, work on this day ends well.`;
  if (window.open)
    return `Open. ${share}${closing(window) ? ` It closes after ${day(window.period!.to, near)}, because then ${LIMIT_BECAUSE[closing(window)!]}.` : " Nothing closes it within two years."}`;
  const next = window.period
    ? `It opens ${day(window.period.from, near)}${closing(window) ? ` and closes after ${day(window.period.to, near)}` : ""}.`
    : "No opening within two years.";
  return `Closed: ${LIMIT_BECAUSE[window.limiting]}. ${next}`;
}

/** What to look for when nothing in store fits: between the least and the largest ordinary step. */
export function wantedPot(low: number, high: number, units: Units): string {
  return `${litres(low, units)} to ${litres(high, units)} of mix`;
}
