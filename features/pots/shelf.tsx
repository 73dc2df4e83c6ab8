"use client";

import * as say from "@/words/pages/pots/shelf";
import { potAt } from "@/features/kernel/addresses";
import Link from "next/link";
import type { CSSProperties } from "react";
import type { Estimate } from "@/core/estimate/index";
import {
  brimHeightMm,
  POT_CONDITIONS,
  type PotCondition,
  vesselOf,
  wallOf,
  widthAtMm,
  USUAL_WALL,
} from "@/core/vessel/index";
import type { PotFit, StorePot } from "@/core/ladder/index";
import type { Ball } from "@/core/setting/index";
import { usualFillHeightMm } from "@/core/potting/index";
import { litres, number } from "@/words/format";
import { drawnWallMm, innerOutline, pathOf, type Point, wallOutline } from "@/ui/geometry";
import { money } from "@/ui/money";
import { INK, WALL_TONE } from "@/ui/tones";
import { useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { CONDITION_WORDS, MISFIT_WORDS, WALL_WORDS } from "@/words/terms";
import * as common from "@/words/pages/common";

export type ShelfLot = StorePot & {
  price: number | null;
  toBuy: boolean;
  place: string | null;
  inUse: number;
  brim: Estimate;
};

const TALLEST_PX = 150;

export function shelfScale(pots: readonly ShelfLot[]): number {
  return TALLEST_PX / Math.max(200, ...pots.map((p) => brimHeightMm(vesselOf(p.pot).vessel)));
}

/** Pots in section on one board, to one scale, smallest first. */
export function Shelf({
  label,
  pots,
  scale,
  fits,
  ball,
  currency,
}: {
  label: string;
  pots: readonly ShelfLot[];
  scale: number;
  fits: ReadonlyMap<string, PotFit> | null;
  /** Drawn into every pot, to the same scale. */
  ball: Ball | null;
  currency: string;
}) {
  return (
    <ol aria-label={label} className="mt-3 flex flex-wrap items-end gap-y-6">
      {pots.map((p) => (
        <li
          key={p.lotId}
          className={`shelf-place flex flex-col items-center text-center ${fits?.get(p.lotId)?.misfit === null ? "bg-base-200 rounded" : ""}`}
          style={{ "--pot": `${shelfWidth(p, scale)}px` } as CSSProperties}
        >
          <ShelfPot pot={p} scale={scale} ball={ball} />
          <ShelfLabel pot={p} fits={fits} currency={currency} />
        </li>
      ))}
    </ol>
  );
}

function ShelfLabel({
  pot: p,
  fits,
  currency,
}: {
  pot: ShelfLot;
  fits: ReadonlyMap<string, PotFit> | null;
  currency: string;
}) {
  const { units, collectionId } = useAsOf();
  const ranged = p.brim.p90 - p.brim.p10 > 0.03 * p.brim.p50;
  return (
    <span className="border-secondary h-[12.4rem] w-full border-t-4 px-1 pt-1 leading-tight">
      <Link
        prefetch={false}
        href={potAt(collectionId, p.lotId)}
        className="font-bold underline-offset-2 hover:underline"
      >
        {p.name}
      </Link>
      <span className="block text-sm">
        {say.atTheBrim(
          litres(p.brim.p50, units),
          ranged ? ` (${litres(p.brim.p10, units)}–${litres(p.brim.p90, units)})` : "",
        )}
      </span>
      <span className="block text-sm">
        {WALL_WORDS[wallOf(p.pot)]}
        {p.price === null ? "" : ` · ${money(p.price, currency)}`}
      </span>
      {(p.place !== null || p.inUse > 0) && (
        <span className="block text-sm">
          {[p.place, p.inUse > 0 ? say.inUse(number(p.inUse)) : null].filter(Boolean).join(" · ")}
        </span>
      )}
      {p.condition !== undefined && p.condition !== "sound" && (
        <span className="text-warning block text-sm font-semibold">{CONDITION_WORDS[p.condition]}</span>
      )}
      {fits ? <FitWords fit={fits.get(p.lotId)} /> : p.free > 0 ? <PotCare pot={p} /> : <Bought pot={p} />}
    </span>
  );
}

function FitWords({ fit }: { fit: PotFit | undefined }) {
  if (!fit) return <span className="block text-sm">{say.thePotItStandsIn}</span>;
  if (fit.misfit !== null) return <span className="block text-sm">{MISFIT_WORDS[fit.misfit]}</span>;
  return (
    <span className="bg-primary text-primary-content rounded px-1 text-sm font-semibold">
      {say.fitsTheMix(number(fit.ratio, 1))}
    </span>
  );
}

/** One of the pots that could be bought has been. */
function Bought({ pot }: { pot: ShelfLot }) {
  const { collectionId } = useAsOf();
  const { tell } = useNotice();
  const { send, busy } = useCommand("add-pots");
  return (
    <button
      type="button"
      className="btn btn-xs mt-1 min-h-9"
      disabled={busy}
      onClick={async () => {
        const done = await send({ collectionId, lotId: pot.lotId, count: 1 });
        if (done) tell({ text: say.onePutInStore(pot.name), entryId: done.entryId });
      }}
    >
      {say.oneBought}
      <span className="sr-only"> {pot.name}</span>
    </button>
  );
}

/** What became of one of the pots on the shelf: another condition, or out of the store; undo puts it back. */
function PotCare({ pot }: { pot: ShelfLot }) {
  const { collectionId } = useAsOf();
  const { tell } = useNotice();
  const condition = useCommand("set-pot-condition");
  const discard = useCommand("discard-pots");
  const add = useCommand("add-pots");
  const change = async (what: PotCondition | "out" | More) => {
    const about = { collectionId, lotId: pot.lotId, count: 1 };
    if (isMore(what)) {
      const count = Number(what.slice(ADDS.length));
      const done = await add.send({ ...about, count });
      if (done) tell({ text: say.morePutInStore(count, pot.name), entryId: done.entryId });
      return;
    }
    const done =
      what === "out"
        ? await discard.send(about)
        : await condition.send({ ...about, newLotId: crypto.randomUUID(), condition: what });
    if (done)
      tell({
        text: say.one(pot.name, what === "out" ? OUT : CONDITION_WORDS[what]),
        entryId: done.entryId,
      });
  };
  const fault = (condition.failure ?? discard.failure ?? add.failure)?.faults[0]?.message;
  return (
    <span className="block">
      <select
        aria-label={say.oneIs(pot.name)}
        className="select select-xs mt-1 min-h-9 w-full"
        disabled={condition.busy || discard.busy || add.busy}
        value=""
        onChange={(e) => void change(e.target.value as PotCondition | "out")}
      >
        <option value="">{say.changeCondition}</option>
        {POT_CONDITIONS.filter((c) => c !== (pot.condition ?? "sound")).map((c) => (
          <option key={c} value={c}>
            {CONDITION_WORDS[c]}
          </option>
        ))}
        <option value="out">{OUT}</option>
        {MORE.map((n) => (
          <option key={n} value={`${ADDS}${n}`}>
            {say.ofThese(n === 1 ? say.andOneMore : common.andMore(number(n)))}
          </option>
        ))}
      </select>
      {fault && (
        <span role="alert" className="text-error block text-sm">
          {fault}
        </span>
      )}
    </span>
  );
}
/** A choice of the list that puts some more of a pot in store. */
const ADDS = "more-";
type More = `${typeof ADDS}${number}`;
const isMore = (what: string): what is More => what.startsWith(ADDS);

const OUT = say.outOfTheStore;
const MORE = [1, 5, 10] as const;

function shelfWidth(pot: ShelfLot, scale: number): number {
  const { vessel } = vesselOf(pot.pot);
  const wall = Math.max(drawnWallMm(vessel), 1.6 / scale);
  return Math.round((Math.max(widthAtMm(vessel, brimHeightMm(vessel)), widthAtMm(vessel, 0)) + 2 * wall) * scale) + 6;
}

/** The ball with its top at the line mix would end at: what stands out at the sides or through the floor does not fit. */
function ballOutline(ball: Ball, fillHeightMm: number): Point[] {
  const base = fillHeightMm - ball.heightMm;
  return [
    [-ball.topWidthMm / 2, fillHeightMm],
    [ball.topWidthMm / 2, fillHeightMm],
    [ball.baseWidthMm / 2, base],
    [-ball.baseWidthMm / 2, base],
  ];
}

function ShelfPot({ pot, scale, ball }: { pot: ShelfLot; scale: number; ball: Ball | null }) {
  const { vessel, guessed } = vesselOf(pot.pot);
  const wall = Math.max(drawnWallMm(vessel), 1.6 / scale);
  const brim = brimHeightMm(vessel);
  const w = shelfWidth(pot, scale);
  const h = Math.round((brim + wall) * scale) + 22;
  const at = ([x, y]: Point): Point => [w / 2 + x * scale, h - wall * scale - y * scale];
  const none = pot.free === 0;
  return (
    <svg
      viewBox={`0 0 ${w} ${h}`}
      width={w}
      height={h}
      overflow="visible"
      role="img"
      aria-label={none ? say.namedToBeBought(pot.name) : say.free(pot.name, pot.free)}
    >
      {!none && <path d={pathOf(innerOutline(vessel, 0, brim), at)} fill="#efe6cf" />}
      <path
        d={pathOf(wallOutline(vessel, wall), at)}
        fill={none ? "none" : WALL_TONE[vessel.wall ?? USUAL_WALL]}
        fillOpacity={guessed ? 0.5 : 1}
        stroke={INK}
        strokeWidth="0.8"
        strokeDasharray={guessed || none ? "4 3" : undefined}
      />
      {ball && (
        <path
          d={pathOf(ballOutline(ball, usualFillHeightMm(vessel)), at)}
          fill="#9e4a28"
          fillOpacity="0.25"
          stroke="#9e4a28"
          strokeWidth="1.4"
        />
      )}
      <text x={w / 2} y={13} textAnchor="middle" fontSize="13" fontWeight="700" fill={INK}>
        {none ? say.buy : pot.free}
      </text>
    </svg>
  );
}
