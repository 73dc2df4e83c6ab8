import * as say from "@/words/pages/app";
import Link from "next/link";
import { PageTitle } from "@/features/kernel/page-title";

export default function NotFound() {
  return (
    <main className="mx-auto max-w-xl px-4 py-12">
      <PageTitle>{say.nothingHere}</PageTitle>
      <h1 className="text-2xl">{say.thereIsNothingHere}</h1>
      <p className="my-4 text-lg">{say.thisTreeOrCollectionIs}</p>
      <Link className="btn btn-primary" href="/">
        {say.toTheYard}
      </Link>
    </main>
  );
}
