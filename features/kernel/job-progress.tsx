"use client";

import * as say from "@/words/pages/kernel";
import type { JobEvents } from "@/contract/queries";
import { jobAt } from "./addresses";
import { useRouter } from "next/navigation";
import { useEffect, useState } from "react";
import { useCommand } from "./use-command";
import { useAsOf } from "./as-of";

export interface RunningJob {
  id: string;
  progress: number;
  total: number;
}

/** A running job: how far it is, and a way to stop it. The last step of a job is its end. */
export function Progress({
  job,
  onEnd,
  label,
  words,
}: {
  job: RunningJob;
  onEnd: () => void;
  label: string;
  words: (done: number, of: number) => string;
}) {
  const { collectionId } = useAsOf();
  const router = useRouter();
  const cancel = useCommand("cancel-job");
  const [at, setAt] = useState(job);
  useEffect(() => {
    const source = new EventSource(jobAt(collectionId, job.id));
    source.addEventListener("progress", (event) => {
      const { progress, total } = JSON.parse((event as MessageEvent<string>).data) as JobEvents["progress"];
      setAt({ id: job.id, progress, total });
    });
    source.addEventListener("ended", () => {
      source.close();
      onEnd();
      router.refresh();
    });
    return () => source.close();
  }, [collectionId, job.id, onEnd, router]);
  return (
    <div className="mt-2 flex flex-wrap items-center gap-3" role="status" data-testid="progress">
      <progress className="progress w-64" max={Math.max(1, at.total)} value={at.progress} aria-label={label} />
      <span>
        {at.total === 0 ? say.readingTheCollection : words(Math.min(at.progress, at.total - 1), at.total - 1)}
      </span>
      <button
        type="button"
        className="btn min-h-11"
        disabled={cancel.busy}
        onClick={() => void cancel.send({ collectionId, jobId: job.id })}
      >
        {say.stop}
      </button>
    </div>
  );
}
