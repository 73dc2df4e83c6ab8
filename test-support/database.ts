import type { Pool } from "mysql2/promise";
import { type DbAddress, openPool } from "@/data/db";

/** The database that `npm test` starts for tests; absent when a single test is run by hand. */
export function hasTestDatabase(): boolean {
  return process.env.AURELIAN_DB_PORT !== undefined;
}

export function testPool(user: "app" | "owner"): Pool {
  const { AURELIAN_DB_USER, AURELIAN_DB_PASSWORD } = process.env;
  const owner = ownerAddress();
  return openPool(user === "owner" ? owner : { ...owner, user: AURELIAN_DB_USER!, password: AURELIAN_DB_PASSWORD! });
}

/** The owner's way in, for backup and restore. */
export function ownerAddress(): DbAddress {
  const env = process.env;
  return {
    host: env.AURELIAN_DB_HOST!,
    port: Number(env.AURELIAN_DB_PORT),
    database: env.AURELIAN_DB_NAME!,
    user: env.AURELIAN_OWNER_USER!,
    password: env.AURELIAN_OWNER_PASSWORD!,
  };
}
