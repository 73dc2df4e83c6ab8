"use client";

import * as say from "@/words/pages/pots/pot";
import { potAt, treeAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useState } from "react";
import type { Estimate } from "@/core/estimate/index";
import {
  brimHeightMm,
  likelyPotMassKg,
  mixEstimate,
  type Pot,
  type PotCondition,
  type Vessel,
  wallOf,
} from "@/core/vessel/index";
import { isClay } from "@/core/winter/index";
import { day, kilograms, litres, millimetres, number, readNumber } from "@/words/format";
import { Facts, Form, FormFaults, SelectField, TextField } from "@/ui/fields";
import { money } from "@/ui/money";
import { PotSection } from "@/ui/pot-section";
import { unplaced, useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { CONDITION_WORDS, WALL_WORDS } from "@/words/terms";
import { ClayField } from "./clay-field";
import { draftOf, PotFields, readPot } from "./pot-fields";
import type { PotUser } from "./lots";
import { PotsNav } from "./pots-nav";

interface Lot {
  id: string;
  name: string;
  pot: Pot;
  price: number | null;
  toBuy: boolean;
  condition: PotCondition;
  frostProof: boolean | null;
  placeId: string | null;
}

export interface PotEvent {
  id: string;
  on: string;
  tree: { id: string; tag: string } | null;
  words: string;
  actor: string;
}

/** A lot of pots, or an identified one. */
export function PotView({
  lot,
  vessel,
  guessed,
  fillHeightMm,
  brim,
  free,
  users,
  places,
  history,
  currency,
}: {
  lot: Lot;
  vessel: Vessel;
  guessed: boolean;
  fillHeightMm: number;
  brim: Estimate;
  free: number;
  users: PotUser[];
  places: { id: string; name: string }[];
  history: PotEvent[];
  currency: string;
}) {
  const { units } = useAsOf();
  const mix = mixEstimate(lot.pot);
  const mass = likelyPotMassKg(vessel);
  const place = places.find((p) => p.id === lot.placeId)?.name;
  const facts: [string, string][] = [
    [
      say.atTheBrim,
      `${litres(brim.p50, units)}${spread(brim) ? ` (${litres(brim.p10, units)}–${litres(brim.p90, units)})` : ""}`,
    ],
    [
      say.mixAtTheFillLine,
      `${litres(mix.p50, units)}${spread(mix) ? ` (${litres(mix.p10, units)}–${litres(mix.p90, units)})` : ""}`,
    ],
    ["Empty", `${kilograms(mass.massKg, units)}${mass.basis === "guess" ? say.wallGuessed : ""}`],
    ["Wall", WALL_WORDS[wallOf(lot.pot)]],
    ["Condition", CONDITION_WORDS[lot.condition]],
    ["Price", lot.price === null ? say.notKnown : money(lot.price, currency)],
    ["Stands", place ?? say.nobodySaidWhere],
    [say.canBeBought, lot.toBuy ? "yes" : say.notOnTheList],
  ];
  return (
    <div>
      <PotsNav at="pots" />
      <h1 className="text-2xl">{lot.name}</h1>
      <InUse free={free} users={users} />
      <div className="mt-3 grid gap-8 lg:grid-cols-[minmax(0,24rem)_minmax(0,1fr)]">
        <div>
          <PotSection
            vessel={vessel}
            guessed={guessed}
            fillHeightMm={fillHeightMm}
            bottomLayerMm={0}
            fill={0}
            circling={0}
            empty
            cover
            widthPx={380}
            heightPx={340}
            units={units}
            dimensions={[
              {
                side: "left",
                fromMm: fillHeightMm,
                toMm: brimHeightMm(vessel),
                label: millimetres(brimHeightMm(vessel) - fillHeightMm, units),
              },
              { side: "left", fromMm: 0, toMm: fillHeightMm, label: millimetres(fillHeightMm, units) },
            ]}
            title={lot.name}
            description={say.atTheBrimTheLine(litres(brim.p50, units))}
          />
          <Facts columns facts={facts} />
        </div>
        <div className="space-y-6">
          <More lot={lot} places={places} />
          <Own lot={lot} free={free} users={users} />
          <Measure lot={lot} />
          <PotHistory history={history} />
        </div>
      </div>
    </div>
  );
}

const spread = (e: Estimate) => e.p90 - e.p10 > 0.03 * e.p50;

/** More of the same, where they stand, what they cost. */
function More({ lot, places }: { lot: Lot; places: { id: string; name: string }[] }) {
  const { collectionId } = useAsOf();
  const { tell } = useNotice();
  const add = useCommand("add-pots");
  const move = useCommand("move-pots");
  const describe = useCommand("describe-lot");
  const [count, setCount] = useState("5");
  const [price, setPrice] = useState(lot.price === null ? "" : String(lot.price));
  const [wrong, setWrong] = useState<Record<string, string>>({});
  const about = { collectionId, lotId: lot.id };
  const more = async () => {
    const many = readNumber(count);
    if (!Number.isInteger(many) || many < 1) return setWrong({ count: say.aWholeNumberOfPots });
    setWrong({});
    const done = await add.send({ ...about, count: many });
    if (done) tell({ text: say.morePutInStore(many), entryId: done.entryId });
  };
  const reprice = async () => {
    const value = price.trim() === "" ? null : readNumber(price);
    if (value !== null && !(value >= 0)) return setWrong({ price: say.aPriceOrLeaveIt });
    setWrong({});
    const done = await describe.send({ ...about, price: value });
    if (done) tell({ text: say.thePriceIsKept, entryId: done.entryId });
  };
  return (
    <section aria-label={say.moreOfThese} className="flex flex-wrap items-end gap-4">
      <Form className="flex items-end gap-2" label={say.moreOfThese} onSubmit={more}>
        <TextField
          className="w-28"
          label={say.moreOfThese}
          numeric
          value={count}
          onChange={setCount}
          fault={wrong.count ?? add.at("count")}
        />
        <button type="submit" className="btn min-h-11" disabled={add.busy}>
          {say.add}
        </button>
      </Form>
      <Form className="flex items-end gap-2" label={say.price} onSubmit={reprice}>
        <TextField
          className="w-28"
          label={say.priceEach}
          numeric
          value={price}
          onChange={setPrice}
          fault={wrong.price}
        />
        <button type="submit" className="btn min-h-11" disabled={describe.busy}>
          {say.keep}
        </button>
      </Form>
      {places.length > 0 && (
        <SelectField
          className="w-48"
          label={say.theFreeOnesStand}
          value={lot.placeId ?? ""}
          onChange={async (placeId) => {
            if (placeId === "") return;
            const done = await move.send({ ...about, placeId });
            if (done) tell({ text: say.theyStandThereNow, entryId: done.entryId });
          }}
          options={[["", say.nobodySaidWhere] as const, ...places.map((p) => [p.id, p.name] as const)]}
        />
      )}
      <label className="flex min-h-11 cursor-pointer items-center gap-2">
        <input
          type="checkbox"
          className="checkbox"
          checked={lot.toBuy}
          disabled={describe.busy}
          onChange={async (e) => {
            const done = await describe.send({ ...about, toBuy: e.target.checked });
            if (done) tell({ text: say.kept, entryId: done.entryId });
          }}
        />
        {say.moreCanBeBought}
      </label>
      {isClay(wallOf(lot.pot)) && <ClayField className="w-56" lotId={lot.id} frostProof={lot.frostProof} />}
      <FormFaults
        faults={[...unplaced(add.failure, ["count"]), ...unplaced(move.failure, []), ...unplaced(describe.failure, [])]}
      />
    </section>
  );
}

/** One of them gets a record of its own: a name, a history, a place. */
function Own({ lot, free, users }: { lot: Lot; free: number; users: PotUser[] }) {
  const { collectionId } = useAsOf();
  const router = useRouter();
  const { tell } = useNotice();
  const { send, busy, failure, at } = useCommand("identify-pot");
  const [name, setName] = useState(say.no1(lot.name));
  const single = users.filter((u) => u.plants === 1);
  const [which, setWhich] = useState(free > 0 ? "" : (single[0]?.treeId ?? ""));
  if (free + users.length < 2) return null;
  const submit = async () => {
    const newLotId = crypto.randomUUID();
    const done = await send({ collectionId, lotId: lot.id, newLotId, name, treeId: which === "" ? null : which });
    if (!done) return;
    tell({ text: say.hasARecordOfIts(name), entryId: done.entryId });
    router.push(potAt(collectionId, newLotId));
  };
  return (
    <Form className="flex flex-wrap items-end gap-3" label={say.aPotWithARecord} onSubmit={submit}>
      <SelectField
        label={say.giveOneARecordOf}
        value={which}
        onChange={setWhich}
        fault={at("treeId") ?? at("lotId")}
        options={[
          ...(free > 0 ? [["", say.aFreeOne] as const] : []),
          ...single.map((u) => [u.treeId, say.theOneUnder(u.tag)] as const),
        ]}
      />
      <TextField className="w-64" label={say.called} value={name} onChange={setName} fault={at("name")} />
      <button type="submit" className="btn min-h-11" disabled={busy}>
        {say.nameIt}
      </button>
      <FormFaults faults={unplaced(failure, ["treeId", "lotId", "name"])} />
    </Form>
  );
}

/** A tape beats a label: measured once, it counts for every day these pots were used. */
function Measure({ lot }: { lot: Lot }) {
  const { collectionId, units } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure, within } = useCommand("measure-pots");
  const [draft, setDraft] = useState(() => draftOf(lot.pot));
  const [problems, setProblems] = useState<Record<string, string>>({});
  const submit = async () => {
    const read = readPot(draft, units);
    setProblems(read.problems);
    if (Object.keys(read.problems).length > 0) return;
    const done = await send({ collectionId, lotId: lot.id, pot: read.pot });
    if (done) tell({ text: say.measuredEveryLitreIsCalculated(), entryId: done.entryId });
  };
  return (
    <details open={lot.pot.known !== "measured"}>
      <summary className="min-h-11 cursor-pointer font-medium">
        {lot.pot.known === "measured" ? say.measureAgain : say.knownByNameOrFrom}
      </summary>
      <Form className="mt-2 space-y-3" label={say.measure} onSubmit={submit}>
        <PotFields draft={draft} onChange={setDraft} fault={within("pot", problems)} units={units} />
        <FormFaults faults={unplaced(failure, ["pot"])} />
        <button type="submit" className="btn min-h-11" disabled={busy}>
          {say.keepTheMeasures}
        </button>
      </Form>
    </details>
  );
}

/** What happened to these pots, the newest first. */
function PotHistory({ history }: { history: PotEvent[] }) {
  const { collectionId, today } = useAsOf();
  return (
    <section aria-label={say.whatHappened}>
      <h2 className="text-lg">{say.whatHappened}</h2>
      <ul className="divide-base-300 divide-y">
        {history.slice(0, 60).map((e) => (
          <li key={e.id} className="py-1">
            <span className="text-sm">{day(e.on, today)}</span> ·{" "}
            {e.tree && (
              <>
                <Link prefetch={false} className="link" href={treeAt(collectionId, e.tree.id)}>
                  {e.tree.tag}
                </Link>
                {": "}
              </>
            )}
            {e.words}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** How many are free, and whose the others are. */
function InUse({ free, users }: { free: number; users: PotUser[] }) {
  const { collectionId } = useAsOf();
  return (
    <p className="text-lg" data-testid="standing">
      {say.free(number(free))}
      {users.length > 0 && (
        <>
          {say.inUseBy}
          {users.slice(0, 12).map((u, i) => (
            <span key={u.treeId}>
              {i > 0 && ", "}
              <Link prefetch={false} className="link" href={treeAt(collectionId, u.treeId)}>
                {u.tag}
              </Link>
              {u.plants > 1 && say.plants(number(u.plants))}
            </span>
          ))}
          {users.length > 12 && say.andMore(users.length - 12)}
        </>
      )}
      .
    </p>
  );
}
