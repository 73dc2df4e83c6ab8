import { parseIso, toDay } from "@/core/dates/index";
import {
  type ForecastAnswer,
  forecastAnswerSchema,
  type ForecastSite,
  type ForecastSource,
  ServiceRefusal,
} from "./source";

export type Asked =
  | { outcome: "ok" | "stale"; detail: string; answer: ForecastAnswer }
  | { outcome: "timeout" | "unreachable" | "refused" | "nonsense"; detail: string; answer: null };

export interface AskPatience {
  timeoutMs: number;
  tries: number;
  pauseMs: number;
}
const USUAL_PATIENCE: AskPatience = { timeoutMs: 4000, tries: 2, pauseMs: 500 };

/** A forecast issued before yesterday is old: it is used with the larger errors of its age, and said to be old. */
const FRESH_DAYS = 1;
/** No air near the ground was ever colder or hotter. */
const [LEAST_C, MOST_C] = [-75, 60];

/** What cannot be weather in an answer; null when it can. */
function nonsense(answer: ForecastAnswer, site: ForecastSite): string | null {
  let before: number | null = null;
  for (const d of answer.days) {
    if (d.tminC > d.tmaxC) return `on ${d.date} the lowest temperature is above the highest`;
    if (d.tminC < LEAST_C || d.tmaxC > MOST_C) return `${d.date} has a temperature no thermometer ever read`;
    const day = parseIso(d.date)!;
    if (before !== null && day !== before + 1) return `the days do not follow each other at ${d.date}`;
    before = day;
  }
  if (toDay(answer.issuedOn) > toDay(site.today) + 1) return "it claims to have been issued in the future";
  return null;
}

/**
 * Asks a service with a time limit and a second try, and takes nothing on trust: an answer of the wrong shape or with impossible
 * temperatures counts as none. Never throws.
 */
export async function askForecast(
  source: ForecastSource,
  site: ForecastSite,
  patience: AskPatience = USUAL_PATIENCE,
): Promise<Asked> {
  let last: Asked = { outcome: "unreachable", detail: "it was not asked", answer: null };
  for (let attempt = 1; attempt <= patience.tries; attempt++) {
    if (attempt > 1) await new Promise((resolve) => setTimeout(resolve, patience.pauseMs));
    const tried = attempt === 1 ? "" : `, tried ${attempt} times`;
    try {
      const parsed = forecastAnswerSchema.safeParse(await source.ask(site, AbortSignal.timeout(patience.timeoutMs)));
      if (!parsed.success) return { outcome: "nonsense", detail: "its answer was no forecast", answer: null };
      const answer = parsed.data;
      const wrong = nonsense(answer, site);
      if (wrong !== null) return { outcome: "nonsense", detail: wrong, answer: null };
      const ahead = answer.days.filter((d) => d.date >= site.today).length;
      if (ahead === 0) return { outcome: "nonsense", detail: "all its days are past", answer: null };
      const stale = toDay(site.today) - toDay(answer.issuedOn) > FRESH_DAYS;
      return {
        outcome: stale ? "stale" : "ok",
        detail: stale ? `it gave a forecast of ${answer.issuedOn}` : `${ahead} days ahead`,
        answer,
      };
    } catch (error) {
      if (error instanceof ServiceRefusal) {
        last = { outcome: "refused", detail: `${error.message}${tried}`, answer: null };
        if (!error.again) return last;
      } else if (error instanceof DOMException && error.name === "TimeoutError") {
        const seconds = patience.timeoutMs / 1000;
        last = { outcome: "timeout", detail: `no answer within ${seconds} s${tried}`, answer: null };
      } else if (error instanceof SyntaxError) {
        return { outcome: "nonsense", detail: "its answer was no forecast", answer: null };
      } else {
        last = { outcome: "unreachable", detail: `nobody answered at its address${tried}`, answer: null };
      }
    }
  }
  return last;
}
