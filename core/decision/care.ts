import { toDay } from "../dates/index";
import { isEvergreen, isHot, JUDGEMENT_FIGURES as J } from "../judgement/index";
import type { Headline } from "./decision";
import { type Draft, endOf } from "./draft";
import type { PottedFacts } from "./facts";
import { DECISION_FIGURES as F } from "./figures";

/** Where it stands must be empty: carried elsewhere before the day, or now where that has passed. */
function clearPlace(draft: Draft): void {
  const { mustLeave } = draft.facts;
  if (!mustLeave || mustLeave.from > draft.on + F.clearAheadDays) return;
  draft.act({
    work: "clear-place",
    to: Math.max(draft.on, mustLeave.from - 1),
    because: ["place-empties"],
    massKg: mustLeave.massKg,
    figures: { fromDay: mustLeave.from, toDay: mustLeave.to },
  });
}

/** What cannot wait for any window: a place to be cleared, thirst, heat, a buried flare, a girdling root. */
export function urgentCare(draft: Draft): void {
  clearPlace(draft);
  const { potted } = draft.facts;
  if (!potted) return;
  const { situation: s } = potted;
  if (s.dry) draft.act({ work: "bath", because: ["dry"], figures: { minutes: J.bathMinutes } });
  if (s.flareHidden) draft.act({ work: "expose-flare", because: ["flare-hidden"], figures: {} });
  if (isHot(s))
    draft.act({ work: "shade", because: ["hot"], figures: { belowC: J.shadeBelowC, hottestC: s.hottestC! } });
  if (s.girdler) girdler(draft, s.girdler.shareOfGirth);
}

function girdler(draft: Draft, share: number | null): void {
  const { situation: s } = draft.facts.potted!;
  if (share === null) {
    draft.act({ work: "look-for-girdler", because: ["girdler"] });
    draft.ask("girdler", J.girdlerSoon);
    return;
  }
  const small = share < J.girdlerSoon;
  const inSeason = draft.next(isEvergreen(s) ? "up-pot" : "shave");
  const at = small && !isHot(s) ? draft.next("remove-girdler") : inSeason;
  draft.act({
    work: "remove-girdler",
    correction: "remove-girdler",
    from: at?.from ?? null,
    to: endOf(at),
    because: ["girdler"],
    // One that serves more than a third of the girth goes over two seasons.
    figures: { share, seasons: small ? 1 : 2 },
  });
}

/** A work waits for its wood to ripen: a look at the shoots may open it sooner, or show that it does well to wait. */
export function woodCheck(draft: Draft, { code, work, limiting, from }: Headline): void {
  const { woodCheckedOn } = draft.facts;
  if (code !== "wait" || work === null || limiting !== "wood") return;
  if (from !== null && toDay(from) > draft.on + F.woodCheckDays) return;
  if (woodCheckedOn !== null && woodCheckedOn > draft.on - F.woodCheckedDays) return;
  draft.act({ work: "check-wood", to: null, because: ["wood-unsure"] });
  draft.ask("wood", F.woodWorth);
}

/** Evergreens that are carried in: fed little while it is warm, in before the nights they fear, bright and cool, watered by weight. */
export function feedAndQuarters(draft: Draft, { situation: s }: PottedFacts): void {
  const { values } = s.profile;
  if (!isEvergreen(s) || !s.autumn || values.leafC === null || values.leafC <= J.staysOutBelowC) return;
  const because = ["winter-near" as const];
  const nightC = values.bringInNightC ?? Math.max(2, values.leafC + J.inAboveLeafC);
  draft.act({
    work: "feed-little",
    to: null,
    because,
    figures: { low: J.feedLow, high: J.feedHigh, untilC: values.takeHoldBaseC },
  });
  if (!draft.facts.indoors) draft.act({ work: "bring-in", to: null, because, figures: { nightC } });
  draft.act({ work: "keep-bright", to: null, because, figures: { lowC: values.winterC[0], highC: values.winterC[1] } });
  draft.act({ work: "water-by-weight", to: null, because });
}
