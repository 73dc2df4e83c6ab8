"use client";

import * as common from "@/words/pages/common";
import { useState } from "react";
import { day } from "@/words/format";
import { useAsOf } from "./as-of";

/** The day something is recorded on unless another is picked: the one everything is seen as of, or today where that lies ahead. */
export function useRecordingDay() {
  const { on, today } = useAsOf();
  const [typed, setTyped] = useState<string | null>(null);
  return { value: typed ?? (on < today ? on : today), set: setTyped, today };
}

/** How the day a page speaks of is named: "today", or the date. */
export function useDayWord() {
  const { on, today } = useAsOf();
  return on === today ? "today" : common.on(day(on, today));
}
