"use client";

import dynamic from "next/dynamic";
import { type ReactNode, useMemo, useState } from "react";
import { RecordContext, type RecordWish } from "@/features/kernel/record-wish";

// Fetched when something is first recorded.
const RecordDialog = dynamic(() => import("./record-dialog").then((m) => m.RecordDialog), { ssr: false });

export function RecordProvider({ children }: { children: ReactNode }) {
  const [wish, setWish] = useState<{ wish: RecordWish; n: number } | null>(null);
  const open = useMemo(() => (next: RecordWish) => setWish((last) => ({ wish: next, n: (last?.n ?? 0) + 1 })), []);
  return (
    <RecordContext.Provider value={open}>
      {children}
      {wish && <RecordDialog key={wish.n} wish={wish.wish} close={() => setWish(null)} />}
    </RecordContext.Provider>
  );
}
