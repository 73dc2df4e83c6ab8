import "server-only";

/** At most this many progress lines a second travel to the browser. */
const TELL_EVERY_MS = 100;
/** Faults of a file that are shown one by one; the rest are counted. */
export const SHOWN_PROBLEMS = 200;

const MOVING = new Set(["reading", "checking", "saving"]);

/** An answer of a line of JSON for every step of a longer work. */
export function ndjsonResponse<M extends { step: string }>(
  work: (tell: (message: M) => void) => Promise<void>,
): Response {
  const encoder = new TextEncoder();
  const stream = new ReadableStream<Uint8Array>({
    async start(controller) {
      let last = 0;
      const tell = (message: M) => {
        if (MOVING.has(message.step) && performance.now() - last < TELL_EVERY_MS) return;
        last = performance.now();
        controller.enqueue(encoder.encode(`${JSON.stringify(message)}\n`));
      };
      await work(tell);
      controller.close();
    },
  });
  return new Response(stream, {
    headers: { "content-type": "application/x-ndjson", "cache-control": "no-store, no-transform" },
  });
}

/** What a request says of its file, in the header `x-import`. */
export function readImportHeader(request: Request): unknown {
  const text = request.headers.get("x-import");
  try {
    return text === null ? null : (JSON.parse(decodeURIComponent(text)) as unknown);
  } catch {
    return null;
  }
}
