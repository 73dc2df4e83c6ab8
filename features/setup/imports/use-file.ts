"use client";

import { useRouter } from "next/navigation";
import { useRef, useState } from "react";
import type { ListRequest, WeatherRequest } from "@/contract/files";
import { streamAt } from "@/features/kernel/addresses";
import { useAsOf } from "@/features/kernel/as-of";
import { rememberOwn, useSeen } from "@/features/kernel/seen";
import { faultWords } from "@/words/faults";
import { AWAY, type FileDone, type FileMessage, messagesOf, type Progress, sendFile } from "./send-file";

type Choice<R extends ListRequest | WeatherRequest> = Omit<R, "fileName" | "bytes" | "commandId">;
export type ImportChoice = Choice<ListRequest>;
export type WeatherChoice = Choice<WeatherRequest>;

type Answer<Preview, Done> = { ok: true; preview: Preview } | { ok: true; kept: Done } | { ok: false; message: string };

const MOST_FAULTS = 5;

/** Sends a file as it is and follows what is made of it; null: something newer was asked meanwhile, and its answer counts. */
export function useFile<Preview, Done extends FileDone>(stream: "import-file" | "weather-file") {
  const { collectionId, units } = useAsOf();
  const router = useRouter();
  const seen = useSeen();
  const [progress, setProgress] = useState<Progress | null>(null);
  const newest = useRef(0);

  const send = async (
    file: File,
    choice: ImportChoice | WeatherChoice,
    commandId: string | null,
  ): Promise<Answer<Preview, Done> | null> => {
    const mine = ++newest.current;
    // What is kept is told in any case.
    const counts = () => commandId !== null || mine === newest.current;
    setProgress({ step: "reading", done: 0, of: file.size });
    let last: Answer<Preview, Done> = { ok: false, message: AWAY };
    try {
      const about = { ...choice, fileName: file.name, bytes: file.size, commandId };
      for await (const message of messagesOf<FileMessage<Preview, Done>>(
        await sendFile(streamAt(collectionId, stream), about, file),
      )) {
        if (message.step === "preview") last = { ok: true, preview: message.preview };
        else if (message.step === "done") {
          last = { ok: true, kept: message.kept };
          if (seen) rememberOwn(seen, message.kept.revision);
          router.refresh();
        } else if (message.step === "fault") {
          const words = message.faults.slice(0, MOST_FAULTS).map((f) => faultWords(f, units));
          last = { ok: false, message: words.join(" ") };
        } else if (counts()) setProgress(message);
      }
    } catch {
      last = { ok: false, message: AWAY };
    }
    if (mine === newest.current) setProgress(null);
    return counts() ? last : null;
  };
  return { send, progress };
}
