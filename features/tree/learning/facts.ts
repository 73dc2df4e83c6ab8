import type { DateEstimate } from "@/core/estimate/index";
import type { Rerooting, Learning, Narrowing } from "@/model/index";

export interface LearningFacts {
  treeId: string;
  tag: string;
  name: string;
  cultivar: string | null;
  learning: Learning;
  /** Trees of its species whose checks speak for it, and how many there are. */
  mates: { count: number; of: number } | null;
  due: DateEstimate;
  rerooting: Rerooting | null;
  narrowing: Narrowing[];
  potEventId: string | null;
}
