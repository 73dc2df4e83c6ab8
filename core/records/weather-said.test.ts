import { anEvent } from "@/test-support/records";
import type { EventPayload } from "../event/index";
import { rankedSources, weatherSaid } from "./weather-said";

const said = (payload: EventPayload, placeId: string | null = null) => anEvent("2026-01-01", payload, { placeId });
const climate = (offsetC: number) =>
  ({ kind: "place-climate", climate: { offsetC, damping: 0 }, nights: null }) as const;
const alarm = (alarmId: string, thresholdC: number, gone = false) =>
  ({ kind: "alarm", alarmId, name: "x", thresholdC, chance: 0.3, placeId: null, gone }) as const;

test("the newest word on each counts, and taking back leaves none", () => {
  const all = weatherSaid([
    said({ kind: "climate-said", normals: null, frost: { last: "05-10", first: null } }),
    said({ kind: "climate-said", normals: null, frost: { last: "05-20", first: null } }),
    said(climate(1), "a"),
    said(climate(2), "a"),
    said(climate(3), "b"),
    said({ kind: "place-climate", climate: null, nights: null }, "b"),
    said(alarm("1", 0)),
    said(alarm("1", -2)),
    said(alarm("2", 0)),
    said(alarm("2", 0, true)),
  ]);
  expect(all.climate.frost).toEqual({ last: "05-20", first: null });
  expect([...all.placeClimates]).toEqual([["a", { climate: { offsetC: 2, damping: 0 }, nights: null }]]);
  expect(all.alarms.map((a) => [a.alarmId, a.thresholdC])).toEqual([["1", -2]]);
});

test("what was recorded later counts, in whatever order the events come", () => {
  const [first, second] = [said(climate(1), "a"), said(climate(5), "a")];
  expect(weatherSaid([second, first]).placeClimates.get("a")!.climate.offsetC).toBe(5);
});

test("sources nobody has ranked go before the ranked ones, the newest first; those set aside are marked", () => {
  const sources = ["old", "ranked", "new"].map((id) => ({ id }));
  const of = (order: string[], leftOut: string[] = []) =>
    rankedSources(sources, { order, leftOut }).map((s) => `${s.source.id}${s.leftOut ? " aside" : ""}`);
  expect(of([])).toEqual(["new", "ranked", "old"]);
  expect(of(["ranked", "old"])).toEqual(["new", "ranked", "old"]);
  expect(of(["old", "ranked", "new"], ["ranked"])).toEqual(["old", "ranked aside", "new"]);
});
