"use client";

import { streamAt } from "@/features/kernel/addresses";
import { useRouter } from "next/navigation";
import { useState } from "react";
import type { ListRequest } from "@/contract/files";
import { rememberOwn, useSeen } from "@/features/kernel/seen";
import { faultWords } from "@/words/faults";
import { useAsOf } from "@/features/kernel/as-of";
import { AWAY, messagesOf, type Progress, sendFile } from "./send-file";
import type { ImportMessage, ImportPreview } from "./run";

export type ImportChoice = Omit<ListRequest, "fileName" | "bytes" | "commandId">;

type Answer =
  | { ok: true; preview: ImportPreview }
  | { ok: true; count: number; skipped: number; entryId: string }
  | { ok: false; message: string };

/** Sends a file as it is and follows what is made of it, line by line of the answer. */
export function useImport() {
  const { collectionId, units } = useAsOf();
  const router = useRouter();
  const seen = useSeen();
  const [progress, setProgress] = useState<Progress | null>(null);

  const send = async (file: File, choice: ImportChoice, commandId: string | null): Promise<Answer> => {
    setProgress({ step: "reading", done: 0, of: file.size });
    try {
      const asked: ListRequest = { ...choice, fileName: file.name, bytes: file.size, commandId };
      const response = await sendFile(streamAt(collectionId, "import-file"), asked, file);
      let last: Answer = { ok: false, message: AWAY };
      for await (const message of messagesOf<ImportMessage>(response)) {
        if (message.step === "preview") last = { ok: true, preview: message.preview };
        else if (message.step === "done") {
          last = { ok: true, count: message.count, skipped: message.skipped, entryId: message.entryId };
          if (seen) rememberOwn(seen, message.revision);
          router.refresh();
        } else if (message.step === "fault")
          last = {
            ok: false,
            message: message.faults
              .slice(0, 5)
              .map((f) => faultWords(f, units))
              .join(" "),
          };
        else setProgress(message);
      }
      return last;
    } catch {
      return { ok: false, message: AWAY };
    } finally {
      setProgress(null);
    }
  };
  return { send, progress };
}
