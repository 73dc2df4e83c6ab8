// npm run rebuild: computes everything that is kept beside the log anew, and says whether what was kept was the same.
import { listCollections } from "@/data/collections";
import { rebuildTracks } from "@/features/collection/load";
import { closePools, pool } from "@/server/pool";

let wrong = 0;
for (const collection of await listCollections(pool())) {
  const same = await rebuildTracks(pool(), collection);
  console.log(
    `  ${collection.name}: ${same === null ? "computed, nothing had been kept" : same ? "the same as what was kept" : "DIFFERENT from what was kept; replaced"}`,
  );
  if (same === false) wrong++;
}
await closePools();
process.exitCode = wrong > 0 ? 1 : 0;
