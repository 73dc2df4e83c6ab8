"use client";

import type { ReactNode } from "react";
import { LEAVES, type Leaves, WOUNDS } from "@/core/arrival/index";
import { ROOT_SIGNS } from "@/core/roots/index";
import { Choice, Toggle } from "@/ui/choice";
import { SelectField, TextField } from "@/ui/fields";
import { Folded } from "@/ui/folded";
import { RootFace } from "@/ui/root-face";
import { SIGN_WORDS } from "@/words/root-check";
import { CIRCLING_GRADES, FILL_GRADES } from "@/words/terms";
import type { ArrivalDraft, ArrivalField } from "./draft";

const GRADES = [0, 1, 2, 3, 4];
const LEAF_WORDS: Record<Leaves, string> = {
  none: "leafless",
  fresh: "fresh",
  yellow: "yellow",
  crisp: "crisp, brown",
  dropping: "dropping",
};
const WOUND_WORDS = { none: "none", small: "small", large: "large" } as const;

/** What is seen of the plant so far, and how more of it is said. */
export interface Seen {
  d: ArrivalDraft;
  set: (part: Partial<ArrivalDraft>) => void;
  faultAt: (field: ArrivalField) => string | undefined;
}

export function BareRoots({ d, set, faultAt }: Seen) {
  return (
    <fieldset className="border-base-300 rounded-box grid grid-cols-2 items-end gap-3 border p-3 sm:grid-cols-3">
      <legend className="px-1 font-medium">Its bare roots</legend>
      <TextField
        label="Fine roots that snap dry, %"
        numeric
        value={d.drySnapPercent}
        onChange={(drySnapPercent) => set({ drySnapPercent })}
        fault={faultAt("drySnapPercent")}
      />
      <TextField
        label="In the open, minutes"
        numeric
        value={d.exposedMinutes}
        onChange={(exposedMinutes) => set({ exposedMinutes })}
        fault={faultAt("exposedMinutes")}
      />
      <TextField
        label="Spread, mm"
        numeric
        value={d.spreadMm}
        onChange={(spreadMm) => set({ spreadMm })}
        fault={faultAt("spreadMm")}
      />
    </fieldset>
  );
}

/** Weight, roots and what shows from outside of a plant in its pot. */
export function BallQuestions({ d, set, faultAt }: Seen) {
  return (
    <>
      <Question legend="Is the pot too light for its size?">
        <YesNo value={d.light} onChange={(light) => set({ light })} yes="Light: dried out" no="As it should be" />
      </Question>
      <Question legend="Its roots, if you may knock it out">
        <div className="grid grid-cols-3 gap-2 sm:grid-cols-5">
          {GRADES.map((g) => (
            <Choice
              key={g}
              chosen={d.fillGrade === g}
              onClick={() => set({ fillGrade: d.fillGrade === g ? null : g })}
              className="py-1"
            >
              <span className="block w-16">
                <RootFace face="side" fill={g} circling={d.circlingGrade ?? 0} />
              </span>
              <span className="text-xs leading-tight">{FILL_GRADES[g]}</span>
            </Choice>
          ))}
        </div>
        <SelectField
          className="mt-2"
          label="Circling roots"
          value={d.circlingGrade === null ? "" : String(d.circlingGrade)}
          onChange={(v) => set({ circlingGrade: v === "" ? null : Number(v) })}
          options={[["", "not seen"], ...GRADES.map((g) => [String(g), `${g} ${CIRCLING_GRADES[g]}`] as const)]}
        />
      </Question>
      <FromOutside d={d} set={set} faultAt={faultAt} />
      {d.form === "air-layer" && (
        <Question legend="The layer’s second roots">
          <YesNo
            value={d.layerBrown}
            onChange={(layerBrown) => set({ layerBrown })}
            yes="Branched and browned"
            no="Still white"
          />
        </Question>
      )}
    </>
  );
}

function FromOutside({ d, set, faultAt }: Seen) {
  return (
    <Question legend="Seen from outside">
      <div className="grid grid-cols-2 gap-2 sm:grid-cols-3">
        <Toggle on={d.rootsAtHoles} onToggle={(rootsAtHoles) => set({ rootsAtHoles })}>
          Roots out of the holes
        </Toggle>
        <Toggle on={d.rootsOnSurface} onToggle={(rootsOnSurface) => set({ rootsOnSurface })}>
          Roots at the surface
        </Toggle>
        <Toggle on={d.girdler} onToggle={(girdler) => set({ girdler })}>
          A root across the flare
        </Toggle>
        {d.form === "liner" && (
          <Toggle on={d.hooked} onToggle={(hooked) => set({ hooked })}>
            Tap root hooked
          </Toggle>
        )}
      </div>
      <div className="mt-3 grid grid-cols-2 items-end gap-3 sm:grid-cols-3">
        <TextField
          label="Mix above the flare, mm"
          numeric
          value={d.flareMm}
          onChange={(flareMm) => set({ flareMm })}
          fault={faultAt("flareMm")}
          hint="0: the flare shows"
        />
        <TextField
          label="Graft above the mix, mm"
          numeric
          value={d.unionMm}
          onChange={(unionMm) => set({ unionMm })}
          fault={faultAt("unionMm")}
          hint="empty: not grafted, not seen"
        />
        <TextField
          label="Trunk off the middle, mm"
          numeric
          value={d.offCentreMm}
          onChange={(offCentreMm) => set({ offCentreMm })}
          fault={faultAt("offCentreMm")}
        />
        {d.girdler && (
          <TextField
            label="Girth that root serves, %"
            numeric
            value={d.girdlerPercent}
            onChange={(girdlerPercent) => set({ girdlerPercent })}
            fault={faultAt("girdlerPercent")}
          />
        )}
      </div>
    </Question>
  );
}

/** Smell, life and leaves. */
export function LifeQuestions({ d, set, faultAt }: Seen) {
  return (
    <>
      <Question legend="How does the mix smell, and what is alive?">
        <YesNo value={d.sour} onChange={(sour) => set({ sour })} yes="Sour" no="Earthy" />
        <div className="mt-3 grid gap-3 sm:grid-cols-2">
          <TextField
            label="Roots alive, %"
            numeric
            value={d.livePercent}
            onChange={(livePercent) => set({ livePercent })}
            fault={faultAt("livePercent")}
            hint="where you snipped some"
          />
          <div>
            <p className="mb-1 font-medium">Scratched bark</p>
            <YesNo value={d.green} onChange={(green) => set({ green })} yes="Green" no="Brown to the base" />
          </div>
        </div>
      </Question>
      <Question legend="Leaves">
        <div className="grid grid-cols-3 gap-2 sm:grid-cols-5">
          {LEAVES.map((l) => (
            <Choice key={l} chosen={d.leaves === l} onClick={() => set({ leaves: d.leaves === l ? null : l })}>
              {LEAF_WORDS[l]}
            </Choice>
          ))}
        </div>
      </Question>
    </>
  );
}

/** Crown, trunk, pests, papers; its variety and stock are fields of the record. */
export function RestQuestions({
  d,
  set,
  faultAt,
  currency,
  children,
}: Seen & { currency: string; children: ReactNode }) {
  return (
    <Question legend="Crown, trunk, pests, papers">
      <div className="grid grid-cols-2 gap-2 sm:grid-cols-3">
        <Toggle on={d.bearing} onToggle={(bearing) => set({ bearing })}>
          In flower or fruit
        </Toggle>
        <Toggle on={d.crossing} onToggle={(crossing) => set({ crossing })}>
          Branches cross
        </Toggle>
        <Toggle on={d.leaning} onToggle={(leaning) => set({ leaning })}>
          Leans or bends
        </Toggle>
        <Toggle on={d.ailing} onToggle={(ailing) => set({ ailing })}>
          Insects or spots
        </Toggle>
        {ROOT_SIGNS.filter((s) => s === "galls" || s === "grubs" || s === "aphids").map((s) => (
          <Toggle
            key={s}
            on={d.signs.includes(s)}
            onToggle={(on) => set({ signs: on ? [...d.signs, s] : d.signs.filter((x) => x !== s) })}
          >
            {SIGN_WORDS[s][0].toUpperCase() + SIGN_WORDS[s].slice(1)}
          </Toggle>
        ))}
        <Toggle on={d.labelLost} onToggle={(labelLost) => set({ labelLost })}>
          Label lost
        </Toggle>
        <Toggle on={d.stockUnknown} onToggle={(stockUnknown) => set({ stockUnknown })}>
          Rootstock unknown
        </Toggle>
      </div>
      <Folded
        className="mt-3"
        title="Wounds, variety, price"
        open={(["plants", "price", "soundPrice"] as const).some((field) => faultAt(field))}
      >
        <div className="grid grid-cols-2 items-end gap-3 sm:grid-cols-3">
          <SelectField
            label="Wounds"
            value={d.wounds}
            onChange={(wounds) => set({ wounds })}
            options={WOUNDS.map((w) => [w, WOUND_WORDS[w]] as const)}
          />
          <TextField
            label="Plants in the pot"
            numeric
            value={d.plants}
            onChange={(plants) => set({ plants })}
            fault={faultAt("plants")}
          />
          {children}
          <TextField
            label={`Asked price, ${currency}`}
            numeric
            value={d.price}
            onChange={(price) => set({ price })}
            fault={faultAt("price")}
          />
          <TextField
            label={`A sound one costs, ${currency}`}
            numeric
            value={d.soundPrice}
            onChange={(soundPrice) => set({ soundPrice })}
            fault={faultAt("soundPrice")}
          />
        </div>
      </Folded>
    </Question>
  );
}

function Question({ legend, children }: { legend: string; children: ReactNode }) {
  return (
    <fieldset className="border-base-300 rounded-box border p-3">
      <legend className="px-1 font-medium">{legend}</legend>
      {children}
    </fieldset>
  );
}

/** Yes, no, or not looked: a second tap takes the answer back. */
function YesNo({
  value,
  onChange,
  yes,
  no,
}: {
  value: boolean | null;
  onChange: (value: boolean | null) => void;
  yes: string;
  no: string;
}) {
  return (
    <div className="grid grid-cols-2 gap-2">
      <Choice chosen={value === true} onClick={() => onChange(value === true ? null : true)}>
        {yes}
      </Choice>
      <Choice chosen={value === false} onClick={() => onChange(value === false ? null : false)}>
        {no}
      </Choice>
    </div>
  );
}
