import type { Purpose } from "@/core/event/index";
import type { Hazard } from "@/core/species/index";
import type { Pot } from "@/core/vessel/index";
import type { StripWood } from "@/features/kernel/strip-wood";
import type { Narrowing } from "@/model/index";
import type { FrostWords } from "@/words/climate";
import type { HABIT_WORDS } from "@/words/terms";
import type { HistoryItem, TreeChoice } from "./history";

/** What a tree's page is shown from, beside its picture on the day. */
export interface TreeFacts {
  id: string;
  tag: string;
  name: string;
  scientific: string | null;
  cultivar: string | null;
  purpose: Purpose;
  count: number;
  note: string | null;
  hazards: readonly Hazard[];
  listed: boolean;
  habit: keyof typeof HABIT_WORDS | null;
  step: { ideal: number; largest: number };
  kPerDegreeDay: number;
  frost: FrostWords;
  lots: { id: string; name: string; pot: Pot }[];
  /** Whether any pot stands free in store. */
  anyInStore: boolean;
  history: HistoryItem[];
  /** Trees an entry could belong to instead. */
  others: TreeChoice[];
  narrowing: Narrowing[];
  plants: number;
  arrivedOn: string;
  rootstock: string | null;
  /** How and when it left the collection. */
  left: string | null;
  place: string | null;
  /** Where the kept plan has it in the coming winter; null: in its summer place, or nobody has planned. */
  wintersIn: string | null;
  origin: string | null;
  tagLost: boolean;
  /** Names the kind for the strip. */
  kindKey: string;
  /** In the library. */
  kindId: string | null;
  ownWood: StripWood | null;
  tags: Record<string, string>;
}
