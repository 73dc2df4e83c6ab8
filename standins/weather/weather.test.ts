import type { AddressInfo } from "node:net";
import type { Server } from "node:http";
import { forecastErrorC, fitPlace } from "@/core/climate/index";
import { parseIso, toDay, toIso } from "@/core/dates/index";
import { TEST_NORMALS } from "@/test-support/normals";
import { askForecast } from "@/server/forecast/ask";
import { simulatedSource } from "@/server/forecast/simulated";
import { MADE_UP_PLACES, readings } from "./logger";
import { serveWeather } from "./serve";
import { makeWorld } from "./world";

const site = {
  latitudeDeg: 48.3,
  longitudeDeg: 11.9,
  elevationM: 540,
  today: "2026-11-20",
  days: 10,
  normals: TEST_NORMALS,
  seed: 17,
};
const quick = { timeoutMs: 700, tries: 2, pauseMs: 10 };

describe("the made-up atmosphere", () => {
  const world = makeWorld(48.3, TEST_NORMALS, 17);
  test("same seed, same weather; any day of any year has some", () => {
    const again = makeWorld(48.3, TEST_NORMALS, 17);
    for (const iso of ["2026-11-20", "2028-02-29", "1999-12-31", "2100-07-01"])
      expect(again.truth(parseIso(iso)!)).toEqual(world.truth(parseIso(iso)!));
    expect(world.truth(parseIso("2026-07-01")!).tmaxC).toBeGreaterThan(world.truth(parseIso("2026-01-10")!).tmaxC);
  });

  test("errors grow with the lead time, about as large as they are said to be, and without bias", () => {
    const start = toDay("2026-01-01");
    const errors = [1, 5, 10].map((lead) => {
      const of: number[] = [];
      for (let d = 0; d < 1400; d++) {
        const day = world.forecast(start + d, 10)[lead - 1];
        of.push(day.tminC - world.truth(day.date).tminC);
      }
      const mean = of.reduce((a, b) => a + b, 0) / of.length;
      return { mean, rms: Math.sqrt(of.reduce((a, b) => a + b * b, 0) / of.length) };
    });
    expect(errors[0].rms).toBeLessThan(errors[1].rms);
    expect(errors[1].rms).toBeLessThan(errors[2].rms);
    for (const e of errors) expect(Math.abs(e.mean)).toBeLessThan(0.4);
    expect(errors[0].rms).toBeGreaterThan(0.7 * forecastErrorC(1, 3.6));
    expect(errors[0].rms).toBeLessThan(1.4 * forecastErrorC(1, 3.6));
  });
});

test("what the made-up logger reads lets the place be learned", () => {
  const world = makeWorld(48.3, TEST_NORMALS, 5);
  const days = Array.from({ length: 120 }, (_, k) => {
    const day = toDay("2026-11-01") + k;
    return { date: toIso(day), ...world.truth(day) };
  });
  const place = MADE_UP_PLACES.unheated;
  const lows = new Map<string, number>();
  for (const r of readings(place, "shed", days, 60)) {
    const date = r.time.slice(0, 10);
    lows.set(date, Math.min(lows.get(date) ?? Infinity, r.tempC));
  }
  const fit = fitPlace(days.map((d) => ({ day: toDay(d.date), siteC: d.tminC, placeC: lows.get(d.date)! })))!;
  expect(Math.abs(fit.climate.offsetC - place.offsetC)).toBeLessThan(0.8);
  expect(Math.abs(fit.climate.damping - place.damping)).toBeLessThan(0.1);
});

describe("the service, asked through the adapter", () => {
  let server: Server;
  let url: string;
  beforeAll(async () => {
    server = await serveWeather(0);
    url = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  });
  afterAll(async () => {
    server.closeAllConnections();
    await new Promise((resolve) => server.close(resolve));
  });
  const fault = (name: string) =>
    fetch(`${url}/v1/fault`, { method: "POST", body: JSON.stringify({ fault: name }) }).then((r) => r.json());
  const ask = () => askForecast(simulatedSource(url), site, quick);

  test("ten days from today on, in order, the same when asked again", async () => {
    expect(await fault("none")).toEqual({ fault: "none" });
    const [a, b] = [await ask(), await ask()];
    expect(a.outcome).toBe("ok");
    expect(a.answer!.days.map((d) => d.date)[0]).toBe("2026-11-20");
    expect(a.answer!.days.length).toBe(10);
    expect(a.answer).toEqual(b.answer);
  });
  test("slow: given up after the time limit, tried again, said so", async () => {
    await fault("slow");
    const from = Date.now();
    expect(await ask()).toMatchObject({
      outcome: "timeout",
      answer: null,
      detail: expect.stringContaining("tried 2 times") as string,
    });
    expect(Date.now() - from).toBeLessThan(10_000);
  });
  test("down: refused, tried again", async () => {
    await fault("down");
    expect(await ask()).toMatchObject({
      outcome: "refused",
      answer: null,
      detail: expect.stringContaining("503") as string,
    });
  });
  test("nonsense is not taken on trust", async () => {
    await fault("nonsense");
    expect(await ask()).toMatchObject({ outcome: "nonsense", answer: null });
  });
  test("stale: used, and said to be old", async () => {
    await fault("stale");
    const answer = await ask();
    expect(answer.outcome).toBe("stale");
    expect(answer.answer!.issuedOn).toBe("2026-11-16");
  });
  test("nobody at the address; an answer that is no forecast; a bad question", async () => {
    expect(await askForecast(simulatedSource("http://127.0.0.1:9"), site, quick)).toMatchObject({
      outcome: "unreachable",
    });
    const odd = { name: "odd", isSimulated: false, ask: () => Promise.resolve({ hello: 1 }) };
    expect(await askForecast(odd, site, quick)).toMatchObject({ outcome: "nonsense" });
    const past = {
      name: "past",
      isSimulated: false,
      ask: () =>
        Promise.resolve({
          issuedOn: "2026-11-01",
          days: [{ date: "2026-11-01", tminC: 1, tmaxC: 2, rainMm: null, windMs: null }],
        }),
    };
    expect(await askForecast(past, site, quick)).toMatchObject({ outcome: "nonsense" });
    await fault("none");
    const bad = await fetch(`${url}/v1/forecast`, { method: "POST", body: "{}" });
    expect(bad.status).toBe(400);
  });
});
