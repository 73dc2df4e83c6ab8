import { closePools, pool } from "./pool";
import { many } from "@/data/db";
import { describeError } from "./log";

afterAll(() => closePools());

test("an error of the database is logged by its code and place, without the statement or anything in it", async () => {
  const secret = "a note nobody else may read";
  const error: unknown = await many(pool(), "SELECT nothing_there FROM collection WHERE name = ?", [secret]).catch(
    (e: unknown) => e,
  );
  const logged = JSON.stringify(describeError(error));
  expect(JSON.parse(logged)).toMatchObject({ type: "Error", code: "ER_BAD_FIELD_ERROR", errno: 1054 });
  expect(logged).not.toContain(secret);
  expect(logged).not.toContain("SELECT");
  expect(JSON.stringify(error, Object.getOwnPropertyNames(error as object))).not.toContain(secret);
});

test("other errors keep their words, cut, and where they come from", () => {
  const described = describeError(new RangeError("x".repeat(1000))) as {
    type: string;
    message: string;
    stack: string[];
  };
  expect([described.type, described.message.length]).toEqual(["RangeError", 300]);
  expect(described.stack[0]).toMatch(/log\.test/);
  expect(describeError("thrown text")).toEqual({ type: "string" });
});
