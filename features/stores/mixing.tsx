"use client";

import { useState } from "react";
import { COMPONENT_NAMES, type ComponentName, planBatch, type Recipe, SETTLE_FRACTION, WASTE } from "@/core/mix/index";
import { kilograms, litres, number, percent, readNumber } from "@/ui/format";
import { ScrollBox, SelectField, TextField } from "@/ui/fields";
import { useAsOf } from "../shell/as-of";
import { COMPONENT_WORDS } from "../words";

/** Mix a tree takes that is due and has its next pot in store. */
export interface Need {
  id: string;
  tag: string;
  pot: string;
  plants: number;
  settledL: number;
}

const RECIPES: [string, Recipe][] = [
  ["Compost and fine bark, 1 : 1", { compost: 1, "bark-fine": 1 }],
  ["Coarse bark and compost, 2 : 1", { "bark-coarse": 2, compost: 1 }],
  ["Coarse bark and pumice, 1 : 1", { "bark-coarse": 1, pumice: 1 }],
  ["Loam, peat, grit, 7 : 3 : 2", { loam: 7, peat: 3, grit: 2 }],
  ["Peat and perlite, 3 : 1", { peat: 3, perlite: 1 }],
];

type Text = Partial<Record<ComponentName, string>>;

/** From the trees of the day to litres of each component, bags and mass. */
export function Mixing({ needs, currency }: { needs: Need[]; currency: string }) {
  const { units } = useAsOf();
  const [chosen, setChosen] = useState(needs.map((n) => n.id));
  const [extra, setExtra] = useState("");
  const [preset, setPreset] = useState("0");
  const [parts, setParts] = useState<Text>(() => textOf(RECIPES[0][1]));
  const [bagL, setBagL] = useState<Text>({});
  const [bagPrice, setBagPrice] = useState<Text>({});

  const fromTrees = needs.filter((n) => chosen.includes(n.id)).reduce((sum, n) => sum + n.settledL, 0);
  const more = extra.trim() === "" ? 0 : readNumber(extra, "litres");
  const settledL = fromTrees + (more >= 0 ? more : 0);
  const recipe = Object.fromEntries(
    COMPONENT_NAMES.flatMap((name) => {
      const part = readNumber(parts[name] ?? "");
      return part > 0 ? [[name, part]] : [];
    }),
  ) as Recipe;
  const bags = Object.fromEntries(
    COMPONENT_NAMES.flatMap((name) => {
      const [size, price] = [readNumber(bagL[name] ?? "", "litres"), readNumber(bagPrice[name] ?? "")];
      return size > 0 && price >= 0 ? [[name, [{ litres: size, price }]]] : [];
    }),
  );
  const batch = settledL > 0 && Object.keys(recipe).length > 0 ? planBatch({ settledL, recipe, bags }) : null;
  const money = new Intl.NumberFormat("en-GB", { style: "currency", currency });

  return (
    <div className="grid gap-8 lg:grid-cols-2">
      <section aria-label="What is wanted" className="min-w-0">
        <h1 className="text-2xl">Mixing</h1>
        {needs.length === 0 ? (
          <p className="my-2">
            No tree can be moved today into a pot from the store. Say below how much mix is wanted.
          </p>
        ) : (
          <fieldset className="my-2">
            <legend className="font-medium">Trees that can move today, into the pot that suits best</legend>
            <ul className="max-h-72 overflow-y-auto">
              {needs.map((n) => (
                <li key={n.id}>
                  <label className="flex min-h-11 cursor-pointer items-center gap-3">
                    <input
                      type="checkbox"
                      className="checkbox"
                      checked={chosen.includes(n.id)}
                      onChange={(e) =>
                        setChosen(e.target.checked ? [...chosen, n.id] : chosen.filter((id) => id !== n.id))
                      }
                    />
                    <span>
                      <b>{n.tag}</b>
                      {n.plants > 1 && ` × ${number(n.plants)}`} into {n.pot}: {litres(n.settledL, units)} new mix
                    </span>
                  </label>
                </li>
              ))}
            </ul>
          </fieldset>
        )}
        <TextField
          className="max-w-56"
          label="And besides, settled in the pots"
          numeric
          suffix="L"
          value={extra}
          onChange={setExtra}
          fault={extra.trim() !== "" && !(more >= 0) ? "A number of litres, or nothing." : undefined}
        />
        <SelectField
          className="mt-3 max-w-96"
          label="Recipe"
          value={preset}
          onChange={(i) => {
            setPreset(i);
            setParts(textOf(RECIPES[Number(i)][1]));
          }}
          options={RECIPES.map(([name], i) => [String(i), name] as const)}
        />
        <ScrollBox label="Parts of the recipe and bags on offer">
          <table className="table-sm table">
            <thead>
              <tr>
                <th scope="col">Component</th>
                <th scope="col">Parts</th>
                <th scope="col">Bag, L</th>
                <th scope="col">Price a bag</th>
              </tr>
            </thead>
            <tbody>
              {COMPONENT_NAMES.map((name) => (
                <tr key={name}>
                  <th scope="row" className="font-normal">
                    {COMPONENT_WORDS[name]}
                  </th>
                  <NumberCell
                    label={`Parts of ${COMPONENT_WORDS[name]}`}
                    text={parts}
                    name={name}
                    onChange={setParts}
                  />
                  <NumberCell
                    label={`Bag of ${COMPONENT_WORDS[name]}, litres`}
                    text={bagL}
                    name={name}
                    onChange={setBagL}
                  />
                  <NumberCell
                    label={`Price of a bag of ${COMPONENT_WORDS[name]}`}
                    text={bagPrice}
                    name={name}
                    onChange={setBagPrice}
                  />
                </tr>
              ))}
            </tbody>
          </table>
        </ScrollBox>
      </section>
      <section aria-label="What it takes" aria-live="polite" className="min-w-0">
        <h2 className="text-xl">What it takes</h2>
        {batch === null ? (
          <p className="my-2">Say how much is wanted and of what.</p>
        ) : (
          <>
            <p className="my-2 text-lg" data-testid="batch">
              <b>{litres(batch.measuredL, units)}</b> measured out give {litres(batch.looseL, units)} of loose mix,
              which settles to {litres(settledL, units)}.
            </p>
            <ul className="divide-base-300 divide-y">
              {batch.parts.map((p) => (
                <li key={p.component} className="py-2">
                  <b>{litres(p.litres, units)}</b> {COMPONENT_WORDS[p.component]} ({percent(p.share)})
                  {p.bags &&
                    `: ${bagWords(p.bags.counts)}, ${money.format(p.bags.cost)}, ${litres(p.bags.leftoverL, units)} left over`}
                </li>
              ))}
            </ul>
            <p className="mt-2">
              Dry mass about {kilograms(batch.dryKg, units)}
              {batch.cost === null ? "" : `; bags ${money.format(batch.cost)} in all`}. Fine material fills the gaps in
              coarse: {percent(batch.blend.shrinkage)} of the summed volumes vanish. The packing follows published
              rules; how far a shovel reaches it, {percent(SETTLE_FRACTION)} for settling and {percent(WASTE - 1)} for
              waste are our own judgement.
            </p>
            <p className="border-warning rounded-box mt-4 border-2 bg-[#fffaf0] p-3 text-sm">
              Open bags away from the face, damp the mix, ventilate, wear a mask and gloves, wash your hands: potting
              mixes can carry germs and moulds, and perlite, pumice and vermiculite dust harms lungs. People with weak
              immunity should not handle them at all. Never reach into a running mixer.
            </p>
          </>
        )}
      </section>
    </div>
  );
}

function bagWords(counts: readonly number[]): string {
  const bags = counts.reduce((a, b) => a + b, 0);
  return bags === 1 ? "1 bag" : `${number(bags)} bags`;
}

function textOf(recipe: Recipe): Text {
  return Object.fromEntries(Object.entries(recipe).map(([name, part]) => [name, String(part)]));
}

function NumberCell({
  label,
  text,
  name,
  onChange,
}: {
  label: string;
  text: Text;
  name: ComponentName;
  onChange: (text: Text) => void;
}) {
  const typed = text[name] ?? "";
  const wrong = typed.trim() !== "" && !(readNumber(typed) >= 0);
  return (
    <td>
      <input
        aria-label={label}
        aria-invalid={wrong}
        inputMode="decimal"
        className={`input input-sm w-20 ${wrong ? "input-error" : ""}`}
        value={typed}
        onChange={(e) => onChange({ ...text, [name]: e.target.value })}
      />
    </td>
  );
}
