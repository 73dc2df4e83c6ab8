import { eventPayload, type EventPayload, type UnreadablePayload } from "./event";

/**
 * The shape that payloads are written in today. It goes up by one whenever a payload written before would be read differently, or
 * not at all; what brings an older one up stands in `UPCASTS`, and a log of every version in `fixtures/` is read for ever.
 */
export const PAYLOAD_VERSION = 2;

/** By version: what makes a payload of that version one of the next. */
const UPCASTS: Readonly<Record<number, (payload: unknown) => unknown>> = {
  // A kind said whether its roots grow while it rests; no model ever read it.
  1: (payload) => without(payload, "kind-said", "values", "rootsGrowDormant"),
};

/** A payload of a kind without one entry of one of its parts; any other as it is. */
function without(payload: unknown, kind: string, part: string, entry: string): unknown {
  const known = payload as Record<string, unknown>;
  const whole = known.kind === kind ? known[part] : null;
  if (typeof whole !== "object" || whole === null || !(entry in whole)) return payload;
  const { [entry]: _dropped, ...rest } = whole as Record<string, unknown>;
  // A word on nothing but that is no word at all.
  return { ...known, [part]: Object.keys(rest).length === 0 ? null : rest };
}

/**
 * A payload as it was written, brought up to today's shape.
 * @param kind the kind its row names, for what cannot be read
 * @example readPayload({ kind: "noted", text: "Moss." }, 1, "noted") // { kind: "noted", text: "Moss." }
 */
export function readPayload(
  raw: unknown,
  version: number,
  kind: string,
  { current = PAYLOAD_VERSION, upcasts = UPCASTS } = {},
): EventPayload | UnreadablePayload {
  if (version > current) return { kind: "unreadable", was: kind, version, why: "later" };
  let payload = raw;
  try {
    for (let v = version; v < current; v++) payload = upcasts[v](payload);
  } catch {
    return { kind: "unreadable", was: kind, version, why: "broken" };
  }
  const read = eventPayload.safeParse(payload);
  return read.success ? read.data : { kind: "unreadable", was: kind, version, why: "broken" };
}
