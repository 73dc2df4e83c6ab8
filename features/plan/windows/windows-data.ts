import type { OperationWindow } from "@/model/index";
import type { HalfDay } from "@/core/window/index";

export interface WindowsData {
  treeId: string;
  tag: string;
  asOf: string;
  rows: OperationWindow[];
  halves: { lifted: HalfDay[]; still: HalfDay[] };
  best: { lifted: HalfDay[]; still: HalfDay[] };
  places: { id: string; name: string }[];
  here: { id: string | null; name: string | null };
  /** As if it stood there. */
  stand: { id: string; name: string } | null;
  placeMeasured: boolean;
  risk: number;
  warmClimate: boolean;
  guessed: boolean;
}
