// npm run --silent calc -- NAME < in.json | --list | --schema NAME | --batch < lines.ndjson
import { readFileSync } from "node:fs";
import { createInterface } from "node:readline";
import { calculateAny, listCalculations, schemaOf } from "@/calc/registry";

// A reader that has seen enough, such as head, closes the pipe: that is no error.
process.stdout.on("error", (error: NodeJS.ErrnoException) => process.exit(error.code === "EPIPE" ? 0 : 1));

const [first, second] = process.argv.slice(2);
const print = (value: unknown) => console.log(JSON.stringify(value));

function fail(faults: { path: string; message: string }[]): never {
  for (const fault of faults) console.error(`${fault.path || "(input)"}: ${fault.message}`);
  process.exit(2);
}

if (first === "--list") {
  for (const { name, about } of listCalculations()) console.log(`${name}\t${about}`);
} else if (first === "--schema") {
  const schema = schemaOf(second ?? "");
  if (schema === null) fail([{ path: "calc", message: `There is no calculation named "${second ?? ""}".` }]);
  console.log(JSON.stringify(schema, null, 2));
} else if (first === "--batch") {
  for await (const line of createInterface({ input: process.stdin })) {
    if (line.trim() === "") continue;
    let request: { calc?: unknown; in?: unknown };
    try {
      request = JSON.parse(line) as typeof request;
    } catch {
      print({ error: [{ path: "", message: "This line is not JSON." }] });
      continue;
    }
    print(await calculateAny(String(request.calc), request.in));
  }
} else if (first) {
  let input: unknown;
  try {
    input = JSON.parse(readFileSync(0, "utf8"));
  } catch {
    fail([{ path: "", message: "The input is not JSON." }]);
  }
  const answer = await calculateAny(first, input);
  if ("error" in answer) fail(answer.error);
  print(answer.out);
} else {
  console.error("usage: npm run --silent calc -- NAME < in.json | --list | --schema NAME | --batch");
  process.exit(2);
}
