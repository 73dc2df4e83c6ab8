"use client";

import Link from "next/link";
import { useRouter } from "next/navigation";
import { type CSSProperties, useRef, useState } from "react";
import type { Estimate } from "@/core/estimate/index";
import { POT_CONDITIONS, type PotCondition } from "@/core/event/index";
import type { PotFit, StorePot } from "@/core/ladder/index";
import { brimHeightMm, vesselOf, wallOf, widthAtMm } from "@/core/vessel/index";
import { litres, number, readNumber, type Units } from "@/ui/format";
import { Form, FormFaults, SelectField, TextField } from "@/ui/fields";
import { drawnWallMm, pathOf, type Point, wallOutline } from "@/ui/geometry";
import { WALL_TONE } from "@/ui/tones";
import { loose, useCommand } from "../commands/use-command";
import { useAsOf } from "../shell/as-of";
import { useNotice } from "../shell/notice";
import { CONDITION_WORDS, MISFIT_WORDS, WALL_WORDS } from "../words";
import { emptyPotDraft, PotFields, readPot } from "./pot-fields";

type Stocked = StorePot & { price: number | null; brim: Estimate };

const TALLEST_PX = 150;
const FIELDS = ["name", "pot", "count", "price"];

/** Free pots on a shelf, in section, to one scale and ordered by volume. */
export function StoresView({
  pots,
  currency,
  held,
  trees,
}: {
  pots: Stocked[];
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
  const shown = pots.filter((p) => !(p.brim.p90 < low) && !(p.brim.p10 > high));
  const fits = new Map(held?.fits.map((f) => [f.lotId, f]));
  const tallest = Math.max(200, ...pots.map((p) => brimHeightMm(vesselOf(p.pot).vessel)));
  const scale = TALLEST_PX / tallest;
  const free = shown.reduce((n, p) => n + p.free, 0);
  return (
    <div className="grid gap-8 xl:grid-cols-[minmax(0,1fr)_26rem]">
      <section aria-label="The shelf">
        <div className="flex flex-wrap items-baseline gap-4">
          <h1 className="text-2xl">Stores</h1>
          <Link href={`/c/${collectionId}/stores/mixing`} className="btn btn-sm">
            Mixing
          </Link>
        </div>
        <p className="text-lg">
          {pots.length === 0
            ? "No free pot stands in store."
            : `${number(free)} free ${free === 1 ? "pot" : "pots"}${shown.length < pots.length ? " of this size" : ""}, smallest first.`}
        </p>
        {pots.length > 0 && (
          <div className="mt-2 flex flex-wrap items-end gap-3">
            <TextField className="w-28" label="Between" numeric suffix="L" value={from} onChange={setFrom} />
            <TextField className="w-28" label="and" numeric suffix="L" value={to} onChange={setTo} />
            <SelectField
              className="min-w-56"
              label="Hold a ball against the shelf"
              value={held?.treeId ?? ""}
              onChange={(id) => router.push(`/c/${collectionId}/stores${id === "" ? "" : `?tree=${id}`}`)}
              options={[["", "no tree"] as const, ...trees.map((t) => [t.id, `${t.tag} · ${t.name}`] as const)]}
            />
          </div>
        )}
        {held && (
          <p className="mt-2" data-testid="held">
            {heldWords(held, units)}
          </p>
        )}
        <ol className="mt-3 flex flex-wrap items-end gap-y-6">
          {shown.map((p) => (
            <li
              key={p.lotId}
              className={`shelf-place flex flex-col items-center text-center ${fits.get(p.lotId)?.misfit === null ? "bg-base-200 rounded" : ""}`}
              style={{ "--pot": `${shelfWidth(p, scale)}px` } as CSSProperties}
            >
              <ShelfPot pot={p} scale={scale} />
              <span className="border-secondary h-[10.8rem] w-full border-t-4 px-1 pt-1 leading-tight">
                <b>{p.name}</b>
                <span className="block text-sm">
                  {litres(p.brim.p50, units)} at the brim
                  {p.brim.p90 - p.brim.p10 > 0.03 * p.brim.p50
                    ? ` (${litres(p.brim.p10, units)}–${litres(p.brim.p90, units)})`
                    : ""}
                </span>
                <span className="block text-sm">
                  {WALL_WORDS[wallOf(p.pot)]}
                  {p.price === null
                    ? ""
                    : ` · ${new Intl.NumberFormat("en-GB", { style: "currency", currency }).format(p.price)}`}
                </span>
                {p.condition !== undefined && p.condition !== "sound" && (
                  <span className="text-warning block text-sm font-semibold">{CONDITION_WORDS[p.condition]}</span>
                )}
                {held ? <FitWords fit={fits.get(p.lotId)} /> : <PotCare pot={p} />}
              </span>
            </li>
          ))}
        </ol>
      </section>
      <AddPots />
    </div>
  );
}

/** A tree whose ball is held against the shelf. */
export interface Held {
  treeId: string;
  tag: string;
  mixL: Estimate;
  fits: PotFit[];
}

function heldWords({ tag, mixL, fits }: Held, units: Units): string {
  const good = fits.filter((f) => f.misfit === null).length;
  const from = `${tag} stands in ${litres(mixL.p50, units)} of mix.`;
  return good === 0
    ? `${from} Nothing on the shelf fits: each pot says why.`
    : `${from} ${number(good)} ${good === 1 ? "kind of pot fits" : "kinds of pots fit"}; each of the others says why not.`;
}

function FitWords({ fit }: { fit: PotFit | undefined }) {
  if (!fit) return <span className="block text-sm">the pot it stands in</span>;
  if (fit.misfit !== null) return <span className="block text-sm">{MISFIT_WORDS[fit.misfit]}</span>;
  return (
    <span className="bg-primary text-primary-content rounded px-1 text-sm font-semibold">
      fits: {number(fit.ratio, 1)} × the mix
    </span>
  );
}

/** What became of one of the pots on the shelf: another condition, or out of the store; undo puts it back. */
function PotCare({ pot }: { pot: Stocked }) {
  const { collectionId } = useAsOf();
  const { tell } = useNotice();
  const condition = useCommand("set-pot-condition");
  const discard = useCommand("discard-pots");
  const change = async (what: PotCondition | "out") => {
    const about = { collectionId, lotId: pot.lotId, count: 1 };
    const done =
      what === "out"
        ? await discard.send(about)
        : await condition.send({ ...about, newLotId: crypto.randomUUID(), condition: what });
    if (done)
      tell({ text: `One ${pot.name}: ${what === "out" ? OUT : CONDITION_WORDS[what]}.`, entryId: done.entryId });
  };
  const fault = (condition.failure ?? discard.failure)?.faults[0]?.message;
  return (
    <span className="block">
      <select
        aria-label={`One ${pot.name} is`}
        className="select select-xs mt-1 min-h-9 w-full"
        disabled={condition.busy || discard.busy}
        value=""
        onChange={(e) => void change(e.target.value as PotCondition | "out")}
      >
        <option value="">one is …</option>
        {POT_CONDITIONS.filter((c) => c !== (pot.condition ?? "sound")).map((c) => (
          <option key={c} value={c}>
            {CONDITION_WORDS[c]}
          </option>
        ))}
        <option value="out">{OUT}</option>
      </select>
      {fault && (
        <span role="alert" className="text-error block text-sm">
          {fault}
        </span>
      )}
    </span>
  );
}
const OUT = "out of the store";

function shelfWidth(pot: Stocked, scale: number): number {
  const { vessel } = vesselOf(pot.pot);
  const wall = Math.max(drawnWallMm(vessel), 1.6 / scale);
  return Math.round((Math.max(widthAtMm(vessel, brimHeightMm(vessel)), widthAtMm(vessel, 0)) + 2 * wall) * scale) + 6;
}

function ShelfPot({ pot, scale }: { pot: Stocked; scale: number }) {
  const { vessel, guessed } = vesselOf(pot.pot);
  const wall = Math.max(drawnWallMm(vessel), 1.6 / scale);
  const brim = brimHeightMm(vessel);
  const w = shelfWidth(pot, scale);
  const h = Math.round((brim + wall) * scale) + 22;
  const at = ([x, y]: Point): Point => [w / 2 + x * scale, h - wall * scale - y * scale];
  return (
    <svg viewBox={`0 0 ${w} ${h}`} width={w} height={h} role="img" aria-label={`${pot.name}: ${pot.free} free`}>
      <path
        d={pathOf(wallOutline(vessel, wall), at)}
        fill={WALL_TONE[vessel.wall ?? "smooth-plastic"]}
        fillOpacity={guessed ? 0.5 : 1}
        stroke="#2c2a22"
        strokeWidth="0.8"
        strokeDasharray={guessed ? "4 3" : undefined}
      />
      <text x={w / 2} y={13} textAnchor="middle" fontSize="13" fontWeight="700" fill="#2c2a22">
        {pot.free}
      </text>
    </svg>
  );
}

function AddPots() {
  const { collectionId, units } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure, at } = useCommand("stock-pots");
  const lotId = useRef<string | null>(null);
  const [name, setName] = useState("");
  const [count, setCount] = useState("1");
  const [price, setPrice] = useState("");
  const [pot, setPot] = useState(emptyPotDraft);
  const [problems, setProblems] = useState<Record<string, string>>({});
  const fault = (path: string) => problems[path] ?? at(path);

  const submit = async () => {
    const wrong: Record<string, string> = {};
    if (name.trim() === "") wrong.name = "Give these pots a name you will know them by.";
    const many = readNumber(count);
    if (!Number.isInteger(many) || many < 1) wrong.count = "A whole number of pots, at least one.";
    const cost = price.trim() === "" ? null : readNumber(price);
    if (cost !== null && !(cost >= 0)) wrong.price = "A price, or leave it empty.";
    const read = readPot(pot);
    for (const [path, message] of Object.entries(read.problems)) wrong[`pot.${path}`] = message;
    setProblems(wrong);
    if (Object.keys(wrong).length > 0) return;
    lotId.current ??= crypto.randomUUID();
    const done = await send({ collectionId, lotId: lotId.current, name, pot: read.pot, count: many, price: cost });
    if (!done) return;
    tell({ text: `${many} × ${name.trim()} put in store.`, entryId: done.entryId });
    lotId.current = null;
    setName("");
    setCount("1");
    setPrice("");
    // Shape and wall stay: the next pots are often like these.
    setPot({ ...pot, measures: {}, size: "", litres: "" });
  };

  return (
    <section aria-label="Put pots in store">
      <h2 className="text-xl">Put pots in store</h2>
      <Form className="mt-3 space-y-4" onSubmit={submit}>
        <TextField label="Name" value={name} onChange={setName} fault={fault("name")} hint="such as Black 25 cm" />
        <PotFields draft={pot} onChange={setPot} fault={(path) => fault(`pot.${path}`)} units={units} />
        <div className="grid grid-cols-2 gap-3">
          <TextField label="How many" numeric value={count} onChange={setCount} fault={fault("count")} />
          <TextField label="Price each" numeric value={price} onChange={setPrice} fault={fault("price")} />
        </div>
        <FormFaults faults={loose(failure, FIELDS)} />
        <button type="submit" className="btn btn-primary btn-lg" disabled={busy}>
          {busy ? "Adding …" : "Put in store"}
        </button>
      </Form>
    </section>
  );
}
