"use client";

import * as say from "@/words/pages/climate/weather";
import type { WeatherFormat } from "@/formats/weather-days";
import { day, number } from "@/words/format";
import { useAsOf } from "@/features/kernel/as-of";
import { airWords, fitWords } from "@/words/weather";
import type { WeatherPreview } from "./stream";

const FORMAT_WORDS: Record<WeatherFormat, string> = {
  csv: say.aFileOfDays,
  "ghcn-csv": say.stationFileOfTheGlobal,
  "ghcn-fixed": say.fixedWidthStationFileOf,
  epw: say.hourlyWeatherFile,
  logger: say.readingsOfALogger,
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
            <b>{say.readings(number(preview.readings))}</b>
            {say.inHoursToReadAs(number(preview.hours), preview.firstHour, preview.lastHour, preview.unit)}
          </p>
          <p>
            {preview.fit
              ? say.nightsAreOnTheSites(
                  number(preview.commonNights),
                  fitWords(preview.fit, units),
                  preview.air ? ` ${airWords(preview.air, units)}` : "",
                )
              : say.nightsAreOnTheSitesRecord(number(preview.commonNights))}
          </p>
        </>
      )}
      {preview.problemCount > 0 && (
        <details open={preview.problemCount <= 8}>
          <summary className="cursor-pointer font-semibold">
            {say.badLinesWillBeLeft(number(preview.problemCount))}
          </summary>
          <ul className="mt-1 max-h-60 overflow-auto text-sm" tabIndex={0} aria-label={say.badLines}>
            {preview.problems.map((p) => (
              <li key={`${p.line}-${p.message}`}>
                {say.line(p.line, p.message)}
                <span className="opacity-75">({p.text})</span>
              </li>
            ))}
            {preview.problemCount > preview.problems.length && (
              <li>{say.andMore(number(preview.problemCount - preview.problems.length))}</li>
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
        <b>{say.goodDays(number(preview.goodDays))}</b>
        {say.toReadAsLowsTo(
          day(preview.firstDay),
          day(preview.lastDay),
          preview.unit,
          preview.range[0],
          preview.range[1],
          preview.range[2],
          preview.range[3],
        )}
      </p>
      {preview.format !== "csv" && (
        <p>
          {FORMAT_WORDS[preview.format]}: {preview.notes.join("; ")}.
        </p>
      )}
      {preview.elevationM !== null && <p>{say.itsStationStandsAtM(number(preview.elevationM))}</p>}
      {preview.gapDays > 0 && (
        <p>
          {say.daysAreMissingInThe(
            number(preview.gapDays),
            number(preview.gaps.length),
            preview.gaps.length === 1 ? say.gap : say.gaps,
            number(Math.max(...preview.gaps.map((g) => g.days))),
          )}
        </p>
      )}
    </>
  );
}
