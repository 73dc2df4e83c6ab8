// Loads the demo collection into an empty database, through the same commands a person uses.
import { loadDemo } from "@/demo/load";
import { listCollections } from "@/data/collections";
import { closePools, pool } from "@/server/pool";

const existing = await listCollections(pool());
if (existing.length > 0) {
  console.log(`    kept as it is: ${existing.map((c) => c.name).join(", ")}`);
} else {
  const made = await loadDemo((line) => console.log(`    ${line}`));
  console.log(
    `    ${made.roof.trees} trees on the roof; ${made.park.plants} plants in ${made.park.batches} batches and ${made.park.specimens} specimens in the yard: all made up`,
  );
}
await closePools();
