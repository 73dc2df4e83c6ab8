"use client";

import Link from "next/link";
import { useState } from "react";
import { number } from "@/words/format";
import { Reasoned, TextField } from "@/ui/fields";
import { useAsOf } from "@/features/kernel/as-of";

export interface KindLine {
  id: string;
  names: string[];
  scientific: string;
  group: string;
  crown: string;
  roots: string;
  rootWork: string;
  /** Values inherited from kin. */
  guesses: number;
  trees: number;
}

/** The library as a list one types into. */
export function KindsList({ lines, fields }: { lines: KindLine[]; fields: number }) {
  const { collectionId } = useAsOf();
  const [typed, setTyped] = useState("");
  const wanted = typed.trim().toLocaleLowerCase();
  const shown = lines.filter((l) =>
    [...l.names, l.scientific, l.group].some((text) => text.toLocaleLowerCase().includes(wanted)),
  );
  return (
    <div>
      <div className="flex flex-wrap items-end justify-between gap-3">
        <h1 className="text-2xl">Kinds</h1>
        <TextField label="Find a kind" value={typed} onChange={setTyped} className="w-72 max-w-full" />
      </div>
      <p className="mt-1">
        What Aurelian knows of {number(lines.length)} kinds, those you grow first. Every value can be said otherwise,
        for the collection, a sort or one tree.
      </p>
      <Reasoned
        className="mt-3"
        reason={`Damage to ripe wood in midwinter, and what kills young roots in the root zone. “Known” counts the values set for the kind itself; the others of its ${number(fields)} are inherited from genus and habit and are guesses.`}
      >
        <ul className="divide-base-300 divide-y" data-testid="kinds">
          {shown.map((l) => (
            <li key={l.id}>
              <Link
                prefetch={false}
                href={`/c/${collectionId}/almanac/kinds/${l.id}`}
                className="hover:bg-base-200 grid min-h-11 gap-x-4 px-1 py-2 sm:grid-cols-[minmax(0,2fr)_minmax(0,1fr)_minmax(0,2fr)_6rem]"
              >
                <span>
                  <b>{l.names[0]}</b> <i className="text-sm">{l.scientific}</i>
                  {l.trees > 0 && <span className="badge badge-sm ml-2">{number(l.trees)} here</span>}
                  <span className="block text-sm opacity-80">{l.group}</span>
                </span>
                <span className="text-sm">
                  wood {l.crown}
                  <br />
                  young roots {l.roots}
                </span>
                <span className="text-sm">{l.rootWork}</span>
                <span className="text-sm">{l.guesses === 0 ? "all known" : `${number(fields - l.guesses)} known`}</span>
              </Link>
            </li>
          ))}
        </ul>
      </Reasoned>
      {shown.length === 0 && (
        <p>No kind of that name. Add the tree with its habit of growth instead: the bands are wider.</p>
      )}
    </div>
  );
}
