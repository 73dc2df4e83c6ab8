"use client";

import { streamAt } from "@/features/kernel/addresses";
import type { WeatherRequest } from "@/contract/files";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { AWAY, messagesOf, type Progress, sendFile } from "../imports/send-file";
import { rememberOwn, useSeen } from "@/features/kernel/seen";
import { faultWords } from "@/words/faults";
import { useAsOf } from "@/features/kernel/as-of";
import type { WeatherMessage, WeatherPreview } from "./stream";

export type WeatherChoice = Omit<WeatherRequest, "fileName" | "bytes" | "commandId">;

type Answer = { ok: true; preview: WeatherPreview } | { ok: true; entryId: string } | { ok: false; message: string };

/** Sends a weather file as it is and follows what is made of it. */
export function useWeatherFile() {
  const { collectionId, units } = useAsOf();
  const router = useRouter();
  const seen = useSeen();
  const [progress, setProgress] = useState<Progress | null>(null);
  const send = async (file: File, choice: WeatherChoice, commandId: string | null): Promise<Answer> => {
    setProgress({ step: "reading", done: 0, of: file.size });
    try {
      const about: WeatherRequest = { ...choice, fileName: file.name, bytes: file.size, commandId };
      const response = await sendFile(streamAt(collectionId, "weather-file"), about, file);
      let last: Answer = { ok: false, message: AWAY };
      for await (const message of messagesOf<WeatherMessage>(response)) {
        if (message.step === "preview") last = { ok: true, preview: message.preview };
        else if (message.step === "done") {
          last = { ok: true, entryId: message.entryId };
          if (seen) rememberOwn(seen, message.revision);
          router.refresh();
        } else if (message.step === "fault")
          last = { ok: false, message: message.faults.map((f) => faultWords(f, units)).join(" ") };
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
