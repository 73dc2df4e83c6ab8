import { readFileSync } from "node:fs";
import { z } from "zod";
import { COMMAND_NAMES, contractOf } from "./index";

/** Least and most of every field of every command, as the schemas have them; those of a pot once, for all that take one. */
function boundsOf(): string[] {
  const lines = new Set<string>();
  for (const name of COMMAND_NAMES) {
    const walk = (node: unknown, at: string): void => {
      if (typeof node !== "object" || node === null) return;
      const n = node as Record<string, unknown>;
      const shown = (v: unknown) =>
        v === undefined || Math.abs(Number(v)) === Number.MAX_SAFE_INTEGER ? "" : JSON.stringify(v);
      const say = (low: string, high: string, what: string) => {
        if (low !== "" || high !== "")
          lines.add(`${at.startsWith("pot.") ? "" : `${name} `}${at} ${what} ${low}..${high}`);
      };
      if (n.type === "number" || n.type === "integer")
        say(
          n.exclusiveMinimum === undefined ? shown(n.minimum) : `>${shown(n.exclusiveMinimum)}`,
          shown(n.maximum),
          n.type,
        );
      if (n.type === "string") say(shown(n.minLength), shown(n.maxLength), "text");
      if (n.type === "array") say(shown(n.minItems), shown(n.maxItems), "list");
      for (const [key, value] of Object.entries(n.properties ?? {})) walk(value, at === "" ? key : `${at}.${key}`);
      walk(n.items, `${at}.*`);
      walk(n.additionalProperties, `${at}.*`);
      for (const list of [n.anyOf, n.oneOf, n.allOf, n.prefixItems])
        if (Array.isArray(list)) for (const part of list) walk(part, at);
    };
    walk(z.toJSONSchema(contractOf(name).input, { io: "input", unrepresentable: "any", reused: "inline" }), "");
  }
  return [...lines].sort();
}

/** A bound that is moved shows here as one line; `bounds.txt` is then changed on purpose, or the slip is found. */
test("every bound stands as it is written down", () => {
  const written = readFileSync("contract/bounds.txt", "utf8").trim().split("\n").sort();
  expect(boundsOf()).toEqual(written);
});
