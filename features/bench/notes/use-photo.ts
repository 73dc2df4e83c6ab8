"use client";

import * as say from "@/words/pages/bench/notes";
import { streamAt } from "@/features/kernel/addresses";
import { useRouter } from "next/navigation";
import { useState } from "react";
import type { CommandResult } from "@/features/kernel/run";
import type { Face } from "@/core/roots/index";
import { rememberOwn, useSeen } from "@/features/kernel/seen";
import { faultWords } from "@/words/faults";
import { useAsOf } from "@/features/kernel/as-of";

/** Sends a picture by itself; what else is on the screen is not touched by its failing. */
export function usePhotoUpload() {
  const { collectionId, units } = useAsOf();
  const router = useRouter();
  const seen = useSeen();
  const [busy, setBusy] = useState(false);
  const [fault, setFault] = useState<string | undefined>(undefined);

  const upload = async (treeId: string, on: string, file: Blob, face?: Face) => {
    setBusy(true);
    setFault(undefined);
    try {
      const query = new URLSearchParams({
        commandId: crypto.randomUUID(),
        tree: treeId,
        on,
        ...(face ? { face } : {}),
      });
      const response = await fetch(streamAt(collectionId, "photo-upload", `?${query}`), { method: "POST", body: file });
      const answer = (await response.json()) as CommandResult;
      if (answer.ok) {
        if (seen) rememberOwn(seen, answer.revision);
        router.refresh();
        return answer;
      }
      setFault(faultWords(answer.faults[0], units));
      return null;
    } catch {
      setFault(say.aurelianDoesNotAnswerIs);
      return null;
    } finally {
      setBusy(false);
    }
  };
  return { upload, busy, fault, clear: () => setFault(undefined) };
}
