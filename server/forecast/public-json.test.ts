import { createServer, type RequestListener, type Server } from "node:http";
import type { AddressInfo } from "node:net";
import { TEST_NORMALS } from "@/test-support/normals";
import { askForecast, askPast } from "./ask";
import { isPrivateAddress, MOST_ANSWER_BYTES, type Outside } from "./guarded-get";
import { publicAddress, publicJsonSource, readPublicAnswer } from "./public-json";

const site = {
  latitudeDeg: 47.376888,
  longitudeDeg: 8.541694,
  elevationM: 443,
  today: "2026-11-20",
  days: 3,
  normals: TEST_NORMALS,
  seed: 1,
};
const quick = { timeoutMs: 600, tries: 2, pauseMs: 5 };
const answer = (more: object = {}, dates = ["2026-11-20", "2026-11-21", "2026-11-22"]) => ({
  latitude: 47.38,
  longitude: 8.54,
  timezone: "Europe/Zurich",
  daily_units: {
    time: "iso8601",
    temperature_2m_max: "°C",
    temperature_2m_min: "°C",
    precipitation_sum: "mm",
    wind_speed_10m_max: "m/s",
    shortwave_radiation_sum: "MJ/m²",
  },
  daily: {
    time: dates,
    temperature_2m_max: [6.1, 4, 3.5],
    temperature_2m_min: [1.2, -2.4, -3],
    precipitation_sum: [0, 3.2, null],
    wind_speed_10m_max: [5, 10, null],
    shortwave_radiation_sum: [4.1, null, 2],
  },
  ...more,
});

describe("what is sent and read", () => {
  test("coordinates to a hundredth of a degree, height to ten metres, and nothing that names the collection", () => {
    const url = publicAddress("https://weather.example/v1/forecast", site);
    expect(Object.fromEntries(url.searchParams)).toEqual({
      latitude: "47.38",
      longitude: "8.54",
      elevation: "440",
      daily: "temperature_2m_max,temperature_2m_min,precipitation_sum,wind_speed_10m_max,shortwave_radiation_sum",
      hourly: "temperature_2m,precipitation,wind_speed_10m,shortwave_radiation",
      forecast_days: "3",
      timezone: "auto",
      temperature_unit: "celsius",
      wind_speed_unit: "ms",
      precipitation_unit: "mm",
    });
    expect(
      publicAddress("https://weather.example/v1/forecast", { ...site, latitudeDeg: -38.0049 }).searchParams.get(
        "latitude",
      ),
    ).toBe("-38.00");
  });
  test("columns become days; wind is brought to a mean at two metres", () => {
    expect(readPublicAnswer(answer())).toEqual({
      issuedOn: "2026-11-20",
      days: [
        { date: "2026-11-20", tminC: 1.2, tmaxC: 6.1, rainMm: 0, windMs: 5 * 0.6 * 0.748, solarMJ: 4.1 },
        { date: "2026-11-21", tminC: -2.4, tmaxC: 4, rainMm: 3.2, windMs: 10 * 0.6 * 0.748, solarMJ: null },
        { date: "2026-11-22", tminC: -3, tmaxC: 3.5, rainMm: null, windMs: null, solarMJ: 2 },
      ],
    });
  });
  const hours = (dates: string[], each: (hour: number) => object) => {
    const rows = dates.flatMap((date) =>
      Array.from({ length: 24 }, (_, h) => ({ time: `${date}T${String(h).padStart(2, "0")}:00`, ...each(h) })),
    ) as Record<string, unknown>[];
    return Object.fromEntries(Object.keys(rows[0]).map((name) => [name, rows.map((row) => row[name])]));
  };
  const HOURLY_UNITS = {
    temperature_2m: "°C",
    precipitation: "mm",
    wind_speed_10m: "m/s",
    shortwave_radiation: "W/m²",
  };
  test("hours alone make days: lowest, highest, sums, the mean wind at two metres", () => {
    const hourly = hours(["2026-11-20", "2026-11-21"], (h) => ({
      temperature_2m: h - 5,
      precipitation: h === 3 ? 1.5 : 0,
      wind_speed_10m: h < 12 ? 2 : 6,
      shortwave_radiation: h === 12 ? 500 : null,
    }));
    const [first, second] = readPublicAnswer({ hourly, hourly_units: HOURLY_UNITS }).days;
    expect([first.date, second.date]).toEqual(["2026-11-20", "2026-11-21"]);
    expect(first).toMatchObject({ tminC: -5, tmaxC: 18, rainMm: 1.5, solarMJ: null });
    expect(first.windMs).toBeCloseTo(4 * 0.748, 9);
    const sunny = hours(["2026-11-20"], (h) => ({ temperature_2m: 1, shortwave_radiation: h < 10 ? 100 : 0 }));
    expect(readPublicAnswer({ hourly: sunny, hourly_units: HOURLY_UNITS }).days[0].solarMJ).toBeCloseTo(3.6, 9);
  });
  test("what a day's own columns lack its hours say; half a day of hours says nothing", () => {
    const gap = { ...answer(), hourly_units: HOURLY_UNITS };
    gap.daily.temperature_2m_min = [1.2, null, -3] as unknown as number[];
    const hourly = hours(["2026-11-21"], (h) => ({ temperature_2m: h - 9, wind_speed_10m: 2 }));
    const filled = readPublicAnswer({ ...gap, hourly }).days;
    expect(filled.map((d) => [d.date, d.tminC, d.tmaxC])).toEqual([
      ["2026-11-20", 1.2, 6.1],
      ["2026-11-21", -9, 4],
      ["2026-11-22", -3, 3.5],
    ]);
    expect(filled[1].windMs).toBeCloseTo(2 * 0.748, 9);
    const half = hours(["2026-11-21"], (h) => ({ temperature_2m: h < 19 ? 3 : null }));
    expect(readPublicAnswer({ ...gap, hourly: half }).days.map((d) => d.date)).toEqual(["2026-11-20", "2026-11-22"]);
    expect(() => readPublicAnswer({ ...gap, hourly, hourly_units: { ...HOURLY_UNITS, temperature_2m: "°F" } })).toThrow(
      SyntaxError,
    );
  });
  test("a day without a temperature is left out; other units and other shapes are no forecast", () => {
    const gap = answer();
    gap.daily.temperature_2m_min = [1.2, null, -3] as unknown as number[];
    expect(readPublicAnswer(gap).days.map((d) => d.date)).toEqual(["2026-11-20", "2026-11-22"]);
    expect(() =>
      readPublicAnswer(answer({ daily_units: { ...answer().daily_units, temperature_2m_min: "°F" } })),
    ).toThrow(SyntaxError);
    expect(() => readPublicAnswer({ hourly: {} })).toThrow(SyntaxError);
    expect(() => readPublicAnswer({})).toThrow(SyntaxError);
    expect(() => readPublicAnswer({ error: true, reason: "Latitude must be in range" })).toThrow(
      /Latitude must be in range/,
    );
  });
});

test("addresses of one's own network are told from the world's", () => {
  for (const own of [
    "127.0.0.1",
    "10.1.2.3",
    "172.16.0.1",
    "172.31.255.1",
    "192.168.0.9",
    "169.254.1.1",
    "100.64.0.1",
    "0.0.0.0",
    "::1",
    "::",
    "fe80::1",
    "fd00::5",
    "::ffff:10.0.0.1",
    "nonsense",
  ])
    expect([own, isPrivateAddress(own)]).toEqual([own, true]);
  for (const world of ["8.8.8.8", "172.32.0.1", "193.0.0.1", "2606:4700::1111"])
    expect([world, isPrivateAddress(world)]).toEqual([world, false]);
});

describe("over the wire", () => {
  let server: Server;
  let seen: string[] = [];
  let respond: RequestListener = () => undefined;
  beforeAll(async () => {
    server = createServer((request, response) => {
      seen.push(request.url ?? "");
      respond(request, response);
    });
    await new Promise<void>((done) => server.listen(0, "127.0.0.1", done));
  });
  afterAll(() => new Promise((done) => server.close(done)));
  beforeEach(() => {
    seen = [];
  });

  const at = (host = "weather.test") => `http://${host}:${(server.address() as AddressInfo).port}/v1/forecast`;
  const standIn: Outside = { addressesOf: () => Promise.resolve([{ address: "127.0.0.1", family: 4 }]), standIn: true };
  const json =
    (body: unknown, status = 200): RequestListener =>
    (_request, response) => {
      response.writeHead(status, { "content-type": "application/json; charset=utf-8" });
      response.end(typeof body === "string" ? body : JSON.stringify(body));
    };
  const ask = () => askForecast(publicJsonSource(at(), standIn), site, quick);

  test("a good answer is a forecast, asked once", async () => {
    respond = json(answer());
    expect(await ask()).toMatchObject({ outcome: "ok", detail: "3 days ahead", answer: { issuedOn: "2026-11-20" } });
    expect(seen).toHaveLength(1);
    expect(seen[0]).toContain("latitude=47.38&longitude=8.54&elevation=440");
  });
  test.each([
    [
      "last year's weather",
      json(answer({}, ["2025-11-20", "2025-11-21", "2025-11-22"])),
      "nonsense",
      "all its days are past",
      1,
    ],
    [
      "a web page",
      (_q, r) => r.writeHead(200, { "content-type": "text/html" }).end("<html>"),
      "refused",
      "a page, not with data",
      1,
    ],
    ["half an answer", json('{"daily":'), "nonsense", "no forecast", 1],
    ["Fahrenheit", json(answer({ daily_units: {} })), "nonsense", "no forecast", 1],
    [
      "an error in words",
      json({ error: true, reason: "too many requests today" }),
      "refused",
      "too many requests today",
      1,
    ],
    ["trouble of its own", json({}, 500), "refused", "it answered 500, tried 2 times", 2],
    ["too many questions", json({}, 429), "refused", "it answered 429, tried 2 times", 2],
    ["no such page", json({}, 404), "refused", "it answered 404", 1],
    [
      "another address",
      (_q, r) => r.writeHead(302, { location: "http://127.0.0.1/" }).end(),
      "refused",
      "sends elsewhere, which is not followed",
      1,
    ],
    [
      "an endless answer",
      (_q, r) => {
        r.writeHead(200, { "content-type": "application/json" });
        r.end("x".repeat(MOST_ANSWER_BYTES + 1));
      },
      "refused",
      "too large",
      1,
    ],
    ["nothing at all", () => undefined, "timeout", "no answer within 0.6 s", 2],
  ])("%s is told by its name", async (_name, listener, outcome, detail, times) => {
    respond = listener;
    const asked = await ask();
    expect([asked.outcome, asked.answer]).toEqual([outcome, null]);
    expect(asked.detail).toContain(detail);
    expect(seen).toHaveLength(times);
  });
  describe("days before today", () => {
    const past = publicJsonSource("http://weather.test", standIn).past;
    const askDays = (days: number) => askPast({ past: publicJsonSource(at(), standIn).past! }, site, days, quick);
    test("are asked for by their number, and only those before today are taken", async () => {
      expect(past).toBeDefined();
      respond = json(answer({}, ["2026-11-18", "2026-11-19", "2026-11-20"]));
      const asked = await askDays(2);
      expect(asked.outcome === "ok" && asked.answer.map((d) => [d.date, d.tminC, d.solarMJ])).toEqual([
        ["2026-11-18", 1.2, 4.1],
        ["2026-11-19", -2.4, null],
      ]);
      expect(seen[0]).toContain("forecast_days=1&past_days=2");
    });
    test("of last year, or with impossible temperatures, are none", async () => {
      respond = json(answer({}, ["2025-11-17", "2025-11-18", "2025-11-19"]));
      expect(await askDays(3)).toEqual({
        outcome: "nonsense",
        detail: "none of its days are those before today",
        answer: null,
      });
      const hot = answer({}, ["2026-11-17", "2026-11-18", "2026-11-19"]);
      hot.daily.temperature_2m_max = [6, 99, 6];
      respond = json(hot);
      expect(await askDays(3)).toMatchObject({
        outcome: "nonsense",
        detail: "2026-11-18 has a temperature no thermometer ever read",
      });
    });
    test("are not had from a service that is slow or down, nor from a page", async () => {
      respond = () => undefined;
      expect(await askDays(3)).toMatchObject({ outcome: "timeout" });
      respond = json({}, 503);
      expect(await askDays(3)).toMatchObject({ outcome: "refused", detail: "it answered 503, tried 2 times" });
      respond = (_q, r) => r.writeHead(200, { "content-type": "text/html" }).end("<html>");
      expect(await askDays(3)).toMatchObject({ outcome: "refused" });
    });
  });
  test("a name that is never found is given up in time", async () => {
    const nowhere: Outside = { addressesOf: () => new Promise(() => undefined), standIn: true };
    const asked = await askForecast(publicJsonSource(at(), nowhere), site, quick);
    expect(asked).toMatchObject({ outcome: "timeout", detail: "no answer within 0.6 s, tried 2 times" });
  });
  test("plain HTTP, and a name that leads into a private network, are never asked", async () => {
    const world = (address: string): Outside => ({
      addressesOf: () => Promise.resolve([{ address, family: 4 }]),
      standIn: false,
    });
    const plain = await askForecast(publicJsonSource(at(), world("8.8.8.8")), site, quick);
    expect(plain).toMatchObject({ outcome: "refused", detail: "its address does not begin with https" });
    const inward = await askForecast(
      publicJsonSource("https://weather.test/v1/forecast", world("192.168.1.7")),
      site,
      quick,
    );
    expect(inward).toMatchObject({
      outcome: "refused",
      detail: "its name leads into a private network, which is never asked",
    });
    expect(seen).toEqual([]);
  });
});
