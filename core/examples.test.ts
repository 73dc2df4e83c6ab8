import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import { runInNewContext } from "node:vm";

/** Every `@example call // answer` of core is run: a docstring that says what is not so fails. */
interface Example {
  folder: string;
  call: string;
  answer: string;
}

const folders = readdirSync("core", { withFileTypes: true }).flatMap((e) =>
  e.isDirectory() && e.name !== "golden" ? [e.name] : [],
);

const examples: Example[] = folders.flatMap((folder) =>
  readdirSync(path.join("core", folder), { recursive: true, encoding: "utf8" })
    .filter((file) => file.endsWith(".ts") && !file.endsWith(".test.ts"))
    .flatMap((file) =>
      [...readFileSync(path.join("core", folder, file), "utf8").matchAll(/@example (.+?) \/\/ (.+?)(?: \*\/)?$/gm)].map(
        ([, call, answer]) => ({ folder, call, answer }),
      ),
    ),
);

const evaluate = (text: string, names: Record<string, unknown>): unknown => runInNewContext(`(${text})`, { ...names });

/** The answer to as many digits as the docstring gives. */
function rounded(value: unknown, like: unknown): unknown {
  if (typeof value === "number" && typeof like === "number") {
    const digits = String(like).split(".")[1]?.length ?? 0;
    return Number(value.toFixed(digits));
  }
  if (Array.isArray(value) && Array.isArray(like)) return value.map((v, i) => rounded(v, like[i]));
  if (typeof value === "object" && value !== null && typeof like === "object" && like !== null)
    return Object.fromEntries(
      Object.entries(value).map(([key, v]) => [key, rounded(v, (like as Record<string, unknown>)[key])]),
    );
  return value;
}

test.each(examples.map((e) => [`${e.folder}: ${e.call}`, e] as const))(
  "%s",
  async (_name, { folder, call, answer }) => {
    const names = (await import(`./${folder}/index`)) as Record<string, unknown>;
    const expected = evaluate(answer, {});
    expect(rounded(evaluate(call, names), expected)).toEqual(rounded(expected, expected));
  },
);

test("there are examples to run", () => {
  expect(examples.length).toBeGreaterThanOrEqual(130);
});
