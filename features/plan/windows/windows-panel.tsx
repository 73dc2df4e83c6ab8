"use client";

import type { WindowsData } from "./windows-data";
import { WorkDetail } from "./work-detail";
import * as say from "@/words/pages/plan/windows";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { toDay, toIso } from "@/core/dates/index";
import type { Operation } from "@/core/window/index";
import { day, number } from "@/words/format";
import { SelectField } from "@/ui/fields";
import { useAsOf } from "@/features/kernel/as-of";
import { useAddressWith } from "@/features/kernel/day-address";
import { OPERATION_WORDS } from "@/words/terms";
import { Lane, laneDays, MonthNames } from "./lane";
import { statusWords } from "@/words/windows";

const GROUPS: readonly (readonly [string, readonly Operation[]])[] = [
  [say.intoTheNextPot, ["slip-up", "loosen", "score", "up-pot"]],
  [say.atTheRoots, ["shave", "root-prune", "bare-root", "remove-girdler", "trim-outside"]],
  [say.whereItStands, ["replace-top", "core-in-place", "slice-in-place"]],
  [say.atTheCrown, ["prune-light", "prune-hard"]],
  ["And", ["split", "plant-out", "rescue"]],
];

/** Every work on this tree with its windows; the chosen one with its curve, its ends and the best half-days. */
export function WindowsPanel({ data }: { data: WindowsData }) {
  const { settledOn } = useAsOf();
  const router = useRouter();
  const [chosen, setChosen] = useState<Operation>("up-pot");
  const row = data.rows.find((r) => r.operation === chosen) ?? data.rows[0];
  const where = data.stand?.name ?? data.here.name ?? say.theOpen;
  const to = useAddressWith();

  return (
    <section aria-labelledby="may-be-done">
      <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
        <h2 id="may-be-done" className="text-xl">
          {say.whatMayBeDoneAnd}
        </h2>
        {data.places.length > 0 && (
          <div className="w-64 max-w-full">
            <SelectField
              label={say.asIfItStoodIn}
              value={data.stand?.id ?? ""}
              onChange={(id) => router.push(to({ stand: id === "" ? null : id }), { scroll: false })}
              options={[
                ["", say.whereItStandsNow(data.here.name ? `: ${data.here.name}` : "")],
                ...data.places.filter((p) => p.id !== data.here.id).map((p) => [p.id, p.name] as const),
              ]}
            />
          </div>
        )}
      </div>
      <p className="mt-1 text-sm" data-testid="windows-place" data-record="">
        {data.stand ? say.asIfItHadStood(where) : say.withTheWeatherOfWhere(where)}{" "}
        {!data.placeMeasured && say.nobodyHasMeasuredThatPlace}
        {data.guessed && say.speciesOrWeatherAreA}
        {settledOn !== data.asOf && (
          <Link className="link" href={to({ on: settledOn })} scroll={false}>
            {say.workItOutFor(day(settledOn))}
          </Link>
        )}
      </p>
      <div className="mt-2 grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-4 xl:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
        <div className="min-w-0">
          <MonthNames
            from={data.asOf}
            days={laneDays(row.curve)}
            columns="sm:grid-cols-[9.5rem_minmax(0,1fr)_14rem]"
            letters={1}
          />
          {GROUPS.map(([name, operations]) => (
            <div key={name} role="group" aria-label={name} className="mt-1">
              <p className="text-xs font-medium tracking-wide uppercase opacity-80">{name}</p>
              {operations.map((operation) => {
                const r = data.rows.find((x) => x.operation === operation);
                if (!r) return null;
                return (
                  <button
                    key={operation}
                    type="button"
                    aria-pressed={operation === chosen}
                    aria-controls="work-detail"
                    data-why-for="work-detail"
                    onClick={() => setChosen(operation)}
                    className={`grid w-full grid-cols-[minmax(0,1fr)_auto] items-center gap-x-3 rounded px-1 py-1 text-left sm:grid-cols-[9.5rem_minmax(0,1fr)_14rem] ${operation === chosen ? "bg-base-200 outline-accent outline outline-2" : "hover:bg-base-200"}`}
                  >
                    <span className="text-sm font-medium">{OPERATION_WORDS[operation].name}</span>
                    <Lane curve={r.curve} className="order-3 col-span-2 sm:order-none sm:col-span-1" />
                    <span className="text-right text-sm sm:text-left">{statusWords(r, data.asOf)}</span>
                  </button>
                );
              })}
            </div>
          ))}
          <p className="mt-1 text-xs opacity-80" data-axis="">
            {say.darkHedgeClosedGapsOpen(day(data.asOf), number(laneDays(row.curve)))}
          </p>
        </div>
        <WorkDetail row={row} data={data} />
      </div>
      <p className="sr-only">
        {say.ofWorksAreOpenOn(
          number(data.rows.filter((r) => r.open).length),
          number(data.rows.length),
          toIso(toDay(data.asOf)),
        )}
      </p>
    </section>
  );
}
