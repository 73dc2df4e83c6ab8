"use client";

import { lapseWords } from "@/words/weather";
import { useEffect, useRef, useState } from "react";
import { celsius, number, readNumber } from "@/words/format";
import { FormFaults, SelectField, TextField } from "@/ui/fields";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { megabytes, MOST_BYTES } from "@/contract/limits";
import { FillFromService } from "./fill-from-service";
import { PreviewSummary } from "./preview-summary";
import type { WeatherPreview } from "./stream";
import { useFile, type WeatherChoice } from "@/features/setup/imports/use-file";
import type { FileDone } from "@/features/setup/imports/send-file";

const STEP_WORDS = { reading: "Reading the file", checking: "Looking through it", saving: "Keeping the days" };

/** A weather file comes in: look first, then all good lines or none. For the site, or for one place's logger. */
export function WeatherImport({
  place = null,
  service = null,
}: {
  place?: { id: string; name: string } | null;
  /** The service that missing days can be asked of, by name. */
  service?: string | null;
}) {
  const { units } = useAsOf();
  const { tell } = useNotice();
  const { send, progress } = useFile<WeatherPreview, FileDone>("weather-file");
  const [file, setFile] = useState<File | null>(null);
  const [unit, setUnit] = useState<WeatherChoice["options"]["unit"]>("auto");
  const [dateOrder, setDateOrder] = useState<WeatherChoice["options"]["dateOrder"]>("auto");
  const [height, setHeight] = useState("");
  const [preview, setPreview] = useState<WeatherPreview | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const input = useRef<HTMLInputElement>(null);
  const attempt = useRef<{ of: string; id: string } | null>(null);

  const heightM = height.trim() === "" ? null : readNumber(height, "m");
  const heightFault =
    heightM !== null && !(heightM >= -450 && heightM <= 6000)
      ? "Metres above the sea as a number, or feet such as 180 ft."
      : undefined;
  const choice = (changed: Partial<WeatherChoice["options"]> = {}): WeatherChoice => ({
    options: { unit, dateOrder, ...changed },
    placeId: place?.id ?? null,
    elevationM: heightFault === undefined ? heightM : null,
  });
  const look = async (chosen: File, asked: WeatherChoice) => {
    setProblem(null);
    setPreview(null);
    const answer = await send(chosen, asked, null);
    if (answer === null) return;
    if (!answer.ok) setProblem(answer.message);
    else if ("preview" in answer) setPreview(answer.preview);
  };
  const choose = async (picked: File | undefined) => {
    if (!picked) return;
    setFile(picked);
    if (picked.size > MOST_BYTES.weather) {
      setProblem(`This file is larger than ${megabytes(MOST_BYTES.weather)}, which is the most that is taken at once.`);
      return;
    }
    await look(picked, choice());
  };

  const takeFile = async (picked: File, heightOfFileM: number) => {
    setHeight(String(heightOfFileM));
    setFile(picked);
    await look(picked, { ...choice(), elevationM: heightOfFileM });
  };

  // A file chosen while the page was still waking up is looked at, too.
  const early = useRef(choose);
  useEffect(() => {
    void early.current(input.current?.files?.[0]);
  }, []);

  const confirm = async () => {
    if (!file || heightFault !== undefined) return;
    const asked = choice();
    const of = `${file.name}:${file.size}:${JSON.stringify(asked)}`;
    if (attempt.current?.of !== of) attempt.current = { of, id: crypto.randomUUID() };
    setBusy(true);
    const answer = await send(file, asked, attempt.current.id);
    setBusy(false);
    if (answer?.ok === false) return setProblem(answer.message);
    if (answer === null || !("kept" in answer)) return;
    tell({
      text: place ? `The readings of ${place.name} are in.` : "The record is in: every date is computed from it now.",
      entryId: answer.kept.entryId,
    });
    attempt.current = null;
    setFile(null);
    setPreview(null);
    if (input.current) input.current.value = "";
  };

  return (
    <section aria-label={place ? `Readings of ${place.name}` : "Read in a weather record"}>
      {place ? (
        <h3 className="text-base font-semibold">Read in a logger’s file</h3>
      ) : (
        <h2 className="text-xl">Read in a weather record</h2>
      )}
      <p className="text-sm">
        {place ? (
          <>
            A CSV file with a line per reading: <b>time, °C</b>. Ten nights at or below {celsius(5, units)} that the
            site’s own record has, too, are enough to learn from.
          </>
        ) : (
          <>
            A CSV file with a line per day: <b>date, tmin, tmax</b>, and if you have them rain (mm), sun (MJ/m²), wind
            (m/s). Comma, semicolon or tab; decimal point or comma; °C or °F. Station files of the global daily network
            (comma-separated or fixed-width .dly), hourly EPW files and a logger’s readings (time, °C) are known by
            their first lines.
          </>
        )}
      </p>
      {service !== null && <FillFromService service={service} take={takeFile} />}
      <label className="mt-3 block">
        <span className="mb-1 block font-medium">{place ? `Logger file of ${place.name}` : "Weather file"}</span>
        <input
          ref={input}
          type="file"
          accept=".csv,.txt,.tsv,.dly,.epw,text/csv,text/plain"
          className="file-input w-full"
          onChange={(e) => void choose(e.target.files?.[0])}
        />
      </label>
      <div className="mt-3 grid grid-cols-2 gap-3">
        <SelectField
          label="Temperatures in"
          value={unit}
          onChange={(next) => {
            setUnit(next);
            if (file) void look(file, choice({ unit: next }));
          }}
          options={[
            ["auto", "as the header says"],
            ["C", "°C"],
            ["F", "°F"],
          ]}
        />
        {!place && (
          <SelectField
            label="Dates such as 03/04/2021"
            value={dateOrder}
            onChange={(next) => {
              setDateOrder(next);
              if (file) void look(file, choice({ dateOrder: next }));
            }}
            options={[
              ["auto", "as the file shows"],
              ["dmy", "day first"],
              ["mdy", "month first"],
            ]}
          />
        )}
        {!place && (
          <TextField
            className="col-span-2"
            label="Height of the station, if the file does not say"
            numeric="signed"
            suffix="m"
            value={height}
            onChange={setHeight}
            fault={heightFault}
            hint={`A station higher than you is colder: ${lapseWords(units)} are allowed for.`}
          />
        )}
      </div>
      <div className="mt-3 space-y-3" aria-live="polite">
        {progress && (
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
        )}
        {problem && <FormFaults faults={[{ message: problem }]} />}
        {preview && <PreviewSummary preview={preview} />}
        {preview && (
          <button type="button" className="btn btn-primary btn-lg" disabled={busy} onClick={() => void confirm()}>
            {busy
              ? "Reading in …"
              : preview.what === "site"
                ? `Read in ${number(preview.goodDays)} days`
                : `Read in ${number(preview.readings)} readings`}
          </button>
        )}
      </div>
    </section>
  );
}
