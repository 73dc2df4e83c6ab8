import { z } from "zod";
import { toDay } from "@/core/dates/index";
import {
  type ForecastAnswer,
  forecastAnswerSchema,
  type ForecastSite,
  type ForecastSource,
  type ServiceDay,
  serviceDaySchema,
  ServiceRefusal,
} from "./source";

/** Why a service gave nothing that can be used, and in which words. */
export interface NoAnswer {
  outcome: "timeout" | "unreachable" | "refused" | "nonsense";
  detail: string;
  answer: null;
}
export type Asked = { outcome: "ok" | "stale"; detail: string; answer: ForecastAnswer } | NoAnswer;

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

/** What cannot be weather in some days; null when it can. */
function impossible(days: readonly ServiceDay[]): string | null {
  for (const d of days) {
    if (d.tminC > d.tmaxC) return `on ${d.date} the lowest temperature is above the highest`;
    if (d.tminC < LEAST_C || d.tmaxC > MOST_C) return `${d.date} has a temperature no thermometer ever read`;
  }
  return null;
}

/** What cannot be a forecast; null when it can. */
function nonsense(answer: ForecastAnswer, site: ForecastSite): string | null {
  const wrong = impossible(answer.days);
  if (wrong !== null) return wrong;
  const broken = answer.days.find((d, i) => i > 0 && toDay(d.date) !== toDay(answer.days[i - 1].date) + 1);
  if (broken) return `the days do not follow each other at ${broken.date}`;
  if (toDay(answer.issuedOn) > toDay(site.today) + 1) return "it claims to have been issued in the future";
  return null;
}

const none = (outcome: NoAnswer["outcome"], detail: string): NoAnswer => ({ outcome, detail, answer: null });
const NO_FORECAST = "its answer was no forecast";

/** Asks with a time limit and a second try where that may help; what came, as it came, or why nothing did. Never throws. */
async function patiently(
  ask: (signal: AbortSignal) => Promise<unknown>,
  patience: AskPatience,
): Promise<{ came: unknown } | NoAnswer> {
  let last = none("unreachable", "it was not asked");
  for (let attempt = 1; attempt <= patience.tries; attempt++) {
    if (attempt > 1) await new Promise((resolve) => setTimeout(resolve, patience.pauseMs));
    const tried = attempt === 1 ? "" : `, tried ${attempt} times`;
    try {
      return { came: await ask(AbortSignal.timeout(patience.timeoutMs)) };
    } catch (error) {
      if (error instanceof ServiceRefusal) {
        last = none("refused", `${error.message}${tried}`);
        if (!error.again) return last;
      } else if (error instanceof DOMException && error.name === "TimeoutError") {
        last = none("timeout", `no answer within ${patience.timeoutMs / 1000} s${tried}`);
      } else if (error instanceof SyntaxError) {
        return none("nonsense", NO_FORECAST);
      } else {
        last = none("unreachable", `nobody answered at its address${tried}`);
      }
    }
  }
  return last;
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
  const asked = await patiently((signal) => source.ask(site, signal), patience);
  if (!("came" in asked)) return asked;
  const parsed = forecastAnswerSchema.safeParse(asked.came);
  if (!parsed.success) return none("nonsense", NO_FORECAST);
  const answer = parsed.data;
  const wrong = nonsense(answer, site);
  if (wrong !== null) return none("nonsense", wrong);
  const ahead = answer.days.filter((d) => d.date >= site.today).length;
  if (ahead === 0) return none("nonsense", "all its days are past");
  const stale = toDay(site.today) - toDay(answer.issuedOn) > FRESH_DAYS;
  return {
    outcome: stale ? "stale" : "ok",
    detail: stale ? `it gave a forecast of ${answer.issuedOn}` : `${ahead} days ahead`,
    answer,
  };
}

/** Asks a service for the days before today, with the same patience and mistrust; days that are not past are left out. */
export async function askPast(
  source: Required<Pick<ForecastSource, "past">>,
  site: Pick<ForecastSite, "latitudeDeg" | "longitudeDeg" | "elevationM" | "today">,
  days: number,
  patience: AskPatience = USUAL_PATIENCE,
): Promise<{ outcome: "ok"; answer: ServiceDay[] } | NoAnswer> {
  const asked = await patiently((signal) => source.past(site, days, signal), patience);
  if (!("came" in asked)) return asked;
  const parsed = z
    .array(serviceDaySchema)
    .max(days + 16)
    .safeParse(asked.came);
  if (!parsed.success) return none("nonsense", NO_FORECAST);
  const wrong = impossible(parsed.data);
  if (wrong !== null) return none("nonsense", wrong);
  const [first, last] = [toDay(site.today) - days, toDay(site.today) - 1];
  const past = parsed.data.filter(({ date }) => toDay(date) >= first && toDay(date) <= last);
  if (past.length === 0) return none("nonsense", "none of its days are those before today");
  return { outcome: "ok", answer: past };
}
