"use client";

import { useRouter } from "next/navigation";
import { useEffect } from "react";
import { ask as query } from "@/features/kernel/ask";

const ASK_MS = 1500;
/** Somebody who looks at a page for longer asks it anew himself. */
const MOST_ASKS = 40;

/** While plans are being made the page shows the last ones; when they are ready it is read once more. */
export function PlanWatch({ collectionId, version }: { collectionId: string; version: number }) {
  const router = useRouter();
  useEffect(() => {
    let asks = 0;
    const timer = setInterval(() => void ask(), ASK_MS);
    const ask = async () => {
      if (++asks > MOST_ASKS) clearInterval(timer);
      const now = await query(collectionId, "plans", {}).catch(() => null);
      if (!now || now.making) return;
      clearInterval(timer);
      if (now.version !== version) router.refresh();
    };
    return () => clearInterval(timer);
  }, [collectionId, version, router]);
  return null;
}
