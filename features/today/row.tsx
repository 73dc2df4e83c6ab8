"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/today";
import Link from "next/link";
import { useState } from "react";
import { treeOf } from "@/core/today/index";
import { useAsOf, useDayQuery } from "@/features/kernel/as-of";
import { pageAt, treeAt } from "@/features/kernel/addresses";
import { effortWords, rowWhen, todayTitle, whyWords } from "@/words/today";
import { number } from "@/words/format";
import { HALF_DAY_WORDS, halfDayWords } from "@/words/windows";
import { Answer, DoneButton } from "./answer";
import type { TodayLine, TodayTree } from "./queries";
import { partOf } from "./targets";

/** Labels shown before the rest is folded away. */
const SHOWN = 8;

export function TodayRowItem({ row, on }: { row: TodayLine; on: string }) {
  const { collectionId, units } = useAsOf();
  const query = useDayQuery();
  const when = rowWhen(row, on);
  const why = whyWords(row.because);
  const effort = effortWords(row, units);
  const [first] = row.trees;
  const urgent = row.overdue > 0 || row.excepted !== null;
  const link = (tree: TodayTree) => treeAt(collectionId, treeOf(tree.item)!, "", query);
  const firstId = treeOf(first.item);
  const part = partOf(row.what);
  const title = todayTitle(row.what);
  return (
    <li className="grid gap-x-4 gap-y-2 py-3 sm:grid-cols-[minmax(0,1fr)_auto]" data-testid="today-row">
      <div className="min-w-0">
        <p>
          <b className="text-lg">{title}</b>
          {when && <span className={`ml-2 font-semibold ${urgent ? "text-error" : ""}`}>{when}</span>}
        </p>
        <Tags trees={row.trees} href={link} />
        {(why || effort) && <p className="text-sm">{[why, effort].filter(Boolean).join(" · ")}</p>}
        {row.weather && (
          <p className="text-sm" data-testid="row-weather">
            {row.weather.best
              ? say.best(halfDayWords(row.weather.best, on, units))
              : say.noHalfDayOfThe(HALF_DAY_WORDS[row.weather.against!])}
          </p>
        )}
      </div>
      <div className="no-print flex flex-wrap items-start gap-2">
        {row.what.kind === "move" && (
          <Link
            prefetch={false}
            className="btn btn-primary btn-sm min-h-11"
            href={pageAt(collectionId, "winter/round", `?way=${row.what.direction}`)}
          >
            {say.startTheRound}
          </Link>
        )}
        {row.group !== "lasting" && part === null && row.what.kind !== "move" && <DoneButton row={row} on={on} />}
        {row.group !== "lasting" && part !== null && firstId !== null && (
          <Link
            prefetch={false}
            className="btn btn-primary btn-sm min-h-11"
            href={treeAt(collectionId, firstId, part, query)}
          >
            {row.trees.length === 1 ? say.start : say.startWith(first.tag)}
          </Link>
        )}
        <Answer row={row} on={on} title={title} />
      </div>
    </li>
  );
}

function Tags({ trees, href }: { trees: readonly TodayTree[]; href: (tree: TodayTree) => string }) {
  const named = trees.filter((t) => treeOf(t.item) !== null);
  const [open, setOpen] = useState(false);
  if (named.length === 0) return null;
  const links = (list: readonly TodayTree[]) =>
    list.map((tree) => (
      <Link key={tree.item} prefetch={false} className="link inline-flex min-h-6 items-center" href={href(tree)}>
        {tree.tag}
      </Link>
    ));
  return (
    <div className="flex flex-wrap gap-x-3">
      {named.length > 1 && <span className="font-medium">{say.trees(number(named.length))}</span>}
      {links(named.slice(0, SHOWN))}
      {named.length > SHOWN && (
        <details onToggle={(e) => setOpen(e.currentTarget.open)}>
          <summary className="cursor-pointer">{common.andMore(number(named.length - SHOWN))}</summary>
          {open && <div className="flex flex-wrap gap-x-3">{links(named.slice(SHOWN))}</div>}
        </details>
      )}
    </div>
  );
}
