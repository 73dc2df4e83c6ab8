"use client";

import { useEffect, useRef, useState } from "react";
import { day, number } from "@/ui/format";
import { FormFaults } from "@/ui/fields";
import { useCommand } from "../commands/use-command";
import { useAsOf } from "../shell/as-of";
import { useNotice } from "../shell/notice";
import { MOST_WEATHER_BYTES } from "./limits";
import type { WeatherFormat } from "@/formats/weather-days";
import type { WeatherPreview } from "./preview";

type Unit = "auto" | "C" | "F";
type Order = "auto" | "dmy" | "mdy";

/** A daily weather file comes in: look first, then all good lines or none. */
export function WeatherImport() {
  const { collectionId } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure } = useCommand("import-weather");
  const [file, setFile] = useState<{ name: string; text: string } | null>(null);
  const [unit, setUnit] = useState<Unit>("auto");
  const [dateOrder, setDateOrder] = useState<Order>("auto");
  const [preview, setPreview] = useState<WeatherPreview | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const input = useRef<HTMLInputElement>(null);

  const look = async (chosen: { name: string; text: string }, options: { unit: Unit; dateOrder: Order }) => {
    setProblem(null);
    setPreview(null);
    try {
      const answer = await fetch(`/c/${collectionId}/weather-preview`, {
        method: "POST",
        headers: { "content-type": "application/json" },
        body: JSON.stringify({ text: chosen.text, options }),
      });
      setPreview((await answer.json()) as WeatherPreview);
    } catch {
      setProblem(
        "Aurelian does not answer: is it still running? The file is still chosen; look at it again in a moment.",
      );
    }
  };

  const choose = async (picked: File | undefined) => {
    if (!picked) return;
    if (picked.size > MOST_WEATHER_BYTES) {
      setProblem("This file is larger than 8 MB: a daily record of a hundred years is smaller than that.");
      return;
    }
    const chosen = { name: picked.name, text: await picked.text() };
    setFile(chosen);
    await look(chosen, { unit, dateOrder });
  };

  // A file chosen while the page was still waking up is looked at, too.
  const early = useRef(choose);
  useEffect(() => {
    void early.current(input.current?.files?.[0]);
  }, []);

  const confirm = async () => {
    if (!file) return;
    const done = await send({ collectionId, fileName: file.name, text: file.text, options: { unit, dateOrder } });
    if (!done) return;
    tell({ text: "The record is in: every date is computed from it now.", entryId: done.entryId });
    setFile(null);
    setPreview(null);
    if (input.current) input.current.value = "";
  };

  return (
    <section aria-label="Read in a weather record">
      <h2 className="text-xl">Read in a weather record</h2>
      <p className="text-sm">
        A CSV file with a line per day: <b>date, tmin, tmax</b>, and if you have them rain (mm), sun (MJ/m²), wind
        (m/s). Comma, semicolon or tab; decimal point or comma; °C or °F. Station files of the global daily network
        (comma-separated or fixed-width .dly) and hourly EPW files are known by their first line.
      </p>
      <label className="mt-3 block">
        <span className="mb-1 block font-medium">Weather file</span>
        <input
          ref={input}
          type="file"
          accept=".csv,.txt,.tsv,.dly,.epw,text/csv,text/plain"
          className="file-input w-full"
          onChange={(e) => void choose(e.target.files?.[0])}
        />
      </label>
      <div className="mt-3 grid grid-cols-2 gap-3">
        <label>
          <span className="mb-1 block text-sm font-medium">Temperatures in</span>
          <select
            className="select w-full"
            value={unit}
            onChange={(e) => {
              const next = e.target.value as Unit;
              setUnit(next);
              if (file) void look(file, { unit: next, dateOrder });
            }}
          >
            <option value="auto">as the header says</option>
            <option value="C">°C</option>
            <option value="F">°F</option>
          </select>
        </label>
        <label>
          <span className="mb-1 block text-sm font-medium">Dates such as 03/04/2021</span>
          <select
            className="select w-full"
            value={dateOrder}
            onChange={(e) => {
              const next = e.target.value as Order;
              setDateOrder(next);
              if (file) void look(file, { unit, dateOrder: next });
            }}
          >
            <option value="auto">as the file shows</option>
            <option value="dmy">day first</option>
            <option value="mdy">month first</option>
          </select>
        </label>
      </div>
      <div className="mt-3 space-y-3" aria-live="polite">
        {problem && <FormFaults faults={[{ message: problem }]} />}
        {preview && !preview.ok && <FormFaults faults={[preview]} />}
        {preview?.ok && <PreviewSummary preview={preview} />}
        <FormFaults faults={failure?.faults ?? []} />
        {preview?.ok && (
          <button type="button" className="btn btn-primary btn-lg" disabled={busy} onClick={() => void confirm()}>
            {busy ? "Reading in …" : `Read in ${number(preview.goodDays)} days`}
          </button>
        )}
      </div>
    </section>
  );
}

const FORMAT_WORDS: Record<WeatherFormat, string> = {
  csv: "A file of days",
  "ghcn-csv": "Station file of the global daily network",
  "ghcn-fixed": "Fixed-width station file of the global daily network",
  epw: "Hourly weather file",
};

function PreviewSummary({ preview }: { preview: Extract<WeatherPreview, { ok: true }> }) {
  return (
    <div className="bg-base-200 rounded-box p-3">
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
      {preview.gapDays > 0 && (
        <p>
          {number(preview.gapDays)} days are missing in {number(preview.gaps.length)}{" "}
          {preview.gaps.length === 1 ? "gap" : "gaps"}, the longest{" "}
          {number(Math.max(...preview.gaps.map((g) => g.days)))} days. Gaps of up to three days are filled in a straight
          line; longer ones stay open.
        </p>
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
