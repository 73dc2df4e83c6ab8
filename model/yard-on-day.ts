import type { DayNumber } from "@/core/dates/index";
import { type StorePot } from "@/core/ladder/index";
import { plantsAt, storeAt, type TreeRecord } from "@/core/records/index";
import { collectionWindows, type WorkYear } from "./collection-windows";
import type { Profile } from "@/core/species/index";
import type { Operation, WindowSeries } from "@/core/window/index";
import type { Yard } from "./open-yard";
import { EVER } from "./stays";
import type { LadderShelf } from "./ladder-problem";
import { Promises } from "./promises";
import { shelfOf } from "./shelf";
import { seriesFor } from "./window-series";
import type { TreeState } from "./state";
import type { TreeOnDay } from "./tree-on-day";
import { type KindYear, kindYear } from "./kind-year";
import { type WinterStandings, winterStandings } from "./winter-standings";
import { type YardRow, yardRows } from "./yard-rows";

/** The one that presses harder first; two that do not press at all are equal. */
const byPress = (a: number, b: number) => (a === b ? 0 : a - b);

/** A whole yard on one day. */
export class YardOnDay {
  private readonly trees = new Map<string, TreeOnDay | null>();
  private kept: {
    states?: TreeState[];
    store?: StorePot[];
    free?: StorePot[];
    works?: WorkYear[];
    promises?: Promises;
    shelf?: LadderShelf;
  } = {};

  constructor(
    readonly yard: Yard,
    readonly day: DayNumber,
  ) {}

  /** Null where there is no such tree, or before it came. */
  tree(id: string): TreeOnDay | null {
    const found = this.trees.get(id);
    if (found !== undefined) return found;
    const made = this.yard.tree(id)?.make(this.day) ?? null;
    this.trees.set(id, made);
    return made;
  }

  plants(treeId: string): number {
    return plantsAt(this.yard.indexed, treeId, this.day);
  }

  /** Records of which a plant is there. */
  get living(): TreeRecord[] {
    return this.yard.indexed.records.trees.filter((tree) => this.plants(tree.id) > 0);
  }

  /** Pots by lot with how many are free. */
  get store(): StorePot[] {
    return (this.kept.store ??= storeAt(this.yard.indexed, this.day));
  }

  get free(): StorePot[] {
    return (this.kept.free ??= this.store.filter((pot) => pot.free > 0));
  }

  /** Every living tree's state in the order of what is lost by waiting: overdue first, then by days to the last day its decision names. */
  get states(): TreeState[] {
    if (this.kept.states) return this.kept.states;
    const tags = new Map(this.yard.indexed.records.trees.map((tree) => [tree.id, tree.tag]));
    const states = this.living.flatMap((tree) => this.tree(tree.id)?.state ?? []);
    const press = new Map(states.map((s) => [s.treeId, this.tree(s.treeId)!.pressDays]));
    states.sort(
      (a, b) =>
        byPress(press.get(a.treeId)!, press.get(b.treeId)!) || tags.get(a.treeId)!.localeCompare(tags.get(b.treeId)!),
    );
    return (this.kept.states = states);
  }

  /** What the plans of all trees share. */
  get shelf(): LadderShelf {
    return (this.kept.shelf ??= shelfOf(this));
  }

  /** Which tree each pot of the store is promised to. */
  get promises(): Promises {
    return (this.kept.promises ??= new Promises(this));
  }

  /** What a list of all trees draws. */
  get rows(): YardRow[] {
    return yardRows(this.yard, this.states);
  }

  /** The works a whole yard is planned by, through the next twelve months. */
  get works(): WorkYear[] {
    return (this.kept.works ??= collectionWindows(this));
  }

  /** Windows of a kind in the open, as far as the next four hundred days reach. */
  windowsOfKind<O extends Operation>(kind: Profile, operations: readonly O[]): Record<O, WindowSeries> {
    return seriesFor(this.yard, kind, [{ from: EVER, placeId: null }], operations, this.day);
  }

  /** Twelve months of a kind in the open, from the first of this month. */
  kindYear(kind: Profile): KindYear {
    return kindYear(this, kind);
  }

  /** @param winter named by the season of its midwinter */
  winter(winter: number): WinterStandings {
    return winterStandings(this, winter);
  }
}
