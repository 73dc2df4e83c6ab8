import "server-only";
import { SHOWN_PROBLEMS } from "@/features/setup/imports/ndjson";
import { type Fault, fault } from "@/contract/faults";
import { z } from "zod";
import { isDatabaseGone } from "@/data/db";
import { findCollection } from "@/data/collections";
import { fitPlace, type PlaceFit } from "@/core/climate/index";
import { toDay } from "@/core/dates/index";
import { parseLogger } from "@/formats/logger-csv";
import type { LineProblem, WeatherFormat } from "@/formats/weather-days";
import { readWeatherFile } from "@/formats/weather-file";
import { localTimeOf, todayAt } from "@/server/clock";
import { MOST_BYTES } from "@/contract/limits";
import { log } from "@/server/log";
import { pool } from "@/server/pool";
import { BadBody, bodyOf } from "@/server/requests";
import { loadRecords, yardOf } from "@/features/kernel/collection/load";
import type { RunCommand } from "@/features/kernel/run";
import type { FileDone, FileMessage } from "@/features/setup/imports/send-file";
import { ndjsonResponse, readImportHeader } from "@/features/setup/imports/ndjson";
import { type WeatherRequest, weatherRequest } from "@/contract/files";
import { airFitOf, type LearnedFit } from "./learn-air";
import { nightPairs } from "./pairs";

interface Faulty {
  problemCount: number;
  problems: LineProblem[];
}

export type WeatherPreview = Faulty &
  (
    | {
        what: "site";
        goodDays: number;
        firstDay: string;
        lastDay: string;
        unit: "C" | "F";
        format: WeatherFormat;
        /** What a reader should know before it is used. */
        notes: string[];
        elevationM: number | null;
        /** Lowest and highest of the lows, then of the highs, °C. */
        range: [number, number, number, number];
        gapDays: number;
        gaps: { from: string; to: string; days: number }[];
      }
    | {
        what: "place";
        readings: number;
        hours: number;
        firstHour: string;
        lastHour: string;
        unit: "C" | "F";
        fit: PlaceFit | null;
        /** How the place's air follows the air outside, where the hours tell. */
        air: LearnedFit | null;
        /** Nights both the place and the site were read in. */
        commonNights: number;
      }
  );

type WeatherMessage = FileMessage<WeatherPreview, FileDone>;

/** A weather file is the request's body, read as it comes; without a commandId nothing is kept: that is the preview. */
export function weatherStream(collectionId: string, request: Request, runCommand: RunCommand): Response {
  const asked = weatherRequest.safeParse(readImportHeader(request));
  if (!asked.success || !z.uuid().safeParse(collectionId).success || request.body === null)
    return Response.json({ step: "fault", faults: [fault("file", "choose-file")] });
  const body = bodyOf(request, MOST_BYTES.weather);
  return ndjsonResponse<WeatherMessage>((tell) => work(collectionId, asked.data, body, tell, runCommand));
}

async function readText(
  body: AsyncIterable<Uint8Array>,
  bytes: number,
  tell: (message: WeatherMessage) => void,
): Promise<string> {
  const decoder = new TextDecoder();
  let [text, done] = ["", 0];
  for await (const chunk of body) {
    done += chunk.byteLength;
    text += decoder.decode(chunk, { stream: true });
    tell({ step: "reading", done, of: Math.max(done, bytes) });
  }
  return text + decoder.decode();
}

async function work(
  collectionId: string,
  request: WeatherRequest,
  body: AsyncIterable<Uint8Array>,
  tell: (message: WeatherMessage) => void,
  runCommand: RunCommand,
): Promise<void> {
  const fail = (why: Fault) => tell({ step: "fault", faults: [why] });
  try {
    const collection = await findCollection(pool(), collectionId);
    if (!collection) return fail(fault("file", "collection-gone"));
    const text = await readText(body, request.bytes, tell);
    tell({ step: "checking", done: 0, of: 1 });
    if (request.commandId !== null) {
      const { commandId, fileName, options, placeId, elevationM } = request;
      const input = { commandId, collectionId, fileName, text, options };
      const answer = await runCommand(
        placeId === null ? "import-weather" : "import-logger",
        placeId === null ? { ...input, elevationM } : { ...input, placeId },
        (done, of) => tell({ step: "saving", done, of }),
      );
      if (!answer.ok) return tell({ step: "fault", faults: answer.faults });
      return tell({ step: "done", kept: { entryId: answer.entryId, revision: answer.revision } });
    }
    const today = todayAt(collection.zone);
    const options = { ...request.options, toLocal: localTimeOf(collection.zone) };
    if (request.placeId !== null) {
      const read = parseLogger(text, options, today);
      if (!read.ok) return fail(fault("file", "file-unread", { why: read.message }));
      const loaded = await loadRecords(pool(), collection);
      const { site } = await yardOf({ db: pool(), collection, loaded, today });
      const pairs = nightPairs(read.file.hours, site, toDay(today));
      const place = loaded.places.find((p) => p.id === request.placeId);
      const clock = { toLocal: options.toLocal, longitudeDeg: collection.longitudeDeg };
      const { file } = read;
      return tell({
        step: "preview",
        preview: {
          what: "place",
          readings: file.readings,
          hours: file.hours.length,
          firstHour: file.firstHour,
          lastHour: file.lastHour,
          unit: file.unit,
          fit: fitPlace(pairs),
          air: place ? airFitOf(read.file.hours, site, place, clock) : null,
          commonNights: pairs.length,
          problemCount: file.problems.length,
          problems: file.problems.slice(0, SHOWN_PROBLEMS),
        },
      });
    }
    const read = readWeatherFile(text, options, today);
    if (!read.ok) return fail(fault("file", "file-unread", { why: read.message }));
    const { file } = read;
    tell({
      step: "preview",
      preview: {
        what: "site",
        goodDays: file.goodDays,
        firstDay: file.firstDay,
        lastDay: file.lastDay,
        unit: file.unit,
        format: file.format,
        notes: file.notes,
        elevationM: file.elevationM,
        range: [...ends(file.record.tminC), ...ends(file.record.tmaxC)],
        gapDays: file.gaps.reduce((n, g) => n + g.days, 0),
        gaps: file.gaps.slice(0, SHOWN_PROBLEMS),
        problemCount: file.problems.length,
        problems: file.problems.slice(0, SHOWN_PROBLEMS),
      },
    });
  } catch (error) {
    if (error instanceof BadBody) return fail(error.fault);
    if (isDatabaseGone(error)) return fail(fault("file", "database-away"));
    log().error({ err: error }, "weather file failed");
    fail(fault("file", "program-fault"));
  }
}

function ends(values: Float32Array): [number, number] {
  let [low, high] = [Infinity, -Infinity];
  for (const v of values) if (!Number.isNaN(v)) [low, high] = [Math.min(low, v), Math.max(high, v)];
  return [Math.round(low * 10) / 10, Math.round(high * 10) / 10];
}
