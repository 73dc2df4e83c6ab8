import { z } from "zod";

const DISCRIMINATORS = ["kind", "known", "shape", "by"];

/**
 * Least and most of every number, text and list of a schema, and what stands where nothing is said, a line each: what a test holds
 * against the list that is written down.
 */
export function boundsOf(name: string, schema: z.ZodType): string[] {
  const lines = new Set<string>();
  const walk = (node: unknown, at: string): void => {
    if (typeof node !== "object" || node === null) return;
    const n = node as Record<string, unknown>;
    const shown = (v: unknown) =>
      v === undefined || Math.abs(Number(v)) === Number.MAX_SAFE_INTEGER ? "" : JSON.stringify(v);
    const say = (low: string, high: string, what: string) => {
      if (low !== "" || high !== "") lines.add(`${name} ${at} ${what} ${low}..${high}`);
    };
    if (n.type === "number" || n.type === "integer")
      say(
        n.exclusiveMinimum === undefined ? shown(n.minimum) : `>${shown(n.exclusiveMinimum)}`,
        n.exclusiveMaximum === undefined ? shown(n.maximum) : `<${shown(n.exclusiveMaximum)}`,
        n.type,
      );
    if (n.type === "string") say(shown(n.minLength), shown(n.maxLength), "text");
    if (n.type === "array") say(shown(n.minItems), shown(n.maxItems), "list");
    if ("default" in n) lines.add(`${name} ${at} else ${JSON.stringify(n.default)}`);
    const properties = (n.properties ?? {}) as Record<string, Record<string, unknown>>;
    const told = DISCRIMINATORS.map((d) => properties[d]?.const).find((v) => typeof v === "string");
    const inside = told === undefined ? at : `${at}<${told}>`;
    for (const [key, value] of Object.entries(properties)) walk(value, inside === "" ? key : `${inside}.${key}`);
    walk(n.items, `${at}.*`);
    walk(n.additionalProperties, `${at}.*`);
    for (const list of [n.anyOf, n.oneOf, n.allOf, n.prefixItems])
      if (Array.isArray(list)) for (const part of list) walk(part, at);
  };
  walk(z.toJSONSchema(schema, { io: "input", unrepresentable: "any", reused: "inline" }), "");
  return [...lines].sort();
}
