"use client";

import dynamic from "next/dynamic";
import { createContext, type ReactNode, useContext, useMemo, useState } from "react";
import type { Recordable } from "@/words/record";
import type { Chosen } from "./things";

// Fetched when something is first recorded.
const RecordDialog = dynamic(() => import("./record-dialog").then((m) => m.RecordDialog), { ssr: false });

export interface RecordWish {
  /** Trees it is about; none: they are chosen first. */
  trees: readonly Chosen[];
  /** A tree known by its page alone. */
  treeId?: string;
  thing?: Recordable;
  /** Once something was recorded. */
  done?: () => void;
}

const Context = createContext<(wish: RecordWish) => void>(() => undefined);

/** Opens what records something of trees, from anywhere. */
export const useRecord = () => useContext(Context);

export function RecordProvider({ children }: { children: ReactNode }) {
  const [wish, setWish] = useState<{ wish: RecordWish; n: number } | null>(null);
  const open = useMemo(() => (next: RecordWish) => setWish((last) => ({ wish: next, n: (last?.n ?? 0) + 1 })), []);
  return (
    <Context.Provider value={open}>
      {children}
      {wish && <RecordDialog key={wish.n} wish={wish.wish} close={() => setWish(null)} />}
    </Context.Provider>
  );
}
