import "server-only";
import { AsyncLocalStorage } from "node:async_hooks";
import pino, { type Logger } from "pino";
import { config } from "./config";

const requestId = new AsyncLocalStorage<string>();
const holder = globalThis as typeof globalThis & { aurelianLog?: Logger };

/** Errors as type, code and place: messages of libraries may quote what people typed, so only our own are kept. */
export function describeError(error: unknown): object {
  if (!(error instanceof Error)) return { type: typeof error };
  const { code, errno, digest } = error as Error & { code?: unknown; errno?: unknown; digest?: unknown };
  const fromDatabase = "sqlState" in error;
  return {
    type: error.name,
    ...(code === undefined ? {} : { code }),
    ...(errno === undefined ? {} : { errno }),
    ...(digest === undefined ? {} : { digest }),
    ...(fromDatabase ? {} : { message: error.message.slice(0, 300) }),
    stack: (error.stack ?? "")
      .split("\n")
      .slice(1, 12)
      .map((line) => line.trim()),
  };
}

/** Lines of JSON to standard output, which the start script keeps in a file and rotates. */
export function log(): Logger {
  holder.aurelianLog ??= pino({
    level: config().AURELIAN_LOG_LEVEL,
    base: null,
    timestamp: pino.stdTimeFunctions.isoTime,
    serializers: { err: describeError },
    mixin: () => {
      const id = requestId.getStore();
      return id === undefined ? {} : { requestId: id };
    },
  });
  return holder.aurelianLog;
}

/** Everything logged inside carries the request's id, which the answer names, too. */
export function withRequest<T>(request: Request, work: () => Promise<T>): Promise<T> {
  return requestId.run(request.headers.get("x-request-id") ?? crypto.randomUUID(), work);
}
