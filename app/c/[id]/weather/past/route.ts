import { pastDays } from "@/features/climate/weather/past";
import { answerQuery } from "@/server/queries";

export function GET(request: Request, { params }: { params: Promise<{ id: string }> }) {
  return answerQuery("weather/past", request, params, (id) => pastDays(id));
}
