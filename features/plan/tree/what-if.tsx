"use client";

import * as say from "@/words/pages/plan/tree/what-if";
import { useState } from "react";
import type { LadderProblem, WhatIf } from "@/core/ladder/index";
import { type Wall, WALLS } from "@/core/vessel/index";
import { SelectField, TextField } from "@/ui/fields";
import { kilograms, litres, number, readNumber, type Units } from "@/words/format";
import { WALL_WORDS } from "@/words/terms";

/** Sliders and fields say the same; what is typed out of range is said at the field and kept. */
export function WhatIfPanel({
  ask,
  problem,
  units,
  currency,
  onAsk,
}: {
  ask: WhatIf;
  /** As it is, before anything is asked otherwise. */
  problem: LadderProblem;
  units: Units;
  currency: string;
  onAsk: (ask: WhatIf) => void;
}) {
  const asked = Object.keys(ask).length > 0;
  const set = (change: Partial<WhatIf>) => onAsk({ ...ask, ...change });
  return (
    <section aria-label={say.whatIf} className="no-print border-base-300 mt-3 rounded-box border p-3">
      <div className="flex flex-wrap items-center gap-x-4">
        <h2 className="text-lg">{say.whatIf}</h2>
        <button type="button" className="btn btn-sm ml-auto" disabled={!asked} onClick={() => onAsk({})}>
          {say.asItIs}
        </button>
      </div>
      <div className="grid gap-x-5 gap-y-2 sm:grid-cols-3 lg:grid-cols-4">
        <Slide
          label={say.goal}
          unit={say.lOfMix}
          kind="litres"
          min={Math.max(1, Math.round(problem.tree.volumeL))}
          max={Math.max(150, Math.round(1.5 * problem.goal.minL))}
          most={2000}
          step={1}
          value={ask.goalL ?? problem.goal.minL}
          words={(v) => litres(v, units)}
          onChange={(goalL) => set({ goalL })}
        />
        <Slide
          label={say.liftLimit}
          unit="kg"
          min={5}
          max={120}
          most={2000}
          step={1}
          value={ask.liftKg ?? Math.round(problem.site.liftKg)}
          words={(v) => kilograms(v, units)}
          onChange={(liftKg) => set({ liftKg })}
        />
        <Slide
          label={say.vigour()}
          unit={say.timesItsOwn}
          min={0.4}
          max={2.5}
          most={4}
          step={0.05}
          value={ask.vigour ?? 1}
          words={(v) => (v === 1 ? say.asItIsChosen : say.timesAsQuick(number(v, 2)))}
          onChange={(vigour) => set({ vigour })}
        />
        <Slide
          label={say.warmth}
          unit={say.timesAMiddleSeason}
          min={0.5}
          max={1.6}
          most={2}
          step={0.02}
          value={ask.warmth ?? 1}
          words={(v) => (v === 1 ? say.asItIsChosen : say.timesAsWarm(number(v, 2)))}
          onChange={(warmth) => set({ warmth })}
        />
        <MoneyField
          currency={currency}
          value={ask.budget}
          onChange={(budget) => {
            const { budget: _, ...rest } = ask;
            onAsk(budget === null ? rest : { ...rest, budget });
          }}
        />
        <SelectField
          label={say.pots}
          value={ask.onlyOwned ? "owned" : "any"}
          onChange={(v) => {
            const { onlyOwned: _, ...rest } = ask;
            onAsk(v === "owned" ? { ...rest, onlyOwned: true } : rest);
          }}
          options={[
            ["any", say.inStoreOrBought],
            ["owned", say.onlyThoseInStore],
          ]}
        />
        <SelectField<Wall | "">
          label={say.walls}
          value={ask.wall ?? ""}
          onChange={(wall) => {
            const { wall: _, ...rest } = ask;
            onAsk(wall === "" ? rest : { ...rest, wall });
          }}
          options={[["", say.asEachPotHas], ...WALLS.map((w) => [w, WALL_WORDS[w]] as const)]}
        />
      </div>
    </section>
  );
}

/** Money for pots and mix over the seasons shown; empty: as much as it takes. */
function MoneyField({
  currency,
  value,
  onChange,
}: {
  currency: string;
  value: number | undefined;
  onChange: (value: number | null) => void;
}) {
  const [text, setText] = useState(value === undefined ? "" : String(value));
  const parsed = readNumber(text);
  const wrong = text.trim() !== "" && !(parsed >= 0);
  return (
    <TextField
      label={say.budget(currency)}
      numeric
      value={value === undefined && !wrong ? "" : text}
      onChange={(next) => {
        setText(next);
        const amount = readNumber(next);
        if (next.trim() === "") onChange(null);
        else if (amount >= 0) onChange(amount);
      }}
      fault={wrong ? say.aNumber0OrMore : undefined}
      placeholder={say.asItTakes}
    />
  );
}

function Slide({
  label,
  unit,
  kind,
  min,
  max,
  most,
  step,
  value,
  words,
  onChange,
}: {
  label: string;
  unit: string;
  kind?: "litres";
  min: number;
  max: number;
  /** Largest value that may be typed. */
  most: number;
  step: number;
  value: number;
  words: (value: number) => string;
  onChange: (value: number) => void;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const parsed = typed === null ? value : readNumber(typed, kind);
  const wrong = typed !== null && !(parsed > 0 && parsed <= most);
  const shown = Number.isInteger(value) ? String(value) : String(Number(value.toFixed(2)));
  return (
    <div>
      <div className="flex items-center justify-between gap-2">
        <span className="font-medium">{label}</span>
        <input
          className={`input input-sm w-20 text-right ${wrong ? "input-error" : ""}`}
          inputMode="decimal"
          aria-label={`${label}, ${unit}`}
          aria-invalid={wrong}
          value={typed ?? shown}
          onChange={(e) => {
            setTyped(e.target.value);
            const next = readNumber(e.target.value, kind);
            if (next > 0 && next <= most) onChange(next);
          }}
          onBlur={() => {
            if (!wrong) setTyped(null);
          }}
        />
      </div>
      <input
        type="range"
        className="range range-xs min-h-6 w-full"
        aria-label={label}
        aria-valuetext={words(value)}
        min={min}
        max={max}
        step={step}
        value={Math.min(max, Math.max(min, value))}
        onChange={(e) => {
          setTyped(null);
          onChange(Number(e.target.value));
        }}
      />
      <span className="text-sm">{words(value)}</span>
      {wrong && (
        <p role="alert" className="text-error text-sm font-semibold">
          {say.aNumberAbove0Up(number(most))}
        </p>
      )}
    </div>
  );
}
