"use client";

import * as say from "@/words/pages/climate/weather";
import { number } from "@/words/format";
import type { Progress } from "@/features/setup/imports/send-file";
import type { WeatherPreview } from "./stream";

const STEP_WORDS = { reading: say.readingTheFile, checking: say.lookingThroughIt, saving: say.keepingTheDays };

/** How far the file is read. */
export function FileProgress({ progress }: { progress: Progress }) {
  return (
    <div>
      <p className="text-sm" data-testid="progress">
        {STEP_WORDS[progress.step]} …{" "}
        {progress.of > 1 && `${number((100 * progress.done) / Math.max(1, progress.of))} %`}
      </p>
      <progress
        className="progress w-full"
        aria-label={STEP_WORDS[progress.step]}
        value={progress.done}
        max={Math.max(1, progress.of)}
      />
    </div>
  );
}

/** The button that keeps what was looked at. */
export function ReadIn({
  busy,
  confirm,
  preview,
}: {
  busy: boolean;
  confirm: () => Promise<void>;
  preview: WeatherPreview;
}) {
  return (
    <button type="button" className="btn btn-primary btn-lg" disabled={busy} onClick={() => void confirm()}>
      {busy
        ? say.readingIn
        : preview.what === "site"
          ? say.readInDays(number(preview.goodDays))
          : say.readInReadings(number(preview.readings))}
    </button>
  );
}
