import "server-only";
import { z } from "zod";
import { type ImportMessage, importRequest, runImport } from "./run";

/** At most this many progress lines a second travel to the browser. */
const TELL_EVERY_MS = 100;

/** The file is the request's body and is read as it comes; the answer is a line of JSON for every step. */
export function importStream(collectionId: string, request: Request): Response {
  const asked = importRequest.safeParse(readHeader(request.headers.get("x-import")));
  if (!asked.success || !z.uuid().safeParse(collectionId).success || request.body === null)
    return Response.json({ step: "fault", faults: [{ path: "file", message: "Choose a file." }] });
  const { data } = asked;
  const body = request.body;
  const encoder = new TextEncoder();
  const stream = new ReadableStream<Uint8Array>({
    async start(controller) {
      let last = 0;
      const tell = (message: ImportMessage) => {
        const moving = message.step === "reading" || message.step === "checking" || message.step === "saving";
        if (moving && performance.now() - last < TELL_EVERY_MS) return;
        last = performance.now();
        controller.enqueue(encoder.encode(`${JSON.stringify(message)}\n`));
      };
      await runImport(collectionId, data, body, tell);
      controller.close();
    },
  });
  return new Response(stream, {
    headers: { "content-type": "application/x-ndjson", "cache-control": "no-store, no-transform" },
  });
}

function readHeader(text: string | null): unknown {
  try {
    return text === null ? null : (JSON.parse(decodeURIComponent(text)) as unknown);
  } catch {
    return null;
  }
}
