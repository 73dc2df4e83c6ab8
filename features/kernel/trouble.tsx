"use client";

import * as say from "@/words/pages/kernel";
import { PageTitle } from "./page-title";

/** Shown in place of a page that could not be made: what happened in words, never a trace. */
export function Trouble({ again }: { again: () => void }) {
  return (
    <main className="mx-auto max-w-xl px-4 py-12">
      <PageTitle>{say.cannotBeShown}</PageTitle>
      <h1 className="text-2xl">{say.thisPageCannotBeShown}</h1>
      <p className="my-4 text-lg">{say.theDatabaseDoesNotAnswer}</p>
      <button type="button" className="btn btn-primary" onClick={again}>
        {say.tryAgain}
      </button>
    </main>
  );
}
