"use client";

import type { WindowsData } from "./windows-data";
import * as say from "@/words/pages/plan/windows";
import { pageAt } from "@/features/kernel/addresses";
import Link from "next/link";
import type { OperationWindow } from "@/model/index";
import { OPERATION_NEEDS } from "@/core/window/operations";
import { celsius, percent } from "@/words/format";
import { useAsOf } from "@/features/kernel/as-of";
import { OPERATION_WORDS } from "@/words/terms";
import { HalfDays } from "./half-days";
import { SafeCurve } from "./safe-curve";
import { endsWords, heldWords, whyWords } from "@/words/windows";
import type { Operation } from "@/core/window/index";

/** Late work whose effect on the wood has a page of its own. */
const LATE: Partial<Record<Operation, string>> = {
  "slip-up": "slip-up",
  loosen: "up-pot",
  score: "up-pot",
  "up-pot": "up-pot",
  "prune-hard": "prune-hard",
};

/** One work in detail: why it is open or closed, how safe each day is, the half-days of the week. */
export function WorkDetail({ row, data }: { row: OperationWindow; data: WindowsData }) {
  const { units, collectionId } = useAsOf();
  return (
    <div
      id="work-detail"
      aria-live="polite"
      data-why=""
      data-testid="work-detail"
      className="bg-base-200 rounded-box self-start p-3"
    >
      <h3 className="text-lg font-medium">{OPERATION_WORDS[row.operation].name}</h3>
      <p className="text-sm opacity-80">{OPERATION_WORDS[row.operation].what}</p>
      <p className="mt-1" data-reason="" data-testid="work-why">
        {whyWords(row, data.asOf, data.risk)}
      </p>
      {row.heldBy && <p className="mt-1">{heldWords(row.heldBy, data.asOf, units)}</p>}
      {row.periods.length > 0 && (
        <ul className="mt-1 list-disc pl-5 text-sm">
          {row.periods.map((p) => (
            <li key={p.from}>{endsWords(p, data.asOf)}</li>
          ))}
        </ul>
      )}
      {OPERATION_NEEDS[row.operation].urgent && (
        <p className="text-error mt-1 font-medium" role="note">
          {say.aRescueIsNotRefused(percent(1 - row.safe))}
        </p>
      )}
      <SafeCurve row={row} risk={data.risk} />
      {LATE[row.operation] && (row.limiting === "wood" || row.periods.some((p) => p.closedBy === "wood")) && (
        <p className="mt-1 text-sm">
          <Link
            className="link"
            prefetch={false}
            href={pageAt(
              collectionId,
              "climate/wood",
              `?tree=${data.treeId}&work=${LATE[row.operation]}&workOn=${data.asOf}`,
            )}
          >
            {say.seeWhatItWouldDo}
          </Link>{" "}
          ·{" "}
          <Link
            className="link"
            prefetch={false}
            href={pageAt(collectionId, "climate/wood", `?tree=${data.treeId}&work=feed-quick&workOn=${data.asOf}`)}
          >
            {say.andWhatAFeedToday}
          </Link>
        </p>
      )}
      <HalfDays
        halves={
          OPERATION_NEEDS[row.operation].lifted || OPERATION_NEEDS[row.operation].crown
            ? data.halves.lifted
            : data.halves.still
        }
        best={
          OPERATION_NEEDS[row.operation].lifted || OPERATION_NEEDS[row.operation].crown
            ? data.best.lifted
            : data.best.still
        }
        open={row.open}
        near={data.asOf}
      />
      {data.warmClimate && <p className="mt-1 text-xs opacity-80">{say.aWarmClimateKindHeat(celsius(34, units))}</p>}
    </div>
  );
}
