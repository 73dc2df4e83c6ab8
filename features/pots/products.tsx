"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/pots/products";
import { useRef, useState } from "react";
import { dilute, type Product, PRODUCT_KINDS } from "@/core/mix/index";
import { number, readNumber } from "@/words/format";
import { Caution, Form, FormFaults, SelectField, TextField } from "@/ui/fields";
import { unplaced, useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { PRODUCT_WORDS } from "@/words/mixes";
import { readRate } from "./read-measures";
import { PotsNav } from "./pots-nav";
import { PAGE_WORDS } from "@/words/rooms";

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

function ProductForm({ product, onDone }: { product: Kept | null; onDone: () => void }) {
  const { collectionId } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure, within } = useCommand("set-product");
  const productId = useRef<string | null>(product?.id ?? null);
  const text = (v: number | null | undefined) => (v === null || v === undefined ? "" : String(v));
  const [name, setName] = useState(product?.name ?? "");
  const [kind, setKind] = useState<Product["kind"]>(product?.kind ?? "feed");
  const [form, setForm] = useState<Product["form"]>(product?.form ?? "liquid");
  const [rate, setRate] = useState(text(product?.ratePerL));
  const [cap, setCap] = useState(text(product?.capSize));
  const [bottle, setBottle] = useState(text(product?.bottleSize));
  const [npk, setNpk] = useState<[string, string, string]>([0, 1, 2].map((i) => text(product?.npk?.[i])) as never);
  const fault = within("product", {});
  const unit = form === "liquid" ? "ml" : "g";

  const submit = async (gone = false) => {
    const optional = (t: string) => (t.trim() === "" ? null : readNumber(t));
    const grades = npk.map((t) => (t.trim() === "" ? 0 : readNumber(t))) as [number, number, number];
    const value = {
      name,
      kind,
      form,
      ratePerL: readRate(rate),
      capSize: optional(cap),
      bottleSize: optional(bottle),
      npk: npk.every((t) => t.trim() === "") ? null : grades,
    };
    productId.current ??= crypto.randomUUID();
    const done = await send({ collectionId, productId: productId.current, product: value, gone });
    if (!done) return;
    tell({ text: gone ? say.isOffTheShelf(name.trim()) : say.isKept(name.trim()), entryId: done.entryId });
    if (!product) {
      productId.current = null;
      setName("");
      setRate("");
      setCap("");
      setBottle("");
      setNpk(["", "", ""]);
    }
    onDone();
  };

  return (
    <Form
      className="border-base-300 rounded-box max-w-3xl space-y-3 border p-3"
      label={say.product}
      onSubmit={() => submit()}
    >
      <h2 className="text-lg">{product ? say.change(product.name) : say.putAProductDown}</h2>
      <div className="grid gap-3 sm:grid-cols-3">
        <TextField label={common.name} value={name} onChange={setName} fault={fault("name")} />
        <SelectField
          label={say.itIsA}
          value={kind}
          onChange={setKind}
          options={PRODUCT_KINDS.map((k) => [k, PRODUCT_WORDS[k]] as const)}
        />
        <SelectField
          label={say.form}
          value={form}
          onChange={setForm}
          options={[
            ["liquid", say.liquidByMl],
            ["powder", say.powderByGram],
          ]}
        />
        <TextField
          label={say.fullStrengthByTheLabel}
          numeric
          suffix={say.aLitre(unit)}
          value={rate}
          onChange={setRate}
          fault={fault("ratePerL")}
          hint={say.suchAs5Or1}
        />
        <TextField
          label={form === "liquid" ? say.theCapHolds : say.theSpoonHolds}
          numeric
          suffix={unit}
          value={cap}
          onChange={setCap}
          fault={fault("capSize")}
          hint={say.measureItOnceEmptyIf}
        />
        <TextField
          label={say.aFullOneHolds}
          numeric
          suffix={unit}
          value={bottle}
          onChange={setBottle}
          fault={fault("bottleSize")}
          hint={say.emptyIfUnknown}
        />
      </div>
      {kind === "feed" && (
        <fieldset>
          <legend className="font-medium">{say.nitrogenPhosphatePotash}</legend>
          <div className="flex gap-2">
            {(["nitrogen", "phosphate", "potash"] as const).map((what, i) => (
              <input
                key={what}
                aria-label={say.perCent(what)}
                inputMode="decimal"
                className="input w-20"
                value={npk[i]}
                onChange={(e) => setNpk(npk.map((t, k) => (k === i ? e.target.value : t)) as typeof npk)}
              />
            ))}
          </div>
          {fault("npk") && (
            <p role="alert" className="text-error text-sm font-semibold">
              {fault("npk")}
            </p>
          )}
        </fieldset>
      )}
      <FormFaults faults={unplaced(failure, ["product", "name"])} />
      <div className="flex flex-wrap gap-3">
        <button type="submit" className="btn btn-primary min-h-12" disabled={busy}>
          {common.keepIt}
        </button>
        {product && (
          <>
            <button type="button" className="btn min-h-12" onClick={onDone}>
              {common.leaveIt}
            </button>
            <button type="button" className="btn btn-ghost min-h-12" disabled={busy} onClick={() => void submit(true)}>
              {say.offTheShelf}
            </button>
          </>
        )}
      </div>
    </Form>
  );
}
