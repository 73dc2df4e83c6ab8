import { fault } from "@/contract/faults";
import { importStream } from "@/features/setup/imports/stream";
import { runCommand } from "@/features/registry";
import { answering, faultResponse } from "@/server/answers";
import { isForeign } from "@/server/requests";

export function POST(request: Request, { params }: { params: Promise<{ id: string }> }) {
  return answering(request, async () =>
    isForeign(request)
      ? faultResponse("refused", 403, fault("", "foreign-site"))
      : importStream((await params).id, request, runCommand),
  );
}
