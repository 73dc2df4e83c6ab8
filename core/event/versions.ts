import { eventPayload, type EventPayload, type UnreadablePayload } from "./event";

/**
 * The shape that payloads are written in today. It goes up by one whenever a payload written before would be read differently, or
 * not at all; what brings an older one up stands in `UPCASTS`, and a log of every version in `fixtures/` is read for ever.
 */
export const PAYLOAD_VERSION = 1;

/** By version: what makes a payload of that version one of the next. */
const UPCASTS: Readonly<Record<number, (payload: unknown) => unknown>> = {};

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
