"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/climate/species";
import { kindAt, pageAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { useMemo, useState } from "react";
import type { Group, RootWork, WinterLight } from "@/core/species/index";
import { useAsOf } from "@/features/kernel/as-of";
import { Reasoned, SelectField } from "@/ui/fields";
import { DataList, type ListColumn } from "@/ui/list/data-list";
import { celsius, number } from "@/words/format";
import { GROUP_WORDS, LIGHT_WORDS, ROOT_WORK_WORDS } from "@/words/species";
import { PAGE_WORDS } from "@/words/rooms";

export interface KindLine {
  id: string;
  names: string[];
  scientific: string;
  group: Group;
  light: WinterLight;
  /** Where damage to its ripe wood begins. */
  crownC: number;
  /** To people or animals, in any part. */
  poison: boolean;
  /** What kills young roots in the root zone. */
  rootsC: number;
  rootWork: readonly RootWork[];
  /** Values inherited from kin. */
  guesses: number;
  trees: number;
}

const FIND = {
  label: say.findASpecies,
  words: (l: KindLine) => [...l.names, l.scientific, GROUP_WORDS[l.group]].join("\n"),
};

/** Nights that ripe wood is asked to stand, °C. */
const NIGHTS_C = [-5, -10, -20, -30];
type Filter = { group: Group | ""; light: WinterLight | ""; nightC: string; harmless: boolean };
const ALL: Filter = { group: "", light: "", nightC: "", harmless: false };

const stands = (f: Filter) => (l: KindLine) =>
  (f.group === "" || l.group === f.group) &&
  (f.light === "" || l.light === f.light) &&
  (f.nightC === "" || l.crownC <= Number(f.nightC)) &&
  !(f.harmless && l.poison);

/** The library as a list one types into and narrows. */
export function KindsList({
  lines,
  fields,
  show,
  counts,
}: {
  lines: KindLine[];
  fields: number;
  show: "kinds" | "genera";
  counts: { kinds: number; genera: number };
}) {
  const [filter, setFilter] = useState(ALL);
  const rows = useMemo(() => lines.filter(stands(filter)), [lines, filter]);
  const { collectionId, units } = useAsOf();
  const columns = useMemo(
    (): ListColumn<KindLine>[] => [
      {
        id: "name",
        title: common.species,
        width: "minmax(0,2fr)",
        order: (l) => l.names[0].toLocaleLowerCase(),
        cell: (l) => (
          <Link prefetch={false} className="hover:underline" href={kindAt(collectionId, l.id)}>
            <b>{l.names[0]}</b> <i className="text-sm">{l.scientific}</i>
            {l.trees > 0 && <span className="badge badge-sm ml-2">{say.countHere(number(l.trees))}</span>}
            <span className="block text-sm opacity-80">{GROUP_WORDS[l.group]}</span>
          </Link>
        ),
      },
      {
        id: "cold",
        title: say.killedBelow,
        width: "minmax(0,1fr)",
        cell: (l) => (
          <span className="text-sm">
            {say.wood(celsius(l.crownC, units))}
            <br />
            {say.youngRoots(celsius(l.rootsC, units))}
          </span>
        ),
      },
      {
        id: "work",
        title: common.rootWork,
        width: "minmax(0,2fr)",
        cell: (l) => <span className="text-sm">{l.rootWork.map((work) => ROOT_WORK_WORDS[work]).join("; ")}</span>,
      },
      {
        id: "known",
        title: say.known,
        width: "6rem",
        order: (l) => l.guesses,
        cell: (l) => (
          <span className="text-sm">{l.guesses === 0 ? say.allKnown : say.countKnown(number(fields - l.guesses))}</span>
        ),
      },
    ],
    [collectionId, fields, units],
  );
  return (
    <div>
      <h1 className="text-2xl">{PAGE_WORDS["climate/species"]}</h1>
      <p className="mt-1">
        {say.everyValueCanBeSaid(
          show === "kinds"
            ? say.whatAurelianKnowsOfKinds(number(counts.kinds))
            : say.whatTheSpeciesOfGenera(number(counts.genera)),
        )}
        <Link
          className="link whitespace-nowrap"
          href={pageAt(collectionId, "climate/species", show === "kinds" ? "?show=genera" : "")}
        >
          {show === "kinds" ? say.allGenera(number(counts.genera)) : say.theKinds(number(counts.kinds))}
        </Link>
      </p>
      <Narrow filter={filter} onFilter={setFilter} />
      <Reasoned className="mt-3" reason={say.damageToRipeWoodIn(number(fields))}>
        <div data-testid="kinds">
          <DataList
            label={common.species}
            rows={rows}
            columns={columns}
            find={FIND}
            empty={<p>{say.noneOfThatNameAnd}</p>}
          />
        </div>
      </Reasoned>
    </div>
  );
}

/** The list narrowed by group, cold, light and poison. */
function Narrow({ filter, onFilter }: { filter: Filter; onFilter: (filter: Filter) => void }) {
  const { units } = useAsOf();
  return (
    <div className="mt-3 grid grid-cols-2 items-end gap-3 sm:grid-cols-4">
      <SelectField
        label={say.group}
        value={filter.group}
        onChange={(group) => onFilter({ ...filter, group })}
        options={[["", "any"] as const, ...(Object.entries(GROUP_WORDS) as [Group, string][])]}
      />
      <SelectField
        label={say.itsWoodStands}
        value={filter.nightC}
        onChange={(nightC) => onFilter({ ...filter, nightC })}
        options={[["", say.anyNight] as const, ...NIGHTS_C.map((c) => [String(c), celsius(c, units)] as const)]}
      />
      <SelectField
        label={say.lightInWinter}
        value={filter.light}
        onChange={(light) => onFilter({ ...filter, light })}
        options={[["", "any"] as const, ...(Object.entries(LIGHT_WORDS) as [WinterLight, string][])]}
      />
      <label className="flex min-h-11 cursor-pointer items-center gap-3">
        <input
          type="checkbox"
          className="checkbox"
          checked={filter.harmless}
          onChange={(e) => onFilter({ ...filter, harmless: e.target.checked })}
        />
        {say.notPoisonous}
      </label>
    </div>
  );
}
