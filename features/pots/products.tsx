"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/pots/products";
import { useRef, useState } from "react";
import { dilute, type Product, PRODUCT_KINDS } from "@/core/mix/index";
import { number, readNumber } from "@/words/format";
import { Caution, FormFaults, SelectField, TextField } from "@/ui/fields";
import { useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { PRODUCT_WORDS } from "@/words/mixes";
import { readRate } from "./read-measures";
import { PotsNav } from "./pots-nav";
import { PAGE_WORDS } from "@/words/rooms";
import { CommandForm, useCommandForm } from "@/features/kernel/command-form";
import { ChoiceInput, TextInput, useInput } from "@/ui/form/inputs";
import { useWatch } from "react-hook-form";

type Kept = Product & { id: string };
const STRENGTHS = [
  ["1", say.fullStrength],
  ["0.5", "half"],
  ["0.25", say.aQuarter],
] as const;
const significant = (v: number) => number(v, v < 10 ? 1 : 0);

/** Feeds, washes and wetting agents: how much for the can in hand, in caps. */
export function ProductsView({ products }: { products: Kept[] }) {
  const [can, setCan] = useState("10");
  const [strength, setStrength] = useState<(typeof STRENGTHS)[number][0]>("1");
  const [editing, setEditing] = useState<string | null>(null);
  const canL = readNumber(can, "litres");
  return (
    <div>
      <PotsNav at="pots/products" />
      <h1 className="text-2xl">{PAGE_WORDS["pots/products"]}</h1>
      <div className="mt-2 flex flex-wrap gap-4">
        <TextField
          className="w-32"
          label={say.yourCanHolds}
          numeric
          suffix={common.l}
          value={can}
          onChange={setCan}
          fault={canL > 0 && canL <= 2000 ? undefined : "0.1 to 2,000 L."}
        />
        <SelectField label={say.strength} value={strength} onChange={setStrength} options={STRENGTHS} />
      </div>
      {products.length === 0 ? (
        <p className="my-3">{say.noProductOnTheShelf}</p>
      ) : (
        <ul className="divide-base-300 my-3 divide-y">
          {products.map((p) => (
            <li key={p.id} className="flex flex-wrap items-center justify-between gap-3 py-3">
              <span>
                <b>{p.name}</b>{" "}
                <span className="text-sm">
                  {PRODUCT_WORDS[p.kind]}
                  {p.npk && ` ${p.npk.map((v) => number(v, 1)).join("-")}`}
                </span>
                <Amount product={p} canL={canL} strength={Number(strength)} />
              </span>
              <button type="button" className="btn btn-sm min-h-11" onClick={() => setEditing(p.id)}>
                {common.change}
                <span className="sr-only"> {p.name}</span>
              </button>
            </li>
          ))}
        </ul>
      )}
      <ProductForm
        key={editing ?? "new"}
        product={products.find((p) => p.id === editing) ?? null}
        onDone={() => setEditing(null)}
      />
      <Caution className="mt-4 max-w-prose">
        <p>{say.theLabelComesFirstIn}</p>
      </Caution>
    </div>
  );
}

function Amount({ product, canL, strength }: { product: Product; canL: number; strength: number }) {
  if (!(canL > 0)) return null;
  const unit = product.form === "liquid" ? "ml" : "g";
  const spoon = product.form === "liquid" ? ["cap", "caps"] : ["spoon", "spoons"];
  const d = dilute({ ...product, strength, canL });
  return (
    <span className="block" data-testid={`dose-${product.name}`}>
      <span className="font-serif text-2xl font-semibold">
        {significant(d.perCan)} {unit}
      </span>
      {d.caps !== null && ` = ${number(d.caps, 1)} ${Math.abs(d.caps - 1) < 0.05 ? spoon[0] : spoon[1]}`}
      {say.forL(number(canL, 1))}
      {d.cansLeft !== null && say.aFullOneIsGood(number(d.cansLeft))}
    </span>
  );
}

const text = (v: number | null | undefined) => (v === null || v === undefined ? "" : String(v));

interface Typed {
  name: string;
  kind: Product["kind"];
  form: Product["form"];
  ratePerL: string;
  capSize: string;
  bottleSize: string;
  npk: string[];
}

const startOf = (product: Kept | null): Typed => ({
  name: product?.name ?? "",
  kind: product?.kind ?? "feed",
  form: product?.form ?? "liquid",
  ratePerL: text(product?.ratePerL),
  capSize: text(product?.capSize),
  bottleSize: text(product?.bottleSize),
  npk: [0, 1, 2].map((i) => text(product?.npk?.[i])),
});

const optional = (t: string) => (t.trim() === "" ? null : readNumber(t));
const productOf = ({ name, kind, form, ratePerL, capSize, bottleSize, npk }: Typed) => ({
  name,
  kind,
  form,
  ratePerL: readRate(ratePerL),
  capSize: optional(capSize),
  bottleSize: optional(bottleSize),
  npk: npk.every((t) => t.trim() === "")
    ? null
    : (npk.map((t) => (t.trim() === "" ? 0 : readNumber(t))) as [number, number, number]),
});

function ProductForm({ product, onDone }: { product: Kept | null; onDone: () => void }) {
  const { collectionId } = useAsOf();
  const { tell } = useNotice();
  const off = useCommand("set-product");
  const productId = useRef<string | null>(product?.id ?? null);
  const [start] = useState(() => startOf(product));
  const input = (typed: Typed, gone = false) => ({
    collectionId,
    productId: (productId.current ??= crypto.randomUUID()),
    product: productOf(typed),
    gone,
  });
  const form = useCommandForm("set-product", {
    start,
    input: (typed) => input(typed),
    fieldOf: (path) => path.replace(/^product\./, ""),
    parts: ["npk"],
    done: ({ entryId }, { name }) => {
      tell({ text: say.isKept(name.trim()), entryId });
      if (!product) productId.current = null;
      onDone();
    },
  });
  const takeOff = async () => {
    const done = await off.send(input(start, true));
    if (!done) return;
    tell({ text: say.isOffTheShelf(start.name), entryId: done.entryId });
    onDone();
  };
  return (
    <section className="border-base-300 rounded-box max-w-3xl border p-3">
      <h2 className="mb-2 text-lg">{product ? say.change(product.name) : say.putAProductDown}</h2>
      <CommandForm
        of={form}
        label={say.product}
        button={[common.keepIt, common.saving]}
        beside={
          product && (
            <>
              <button type="button" className="btn min-h-11" onClick={onDone}>
                {common.leaveIt}
              </button>
              <button
                type="button"
                className="btn btn-ghost min-h-11"
                disabled={off.busy}
                onClick={() => void takeOff()}
              >
                {say.offTheShelf}
              </button>
            </>
          )
        }
      >
        <ProductInputs />
      </CommandForm>
      <FormFaults faults={off.failure?.faults ?? []} />
    </section>
  );
}

function ProductInputs() {
  const { form, kind } = useWatch<Typed>() as Typed;
  const unit = form === "liquid" ? "ml" : "g";
  return (
    <>
      <div className="grid gap-3 sm:grid-cols-3">
        <TextInput name="name" label={common.name} />
        <ChoiceInput name="kind" label={say.itIsA} options={PRODUCT_KINDS.map((k) => [k, PRODUCT_WORDS[k]] as const)} />
        <ChoiceInput
          name="form"
          label={say.form}
          options={[
            ["liquid", say.liquidByMl],
            ["powder", say.powderByGram],
          ]}
        />
        <TextInput
          name="ratePerL"
          label={say.fullStrengthByTheLabel}
          numeric
          suffix={say.aLitre(unit)}
          hint={say.suchAs5Or1}
        />
        <TextInput
          name="capSize"
          label={form === "liquid" ? say.theCapHolds : say.theSpoonHolds}
          numeric
          suffix={unit}
          hint={say.measureItOnceEmptyIf}
        />
        <TextInput name="bottleSize" label={say.aFullOneHolds} numeric suffix={unit} hint={say.emptyIfUnknown} />
      </div>
      {kind === "feed" && <GradeInput />}
    </>
  );
}

const GRADES = [say.nitrogen, say.phosphate, say.potash];

function GradeInput() {
  const { value, onChange, fault } = useInput<string[]>("npk");
  return (
    <fieldset>
      <legend className="font-medium">{say.nitrogenPhosphatePotash}</legend>
      <div className="flex gap-2">
        {GRADES.map((what, i) => (
          <input
            key={what}
            aria-label={say.perCent(what)}
            inputMode="decimal"
            className="input w-20"
            value={value[i]}
            onChange={(e) => onChange(value.map((t, k) => (k === i ? e.target.value : t)))}
          />
        ))}
      </div>
      {fault && (
        <p role="alert" className="text-error text-sm font-semibold">
          {fault}
        </p>
      )}
    </fieldset>
  );
}
