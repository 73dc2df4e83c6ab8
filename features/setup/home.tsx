import * as say from "@/words/pages/setup";
import { pageAt } from "@/features/kernel/addresses";
import "server-only";
import Link from "next/link";
import { redirect } from "next/navigation";
import { listCollections } from "@/data/collections";
import { pool } from "@/server/pool";

/** None: ask the four questions. One: its Yard. Several: choose. */
export async function Home() {
  const collections = await listCollections(pool());
  if (collections.length === 0) redirect("/setup");
  if (collections.length === 1) redirect(pageAt(collections[0].id, "today"));
  return (
    <main className="mx-auto max-w-xl px-4 py-10">
      <h1 className="text-3xl">{say.collections}</h1>
      <ul className="my-5 space-y-3">
        {collections.map((c) => (
          <li key={c.id}>
            <Link className="btn btn-lg w-full justify-start" href={pageAt(c.id, "today")}>
              {c.name}
            </Link>
          </li>
        ))}
      </ul>
      <Link className="btn" href="/setup">
        {say.startAnotherCollection}
      </Link>
    </main>
  );
}
