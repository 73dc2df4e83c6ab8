import { isEvergreen, isHot, JUDGEMENT_FIGURES as J } from "../judgement/index";
import { type Draft, endOf } from "./draft";

/** What cannot wait for any window: thirst, heat, a buried flare, a girdling root. */
export function urgentCare(draft: Draft): void {
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
