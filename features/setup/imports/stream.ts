import "server-only";
import { z } from "zod";
import { fault } from "@/contract/faults";
import { listRequest } from "@/contract/files";
import { MOST_BYTES } from "@/contract/limits";
import { bodyOf } from "@/server/requests";
import type { RunCommand } from "@/features/kernel/run";
import { ndjsonResponse, readImportHeader } from "./ndjson";
import { type ImportMessage, runImport } from "./run";

/** The file is the request's body and is read as it comes; the answer is a line of JSON for every step. */
export function importStream(collectionId: string, request: Request, runCommand: RunCommand): Response {
  const asked = listRequest.safeParse(readImportHeader(request));
  if (!asked.success || !z.uuid().safeParse(collectionId).success || request.body === null)
    return Response.json({ step: "fault", faults: [fault("file", "choose-file")] });
  const body = bodyOf(request, MOST_BYTES.list);
  return ndjsonResponse<ImportMessage>((tell) => runImport(collectionId, asked.data, body, tell, runCommand));
}
