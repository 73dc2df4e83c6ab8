"use client";

import { ReadIn, FileProgress } from "./file-progress";
import { WhatFile, FileOptions } from "./file-options";
import * as say from "@/words/pages/climate/weather";
import { useEffect, useRef, useState } from "react";
import { readNumber } from "@/words/format";
import { FormFaults } from "@/ui/fields";
import { useNotice } from "@/features/kernel/notice";
import { megabytes, MOST_BYTES } from "@/contract/limits";
import { FillFromService } from "./fill-from-service";
import { PreviewSummary } from "./preview-summary";
import type { WeatherPreview } from "./stream";
import { useFile, type WeatherChoice } from "@/features/setup/imports/use-file";
import type { FileDone } from "@/features/setup/imports/send-file";

/** A weather file comes in: look first, then all good lines or none. For the site, or for one place's logger. */
export function WeatherImport({
  place = null,
  service = null,
}: {
  place?: { id: string; name: string } | null;
  /** The service that missing days can be asked of, by name. */
  service?: string | null;
}) {
  const { tell } = useNotice();
  const { send, progress } = useFile<WeatherPreview, FileDone>("weather-file");
  const [file, setFile] = useState<File | null>(null);
  const [options, setOptions] = useState<WeatherChoice["options"]>({ unit: "auto", dateOrder: "auto" });
  const [height, setHeight] = useState("");
  const [preview, setPreview] = useState<WeatherPreview | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const input = useRef<HTMLInputElement>(null);
  const attempt = useRef<{ of: string; id: string } | null>(null);

  const heightM = height.trim() === "" ? null : readNumber(height, "m");
  const heightFault = heightM !== null && !(heightM >= -450 && heightM <= 6000) ? say.metresAboveTheSeaAs() : undefined;
  const choice = (asked = options): WeatherChoice => ({
    options: asked,
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
      setProblem(say.thisFileIsLargerThan(megabytes(MOST_BYTES.weather)));
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
      text: place ? say.theReadingsOfAreIn(place.name) : say.theRecordIsInEvery,
      entryId: answer.kept.entryId,
    });
    attempt.current = null;
    setFile(null);
    setPreview(null);
    if (input.current) input.current.value = "";
  };

  return (
    <section aria-label={place ? say.readingsOf(place.name) : say.readInAWeatherRecord}>
      {place ? (
        <h3 className="text-base font-semibold">{say.readInALoggersFile}</h3>
      ) : (
        <h2 className="text-xl">{say.readInAWeatherRecord}</h2>
      )}
      <WhatFile place={place} />
      {service !== null && <FillFromService service={service} take={takeFile} />}
      <label className="mt-3 block">
        <span className="mb-1 block font-medium">{place ? say.loggerFileOf(place.name) : say.weatherFile}</span>
        <input
          ref={input}
          type="file"
          accept=".csv,.txt,.tsv,.dly,.epw,text/csv,text/plain"
          className="file-input w-full"
          onChange={(e) => void choose(e.target.files?.[0])}
        />
      </label>
      <FileOptions
        options={options}
        onOptions={(next) => {
          setOptions(next);
          if (file) void look(file, choice(next));
        }}
        height={height}
        onHeight={setHeight}
        heightFault={heightFault}
        logger={place !== null}
      />
      <div className="mt-3 space-y-3" aria-live="polite">
        {progress && <FileProgress progress={progress} />}
        {problem && <FormFaults faults={[{ message: problem }]} />}
        {preview && <PreviewSummary preview={preview} />}
        {preview && <ReadIn busy={busy} confirm={confirm} preview={preview} />}
      </div>
    </section>
  );
}
