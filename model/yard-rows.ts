import { toDay } from "@/core/dates/index";
import type { Headline } from "@/core/decision/index";
import type { HealthState } from "@/core/event/index";
import { usualFillHeightMm } from "@/core/potting/index";
import { plantsAt } from "@/core/records/index";
import type { CrownForm } from "@/core/species/index";
import { type Vessel, vesselOf } from "@/core/vessel/index";
import type { Yard } from "./open-yard";
import type { TreeState } from "./state";

/** What the Yard draws of a tree: small, because hundreds of them travel together. */
export interface YardRow {
  id: string;
  tag: string;
  tagLost: boolean;
  name: string;
  cultivar: string | null;
  count: number;
  placeId: string | null;
  vessel: Vessel | null;
  fillHeightMm: number;
  guessed: boolean;
  volumeL: number;
  fill: number;
  /** Ripeness of the leaves' wood; null while leafless. */
  ripe: number | null;
  dueOn: string | null;
  /** What is decided about it; null on days long before today, of which only its roots are told. */
  headline: Headline | null;
  pressDays: number | null;
  health: HealthState;
  /** How its crown is drawn, and how high it stands above the mix; not measured: as high as trees in so much mix usually are. */
  form: CrownForm;
  heightMm: number;
  heightGuessed: boolean;
  /** Days it was last potted and its roots were last looked at, as far as anybody said. */
  pottedOn: string | null;
  checkedOn: string | null;
}

const round = (value: number, digits: number) => Math.round(value * 10 ** digits) / 10 ** digits;

/** Height of a tree nobody measured, by its mix: about 1.1 m in 10 L, 1.7 m in 30 L, 2.7 m in 100 L. For its picture alone (L). */
const usualHeightMm = (volumeL: number) => 440 * volumeL ** 0.4;

export function yardRows(yard: Yard, states: readonly TreeState[]): YardRow[] {
  return states.map((state) => {
    const { record: tree, name, crownForm } = yard.tree(state.treeId)!;
    const day = yard.on(state.on).tree(state.treeId)!;
    const pot = state.lotId === null ? undefined : yard.indexed.lots.get(state.lotId)?.pot;
    const shape = pot ? vesselOf(pot) : null;
    const leafless = state.wood.stage === "dormant" || state.wood.stage === "swelling";
    return {
      id: tree.id,
      tag: tree.tag,
      tagLost: tree.tagLost ?? false,
      name,
      cultivar: tree.cultivar,
      count: plantsAt(yard.indexed, tree.id, toDay(state.on)),
      placeId: tree.placeId ?? null,
      vessel: shape?.vessel ?? null,
      fillHeightMm: shape ? Math.round(usualFillHeightMm(shape.vessel)) : 0,
      guessed: shape?.guessed ?? true,
      volumeL: round(state.volumeL.p50, 1),
      fill: round(state.fill.p50, 2),
      ripe: leafless ? null : round(state.wood.ripe.p50, 1),
      dueOn: "none" in state.due ? null : state.due.p50,
      headline: day.decision?.headline ?? null,
      pressDays: Number.isFinite(day.pressDays) ? day.pressDays : null,
      health: day.condition.health,
      form: crownForm,
      heightMm: Math.round(tree.heightM === null ? usualHeightMm(state.volumeL.p50) : 1000 * tree.heightM),
      heightGuessed: tree.heightM === null,
      pottedOn: state.pottedOn,
      checkedOn: day.events.findLast((e) => e.payload.kind === "roots-read" && e.on.best <= state.on)?.on.best ?? null,
    };
  });
}
