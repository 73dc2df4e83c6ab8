import * as say from "@/words/pages/setup/imports";
import type { Fault } from "@/contract/faults";
import type { ListRequest, WeatherRequest } from "@/contract/files";

/** How far a file is that the server is at work on. */
export interface Progress {
  step: "reading" | "checking" | "saving";
  done: number;
  of: number;
}

/** What is kept of a file: the entry that may be taken back, and where the records stand after it. */
export interface FileDone {
  entryId: string;
  revision: number;
}

/** What the server says of a file, line by line. */
export type FileMessage<Preview, Done extends FileDone> =
  Progress | { step: "preview"; preview: Preview } | { step: "done"; kept: Done } | { step: "fault"; faults: Fault[] };

export const AWAY = say.aurelianDoesNotAnswerIs;

/** Sends a file as it is; what it is stands in a header. */
export function sendFile(url: string, about: ListRequest | WeatherRequest, file: File): Promise<Response> {
  return fetch(url, {
    method: "POST",
    headers: { "x-import": encodeURIComponent(JSON.stringify(about)) },
    body: file,
  });
}

/** The lines of an answer as they come. */
export async function* messagesOf<M>(response: Response): AsyncGenerator<M> {
  if (!response.body) return;
  const reader = response.body.pipeThrough(new TextDecoderStream()).getReader();
  let rest = "";
  for (;;) {
    const { value, done } = await reader.read();
    const lines = (rest + (value ?? "")).split("\n");
    rest = done ? "" : (lines.pop() ?? "");
    for (const line of lines) if (line !== "") yield JSON.parse(line) as M;
    if (done) return;
  }
}
