"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/pots/shelf";
import { pageAt, potAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useRef, useState } from "react";
import type { Estimate } from "@/core/estimate/index";
import type { PotFit } from "@/core/ladder/index";
import type { Ball } from "@/core/setting/index";
import { litres, number, readNumber, type Units } from "@/words/format";
import { Folded } from "@/ui/folded";
import { Form, FormFaults, SelectField, TextField } from "@/ui/fields";
import { unplaced, useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { emptyPotDraft, PotFields, readPot, type PotField } from "./pot-fields";
import { readQuickPots } from "./quick-pots";
import { Shelf, type ShelfLot, shelfScale } from "./shelf";
import { PotsNav } from "./pots-nav";
import { ROOM_WORDS } from "@/words/rooms";

const FIELDS = ["name", "pot", "count", "price", "placeId"];

/** A tree whose ball is held against the shelf. */
export interface Held {
  treeId: string;
  tag: string;
  mixL: Estimate;
  fits: PotFit[];
  /** The ball its pot gives back; null where nobody said which pot that is. */
  ball: Ball | null;
}

/** Free pots on a shelf, in section, to one scale and ordered by volume. */
export function ShelfView({
  pots,
  toBuy,
  inUse,
  places,
  currency,
  held,
  trees,
}: {
  pots: ShelfLot[];
  toBuy: ShelfLot[];
  inUse: { lotId: string; name: string; tags: string[] }[];
  places: { id: string; name: string }[];
  currency: string;
  held: Held | null;
  trees: { id: string; tag: string; name: string }[];
}) {
  const { units, collectionId } = useAsOf();
  const router = useRouter();
  const [from, setFrom] = useState("");
  const [to, setTo] = useState("");
  const [low, high] = [readNumber(from, "litres"), readNumber(to, "litres")];
  // A pot counts as between two volumes when its range reaches in: a name is not a measure.
  const within = (p: ShelfLot) => !(p.brim.p90 < low) && !(p.brim.p10 > high);
  const [shown, sale] = [pots.filter(within), toBuy.filter(within)];
  const fits = held && new Map(held.fits.map((f) => [f.lotId, f]));
  const scale = shelfScale([...pots, ...toBuy]);
  const free = shown.reduce((n, p) => n + p.free, 0);
  return (
    <div>
      <PotsNav at="pots" />
      <div className="grid gap-8 xl:grid-cols-[minmax(0,1fr)_26rem]">
        <section aria-label={say.theShelf} className="min-w-0">
          <h1 className="text-2xl">{ROOM_WORDS.pots}</h1>
          <p className="text-lg">
            {pots.length === 0
              ? say.noFreePotStandsIn
              : say.freeSmallestFirst(
                  number(free),
                  free === 1 ? "pot" : "pots",
                  shown.length < pots.length ? say.ofThisSize : "",
                )}
          </p>
          {pots.length + toBuy.length > 0 && (
            <div className="mt-2 flex flex-wrap items-end gap-3">
              <TextField
                className="w-28"
                label={say.between}
                numeric
                suffix={common.l}
                value={from}
                onChange={setFrom}
              />
              <TextField className="w-28" label="and" numeric suffix={common.l} value={to} onChange={setTo} />
              <SelectField
                className="min-w-56"
                label={say.holdABallAgainstThe}
                value={held?.treeId ?? ""}
                onChange={(id) => router.push(pageAt(collectionId, "pots", id === "" ? "" : `?tree=${id}`))}
                options={[["", say.noTree] as const, ...trees.map((t) => [t.id, `${t.tag} · ${t.name}`] as const)]}
              />
            </div>
          )}
          {held && (
            <p className="mt-2" data-testid="held">
              {heldWords(held, units)}
            </p>
          )}
          <Shelf
            label={say.freePots}
            pots={shown}
            scale={scale}
            fits={fits}
            ball={held?.ball ?? null}
            currency={currency}
          />
          {sale.length > 0 && (
            <Folded className="mt-6" title={say.couldBeBought(number(sale.length))} open={held !== null}>
              <Shelf
                label={say.potsOnSale}
                pots={sale}
                scale={scale}
                fits={fits}
                ball={held?.ball ?? null}
                currency={currency}
              />
            </Folded>
          )}
          {inUse.length > 0 && (
            <details className="mt-6">
              <summary className="min-h-11 cursor-pointer font-medium">
                {say.potsInUse(number(inUse.length), inUse.length === 1 ? say.kind : say.kinds)}
              </summary>
              <ul className="mt-1 columns-1 gap-6 md:columns-2">
                {inUse.map((lot) => (
                  <li key={lot.lotId} className="break-inside-avoid py-1">
                    <Link prefetch={false} className="link" href={potAt(collectionId, lot.lotId)}>
                      {lot.name}
                    </Link>
                    : {lot.tags.slice(0, 8).join(", ")}
                    {lot.tags.length > 8 && common.andMoreBehind(number(lot.tags.length - 8))}
                  </li>
                ))}
              </ul>
            </details>
          )}
        </section>
        <Folded id="add-pots" title={say.putPotsInStore} open={pots.length + toBuy.length === 0} className="self-start">
          <AddPots places={places} />
        </Folded>
      </div>
    </div>
  );
}

function heldWords({ tag, mixL, fits }: Held, units: Units): string {
  const good = fits.filter((f) => f.misfit === null).length;
  const from = say.standsInOfMix(tag, litres(mixL.p50, units));
  return good === 0
    ? say.nothingOnTheShelfFits(from)
    : say.eachOfTheOthersSays(from, number(good), good === 1 ? say.kindOfPotFits : say.kindsOfPotsFit);
}

function AddPots({ places }: { places: { id: string; name: string }[] }) {
  const { collectionId, units } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure, beside } = useCommand("stock-pots");
  const lotId = useRef<string | null>(null);
  const [line, setLine] = useState("");
  const [name, setName] = useState("");
  const [count, setCount] = useState("1");
  const [price, setPrice] = useState("");
  const [pot, setPot] = useState(emptyPotDraft);
  const [placeId, setPlaceId] = useState("");
  const [owned, setOwned] = useState<"owned" | "buy" | "both">("owned");
  const [problems, setProblems] = useState<Record<string, string>>({});
  const fault = beside<"line" | `pot.${PotField}`>(problems);

  const quick = (text: string) => {
    setLine(text);
    const read = readQuickPots(text);
    setProblems(text.trim() === "" || read.ok ? {} : { line: read.fault });
    if (!read.ok) {
      // Nothing of an earlier line may be put in store under this one.
      if (text.trim() !== "") setPot({ ...pot, measures: {}, size: "", litres: "" });
      return;
    }
    setPot(read.pots.draft);
    setCount(read.pots.count);
    setPrice(read.pots.price);
    if (read.pots.name !== "") setName(read.pots.name);
  };
  const submit = async () => {
    const wrong: Record<string, string> = {};
    const own = owned !== "buy";
    if (line.trim() !== "" && problems.line !== undefined) wrong.line = problems.line;
    const many = own ? readNumber(count) : 0;
    const cost = price.trim() === "" ? null : readNumber(price);
    const read = readPot(pot, units);
    for (const [path, message] of Object.entries(read.problems)) wrong[`pot.${path}`] = message;
    setProblems(wrong);
    lotId.current ??= crypto.randomUUID();
    const done = await send(
      {
        collectionId,
        lotId: lotId.current,
        name,
        pot: read.pot,
        count: many,
        price: cost,
        toBuy: owned !== "owned",
        placeId: placeId === "" ? null : placeId,
      },
      wrong,
    );
    if (!done) return;
    tell({
      text: own ? say.arePutInStore(many, name.trim()) : say.isOnTheListOf(name.trim()),
      entryId: done.entryId,
    });
    lotId.current = null;
    setLine("");
    setName("");
    setCount("1");
    setPrice("");
    // Shape and wall stay: the next pots are often like these.
    setPot({ ...pot, measures: {}, size: "", litres: "" });
  };

  return (
    <section aria-label={say.putPotsInStore}>
      <Form className="space-y-4" onSubmit={submit}>
        <TextField label={say.inOneLine} value={line} onChange={quick} fault={fault("line")} hint={say.suchAs52520} />
        <TextField
          label={common.name}
          value={name}
          onChange={setName}
          fault={fault("name")}
          hint={say.suchAsBlack25Cm}
        />
        <PotFields draft={pot} onChange={setPot} fault={(path) => fault(`pot.${path}`)} units={units} />
        <div className="grid grid-cols-2 gap-3">
          <SelectField
            label={say.theyAre}
            value={owned}
            onChange={setOwned}
            options={[
              ["owned", "mine"],
              ["both", say.mineMoreCanBeBought],
              ["buy", say.toBeBought],
            ]}
          />
          {owned !== "buy" && (
            <TextField label={say.howMany} numeric value={count} onChange={setCount} fault={fault("count")} />
          )}
          <TextField label={say.priceEach} numeric value={price} onChange={setPrice} fault={fault("price")} />
          {places.length > 0 && (
            <SelectField
              label={say.theyStand}
              value={placeId}
              onChange={setPlaceId}
              fault={fault("placeId")}
              options={[["", say.nobodySaysWhere] as const, ...places.map((p) => [p.id, p.name] as const)]}
            />
          )}
        </div>
        <FormFaults faults={unplaced(failure, FIELDS)} />
        <button type="submit" className="btn btn-primary btn-lg" disabled={busy}>
          {busy ? common.adding : say.putInStore}
        </button>
      </Form>
    </section>
  );
}
