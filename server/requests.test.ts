import { isForeign, readJson } from "./requests";

const request = (headers: Record<string, string>, body?: string) =>
  new Request("http://127.0.0.1:4310/api/commands/x", {
    method: "POST",
    headers: { host: "127.0.0.1:4310", ...headers },
    body,
  });

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
])("%j is foreign: %s", (headers, foreign) => {
  expect(isForeign(request(headers))).toBe(foreign);
});

test("a body that is no JSON is nothing, not an exception", async () => {
  expect(await readJson(request({}, '{"a":1}'))).toEqual({ a: 1 });
  expect(await readJson(request({}, "{"))).toBeUndefined();
  expect(await readJson(request({}))).toBeUndefined();
});
