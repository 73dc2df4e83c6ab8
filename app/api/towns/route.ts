import { findTowns } from "@/features/setup/towns";
import { answerSiteQuery } from "@/server/queries";

export function GET(request: Request) {
  return answerSiteQuery("towns", request, async ({ q }) => ({ found: await findTowns(q) }));
}
