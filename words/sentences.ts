import type { TreeState, Verdict } from "@/model/index";
import { day, litres, number, percent, type Units } from "./format";
import { LIMIT_BECAUSE, VERDICT_WORD } from "./terms";

/** The date that goes beneath a verdict's word in the Yard. */
export function verdictDate(verdict: Verdict, near: string): string {
  if (verdict.on === null) return "";
  const on = day(verdict.on, near);
  switch (verdict.code) {
    case "not-due":
      return on;
    case "move-now":
      return `by ${on}`;
    case "no-pot":
      return `open until ${on}`;
    case "overdue":
      return verdict.open ? `move by ${on}` : `opens ${on}`;
    case "wait":
    case "hold":
      return `from ${on}`;
    case "unknown":
      return verdict.on <= near ? "perhaps due" : `due from ${on}?`;
    case "no-window":
      return "";
  }
}

export function verdictWord(verdict: Verdict): string {
  return VERDICT_WORD[verdict.code];
}

/** Where nothing closes an open window as far as one can see. */
const ANY_TIME = "at any time";

/** What closes the stretch that counts; null where nothing does, or there is none. */
const closing = ({ period }: TreeState["window"]) => (period && period.closedBy !== "none" ? period.closedBy : null);

/** One tree's verdict in one sentence. */
export function verdictSentence(state: TreeState, near: string): string {
  const { verdict, window, fill, due } = state;
  const on = verdict.on === null ? null : day(verdict.on, near);
  const because = LIMIT_BECAUSE[verdict.limiting];
  const closes = closing(window);
  const turning = state.circling.p50 >= 2 ? "full and turning" : "full";
  switch (verdict.code) {
    case "unknown":
      if (state.surprise) {
        return `What was seen on ${day(state.surprise.on, near)} does not fit its history: its pot or its last potting may be recorded wrongly, or the look was off. Look once more; until then anything between ${percent(fill.p10)} and ${percent(fill.p90)} is possible.`;
      }
      return `Nobody knows how full this pot is: somewhere between ${percent(fill.p10)} and ${percent(fill.p90)}. Look at its roots${on === null ? "" : verdict.on! <= near ? "; it may be due already" : `; it may be due from ${on}`}.`;
    case "not-due": {
      if (on === null) return "Not due: it will take years to use up this pot.";
      const ends =
        "none" in due
          ? ""
          : ` (between ${due.p10 ? day(due.p10, near) : "now"} and ${due.p90 ? day(due.p90, near) : "years later"})`;
      return `Not due: it will have used up its pot about ${on}${ends}.`;
    }
    case "move-now":
      return `Due, and the window is open: pot it on ${closes ? `by ${on}; after that ${LIMIT_BECAUSE[closes]}` : ANY_TIME}.`;
    case "wait":
      return `Due, but wait until ${on}: now ${because}.`;
    case "overdue":
      if (verdict.open)
        return `Overdue: its pot is ${turning}. The window is open: pot it on ${closes ? `by ${on}` : ANY_TIME}.`;
      return on
        ? `Overdue: its pot is ${turning}. Teasing and potting on must wait, because ${because}; the window opens ${on}.`
        : `Overdue: its pot is ${turning}, and no window opens within two years, because ${because}.`;
    case "no-window":
      return `Due, but no window opens within two years, because ${because}.`;
    case "no-pot":
      return `Due, and the window is open${closes ? ` until ${on}` : ""}, but nothing in store fits.`;
    case "hold":
      return `In its final pot and full: renew its roots and part of the mix${on ? `, best from ${on}` : ""}.`;
  }
}

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

export interface YardCounts {
  total: number;
  overdue: number;
  open: number;
}

export function countYard(rows: readonly { verdict: Verdict }[]): YardCounts {
  return {
    total: rows.length,
    overdue: rows.filter((r) => r.verdict.code === "overdue").length,
    open: rows.filter((r) => r.verdict.code === "move-now" || (r.verdict.code === "overdue" && r.verdict.open)).length,
  };
}

/** The Yard in one sentence. */
export function yardSentence({ total, overdue, open }: YardCounts): string {
  const parts = [`${number(total)} ${total === 1 ? "tree" : "trees"}`];
  if (overdue > 0) parts.push(`${overdue} overdue`);
  parts.push(open > 0 ? `${open} to move now` : "nothing to move today");
  return parts.join(" · ");
}
