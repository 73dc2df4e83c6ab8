"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/winter/round";
import { pageAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { type ComponentProps, useState } from "react";
import { LIFT_FROM_FLOOR_KG } from "@/core/mass/index";
import { Caution, FormFaults } from "@/ui/fields";
import { day, kilograms, number } from "@/words/format";
import { useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import type { ShownMove, ShownRound } from "./moves-data";
import { stepWords } from "@/words/layout";
import { roundWords } from "./move-words";

/** What a carrier is told at the lift itself. */
function liftWords(m: ShownMove): string {
  if (m.by === "nobody") return say.nobodyHereMayCarryIt;
  if (m.by === "truck") return say.sackTruckStrapItOn;
  if (m.by === "pair") return say.twoPeopleOneGivesThe;
  return m.eachKg > LIFT_FROM_FLOOR_KG ? say.raiseItToWaistHeight : say.onePerson;
}

/** One pot fills the screen; what is done is put down at once and can be taken back. */
export function RoundView({
  round,
  rest,
  way,
  people,
  doneToday,
}: {
  round: ShownRound | null;
  rest: ShownRound[];
  way: "in" | "out";
  people: string[];
  doneToday: number;
}) {
  const { collectionId, today, units } = useAsOf();
  const { tell } = useNotice();
  const place = useCommand("place-trees");
  const water = useCommand("water-trees");
  const [skipped, setSkipped] = useState<string[]>([]);
  const moves = round?.moves ?? [];
  const now = moves.find((m) => !skipped.includes(m.id)) ?? moves[0];
  const tick = async (m: ShownMove) => {
    if (m.toId === null) return;
    const done = await place.send({ collectionId, treeIds: m.treeIds, placeId: m.toId, on: today });
    if (!done) return;
    tell({ text: say.standsIn(m.tag, m.to), entryId: done.entryId });
  };
  const soak = async (m: ShownMove) => {
    const done = await water.send({ collectionId, treeIds: m.treeIds, on: today });
    if (done) tell({ text: say.isSoaked(m.tag), entryId: done.entryId });
  };
  return (
    <article className="mx-auto max-w-xl">
      <p className="text-sm">
        <Link className="link" href={pageAt(collectionId, "winter/moves")}>
          {say.movingPlan}
        </Link>
      </p>
      <h1 className="text-2xl">{way === "in" ? say.intoWinterQuarters : say.outAgain}</h1>
      {!round || !now ? (
        <p className="mt-3 text-lg" data-testid="round-done">
          {doneToday > 0 ? say.allCarriedPutDownToday(number(doneToday)) : say.nothingIsToBeCarried}
        </p>
      ) : (
        <>
          <p className="text-sm" data-testid="round-left">
            {say.putDownToday(
              round.day <= today ? say.today : say.dueOn(day(round.day, today)),
              roundWords(round),
              people.length > 0 ? say.people(people.join(", ")) : "",
              number(doneToday),
            )}
          </p>
          <Lift
            move={now}
            way={way}
            busy={place.busy}
            soaking={water.busy}
            onTick={() => void tick(now)}
            onSoak={() => void soak(now)}
            onLater={
              moves.length > 1
                ? () => setSkipped((list) => (list.length >= moves.length - 1 ? [] : [...list, now.id]))
                : null
            }
            faults={[...(place.failure?.faults ?? []), ...(water.failure?.faults ?? [])]}
          />
          <h2 className="mt-4 text-lg">{say.then}</h2>
          <ol className="mt-1 space-y-1" data-testid="then">
            {moves
              .filter((m) => m.id !== now.id)
              .map((m) => (
                <li key={m.id} className="border-base-300 flex min-h-12 items-center justify-between gap-2 border-b">
                  <span>
                    <b>{m.tag}</b> → {m.to}
                  </span>
                  <span>{kilograms(m.eachKg, units)}</span>
                </li>
              ))}
          </ol>
          {rest.length > 0 && (
            <p className="mt-2 text-sm">
              {say.afterThat(rest.map((r) => `${day(r.day, today)} (${number(r.moves.length)})`).join(", "))}
            </p>
          )}
        </>
      )}
    </article>
  );
}

/** The pot in hand: where it goes, what it weighs, what to mind, and that it stands. */
function Lift({
  move,
  way,
  busy,
  soaking,
  onTick,
  onSoak,
  onLater,
  faults,
}: {
  move: ShownMove;
  way: "in" | "out";
  busy: boolean;
  soaking: boolean;
  onTick: () => void;
  onSoak: () => void;
  /** null: it is the only one. */
  onLater: (() => void) | null;
  faults: ComponentProps<typeof FormFaults>["faults"];
}) {
  const { units } = useAsOf();
  return (
    <section aria-label={move.tag} className="border-base-300 rounded-box mt-3 border p-4" data-testid="lift">
      <h2 className="text-[40px] leading-tight font-semibold">{move.tag}</h2>
      <p className="text-lg">
        {move.name}
        {move.plants > 1 ? say.ofThem(number(move.plants)) : ""}
      </p>
      <p className="mt-2 text-[28px] leading-tight">
        {move.from} → <b>{move.to}</b>
      </p>
      <p className="mt-2 text-[40px] leading-tight font-semibold">
        {kilograms(move.eachKg, units)}
        <span className="ml-2 text-base font-normal">
          {say.wet(move.massGuessed ? say.aGuess : "", move.steps > 0 ? `; ${stepWords(move.steps)}` : "")}
        </span>
      </p>
      <Caution className="mt-2">
        <p>{liftWords(move)}</p>
      </Caution>
      {way === "out" && (
        <p className="mt-2">{say.soakItUntilItDrains(move.stages.length > 0 ? say.intoShadeFirstNotInto : "")}</p>
      )}
      <button
        type="button"
        className="btn btn-primary mt-4 min-h-16 w-full text-lg"
        disabled={busy || move.toId === null}
        onClick={onTick}
      >
        {say.itStandsThere}
      </button>
      <div className="mt-2 flex gap-2">
        {way === "out" && (
          <button type="button" className="btn min-h-12 flex-1" disabled={soaking} onClick={onSoak}>
            {say.soaked}
          </button>
        )}
        {onLater && (
          <button type="button" className="btn btn-ghost min-h-12 flex-1" onClick={onLater}>
            {common.later}
          </button>
        )}
      </div>
      {move.toId === null && <p className="mt-2 text-sm">{say.itHasNoPlaceOf}</p>}
      <FormFaults faults={faults} />
    </section>
  );
}
