import { randomUUID } from "node:crypto";
import type { DailyRecord } from "@/core/climate/index";
import { toDay, toIso } from "@/core/dates/index";
import { normalSource, subStream } from "@/core/random/index";
import { idOf, type Sender } from "./sender";

/** What the demo's loggers found out, unknown to the program: nights at a place against nights on the roof. */
const LOGGED = [
  { place: "Wind wall", offsetC: 1.3, damping: 0.08, seed: 11 },
  { place: "Stair glass", offsetC: 3.1, damping: 0.4, seed: 12 },
] as const;
const LOGGED_DAYS = 150;
const NIGHT_SD = 0.6;
const EVERY_HOURS = 1;

/** A logger's file of the last months, an hour a line. */
function loggerFile(record: DailyRecord, logged: (typeof LOGGED)[number]): string {
  const noise = normalSource(subStream(logged.seed, "logger"));
  const inside = (c: number) => logged.offsetC + (1 - logged.damping) * c;
  const lines = ["time,temp_c"];
  const n = record.tminC.length;
  for (let i = n - LOGGED_DAYS; i < n; i++) {
    const low = inside(record.tminC[i]) + NIGHT_SD * noise();
    const high = Math.max(inside(record.tmaxC[i]), low + 1);
    for (let hour = 0; hour < 24; hour += EVERY_HOURS) {
      const warm = (1 - Math.cos((2 * Math.PI * (hour - 5)) / 24)) / 2;
      const clock = `${String(hour).padStart(2, "0")}:00`;
      lines.push(`${toIso(record.startDay + i)} ${clock},${(low + (high - low) * warm).toFixed(1)}`);
    }
  }
  return `${lines.join("\n")}\n`;
}

/** Loggers read, alarms set, shoots looked at, one late feed and one late pruning: what the Almanac's rooms show. */
export async function tellWood(
  s: Sender,
  record: DailyRecord,
  places: ReadonlyMap<string, string>,
  trees: ReadonlyMap<string, string>,
): Promise<void> {
  for (const logged of LOGGED)
    await s.send("import-logger", {
      placeId: idOf(places, logged.place),
      fileName: `${logged.place.toLowerCase().replace(" ", "-")}.csv`,
      text: loggerFile(record, logged),
      options: {},
    });
  await s.send("set-alarm", {
    alarmId: randomUUID(),
    name: "Fleece on the figs",
    thresholdC: -4,
    chance: 0.3,
    placeId: idOf(places, "Wind wall"),
  });
  const before = (days: number) => toIso(toDay(s.today) - days);
  const nothing = { woodyShare: null, bend: null, terminalBud: null, leafFall: null, bbch: null };
  const late = { "FG-1": { form: "quick", ago: 95 }, "PE-1": { form: "organic", ago: 110 } } as const;
  for (const [tag, feed] of Object.entries(late)) {
    const treeId = trees.get(tag);
    if (treeId)
      await s.send("record-feed", {
        treeIds: [treeId],
        on: before(feed.ago),
        form: feed.form,
        strength: 1,
        what: "made-up liquid 7-3-6",
      });
  }
  const fig = trees.get("FG-1");
  if (fig) {
    await s.send("record-wood", { treeId: fig, on: before(60), ...nothing, bend: "stays-bent", woodyShare: 0.65 });
    await s.send("record-wood", { treeId: fig, on: before(25), ...nothing, bend: "snaps", terminalBud: true });
  }
}
