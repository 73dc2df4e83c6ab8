import { growingSeason, midwinterOf, type DayNumber, toDay, toIso } from "../dates/index";
import { crownToMatch, isLeafless, JUDGEMENT_FIGURES as J } from "../judgement/index";
import type { Aftercare, Decision, DecisionAct, Headline } from "./decision";
import type { Reason } from "./codes";
import type { Profile } from "../species/index";
import { type Draft, endOf } from "./draft";
import type { PottedFacts } from "./facts";
import { DECISION_FIGURES as F } from "./figures";
import { inGoal } from "./litres";

/** Headlines under which nobody cuts at its crown: it has enough to do. */
const LEFT_ALONE = new Set<Headline["code"]>(["rescue", "give-up", "settle", "plant-out"]);

/**
 * Work on the crown beside that on the roots: what for, how much and when. It comes last, so that it knows what goes of the roots: much
 * root loss and a cut crown in one season are two insults, and a flush lies between them.
 */
export function crownWork(draft: Draft, headline: Headline): void {
  const { potted, health, young } = draft.facts;
  if (!potted || LEFT_ALONE.has(headline.code)) return;
  if (health.state === "sick") return sickness(draft);
  if (balance(draft, potted)) return;
  if (inGoal(potted) && !young && health.state === "well" && !potted.settling) size(draft, potted);
}

/**
 * Leaves are kept beside root work in the coming weeks, unless its crown is cut then anyway: null where nothing is to be said of them.
 * @returns share of roots that goes, and of leaves that the proportional school would take for it
 */
export function crownBeside({ on, acts }: Pick<Decision, "on" | "acts">): { rootLoss: number; school: number } | null {
  const near = toIso(toDay(on) + F.crownNearDays);
  const soon = acts.filter((a) => a.from !== null && a.from <= near);
  const rootLoss = Math.max(0, ...soon.map((a) => a.correction?.lossShare ?? 0));
  if (rootLoss <= J.littleLoss || soon.some((a) => a.work === "prune-light")) return null;
  return { rootLoss, school: crownToMatch(rootLoss) };
}

/** Only what is dead or sick, whenever cuts may be made. */
function sickness(draft: Draft): void {
  const season = draft.next("prune-light");
  if (season) cut(draft, { from: season.from, to: endOf(season), share: F.sickMostShare, because: "sick-wood" });
}

/** In leaf, so many roots gone that what is left cannot serve the crown: with the work itself, whatever the season of cuts. */
function balance(draft: Draft, { situation }: PottedFacts): boolean {
  if (isLeafless(situation)) return false;
  const act = draft.acts.find((a) => a.from === toIso(draft.on) && draft.lossOf(a) > F.balanceFromLoss);
  if (!act || !(act.excepted !== null || draft.isOpen("prune-light"))) return false;
  const to = act.to === null ? null : toDay(act.to);
  cut(draft, {
    from: draft.on,
    to,
    share: crownToMatch(draft.lossOf(act)),
    because: "root-loss",
    excepted: act.excepted,
  });
  return true;
}

/** In its last pot the crown is kept to what the pot can feed, once a year and not in the season in which its roots are cut. */
function size(draft: Draft, potted: PottedFacts): void {
  const { crown } = draft.facts;
  const { profile } = potted.situation;
  // A palm has one bud: what is cut of it does not branch.
  if (profile.values.group === "palm-like") return;
  const [low, high] = profile.values.vigour;
  const share = Math.max(F.sizeShare[low], F.sizeShare[high]);
  const after = crown.cutOn === null ? draft.on : Math.max(draft.on, crown.cutOn + F.crownEveryDays);
  const season = draft.next("prune-light", besideRoots(draft, after));
  if (season) cut(draft, { from: season.from, to: endOf(season), share, because: "size" });
}

/** The first day from one on that lies in no growing season in which many of its roots go. */
function besideRoots(draft: Draft, from: DayNumber): DayNumber {
  const { acts, latitudeDeg } = draft;
  const taken = new Set(
    acts.flatMap((a) =>
      a.from !== null && draft.lossOf(a) > F.insultLoss ? [growingSeason(toDay(a.from), latitudeDeg)] : [],
    ),
  );
  const season = growingSeason(from, latitudeDeg);
  return taken.has(season) ? midwinterOf(season + 1, latitudeDeg) : from;
}

function cut(
  draft: Draft,
  what: {
    from: DayNumber;
    to: DayNumber | null;
    share: number;
    because: Reason;
    excepted?: DecisionAct["excepted"];
  },
): void {
  const { from, to, share, because, excepted } = what;
  const { situation } = draft.facts.potted!;
  draft.act({
    work: "prune-light",
    from,
    to,
    because: [because],
    figures: { share, ...remarksOn(situation.profile) },
    minutes: draft.facts.plants * (F.crownSetUpMinutes + F.crownMinutesPerRootL * Math.sqrt(situation.volumeL)),
    aftercare: afterCut(from),
    ...(excepted ? { excepted } : {}),
  });
}

/** What is said beside a cut: sap that burns, and needles that do not come again from bare wood. */
function remarksOn({ hazards, values }: Profile): Record<string, number> {
  return {
    ...(hazards.includes("sap-irritates") || hazards.includes("sap-burns") ? { sap: 1 } : {}),
    ...(values.group === "conifer" ? { bare: 1 } : {}),
  };
}

/** A thinner crown drinks and eats less at once; its shoots tell how strong it is. */
export function afterCut(from: DayNumber): Aftercare[] {
  return [
    { code: "water-less", on: toIso(from + F.waterLessDays) },
    { code: "look-at-shoots", on: toIso(from + F.shootsDays) },
  ];
}
