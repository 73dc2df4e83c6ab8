"use client";

import type { WeatherFormat } from "@/formats/weather-days";
import { day, number } from "@/words/format";
import { useAsOf } from "@/features/kernel/as-of";
import { airWords, fitWords } from "@/words/weather";
import type { WeatherPreview } from "./stream";

const FORMAT_WORDS: Record<WeatherFormat, string> = {
  csv: "A file of days",
  "ghcn-csv": "Station file of the global daily network",
  "ghcn-fixed": "Fixed-width station file of the global daily network",
  epw: "Hourly weather file",
  logger: "Readings of a logger",
};

/** What a weather file holds, before anything of it is kept. */
export function PreviewSummary({ preview }: { preview: WeatherPreview }) {
  const { units } = useAsOf();
  return (
    <div className="bg-base-200 rounded-box space-y-1 p-3" data-testid="preview">
      {preview.what === "site" ? (
        <SiteWords preview={preview} />
      ) : (
        <>
          <p>
            <b>{number(preview.readings)} readings</b> in {number(preview.hours)} hours, {preview.firstHour} to{" "}
            {preview.lastHour}, read as °{preview.unit}.
          </p>
          <p>
            {preview.fit
              ? `${number(preview.commonNights)} nights are on the site’s record, too. From the cold ones: ${fitWords(preview.fit, units)}.${preview.air ? ` ${airWords(preview.air, units)}` : ""}`
              : `${number(preview.commonNights)} nights are on the site’s record, too: too few to learn from. Ten cold ones are needed; the readings are kept until then.`}
          </p>
        </>
      )}
      {preview.problemCount > 0 && (
        <details open={preview.problemCount <= 8}>
          <summary className="cursor-pointer font-semibold">
            {number(preview.problemCount)} bad lines will be left out
          </summary>
          <ul className="mt-1 max-h-60 overflow-auto text-sm" tabIndex={0} aria-label="Bad lines">
            {preview.problems.map((p) => (
              <li key={`${p.line}-${p.message}`}>
                Line {p.line}: {p.message} <span className="opacity-75">({p.text})</span>
              </li>
            ))}
            {preview.problemCount > preview.problems.length && (
              <li>… and {number(preview.problemCount - preview.problems.length)} more.</li>
            )}
          </ul>
        </details>
      )}
    </div>
  );
}

function SiteWords({ preview }: { preview: Extract<WeatherPreview, { what: "site" }> }) {
  return (
    <>
      <p>
        <b>{number(preview.goodDays)} good days</b>, {day(preview.firstDay)} to {day(preview.lastDay)}, read as °
        {preview.unit}: lows {preview.range[0]} to {preview.range[1]} °C, highs {preview.range[2]} to {preview.range[3]}{" "}
        °C.
      </p>
      {preview.format !== "csv" && (
        <p>
          {FORMAT_WORDS[preview.format]}: {preview.notes.join("; ")}.
        </p>
      )}
      {preview.elevationM !== null && <p>Its station stands at {number(preview.elevationM)} m.</p>}
      {preview.gapDays > 0 && (
        <p>
          {number(preview.gapDays)} days are missing in {number(preview.gaps.length)}{" "}
          {preview.gaps.length === 1 ? "gap" : "gaps"}, the longest{" "}
          {number(Math.max(...preview.gaps.map((g) => g.days)))} days. Gaps of up to three days are filled in a straight
          line; longer ones stay open.
        </p>
      )}
    </>
  );
}
