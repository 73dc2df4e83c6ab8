"use client";

import { kindAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { useMemo } from "react";
import { useAsOf } from "@/features/kernel/as-of";
import { Reasoned } from "@/ui/fields";
import { DataList, type ListColumn } from "@/ui/list/data-list";
import { number } from "@/words/format";

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

const FIND = { label: "Find a kind", words: (l: KindLine) => [...l.names, l.scientific, l.group].join("\n") };

/** The library as a list one types into. */
export function KindsList({ lines, fields }: { lines: KindLine[]; fields: number }) {
  const { collectionId } = useAsOf();
  const columns = useMemo(
    (): ListColumn<KindLine>[] => [
      {
        id: "name",
        title: "Kind",
        width: "minmax(0,2fr)",
        order: (l) => l.names[0].toLocaleLowerCase(),
        cell: (l) => (
          <Link prefetch={false} className="hover:underline" href={kindAt(collectionId, l.id)}>
            <b>{l.names[0]}</b> <i className="text-sm">{l.scientific}</i>
            {l.trees > 0 && <span className="badge badge-sm ml-2">{number(l.trees)} here</span>}
            <span className="block text-sm opacity-80">{l.group}</span>
          </Link>
        ),
      },
      {
        id: "cold",
        title: "Killed below",
        width: "minmax(0,1fr)",
        cell: (l) => (
          <span className="text-sm">
            wood {l.crown}
            <br />
            young roots {l.roots}
          </span>
        ),
      },
      {
        id: "work",
        title: "Root work",
        width: "minmax(0,2fr)",
        cell: (l) => <span className="text-sm">{l.rootWork}</span>,
      },
      {
        id: "known",
        title: "Known",
        width: "6rem",
        order: (l) => l.guesses,
        cell: (l) => (
          <span className="text-sm">{l.guesses === 0 ? "all known" : `${number(fields - l.guesses)} known`}</span>
        ),
      },
    ],
    [collectionId, fields],
  );
  return (
    <div>
      <h1 className="text-2xl">Kinds</h1>
      <p className="mt-1">
        What Aurelian knows of {number(lines.length)} kinds, those you grow first. Every value can be said otherwise,
        for the collection, a sort or one tree.
      </p>
      <Reasoned
        className="mt-3"
        reason={`Damage to ripe wood in midwinter, and what kills young roots in the root zone. “Known” counts the values set for the kind itself; the others of its ${number(fields)} are inherited from genus and habit and are guesses.`}
      >
        <div data-testid="kinds">
          <DataList
            label="Kinds"
            rows={lines}
            columns={columns}
            find={FIND}
            empty={<p>No kind of that name. Add the tree with its habit of growth instead: the bands are wider.</p>}
          />
        </div>
      </Reasoned>
    </div>
  );
}
