"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/trees";
import Link from "next/link";
import { type CSSProperties, memo } from "react";
import type { YardRow } from "@/model/index";
import { treeAt } from "@/features/kernel/addresses";
import { YardPot, yardPotWidth } from "@/ui/yard-pot";
import type { useDayQuery } from "@/features/kernel/as-of";
import { litres, type Units } from "@/words/format";
import { howFull } from "@/words/tree-page";
import { dateOf, heldBy, isOverdueRow, toneOf, wordOf } from "./row-words";

export interface ListProps {
  rows: readonly YardRow[];
  query: ReturnType<typeof useDayQuery>;
  shown: string;
  units: Units;
  collectionId: string;
}

/** Trees are chosen by tapping their pictures; null: a tap opens them. */
export interface Choosing {
  chosen: ReadonlySet<string>;
  toggle: (id: string) => void;
}

/** The trees drawn in their pots to one scale. Redrawn when they change, not with every step of a drag. */
export const Pictures = memo(function Pictures({
  rows,
  query,
  shown,
  scale,
  crownScale,
  units,
  collectionId,
  label,
  choosing,
  urgent,
}: ListProps & {
  scale: number;
  crownScale: number;
  label: string | null;
  choosing: Choosing | null;
  /** In the order of what is lost by waiting: a post stands after the overdue ones. */
  urgent: boolean;
}) {
  const overdue = urgent ? rows.filter(isOverdueRow).length : 0;
  return (
    <ol
      data-on={shown}
      aria-label={say.trees(label ? common.ofLabel(label) : "", urgent ? say.theOnesThatLoseMost : "")}
      className="flex flex-col md:flex-row md:flex-wrap md:items-stretch md:gap-y-5"
      onKeyDown={(e) => {
        const step =
          e.key === "ArrowRight" || e.key === "ArrowDown" ? 1 : e.key === "ArrowLeft" || e.key === "ArrowUp" ? -1 : 0;
        if (step === 0) return;
        // From group to group, too: all of them are one walk.
        const links = [...document.querySelectorAll<HTMLElement>("ol[data-on] a, ol[data-on] button")];
        const at = links.findIndex((link) => link === document.activeElement);
        links[at + step]?.focus();
        e.preventDefault();
      }}
    >
      {rows.map((row, i) => (
        <TreePicture
          key={row.id}
          row={row}
          href={treeAt(collectionId, row.id, "", query)}
          shown={shown}
          scale={scale}
          crownScale={crownScale}
          units={units}
          post={overdue > 0 && i === overdue}
          chosen={choosing === null ? null : choosing.chosen.has(row.id)}
          toggle={choosing?.toggle}
        />
      ))}
    </ol>
  );
});

interface TreeProps {
  row: YardRow;
  href: string;
  shown: string;
  scale: number;
  crownScale: number;
  units: Units;
  /** The ochre post stands before this tree: all before it are overdue. */
  post: boolean;
  /** null: it is opened, not chosen. */
  chosen: boolean | null;
  toggle?: (id: string) => void;
}

const sameRow = (a: TreeProps, b: TreeProps) =>
  a.href === b.href &&
  a.scale === b.scale &&
  a.crownScale === b.crownScale &&
  a.row.heightMm === b.row.heightMm &&
  a.row.form === b.row.form &&
  a.units === b.units &&
  a.post === b.post &&
  a.chosen === b.chosen &&
  a.toggle === b.toggle &&
  a.row.vessel?.shape === b.row.vessel?.shape &&
  a.row.volumeL === b.row.volumeL &&
  a.row.fill === b.row.fill &&
  a.row.ripe === b.row.ripe &&
  a.row.count === b.row.count &&
  a.row.tag === b.row.tag &&
  wordOf(a.row) === wordOf(b.row) &&
  dateOf(a.row, a.shown) === dateOf(b.row, b.shown);

const TreePicture = memo(function TreePicture(props: TreeProps) {
  const { row, href, shown, scale, crownScale, units, post, chosen, toggle } = props;
  const label = `${row.tag}, ${row.name}, ${litres(row.volumeL, units)}, ${howFull(row.fill)}: ${wordOf(row)} ${dateOf(row, shown)}`;
  const look = "hover:bg-base-200 focus-visible:bg-base-200 yard-tree h-full";
  return (
    <li
      style={
        { "--pot": `${row.vessel ? yardPotWidth(row.vessel, crownOf(row), scale, crownScale) : 40}px` } as CSSProperties
      }
      className={`[contain-intrinsic-size:auto_222px] [content-visibility:auto] yard-place ${post ? "border-ochre border-t-4 md:border-t-0 md:border-l-4" : "border-base-300 border-t md:border-t-0"}`}
    >
      {chosen === null ? (
        <Link prefetch={false} href={href} className={look} aria-label={label}>
          <Drawn {...props} />
        </Link>
      ) : (
        <button
          type="button"
          className={`${look} relative w-full max-md:text-left ${chosen ? "bg-primary/15 outline-primary outline-2 -outline-offset-2" : ""}`}
          aria-pressed={chosen}
          aria-label={label}
          onClick={() => toggle?.(row.id)}
        >
          {chosen && (
            <span aria-hidden className="bg-primary text-primary-content absolute top-1 right-1 z-10 rounded-full px-2">
              ✓
            </span>
          )}
          <Drawn {...props} />
        </button>
      )}
    </li>
  );
}, sameRow);

const crownOf = ({ id, form, heightMm, heightGuessed }: YardRow) => ({
  form,
  seed: id,
  heightMm,
  guessed: heightGuessed,
});

function Drawn({ row, shown, scale, crownScale }: TreeProps) {
  return (
    <>
      {row.vessel ? (
        <YardPot
          vessel={row.vessel}
          fillHeightMm={row.fillHeightMm}
          fill={row.fill}
          ripe={row.ripe}
          scale={scale}
          crownScale={crownScale}
          crown={crownOf(row)}
          count={row.count}
          guessed={row.guessed}
        />
      ) : (
        <span />
      )}
      <span className="md:border-base-content/70 block leading-tight md:h-[8.6rem] md:border-t-2 md:px-1 md:pt-1">
        <span className="flex items-baseline gap-2 md:block">
          <b className="md:block">{row.tag}</b>
          <span className="text-sm md:line-clamp-2 md:h-[2.9em]">{row.name}</span>
        </span>
        <span className={`font-semibold md:block ${toneOf(row)}`}>{wordOf(row)}</span>
        <span className="text-sm md:block">
          <span className="md:hidden"> · </span>
          {dateOf(row, shown)}
          {heldBy(row, shown) && <span className="md:hidden"> – {heldBy(row, shown)}</span>}
        </span>
      </span>
    </>
  );
}

export function Legend({ overdue }: { overdue: boolean }) {
  return (
    <p className="mt-3 text-sm">
      {say.potsToOneScaleIn}
      <span className="bg-cream rounded px-1 text-[#2c2a22]">{say.cream}</span>
      {say.whileThereIsRoomTo}
      <span className="rounded bg-[#8a3f22] px-1 text-white">{say.rust}</span>
      {say.whenThePotIsUsed}
      {overdue && say.leftOfTheOchrePost}
    </p>
  );
}
