import { sitePreview } from "@/features/setup/preview";
import { answerSiteQuery } from "@/server/queries";

export function GET(request: Request) {
  return answerSiteQuery("site", request, (input) => Promise.resolve(sitePreview(input)));
}
