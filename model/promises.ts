import type { ChoosePot, PotChoice, PotSetting } from "@/core/decision/index";
import { mixOfPot, type PotFit, TAP_DEPTH_MM } from "@/core/ladder/index";
import { lazily } from "@/core/math/index";
import { correctBall, currentBall, usualFillHeightMm } from "@/core/potting/index";
import { settingPlan, shavedBall } from "@/core/setting/index";
import { brimHeightMm, type Pot, vesselOf } from "@/core/vessel/index";
import { usualCrownMm } from "./juvenile";
import { presumedPot } from "./replayed";
import type { TreeOnDay } from "./tree-on-day";
import type { YardOnDay } from "./yard-on-day";

/** What a pot is wanted for: a work, from and to so many litres, and what may come off the sides of a tap root's ball for it. */
type Wanted = Parameters<ChoosePot>;

/** A pot of the shelf serves where its litres lie this near the range. */
const NEAR = 1.05;

/** Pots of the day's store that fit a tree for a work, the best first. */
function candidates(day: TreeOnDay, [correction, lowL, highL, mostTrim]: Wanted): PotChoice[] {
  const near = (mixL: number) => mixL * NEAR >= lowL && mixL <= NEAR * highL;
  // What shares its pot moves with the others: of a pot its share is asked.
  const shelf = day.yard.on(day.day).free.filter((p) => near(day.state.share * mixOfPot(p.pot)));
  const pots = new Map(shelf.map((p) => [p.lotId, p]));
  const planned = day.plan?.steps.find((s) => s.action === "up-pot")?.potId;
  // The pot its plan names comes first; a tap root goes into the deeper ones, whatever their litres.
  const shallow = (lotId: string) =>
    day.profile.roots === "tap" && brimHeightMm(vesselOf(pots.get(lotId)!.pot).vessel) < TAP_DEPTH_MM;
  const rank = ({ lotId }: PotFit) => (lotId === planned ? -2 : 0) + (shallow(lotId) ? 1 : 0);
  return day
    .fitsSized(shelf, correction, mostTrim)
    .filter((fit) => fit.misfit === null)
    .sort((a, b) => rank(a) - rank(b))
    .map(({ lotId, ratio, fillAtSeasonEnd, trim }) =>
      lazily(
        {
          lotId,
          mixL: ratio * day.roots.volumeL.p50,
          fillAtSeasonEnd,
          disinfect: pots.get(lotId)!.unclean ?? false,
          trim,
        },
        "setting",
        () => settingIn(day, pots.get(lotId)!.pot, correction, trim.sideMm),
      ),
    );
}

/** How a tree's ball, corrected, is set in a pot. */
function settingIn(day: TreeOnDay, pot: Pot, correction: Wanted[0], sideMm: number): PotSetting | null {
  const stands = presumedPot(day.roots);
  const ball = stands && currentBall({ ...day.roots, pot: stands }, day.yearsInPot)?.ball;
  if (!ball) return null;
  const { vessel } = vesselOf(pot);
  const fillHeightMm = usualFillHeightMm(vessel);
  const crownMm = usualCrownMm(day.events, day.day);
  const plan = settingPlan({
    vessel,
    ball: shavedBall(correctBall(ball, correction).ball, sideMm, 0),
    fillHeightMm,
    crownMm,
  });
  return {
    freeboardMm: brimHeightMm(vessel) - fillHeightMm,
    baseLayerMm: plan.looseBaseLayerMm,
    sideGapMm: plan.sideGapTopMm,
    trimMm: plan.trimMm,
    trimSideMm: sideMm,
    crownMm,
    looseMixL: plan.looseMixL,
  };
}

/** The first pot that a tree's decision asks the store for. */
function wantedBy(day: TreeOnDay): Wanted | null {
  const act = day.decision?.acts.find((a) => a.pot && !a.pot.same && a.correction);
  return act ? [act.correction!.name, act.pot!.lowL, act.pot!.highL, act.pot!.mostTrim] : null;
}

/** Pots of the store as they are promised on a day: each to one tree, the most urgent first; many alike ask for as many. */
export class Promises {
  private readonly byTree = new Map<string, PotChoice | null>();
  private readonly left: Map<string, number>;

  constructor(yardOnDay: YardOnDay) {
    this.left = new Map(yardOnDay.free.map((p) => [p.lotId, p.free]));
    for (const { treeId } of yardOnDay.states) {
      const day = yardOnDay.tree(treeId)!;
      const wanted = wantedBy(day);
      if (!wanted) continue;
      // One pot for all that stand in one.
      const [mate] = day.state.together.flatMap((id) => this.byTree.get(id) ?? []);
      const found = mate
        ? (candidates(day, wanted).find((c) => c.lotId === mate.lotId) ?? null)
        : this.unpromised(day, wanted);
      this.byTree.set(treeId, found);
      if (found && !mate) this.left.set(found.lotId, this.left.get(found.lotId)! - day.plants);
    }
  }

  /** The pot promised to a tree; for another work than its first, one nobody is promised. */
  for(day: TreeOnDay, wanted: Wanted): PotChoice | null {
    const first = wantedBy(day);
    const own = first?.every((part, i) => part === wanted[i]) ? this.byTree.get(day.record.id) : undefined;
    return own === undefined ? this.unpromised(day, wanted) : own;
  }

  private unpromised(day: TreeOnDay, wanted: Wanted): PotChoice | null {
    return candidates(day, wanted).find((c) => (this.left.get(c.lotId) ?? 0) >= day.plants) ?? null;
  }
}

/** The pot a tree is given: the one promised to it today; on any other day whatever would be free then. */
export function potFor(day: TreeOnDay, wanted: Wanted): PotChoice | null {
  const { yard } = day;
  if (day.day === yard.today) return yard.on(day.day).promises.for(day, wanted);
  const free = new Map(yard.on(day.day).free.map((p) => [p.lotId, p.free]));
  return candidates(day, wanted).find((c) => free.get(c.lotId)! >= day.plants) ?? null;
}
