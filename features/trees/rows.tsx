"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/trees";
import Link from "next/link";
import { useMemo } from "react";
import type { YardRow } from "@/model/index";
import { treeAt } from "@/features/kernel/addresses";
import { DataList, type ListColumn } from "@/ui/list/data-list";
import { day, fullness, litres, number } from "@/words/format";
import type { ListProps } from "./pictures";
import { dateOf, heldBy, toneOf, wordOf } from "./row-words";

/** The same trees a line each: more of them at a glance, each column in order at a tap. */
export function TreeRows({
  rows,
  query,
  shown,
  units,
  collectionId,
  places,
  label,
  byPlace,
  chosen,
  onChoose,
}: ListProps & {
  places: ReadonlyMap<string, string>;
  label: string;
  /** The place stands above them. */
  byPlace: boolean;
  chosen: ReadonlySet<string>;
  onChoose: (chosen: ReadonlySet<string>) => void;
}) {
  const columns = useMemo(
    (): ListColumn<YardRow>[] => [
      {
        id: "tag",
        title: common.tree,
        width: "minmax(0,2.4fr)",
        order: (r) => r.tag,
        cell: (r) => (
          <Link prefetch={false} className="block min-h-11 content-center" href={treeAt(collectionId, r.id, "", query)}>
            <b className="link">{r.tag}</b> {r.name}
            {r.cultivar ? ` ‘${r.cultivar}’` : ""}
            {r.count > 1 ? ` × ${number(r.count)}` : ""}
          </Link>
        ),
      },
      {
        id: "status",
        title: say.status,
        width: "minmax(0,1.6fr)",
        order: (r) => `${wordOf(r)} ${r.headline?.to ?? r.headline?.from ?? ""}`,
        cell: (r) => (
          <>
            <span className={`font-semibold ${toneOf(r)}`}>{wordOf(r)}</span> {dateOf(r, shown)}
            {heldBy(r, shown) && <span className="text-sm"> – {heldBy(r, shown)}</span>}
          </>
        ),
      },
      ...(byPlace ? [] : [placeColumn(places)]),
      { id: "pot", title: common.pot, width: "5rem", order: (r) => r.volumeL, cell: (r) => litres(r.volumeL, units) },
      { id: "full", title: say.full, width: "4.5rem", order: (r) => r.fill, cell: (r) => fullness(r.fill), wide: true },
      {
        id: "due",
        title: say.due,
        width: "6.5rem",
        order: (r) => r.dueOn ?? "9999",
        cell: (r) => (r.dueOn === null ? "later" : r.dueOn <= shown ? "now" : day(r.dueOn, shown)),
        wide: true,
      },
    ],
    [byPlace, collectionId, places, query, shown, units],
  );
  return (
    <DataList
      label={label}
      rows={rows}
      columns={columns}
      empty={<p>{say.noTree}</p>}
      choice={{ chosen, onChoose, nameOf: (r) => r.tag }}
      rowPx={52}
      inline
    />
  );
}

const placeColumn = (places: ReadonlyMap<string, string>): ListColumn<YardRow> => ({
  id: "place",
  title: common.place,
  width: "minmax(0,1.2fr)",
  order: (r) => (r.placeId === null ? "" : (places.get(r.placeId) ?? "")),
  cell: (r) => (r.placeId === null ? "" : places.get(r.placeId)),
});
