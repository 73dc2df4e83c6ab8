import { faultWords } from "@/words/faults";
import { MOST_BYTES, MOST_JSON_DEPTH, MOST_JSON_VALUES } from "@/contract/limits";
import { BadBody, bodyOf, isForeign, isLoopback, readJson } from "./requests";

const request = (headers: Record<string, string>, body?: BodyInit) =>
  new Request("http://127.0.0.1:4310/api/commands/x", {
    method: "POST",
    headers: { host: "127.0.0.1:4310", ...headers },
    body,
  });

const refusal = async (work: Promise<unknown>) => {
  try {
    await work;
  } catch (error) {
    if (error instanceof BadBody) return [error.status, faultWords(error.fault, "metric")];
    throw error;
  }
  return null;
};
const all = async (stream: AsyncIterable<Uint8Array>) => {
  let n = 0;
  for await (const chunk of stream) n += chunk.byteLength;
  return n;
};

test.each([
  [{}, false],
  [{ origin: "http://127.0.0.1:4310" }, false],
  [{ "sec-fetch-site": "same-origin" }, false],
  [{ "sec-fetch-site": "none" }, false],
  [{ origin: "http://evil.example" }, true],
  [{ origin: "http://127.0.0.1:9999" }, true],
  [{ origin: "null" }, true],
  [{ "sec-fetch-site": "cross-site" }, true],
  [{ "sec-fetch-site": "same-site" }, true],
  [{ host: "trees.example:4310" }, true],
])("%j is foreign: %s", (headers, foreign) => {
  expect(isForeign(request(headers))).toBe(foreign);
});

test.each([
  ["127.0.0.1", true],
  ["localhost:4310", true],
  ["[::1]:4310", true],
  ["127.0.0.1.example", false],
  [null, false],
])("host %s is this machine: %s", (host, own) => {
  expect(isLoopback(host)).toBe(own);
});

test("limits, asserted once", () => {
  expect(MOST_BYTES).toEqual({ json: 4_194_304, list: 67_108_864, weather: 134_217_728, photo: 25_165_824 });
  expect([MOST_JSON_DEPTH, MOST_JSON_VALUES]).toEqual([64, 250_000]);
});

test("a body that is no JSON is refused in words", async () => {
  expect(await readJson(request({}, '{"a":1}'))).toEqual({ a: 1 });
  for (const body of ["{", undefined])
    expect(await refusal(readJson(request({}, body)))).toEqual([400, "This request cannot be read."]);
});

test("depth and number of values are counted before anything is parsed", async () => {
  const nested = (n: number) => "[".repeat(n) + "]".repeat(n);
  expect(await refusal(readJson(request({}, nested(64))))).toBeNull();
  expect(await refusal(readJson(request({}, nested(65))))).toEqual([400, "This request is nested more than 64 deep."]);
  // Brackets and commas in a text are text, behind an escaped quotation mark, too.
  const text = JSON.stringify({ note: `"\\${"[".repeat(300)}${",".repeat(300_000)}` });
  expect(await refusal(readJson(request({}, text)))).toBeNull();
  const many = (n: number) => `[${Array.from({ length: n + 1 }, () => "1").join(",")}]`;
  expect(await refusal(readJson(request({}, many(250_000))))).toBeNull();
  expect(await refusal(readJson(request({}, many(250_001))))).toEqual([
    413,
    "This request holds more than 250,000 values.",
  ]);
});

test("a body is as large as it may be, and one byte more is refused", async () => {
  expect(await all(bodyOf(request({}, "12345"), 5))).toBe(5);
  expect(await refusal(all(bodyOf(request({}, "123456"), 5)))).toEqual([
    413,
    "This file is larger than 0 MB, which is the most that is taken at once.",
  ]);
  // By what is announced, before a byte is read.
  expect(await refusal(all(bodyOf(request({ "content-length": "9000000" }, "1"), 1_048_576)))).toEqual([
    413,
    "This file is larger than 1 MB, which is the most that is taken at once.",
  ]);
});

test("a body that ends early is an error, not a shorter body", async () => {
  expect(await refusal(all(bodyOf(request({ "content-length": "12" }, "1234567"), 100, "picture")))).toEqual([
    400,
    "This picture was cut off on its way: 7 of 12 bytes came. Nothing was kept; send it again.",
  ]);
});
