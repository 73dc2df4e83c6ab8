import { dailyExtremes, loggerAsWeather, looksLikeLogger, parseLogger } from "./logger-csv";
import { readWeatherFile } from "./weather-file";

const TODAY = "2026-03-10";
const options = { unit: "auto", dateOrder: "auto" } as const;
const read = (text: string, more = {}) => {
  const answer = parseLogger(text, { unit: "auto", ...more }, TODAY);
  if (!answer.ok) throw new Error(answer.message);
  return answer.file;
};
const hours = (day: string, of: (h: number) => number) =>
  Array.from({ length: 24 }, (_, h) => `${day} ${String(h).padStart(2, "0")}:00,${of(h)}`);

test("readings are summed up by the hour, with their mean and extremes", () => {
  const file = read("time,temp_c\n2026-03-01 06:00,-2\n2026-03-01 06:30,-4\n2026-03-01 07:10,1\n");
  expect(file.readings).toBe(3);
  expect(file.hours).toEqual([
    { hour: "2026-03-01 06:00", meanC: -3, minC: -4, maxC: -2 },
    { hour: "2026-03-01 07:00", meanC: 1, minC: 1, maxC: 1 },
  ]);
});

test("semicolons and decimal commas, German dates, a clock in its own column, Fahrenheit", () => {
  expect(read("Datum;Temp (°C)\n01.03.2026 06:10;-2,5\n").hours[0]).toMatchObject({
    hour: "2026-03-01 06:00",
    minC: -2.5,
  });
  expect(read("date,time,temperature\n2026-03-01,06:10,4\n").hours[0].hour).toBe("2026-03-01 06:00");
  const warm = read("time,temp (°F)\n2026-03-01 06:10,32\n");
  expect([warm.unit, warm.hours[0].minC]).toEqual(["F", 0]);
});

test("times that name their zone are taken over onto the site's clock", () => {
  const toLocal = (utc: Date) => {
    const there = new Date(utc.getTime() + 3600_000).toISOString();
    return there.slice(0, 16).replace("T", " ");
  };
  expect(read("time,temp_c\n2026-03-01T23:30:00Z,5\n", { toLocal }).hours[0].hour).toBe("2026-03-02 00:00");
});

test("each fault stands at its line; nothing is invented for it", () => {
  const file = read(
    "time,temp_c\n2026-03-01 06:10,5\n2026-02-30 06:10,5\nlater,5\n2026-03-01 06:20,warm\n2026-03-01 06:30,400\n2026-04-01 00:00,5\n2026-03-01 06:40,\n",
  );
  expect(file.readings).toBe(1);
  expect(file.problems.map((p) => p.line)).toEqual([3, 4, 5, 6, 7]);
  expect(parseLogger("time,temp_c\nx,y\n", { unit: "auto" }, TODAY)).toMatchObject({ ok: false });
  expect(parseLogger("a,b\n1,2\n", { unit: "auto" }, TODAY)).toMatchObject({ ok: false });
});

test("a day needs most of its hours for its extremes, and the running day is left out", () => {
  const text = [
    "time,temp_c",
    ...hours("2026-03-01", (h) => h - 5),
    ...hours("2026-03-02", (h) => h).slice(0, 10),
  ].join("\n");
  const days = dailyExtremes(read(text).hours);
  expect([...days.values()]).toEqual([{ minC: -5, maxC: 18, hours: 24 }]);
  const running = loggerAsWeather(["time,temp_c", ...hours(TODAY, (h) => h)].join("\n"), { unit: "auto" }, TODAY);
  expect(running.ok).toBe(false);
});

test("as the site's own weather it is told apart from a file of days", () => {
  const logger = ["time,temp_c", ...hours("2026-03-01", (h) => h - 5)].join("\n");
  expect(looksLikeLogger(logger)).toBe(true);
  expect(looksLikeLogger("date,tmin,tmax\n2026-03-01,1,5\n")).toBe(false);
  expect(looksLikeLogger("time,temp_min,temp_max\n2026-03-01 00:00,1,5\n")).toBe(false);
  const answer = readWeatherFile(logger, options, TODAY);
  if (!answer.ok) throw new Error(answer.message);
  expect(answer.file).toMatchObject({ format: "logger", goodDays: 1, firstDay: "2026-03-01" });
  expect(answer.file.record.tminC[0]).toBe(-5);
});
