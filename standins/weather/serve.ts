import { createServer, type IncomingMessage, type Server, type ServerResponse } from "node:http";
import { z } from "zod";
import { normalsSchema } from "@/core/climate/index";
import { toDay, toIso } from "@/core/dates/index";
import { MADE_UP_PLACES, readings } from "./logger";
import { makeWorld, type World } from "./world";

/** Ways the service can be made to fail, or to bring a heat wave, for tests and for trying what the application does then. */
export const FAULTS = ["none", "slow", "down", "nonsense", "stale", "heat"] as const;
export type Fault = (typeof FAULTS)[number];

const where = z.object({
  latitudeDeg: z.number().min(-90).max(90),
  longitudeDeg: z.number().min(-180).max(180),
  /** It knows no geography: it has to be told the climate it is to play. */
  normals: normalsSchema,
  seed: z.number().int(),
});
const forecastQuestion = where.extend({ today: z.iso.date(), days: z.number().int().min(1).max(16) });
const loggerQuestion = z.object({
  placeId: z.string().max(80),
  placeKind: z.enum(Object.keys(MADE_UP_PLACES) as [string, ...string[]]),
  everyMinutes: z.number().int().min(5).max(60),
  /** The weather outside, which the thermometer does not make itself. */
  days: z.array(z.object({ date: z.iso.date(), tminC: z.number(), tmaxC: z.number() })).max(800),
});

const faultQuestion = z.object({ fault: z.enum(FAULTS), latitudeDeg: z.number().optional() });

const SLOW_MS = 20_000;
const STALE_DAYS = 4;
const HEAT_WAVE = { tminC: 23, tmaxC: 41, rainMm: 0, windMs: 2 } as const;

async function bodyOf(request: IncomingMessage): Promise<unknown> {
  let text = "";
  for await (const chunk of request) text += String(chunk);
  return JSON.parse(text === "" ? "{}" : text) as unknown;
}

function answer(response: ServerResponse, status: number, body: unknown): void {
  response.writeHead(status, { "content-type": "application/json" });
  response.end(JSON.stringify(body));
}

/** A small weather service and a thermometer logger on loopback. Everything it says is made up, seeded and repeatable. */
export function serveWeather(port: number, usual: Fault = "none"): Promise<Server> {
  let everywhere = usual;
  // A fault may be meant for one latitude only, so that tests side by side do not disturb each other.
  const byLatitude = new Map<number, Fault>();
  const worlds = new Map<string, World>();
  const worldOf = (q: z.infer<typeof where>): World => {
    const key = JSON.stringify([q.latitudeDeg, q.normals, q.seed]);
    let world = worlds.get(key);
    if (!world) {
      if (worlds.size > 8) worlds.clear();
      worlds.set(key, (world = makeWorld(q.latitudeDeg, q.normals, q.seed)));
    }
    return world;
  };

  const handle = async (request: IncomingMessage, response: ServerResponse) => {
    if (request.url === "/v1/fault") {
      if (request.method === "POST") {
        const asked = faultQuestion.parse(await bodyOf(request));
        if (asked.latitudeDeg === undefined) everywhere = asked.fault;
        else byLatitude.set(asked.latitudeDeg, asked.fault);
      }
      answer(response, 200, { fault: everywhere });
      return;
    }
    if (request.url === "/v1/health") {
      answer(response, 200, { ok: true });
      return;
    }
    if (request.method !== "POST") {
      answer(response, 404, { error: "ask with POST: /v1/forecast or /v1/readings" });
      return;
    }
    const body = await bodyOf(request);
    if (request.url === "/v1/readings") {
      // A logger in the yard does not go down with a weather service.
      const q = loggerQuestion.parse(body);
      const lines = ["time,temp_c"];
      for (const r of readings(MADE_UP_PLACES[q.placeKind], q.placeId, q.days, q.everyMinutes))
        lines.push(`${r.time},${r.tempC}`);
      response.writeHead(200, { "content-type": "text/csv" });
      response.end(`${lines.join("\n")}\n`);
      return;
    }
    const at = where.pick({ latitudeDeg: true }).safeParse(body);
    const fault = (at.success ? byLatitude.get(at.data.latitudeDeg) : undefined) ?? everywhere;
    if (fault === "down") {
      answer(response, 503, { error: "down for maintenance" });
      return;
    }
    if (fault === "slow") await new Promise((resolve) => setTimeout(resolve, SLOW_MS).unref());
    if (request.url === "/v1/forecast") {
      const q = forecastQuestion.parse(body);
      const issuedOn = toDay(q.today) - (fault === "stale" ? STALE_DAYS : 0);
      const days = worldOf(q)
        .forecast(issuedOn, q.days)
        .map((d) => (fault === "heat" ? { ...d, ...HEAT_WAVE } : d))
        .map((d) => ({ ...d, date: toIso(d.date) }));
      answer(response, 200, {
        source: "simulated weather service",
        issuedOn: toIso(issuedOn),
        days: fault === "nonsense" ? days.map((d) => ({ ...d, tminC: d.tmaxC + 400 })) : days,
      });
      return;
    }
    answer(response, 404, { error: "no such address" });
  };

  const server = createServer((request, response) => {
    handle(request, response).catch((error: unknown) => {
      if (!response.headersSent)
        answer(response, 400, { error: error instanceof Error ? error.message : "bad question" });
    });
  });
  return new Promise((resolve, reject) => {
    server.once("error", reject);
    server.listen(port, "127.0.0.1", () => resolve(server));
  });
}
