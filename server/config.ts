import "server-only";
import { z } from "zod";
import type { DbAddress } from "@/data/db";

/** Settings come from the environment the start script makes; a missing one is named at start. */
const schema = z.object({
  AURELIAN_DB_HOST: z.string().default("127.0.0.1"),
  AURELIAN_DB_PORT: z.coerce.number().int(),
  AURELIAN_DB_USER: z.string(),
  AURELIAN_DB_PASSWORD: z.string(),
  AURELIAN_DB_NAME: z.string(),
  /** Address of the simulated weather service of the demo and of tests. */
  AURELIAN_FORECAST_URL: z.url().optional(),
  /** Address of a public weather service the operator approves of; off without one. */
  AURELIAN_WEATHER_SERVICE: z.url({ protocol: /^https$/ }).optional(),
  /** Where the data lie: the room left there is watched. */
  AURELIAN_DATA_DIR: z.string().optional(),
  /** Another limit than the usual for "the disk is full", in MB. */
  AURELIAN_LEAST_FREE_MB: z.coerce.number().min(0).optional(),
  AURELIAN_LOG_LEVEL: z.enum(["debug", "info", "warn", "error", "silent"]).default("info"),
  /** A fixed "today" for tests and benchmarks. */
  AURELIAN_TODAY: z.iso.date().optional(),
});

let cached: z.infer<typeof schema> | null = null;

export function config() {
  if (!cached) {
    const parsed = schema.safeParse(process.env);
    if (!parsed.success) {
      const names = parsed.error.issues.map((issue) => issue.path.join(".")).join(", ");
      throw new Error(`Start Aurelian with "npm run demo" or "npm start": these settings are missing: ${names}`);
    }
    cached = parsed.data;
  }
  return cached;
}

export function dbAddress(): DbAddress {
  const c = config();
  return {
    host: c.AURELIAN_DB_HOST,
    port: c.AURELIAN_DB_PORT,
    user: c.AURELIAN_DB_USER,
    password: c.AURELIAN_DB_PASSWORD,
    database: c.AURELIAN_DB_NAME,
  };
}
