import "server-only";
import { z } from "zod";
import { ndjsonResponse, readImportHeader } from "./ndjson";
import { type ImportMessage, importRequest, runImport } from "./run";

/** The file is the request's body and is read as it comes; the answer is a line of JSON for every step. */
export function importStream(collectionId: string, request: Request): Response {
  const asked = importRequest.safeParse(readImportHeader(request));
  const { body } = request;
  if (!asked.success || !z.uuid().safeParse(collectionId).success || body === null)
    return Response.json({ step: "fault", faults: [{ path: "file", message: "Choose a file." }] });
  return ndjsonResponse<ImportMessage>((tell) => runImport(collectionId, asked.data, body, tell));
}
