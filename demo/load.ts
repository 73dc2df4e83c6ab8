import { todayAt } from "@/server/clock";
import { loadPedregal } from "./load-pedregal";
import { loadTramhalle } from "./load-tramhalle";
import { PEDREGAL_ID, PEDREGAL_SITE } from "./pedregal";
import { senderFor } from "./sender";
import { TRAMHALLE_ID, TRAMHALLE_SITE } from "./tramhalle";

/** Makes both demo collections through the commands a person uses; answers what they hold. */
export async function loadDemo(report: (line: string) => void) {
  const roof = await loadTramhalle(senderFor(TRAMHALLE_ID, todayAt(TRAMHALLE_SITE.zone)), report);
  const park = await loadPedregal(senderFor(PEDREGAL_ID, todayAt(PEDREGAL_SITE.zone)), report);
  return { roof, park };
}
