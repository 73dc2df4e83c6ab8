import { recordChoices } from "@/features/shell/record/choices";
import { answerQuery } from "@/server/queries";

export function GET(request: Request, { params }: { params: Promise<{ id: string }> }) {
  return answerQuery("record", request, params, recordChoices);
}
