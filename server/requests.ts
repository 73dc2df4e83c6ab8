import "server-only";
import { type Fault, fault, type Sent } from "@/contract/faults";
import { MOST_BYTES, MOST_JSON_DEPTH, MOST_JSON_VALUES } from "@/contract/limits";

const LOOPBACK = new Set(["127.0.0.1", "localhost", "[::1]"]);

/** Whether a request names this machine: there is no sign-in yet, and a foreign page must not reach in by renaming it. */
export function isLoopback(host: string | null): boolean {
  return LOOPBACK.has((host ?? "").replace(/:\d+$/, ""));
}

/** Writes and calculations are taken from this application's own pages or from programs on this machine, never from another site's page. */
export function isForeign(request: Request): boolean {
  if (!isLoopback(request.headers.get("host"))) return true;
  const site = request.headers.get("sec-fetch-site");
  if (site !== null && site !== "same-origin" && site !== "none") return true;
  const origin = request.headers.get("origin");
  if (origin === null) return false;
  // A sandboxed page sends the word "null", which is no address.
  return !URL.canParse(origin) || new URL(origin).host !== request.headers.get("host");
}

/** A body that is not taken, with the status and why. */
export class BadBody extends Error {
  constructor(
    readonly status: 400 | 413,
    readonly fault: Fault,
  ) {
    super(fault.code);
  }
}

const announcedBytes = (request: Request): number | null => {
  const text = request.headers.get("content-length");
  return text !== null && /^\d+$/.test(text) ? Number(text) : null;
};

/**
 * The body as it comes, counted: refused when it is larger than it may be, or ends before as much has come as was announced.
 * @param most bytes taken at most
 * @param what the thing sent
 * @throws BadBody
 */
export async function* bodyOf(request: Request, most: number, what: Sent = "file"): AsyncGenerator<Uint8Array> {
  const tooLarge = () => new BadBody(413, fault("file", "too-large", { what, mostBytes: most }));
  const announced = announcedBytes(request);
  if (announced !== null && announced > most) throw tooLarge();
  let received = 0;
  if (request.body)
    for await (const chunk of request.body as unknown as AsyncIterable<Uint8Array>) {
      received += chunk.byteLength;
      if (received > most) throw tooLarge();
      yield chunk;
    }
  if (announced !== null && received < announced)
    throw new BadBody(400, fault("file", "cut-off", { what, cameBytes: received, announcedBytes: announced }));
}

/**
 * The body as JSON, with limits on size, depth and number of values that are looked at before anything is parsed.
 * @throws BadBody
 */
export async function readJson(request: Request, most: number = MOST_BYTES.json): Promise<unknown> {
  const chunks: Uint8Array[] = [];
  for await (const chunk of bodyOf(request, most, "request")) chunks.push(chunk);
  const bytes = Buffer.concat(chunks);
  refuseMonsters(bytes);
  try {
    return JSON.parse(bytes.toString("utf8")) as unknown;
  } catch {
    throw new BadBody(400, fault("file", "not-readable-request"));
  }
}

const [QUOTE, BACKSLASH, COMMA, OPEN_LIST, CLOSE_LIST, OPEN_OBJECT, CLOSE_OBJECT] = [34, 92, 44, 91, 93, 123, 125];

/** One pass over the bytes, without building anything. */
function refuseMonsters(bytes: Uint8Array): void {
  let [depth, values, inText] = [0, 0, false];
  for (let i = 0; i < bytes.length; i++) {
    const byte = bytes[i];
    if (inText) {
      if (byte === BACKSLASH) i++;
      else if (byte === QUOTE) inText = false;
    } else if (byte === QUOTE) inText = true;
    else if (byte === COMMA) values++;
    else if (byte === OPEN_LIST || byte === OPEN_OBJECT) {
      if (++depth > MOST_JSON_DEPTH) throw new BadBody(400, fault("file", "too-deep", { most: MOST_JSON_DEPTH }));
    } else if (byte === CLOSE_LIST || byte === CLOSE_OBJECT) depth--;
  }
  if (values > MOST_JSON_VALUES) throw new BadBody(413, fault("file", "too-many-values", { most: MOST_JSON_VALUES }));
}
