import { z } from "zod";
import type { Normals } from "@/core/climate/index";

/** What a weather service is asked about. */
export interface ForecastSite {
  latitudeDeg: number;
  longitudeDeg: number;
  elevationM: number;
  /** The site's calendar day. */
  today: string;
  days: number;
  /** For services that want to know what is usual there; a real one does not. */
  normals: Normals;
  seed: number;
}

/** A day as a service has it, to come or past, at the site. */
export const serviceDaySchema = z.object({
  date: z.iso.date(),
  tminC: z.number(),
  tmaxC: z.number(),
  rainMm: z.number().min(0).max(2000).nullable(),
  windMs: z.number().min(0).max(120).nullable(),
  solarMJ: z.number().min(0).max(60).nullable().optional(),
});
export type ServiceDay = z.infer<typeof serviceDaySchema>;
/** Services of the usual kind give this many days back at most. */
export const MOST_PAST_DAYS = 92;

/** What every adapter answers, whatever its service speaks. Dates are the site's calendar days. */
export const forecastAnswerSchema = z.object({
  issuedOn: z.iso.date(),
  days: z.array(serviceDaySchema).min(1).max(16),
});
export type ForecastAnswer = z.infer<typeof forecastAnswerSchema>;

/**
 * A weather service behind its adapter. `ask` asks once: it throws on trouble of the network (a `TypeError` of fetch, or
 * `ServiceRefusal` for an answer that is no forecast) and gives up when `signal` says so. Time-outs, retries, plausibility and
 * staleness are the caller's and the same for all services.
 */
export interface ForecastSource {
  name: string;
  /** Its weather is made up. */
  isSimulated: boolean;
  ask: (site: ForecastSite, signal: AbortSignal) => Promise<unknown>;
  /** The days before today, where the service gives them; a service that makes its weather up has none. */
  past?: (
    site: Pick<ForecastSite, "latitudeDeg" | "longitudeDeg" | "elevationM">,
    days: number,
    signal: AbortSignal,
  ) => Promise<unknown>;
}

/** The service answered, but not with a forecast; `again` where a second try may help. */
export class ServiceRefusal extends Error {
  constructor(
    message: string,
    readonly again: boolean,
  ) {
    super(message);
  }
}
