import type { Pool } from "mysql2/promise";
import { openPool } from "@/data/db";

/** The database that `npm test` starts for tests; absent when a single test is run by hand. */
export function hasTestDatabase(): boolean {
  return process.env.AURELIAN_DB_PORT !== undefined;
}

export function testPool(user: "app" | "owner"): Pool {
  const env = process.env;
  return openPool({
    host: env.AURELIAN_DB_HOST!,
    port: Number(env.AURELIAN_DB_PORT),
    database: env.AURELIAN_DB_NAME!,
    user: user === "app" ? env.AURELIAN_DB_USER! : env.AURELIAN_OWNER_USER!,
    password: user === "app" ? env.AURELIAN_DB_PASSWORD! : env.AURELIAN_OWNER_PASSWORD!,
  });
}
