// npm run rebuild: computes everything that is kept beside the log anew, and says whether what was kept was the same.
import { listCollections } from "@/data/collections";
import { rebuildTracks, viewCollection } from "@/features/kernel/collection/load";
import { rebuildPlans } from "@/features/kernel/collection/planning";
import { closePools, pool } from "@/server/pool";

const words = (same: boolean | null) =>
  same === null
    ? "computed, nothing had been kept"
    : same
      ? "the same as what was kept"
      : "DIFFERENT from what was kept; replaced";

let wrong = 0;
for (const collection of await listCollections(pool())) {
  const tracks = await rebuildTracks(pool(), collection);
  const plans = await rebuildPlans((await viewCollection(collection.id))!);
  console.log(`  ${collection.name}: wood and windows ${words(tracks)}; plans ${words(plans)}`);
  if (tracks === false || plans === false) wrong++;
}
await closePools();
process.exitCode = wrong > 0 ? 1 : 0;
