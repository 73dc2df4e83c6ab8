import { readFileSync } from "node:fs";
import path from "node:path";
import { eventPayload, isReadable, type LoggedEvent } from "./event";
import { PAYLOAD_VERSION, readPayload } from "./versions";

const fixture = (version: number) =>
  JSON.parse(readFileSync(path.join("core", "event", "fixtures", `v${version}.json`), "utf8")) as { kind: string }[];

test("a log of every version since the first is read whole: every kind, as it was written", () => {
  for (let version = 1; version <= PAYLOAD_VERSION; version++)
    for (const payload of fixture(version)) expect(readPayload(payload, version, payload.kind)).toEqual(payload);
});

test("the log of today's version holds every kind there is: a new kind brings its sample", () => {
  const kinds = eventPayload.options.map((option) => option.shape.kind.value);
  expect(new Set(fixture(PAYLOAD_VERSION).map((p) => p.kind))).toEqual(new Set(kinds));
});

test("what version 1 said of roots in their rest is passed over, the rest of that word stands", () => {
  const said = (values: unknown) => ({ kind: "kind-said", kindId: "fig", cultivar: null, values });
  const read = (values: unknown) => readPayload(said(values), 1, "kind-said");
  expect(read({ rootsGrowDormant: true, rootShare: 0.2 })).toEqual(said({ rootShare: 0.2 }));
  expect(read({ rootsGrowDormant: false })).toEqual(said(null));
  expect(read({ rootShare: 0.2 })).toEqual(said({ rootShare: 0.2 }));
  expect(read(null)).toEqual(said(null));
  expect(readPayload(said({ rootsGrowDormant: true }), 2, "kind-said")).toMatchObject({
    kind: "unreadable",
    why: "broken",
  });
});

test("older payloads are brought up step by step; what fails on the way is named and kept", () => {
  const upcasts = {
    1: (p: unknown) => ({ ...(p as object), text: (p as { words: string }).words }),
    2: (p: unknown) => ({ ...(p as object), text: `${(p as { text: string }).text}!` }),
  };
  const read = (payload: unknown, version: number) => readPayload(payload, version, "noted", { current: 3, upcasts });
  expect(read({ kind: "noted", words: "Moss" }, 1)).toEqual({ kind: "noted", text: "Moss!" });
  expect(read({ kind: "noted", text: "Moss" }, 2)).toEqual({ kind: "noted", text: "Moss!" });
  expect(read({ kind: "noted", text: "Moss" }, 3)).toEqual({ kind: "noted", text: "Moss" });
  expect(read(null, 1)).toEqual({ kind: "unreadable", was: "noted", version: 1, why: "broken" });
});

test("a later version and a damaged payload are unreadable, each by its name", () => {
  expect(readPayload({ kind: "noted", text: "x" }, PAYLOAD_VERSION + 1, "noted")).toEqual({
    kind: "unreadable",
    was: "noted",
    version: PAYLOAD_VERSION + 1,
    why: "later",
  });
  const broken = { kind: "unreadable", was: "potted", version: 1, why: "broken" };
  for (const raw of [null, {}, { kind: "potted" }, { kind: "grafted-by-elves" }, [], "text"])
    expect(readPayload(raw, 1, "potted")).toEqual(broken);
  const event = (payload: unknown) => ({ payload }) as LoggedEvent;
  expect(isReadable(event(broken))).toBe(false);
  expect(isReadable(event({ kind: "noted", text: "x" }))).toBe(true);
});
