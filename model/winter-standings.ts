import { type DayNumber, midwinterOf } from "@/core/dates/index";
import { type Standing, UNPROTECTED, type WinterTree } from "@/core/shelter/index";
import type { Profile } from "@/core/species/index";
import { footprintMm, vesselOf, wallOf } from "@/core/vessel/index";
import type { TreeRecord } from "@/core/records/index";
import type { Replayed } from "./replayed";
import { EVER, type Stay } from "./stays";
import type { YardOnDay } from "./yard-on-day";

/** Room for a hand between pots, m. */
export const HAND_M = 0.04;
/** A pot nobody has described, mm. */
const UNKNOWN_WIDTH_MM = 300;
/** A batch stands as a block; its circle is so much wider than the block's area asks for. */
const BLOCK_ROOM = 1.1;

/**
 * Share of a measured crown that needs ground of its own in quarters, and that must pass a door once tied in: leaves want light,
 * bare twigs reach into each other (L).
 */
export const CROWN_ROOM = { evergreen: 0.8, leafless: 0.5 } as const;
const CROWN_TIED = { evergreen: 0.6, leafless: 0.4 } as const;

const stayOn = (stays: readonly Stay[], day: DayNumber) => stays.findLast((s) => s.from <= day) ?? stays[0];

/** A collection's pots as the winter asks of them: what is carried and set down, and the trees in them. */
export interface WinterStandings {
  standings: Standing[];
  trees: WinterTree[];
  /** Trees nobody has said the pot of: their volume is unknown. */
  withoutPot: string[];
}

/** @param winter named by the season of its midwinter */
export function winterStandings(yardOnDay: YardOnDay, winter: number): WinterStandings {
  const { yard, day: on } = yardOnDay;
  const { latitudeDeg } = yard;
  const midwinter = midwinterOf(winter, latitudeDeg);
  const midsummer = Math.min(on, midwinter - 182);
  const lastWinter = midwinterOf(winter - 1, latitudeDeg);
  const out: WinterStandings = { standings: [], trees: [], withoutPot: [] };
  const byPot = new Map<string, Standing>();
  for (const tree of yardOnDay.living) {
    const day = yardOnDay.tree(tree.id);
    if (!day) continue;
    const { profile, roots: replayed, stays, lot, plants } = day;
    if (!replayed.pot) {
      out.withoutPot.push(tree.id);
      continue;
    }
    const homeId = stayOn(stays, midsummer).placeId;
    out.trees.push(winterTree(tree, profile, replayed, homeId, lot?.frostProof ?? null));
    const potKey = replayed.share < 1 && replayed.lotId !== null ? replayed.lotId : `tree:${tree.id}`;
    const shared = byPot.get(potKey);
    if (shared) {
      shared.treeIds.push(tree.id);
      shared.tag = `${shared.tag} + ${tree.tag}`;
      continue;
    }
    const last = stayOn(stays, lastWinter);
    const { circleMm, throughMm } = footprintMm(vesselOf(replayed.pot).vessel);
    const evergreen = profile.parameters[0].leaf === "evergreen";
    const leaf = evergreen ? "evergreen" : "leafless";
    const crownM = tree.crownM ?? 0;
    const potM = Math.max(circleMm, UNKNOWN_WIDTH_MM / 10) / 1000 + HAND_M;
    const widthM = Math.max(potM, CROWN_ROOM[leaf] * crownM);
    const mass = day.mass!;
    const standing: Standing = {
      id: tree.id,
      treeIds: [tree.id],
      tag: tree.tag,
      name: profile.name,
      plants,
      evergreen,
      need: profile.values.winterLight,
      volumeL: replayed.volumeL.p50 / replayed.share,
      widthM: plants === 1 ? widthM : BLOCK_ROOM * widthM * Math.sqrt(plants),
      potM,
      crownM: tree.crownM ?? null,
      throughM: Math.max(throughMm / 1000, CROWN_TIED[leaf] * crownM),
      heightM: tree.heightM === null ? null : tree.heightM + potHeightM(replayed),
      eachKg: mass.wetKg,
      massKg: mass.wetKg * plants,
      massGuessed: mass.guessed,
      anchored: day.condition.anchoredOn !== null,
      homeId,
      nowId: stays.at(-1)!.placeId,
      lastWinterId: last.placeId,
      // Of a tree that had not been placed by then nobody knows.
      lastWinterKnown: last.from !== EVER || stays.length > 1,
      group: tree.set ? `set:${tree.set}` : null,
      protection: tree.protection ?? UNPROTECTED,
      inBelowC: tree.inBelowC ?? null,
      bringInNightC: profile.values.bringInNightC,
    };
    byPot.set(potKey, standing);
    out.standings.push(standing);
  }
  return out;
}

const potHeightM = (r: Replayed) => {
  const { vessel } = vesselOf(r.pot!);
  return (vessel.shape === "bag" ? vessel.lengthMm : vessel.heightMm) / 1000;
};

function winterTree(
  tree: TreeRecord,
  profile: Profile,
  replayed: Replayed,
  homeId: string | null,
  frostProof: boolean | null,
): WinterTree {
  return {
    id: tree.id,
    volumeL: replayed.volumeL.p50 / replayed.share,
    wall: wallOf(replayed.pot!),
    frostProof,
    protection: tree.protection ?? UNPROTECTED,
    limits: { youngC: profile.rootKillYoungC, matureC: profile.values.rootKillMatureC },
    habit: profile.parameters[0],
    chillPortions: profile.values.chillPortions[0],
    coolForBloom: profile.values.coolForBloom,
    even: profile.values.water === "even",
    homeId,
    inBelowC: tree.inBelowC ?? null,
    bringInNightC: profile.values.bringInNightC,
  };
}
