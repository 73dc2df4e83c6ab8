"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/winter/pot";
import { treeAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { useState } from "react";
import { lossOf, obstaclesOf, OUTSIDE, type Quarter, type Standing, totalOf } from "@/core/shelter/index";
import { Form, FormFaults, Reasoned, SelectField, TextField } from "@/ui/fields";
import { celsius, kilograms, metres, number, readNumber, type Units } from "@/words/format";
import { useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import type { ShelterPlan } from "./use-plan";
import { CARRY_SHORT, lossWords, obstacleWords, partWords } from "@/words/layout";

/** One pot: what each place would do to it, and where it is put by keys and numbers. */
export function PotPanel({
  standing: s,
  plan,
  quarters,
  onPut,
  onClose,
}: {
  standing: Standing;
  plan: ShelterPlan;
  quarters: readonly Quarter[];
  onPut: (placeId: string, xM: number | null, yM: number | null) => string | null;
  onClose: () => void;
}) {
  const { collectionId, units } = useAsOf();
  const now = plan.shown.assignment[s.id] ?? OUTSIDE;
  const nameOf = (id: string) =>
    id === OUTSIDE ? say.itsSummerPlace : (quarters.find((q) => q.id === id)?.name ?? id);
  const options = [OUTSIDE, ...plan.problem.places.map((p) => p.id).filter((id) => id !== s.homeId)];
  const obstacles = obstaclesOf(plan.problem, plan.shown.assignment, s.id);
  return (
    <section aria-labelledby="pot-title" className="border-base-300 rounded-box border p-3" data-testid="pot-panel">
      <h2 id="pot-title" className="text-lg">
        {s.treeIds.map((id, i) => (
          <span key={id}>
            {i > 0 && " + "}
            <Link className="link" href={treeAt(collectionId, id)}>
              {s.tag.split(" + ")[i]}
            </Link>
          </span>
        ))}{" "}
        <span className="text-base font-normal">{s.name}</span>
      </h2>
      <p className="text-sm">
        {say.wateredAcross(
          kilograms(s.eachKg, units),
          s.massGuessed ? say.guess : "",
          metres(s.widthM, units),
          s.crownM === null ? say.itsPotTheCrownIs : s.widthM > s.potM ? say.forItsCrown : "",
          s.heightM === null ? say.heightUnknown : say.highWithItsPot(metres(s.heightM, units)),
          s.plants > 1 ? say.ofThem(number(s.plants)) : "",
          s.anchored ? say.rootedIntoTheGroundIt : "",
        )}
      </p>
      <Reasoned reason={say.rootsByThePotsOwn()}>
        <Stays standing={s} plan={plan} options={options} now={now} nameOf={nameOf} />
      </Reasoned>
      {obstacles.length > 0 && (
        <ul className="mt-2 list-disc space-y-1 pl-5 text-sm">
          {obstacles.slice(0, 3).map((o) => (
            <li key={o.placeId}>{obstacleWords(o, nameOf(o.placeId), s, units)}</li>
          ))}
        </ul>
      )}
      {!s.anchored && (
        <Put standing={s} plan={plan} options={options} now={now} nameOf={nameOf} onPut={onPut} onClose={onClose} />
      )}
      <Word key={s.id} standing={s} units={units} />
    </section>
  );
}

/** The grower's own word on when it comes in. */
function Word({ standing: s, units }: { standing: Standing; units: Units }) {
  const { collectionId } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure, at } = useCommand("set-winter-word");
  const [text, setText] = useState(s.inBelowC === null ? "" : String(s.inBelowC));
  const save = async () => {
    const value = text.trim() === "" ? null : readNumber(text, "celsius");
    const done = await send({ collectionId, treeIds: s.treeIds, inBelowC: value });
    if (done)
      tell({
        text: value === null ? say.itComesInAsCalculated : say.itComesInBelow(celsius(value, units)),
        entryId: done.entryId,
      });
  };
  return (
    <details className="mt-3">
      <summary className="min-h-9 cursor-pointer py-1">
        {s.inBelowC === null ? say.comesInAsCalculated : say.comesInBelowByYour(celsius(s.inBelowC, units))}
      </summary>
      <Form label={say.whenComesIn(s.tag)} onSubmit={save} className="flex flex-wrap items-end gap-2">
        <TextField
          label={say.inBelowANightOf}
          suffix="°C"
          numeric="signed"
          value={text}
          onChange={setText}
          fault={at("inBelowC") && say.betweenAndOrNothing(celsius(-30, units), celsius(20, units))}
          hint={say.emptyAsCalculated}
        />
        <button type="submit" className="btn min-h-11" disabled={busy}>
          {say.thatIsMyWord}
        </button>
        <FormFaults faults={(failure?.faults ?? []).filter((f) => f.path !== "inBelowC")} />
      </Form>
    </details>
  );
}

/** What each place would do to it. */
function Stays({
  standing: s,
  plan,
  options,
  now,
  nameOf,
}: {
  standing: Standing;
  plan: ShelterPlan;
  options: readonly string[];
  now: string;
  nameOf: (id: string) => string;
}) {
  const { units } = useAsOf();
  return (
    <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={say.whatEachPlaceWouldDo}>
      <table className="mt-2 w-full text-sm" data-testid="stays">
        <thead>
          <tr className="text-left">
            <th scope="col">{say.inLabel}</th>
            <th scope="col" className="px-1">
              {say.itMayLose}
            </th>
            <th scope="col" className="px-1">
              {say.air}
            </th>
            <th scope="col" className="px-1">
              {say.carriedBy}
            </th>
            <th scope="col" className="text-right">
              {say.points}
            </th>
          </tr>
        </thead>
        <tbody>
          {options.map((id) => {
            const found = plan.at(s, id);
            return (
              <tr key={id} className={id === now ? "font-semibold" : ""}>
                <th scope="row" className="pr-2 text-left font-[inherit]">
                  {nameOf(id)}
                </th>
                {found ? (
                  <>
                    <td className="px-1 whitespace-nowrap">{lossWords(lossOf(found.stay))}</td>
                    <td className="px-1 whitespace-nowrap">{celsius(Math.round(found.stay.meanC), units)}</td>
                    <td className="px-1">{found.carrying ? CARRY_SHORT[found.carrying.by] : "–"}</td>
                    <td className="text-right" title={partWords(found.parts)}>
                      {number(totalOf(found.parts))}
                    </td>
                  </>
                ) : (
                  <td colSpan={4}>{say.notCalculatedYet}</td>
                )}
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}

/** Put in another place, or moved within its own by numbers. */
function Put({
  standing: s,
  plan,
  options,
  now,
  nameOf,
  onPut,
  onClose,
}: {
  standing: Standing;
  plan: ShelterPlan;
  options: readonly string[];
  now: string;
  nameOf: (id: string) => string;
  onPut: (placeId: string, xM: number | null, yM: number | null) => string | null;
  onClose: () => void;
}) {
  const spot = plan.shown.spots[s.id];
  const [to, setTo] = useState(now);
  const [x, setX] = useState(spot ? number(spot.xM, 2) : "");
  const [y, setY] = useState(spot ? number(spot.yM, 2) : "");
  const [fault, setFault] = useState<string | null>(null);
  const put = () => {
    const [xM, yM] = [readNumber(x, "m"), readNumber(y, "m")];
    const same = to === now;
    setFault(onPut(to, same && !Number.isNaN(xM) ? xM : null, same && !Number.isNaN(yM) ? yM : null));
    return Promise.resolve();
  };
  return (
    <Form label={say.whereStands(s.tag)} onSubmit={put} className="mt-3 grid grid-cols-2 items-end gap-2">
      <SelectField
        label={say.putItIn}
        value={to}
        onChange={setTo}
        options={options.map((id) => [id, nameOf(id)] as const)}
        className="col-span-2"
      />
      <TextField label={say.fromLeftM} numeric value={x} onChange={setX} />
      <TextField label={say.fromFarWallM} numeric value={y} onChange={setY} />
      <div className="col-span-2 flex gap-2">
        <button type="submit" className="btn min-h-11">
          {say.putItThere}
        </button>
        <button type="button" className="btn btn-ghost min-h-11" onClick={onClose}>
          {common.close}
        </button>
      </div>
      {fault && (
        <p role="alert" className="text-error col-span-2 text-sm font-semibold">
          {fault}
        </p>
      )}
    </Form>
  );
}
