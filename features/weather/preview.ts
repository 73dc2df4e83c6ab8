import "server-only";
import { z } from "zod";
import { findCollection } from "@/data/collections";
import { isDatabaseGone } from "@/data/db";
import type { LineProblem, WeatherFormat } from "@/formats/weather-days";
import { readWeatherFile } from "@/formats/weather-file";
import { todayAt } from "@/server/clock";
import { pool } from "@/server/pool";
import { weatherOptions } from "./commands";
import { MOST_WEATHER_BYTES } from "./limits";

export type WeatherPreview =
  | {
      ok: true;
      goodDays: number;
      firstDay: string;
      lastDay: string;
      unit: "C" | "F";
      format: WeatherFormat;
      /** What a reader should know before it is used. */
      notes: string[];
      /** Lowest and highest of the lows, then of the highs, °C. */
      range: [number, number, number, number];
      gapDays: number;
      gaps: { from: string; to: string; days: number }[];
      problemCount: number;
      problems: LineProblem[];
    }
  | { ok: false; message: string };

const SHOWN_PROBLEMS = 200;
const body = z.object({ text: z.string().max(MOST_WEATHER_BYTES), options: weatherOptions });

/** Reads a file without keeping anything of it. */
export async function previewWeather(collectionId: string, raw: unknown): Promise<WeatherPreview> {
  const parsed = body.safeParse(raw);
  if (!parsed.success) return { ok: false, message: "The file is too large or is not text." };
  try {
    const collection = z.uuid().safeParse(collectionId).success ? await findCollection(pool(), collectionId) : null;
    if (!collection) return { ok: false, message: "This collection does not exist any more." };
    const answer = readWeatherFile(parsed.data.text, parsed.data.options, todayAt(collection.zone));
    if (!answer.ok) return { ok: false, message: answer.message };
    const { file } = answer;
    const ends = (values: Float32Array): [number, number] => {
      let [low, high] = [Infinity, -Infinity];
      for (const v of values) if (!Number.isNaN(v)) [low, high] = [Math.min(low, v), Math.max(high, v)];
      return [Math.round(low * 10) / 10, Math.round(high * 10) / 10];
    };
    return {
      ok: true,
      goodDays: file.goodDays,
      firstDay: file.firstDay,
      lastDay: file.lastDay,
      unit: file.unit,
      format: file.format,
      notes: file.notes,
      range: [...ends(file.record.tminC), ...ends(file.record.tmaxC)],
      gapDays: file.gaps.reduce((n, g) => n + g.days, 0),
      gaps: file.gaps.slice(0, SHOWN_PROBLEMS),
      problemCount: file.problems.length,
      problems: file.problems.slice(0, SHOWN_PROBLEMS),
    };
  } catch (error) {
    if (isDatabaseGone(error))
      return { ok: false, message: "The database does not answer just now. Choose the file again in a moment." };
    throw error;
  }
}
