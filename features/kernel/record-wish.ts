"use client";

import { createContext, useContext } from "react";
import type { Recordable } from "@/words/record";

/** A tree something is recorded of. */
export interface Chosen {
  id: string;
  tag: string;
}

export interface RecordWish {
  /** Trees it is about; none: they are chosen first. */
  trees: readonly Chosen[];
  /** A tree known by its page alone. */
  treeId?: string;
  thing?: Recordable;
  /** Once something was recorded. */
  done?: () => void;
}

/** What opens the form for it; the shell provides it to every page. */
export const RecordContext = createContext<(wish: RecordWish) => void>(() => undefined);

/** Opens what records something of trees, from anywhere. */
export const useRecord = () => useContext(RecordContext);
