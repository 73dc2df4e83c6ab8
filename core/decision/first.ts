import { toDay } from "../dates/index";
import { GROUND_CIRCLING_MOST } from "../ladder/index";
import { CORRECTING_FIGURES } from "../root-work/index";
import { isSour, liveShareOf } from "../roots/index";
import type { ActPot, Headline } from "./decision";
import { chosenPot, samePot, type Draft, endOf, minutesFor } from "./draft";
import { DECISION_FIGURES as F } from "./figures";

/** Litres of mix a pot of a width holds, of usual proportions. */
const litresOfWidth = (mm: number) => (Math.PI / 4) * mm ** 2 * (F.bareDepthOfWidth * mm) * 1e-6;

/** A rescue goes on: its checkpoints are the headline until it is over. */
export function rescued(draft: Draft): Headline | null {
  const { rescue } = draft.facts;
  if (!rescue) return null;
  if (rescue.from === null) {
    draft.act({ work: "give-up", because: ["rescue"] });
    return draft.headline("give-up", { work: "give-up", because: ["rescue"], step: rescue.step });
  }
  const [from, to] = [toDay(rescue.from), toDay(rescue.to)];
  draft.act({ work: "checkpoint", from, to, because: ["rescue"] });
  return draft.headline("rescue", { work: "checkpoint", from, to, because: ["rescue"], step: rescue.step });
}

/** Its plan has it out of its pots this season: into the ground, in the window for it. */
export function plantedOut(draft: Draft): Headline | null {
  const { potted } = draft.facts;
  if (!potted || potted.planned?.action !== "plant-out" || !potted.planned.thisSeason || potted.situation.broken)
    return null;
  const season = draft.next("plant-out");
  const from = season?.from ?? null;
  draft.act({
    work: "plant-out",
    correction: potted.circling.p50 >= GROUND_CIRCLING_MOST ? "tease-and-clip" : "none",
    from,
    massKg: potted.ballKg,
    minutes: minutesFor("plant-out", potted.situation.volumeL, draft.facts),
    because: ["planned"],
  });
  if (draft.isOpen("plant-out"))
    return draft.headline("plant-out", { work: "plant-out", from: draft.on, to: endOf(season), because: ["planned"] });
  draft.refuseClosed("plant-out");
  const limiting = draft.heldBy("plant-out");
  return draft.headline("wait", { work: "plant-out", from, to: endOf(season), limiting, because: ["planned"] });
}

/** No pot yet: roots wrapped and cool keep for days while they sleep; in leaf they are potted at once. */
export function withoutPot(draft: Draft): Headline | null {
  const { unpotted, profile } = draft.facts;
  if (!unpotted) return null;
  const { arrivedOn, leafless, budBreakOn, spreadMm, choose } = unpotted;
  const keeps = arrivedOn + (leafless ? F.bareKeepsDays : F.bareKeepsInLeafDays) - 1;
  const to = Math.max(draft.on, Math.min(keeps, budBreakOn ?? keeps));
  const because = ["no-pot" as const];
  const warm = profile.values.traits.includes("warm-when-bare");
  draft.act({ work: "keep-moist", to, because, figures: warm ? { lowC: 15, highC: 20 } : { lowC: 1, highC: 4 } });
  const spread = spreadMm ?? F.bareSpreadMm;
  const [lowL, highL] = [litresOfWidth(F.bareWidthLow * spread), litresOfWidth(F.bareWidthHigh * spread)];
  const pot: ActPot = chosenPot(lowL, highL, 0, () => choose("none", lowL, highL, 0));
  draft.act({
    work: "first-potting",
    correction: "none",
    to,
    pot,
    minutes: minutesFor("up-pot", pot.highL, draft.facts),
    because,
    figures: { mostWidthMm: F.bareWidthHigh * spread, ...(spreadMm === null ? {} : { spreadMm }) },
  });
  if (spreadMm === null) draft.ask("spread", 1);
  return draft.headline(to > draft.on ? "do-by" : "do-now", { work: "first-potting", from: draft.on, to, because });
}

/** Sour or rotten roots, or pests in them: no window waits, and no larger pot. */
export function goesToPieces(draft: Draft): Headline | null {
  const { potted } = draft.facts;
  if (!potted?.reading) return null;
  const { reading, situation: s } = potted;
  const sour = isSour(reading);
  const pests = reading.signs.some((sign) => sign === "grubs" || sign === "aphids" || sign === "galls");
  if (!sour && !pests) return null;
  const live = liveShareOf(reading);
  const mostL = CORRECTING_FIGURES.potDown * live * s.volumeL;
  const because = [sour ? ("sour" as const) : ("pests" as const)];
  const pot: ActPot = sour
    ? { lowL: live * s.volumeL, highL: mostL, choice: null, buy: false, same: false, mostTrim: 0 }
    : samePot(s.volumeL);
  draft.act({
    work: sour ? "pot-down" : "discard-mix",
    correction: sour ? "none" : "wash-bare",
    lossShare: sour ? 1 - live : 0,
    mostShare: 1,
    excepted: because[0],
    pot,
    massKg: potted.ballKg,
    minutes: minutesFor("root-prune", pot.highL, draft.facts),
    because,
    figures: { live },
  });
  draft.refuse("up-pot", "step", { mostL });
  return draft.headline("do-now", { work: sour ? "pot-down" : "discard-mix", from: draft.on, because });
}

/** Apart from the others: looked at again before anything is done to its roots. */
export function quarantined(draft: Draft): Headline | null {
  const { health } = draft.facts;
  if (health.state !== "quarantine" && health.state !== "sick") return null;
  const from = Math.max(draft.on, (health.on ?? draft.on) + F.lookAgainDays);
  draft.act({ work: "look-again", from, to: null, because: ["ill"] });
  draft.refuseClosed("up-pot");
  return draft.headline("check-first", { work: "look-again", from, limiting: "health", because: ["ill"] });
}
