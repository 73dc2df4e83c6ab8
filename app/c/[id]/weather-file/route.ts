import { fault } from "@/contract/faults";
import { weatherStream } from "@/features/climate/weather/stream";
import { runCommand } from "@/features/registry";
import { answering, faultResponse } from "@/server/answers";
import { isForeign } from "@/server/requests";

export function POST(request: Request, { params }: { params: Promise<{ id: string }> }) {
  return answering(request, async () =>
    isForeign(request)
      ? faultResponse("refused", 403, fault("", "foreign-site"))
      : weatherStream((await params).id, request, runCommand),
  );
}
