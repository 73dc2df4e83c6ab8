"use client";

import { PageTitle } from "./page-title";

/** Shown in place of a page that could not be made: what happened in words, never a trace. */
export function Trouble({ again }: { again: () => void }) {
  return (
    <main className="mx-auto max-w-xl px-4 py-12">
      <PageTitle>Cannot be shown</PageTitle>
      <h1 className="text-2xl">This page cannot be shown just now</h1>
      <p className="my-4 text-lg">
        The database does not answer, or something in the program went wrong. Your records are safe: they are only ever
        written whole.
      </p>
      <button type="button" className="btn btn-primary" onClick={again}>
        Try again
      </button>
    </main>
  );
}
