import Link from "next/link";
import { PageTitle } from "@/features/kernel/page-title";

export default function NotFound() {
  return (
    <main className="mx-auto max-w-xl px-4 py-12">
      <PageTitle>Nothing here</PageTitle>
      <h1 className="text-2xl">There is nothing here</h1>
      <p className="my-4 text-lg">This tree or collection is not known. It may have been taken back with Undo.</p>
      <Link className="btn btn-primary" href="/">
        To the Yard
      </Link>
    </main>
  );
}
