"use client";

import * as say from "@/words/pages/climate/weather";
import { useState } from "react";
import type { PastDays } from "@/contract/queries";
import { ask } from "@/features/kernel/ask";
import { useAsOf } from "@/features/kernel/as-of";
import { FormFaults } from "@/ui/fields";
import { pastWords } from "@/words/climate";

/** Days missing from the record, asked of the service and looked at before they are read in. */
export function FillFromService({
  service,
  take,
}: {
  service: string;
  take: (file: File, elevationM: number) => Promise<void>;
}) {
  const { collectionId } = useAsOf();
  const [asking, setAsking] = useState(false);
  const [answer, setAnswer] = useState<Pick<PastDays, "outcome" | "detail"> | null>(null);
  const fill = async () => {
    setAsking(true);
    setAnswer(null);
    try {
      const past = await ask(collectionId, "weather/past", {});
      setAnswer(past);
      if (past.file) await take(new File([past.file.csv], past.file.name, { type: "text/csv" }), past.file.elevationM);
    } catch {
      setAnswer({ outcome: "unreachable", detail: say.thisProgramDidNotAnswer });
    }
    setAsking(false);
  };
  return (
    <div className="mt-3">
      <button type="button" className="btn" disabled={asking} onClick={() => void fill()}>
        {asking ? say.asking : say.fillMissingDays}
      </button>
      <p className="mt-1 text-sm">{say.asksTheForTheLast(service)}</p>
      {answer &&
        (answer.outcome === "ok" || answer.outcome === "complete" ? (
          <p role="status" className="text-sm">
            {pastWords(answer.outcome, answer.detail)}
          </p>
        ) : (
          <FormFaults faults={[{ message: pastWords(answer.outcome, answer.detail) }]} />
        ))}
    </div>
  );
}
