import { createHash, randomUUID } from "node:crypto";
import { z } from "zod";
import { lapseC } from "@/core/climate/index";
import { readWeatherFile } from "@/formats/weather-file";
import { insertWeather } from "@/data/weather";
import { command, envelope, refuse } from "../commands/define";
import { MOST_WEATHER_BYTES } from "./limits";
import { describeMoves } from "./moves";

export const weatherOptions = z.object({
  unit: z.enum(["auto", "C", "F"]).default("auto"),
  dateOrder: z.enum(["auto", "dmy", "mdy"]).default("auto"),
});

/** All good lines of a file, or nothing. Answers what moved because of it. */
export const importWeather = command({
  name: "import-weather",
  input: envelope.extend({
    fileName: z.string().max(200),
    text: z.string().max(MOST_WEATHER_BYTES),
    options: weatherOptions,
    /** Height of the station, where its file does not say it. */
    elevationM: z.number().min(-450).max(6000).nullable().optional(),
  }),
  run: async (context, v) => {
    const parsed = readWeatherFile(v.text, v.options, context.today);
    if (!parsed.ok) refuse("file", parsed.message);
    const { file } = parsed;
    const sha256 = createHash("sha256").update(v.text).digest("hex");
    if (context.loaded.sources.some((s) => s.sha256 === sha256))
      refuse("file", "This very file has been read in already.");
    const source = {
      id: randomUUID(),
      entryId: context.entryId,
      name: v.fileName,
      sha256,
      goodDays: file.goodDays,
      badLines: file.problems.length,
      firstDay: file.firstDay,
      lastDay: file.lastDay,
      elevationM: v.elevationM ?? file.elevationM,
    };
    const moved = await describeMoves(
      context,
      file.record,
      lapseC(source.elevationM, context.collection.elevationM),
    );
    context.write(() => insertWeather(context.db, context.scope, source, file.record));
    context.weatherChanged();
    context.note(`Weather of ${file.goodDays} days read in from ${v.fileName}`);
    return { sourceId: source.id, goodDays: file.goodDays, moved };
  },
});
