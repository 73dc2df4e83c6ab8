"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/bench/arrival";
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
  crisp: say.crispBrown,
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
      <legend className="px-1 font-medium">{say.itsBareRoots}</legend>
      <TextField
        label={say.fineRootsThatSnapDry}
        numeric
        value={d.drySnapPercent}
        onChange={(drySnapPercent) => set({ drySnapPercent })}
        fault={faultAt("drySnapPercent")}
      />
      <TextField
        label={say.inTheOpenMinutes}
        numeric
        value={d.exposedMinutes}
        onChange={(exposedMinutes) => set({ exposedMinutes })}
        fault={faultAt("exposedMinutes")}
      />
      <TextField
        label={say.spreadMm}
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
      <Question legend={say.isThePotTooLight}>
        <YesNo value={d.light} onChange={(light) => set({ light })} yes={say.lightDriedOut} no={say.asItShouldBe} />
      </Question>
      <Question legend={say.itsRootsIfYouMay}>
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
          label={common.circlingRoots}
          value={d.circlingGrade === null ? "" : String(d.circlingGrade)}
          onChange={(v) => set({ circlingGrade: v === "" ? null : Number(v) })}
          options={[["", say.notSeen], ...GRADES.map((g) => [String(g), `${g} ${CIRCLING_GRADES[g]}`] as const)]}
        />
      </Question>
      <FromOutside d={d} set={set} faultAt={faultAt} />
      {d.form === "air-layer" && (
        <Question legend={say.theLayersSecondRoots}>
          <YesNo
            value={d.layerBrown}
            onChange={(layerBrown) => set({ layerBrown })}
            yes={say.branchedAndBrowned}
            no={say.stillWhite}
          />
        </Question>
      )}
    </>
  );
}

function FromOutside({ d, set, faultAt }: Seen) {
  return (
    <Question legend={say.seenFromOutside}>
      <div className="grid grid-cols-2 gap-2 sm:grid-cols-3">
        <Toggle on={d.rootsAtHoles} onToggle={(rootsAtHoles) => set({ rootsAtHoles })}>
          {say.rootsOutOfTheHoles}
        </Toggle>
        <Toggle on={d.rootsOnSurface} onToggle={(rootsOnSurface) => set({ rootsOnSurface })}>
          {say.rootsAtTheSurface}
        </Toggle>
        <Toggle on={d.girdler} onToggle={(girdler) => set({ girdler })}>
          {say.aRootAcrossTheFlare}
        </Toggle>
        {d.form === "liner" && (
          <Toggle on={d.hooked} onToggle={(hooked) => set({ hooked })}>
            {say.tapRootHooked}
          </Toggle>
        )}
      </div>
      <div className="mt-3 grid grid-cols-2 items-end gap-3 sm:grid-cols-3">
        <TextField
          label={say.mixAboveTheFlareMm}
          numeric
          value={d.flareMm}
          onChange={(flareMm) => set({ flareMm })}
          fault={faultAt("flareMm")}
          hint={say.n0TheFlareShows}
        />
        <TextField
          label={say.graftAboveTheMixMm}
          numeric
          value={d.unionMm}
          onChange={(unionMm) => set({ unionMm })}
          fault={faultAt("unionMm")}
          hint={say.emptyNotGraftedNotSeen}
        />
        <TextField
          label={say.trunkOffTheMiddleMm}
          numeric
          value={d.offCentreMm}
          onChange={(offCentreMm) => set({ offCentreMm })}
          fault={faultAt("offCentreMm")}
        />
        {d.girdler && (
          <TextField
            label={say.girthThatRootServes}
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
      <Question legend={say.howDoesTheMixSmell}>
        <YesNo value={d.sour} onChange={(sour) => set({ sour })} yes="Sour" no="Earthy" />
        <div className="mt-3 grid gap-3 sm:grid-cols-2">
          <TextField
            label={say.rootsAlive}
            numeric
            value={d.livePercent}
            onChange={(livePercent) => set({ livePercent })}
            fault={faultAt("livePercent")}
            hint={say.whereYouSnippedSome}
          />
          <div>
            <p className="mb-1 font-medium">{say.scratchedBark}</p>
            <YesNo value={d.green} onChange={(green) => set({ green })} yes="Green" no={say.brownToTheBase} />
          </div>
        </div>
      </Question>
      <Question legend={say.leaves}>
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
    <Question legend={say.crownTrunkPestsPapers}>
      <div className="grid grid-cols-2 gap-2 sm:grid-cols-3">
        <Toggle on={d.bearing} onToggle={(bearing) => set({ bearing })}>
          {say.inFlowerOrFruit}
        </Toggle>
        <Toggle on={d.crossing} onToggle={(crossing) => set({ crossing })}>
          {say.branchesCross}
        </Toggle>
        <Toggle on={d.leaning} onToggle={(leaning) => set({ leaning })}>
          {say.leansOrBends}
        </Toggle>
        <Toggle on={d.ailing} onToggle={(ailing) => set({ ailing })}>
          {say.insectsOrSpots}
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
          {say.labelLost}
        </Toggle>
        <Toggle on={d.stockUnknown} onToggle={(stockUnknown) => set({ stockUnknown })}>
          {say.rootstockUnknown}
        </Toggle>
      </div>
      <Folded
        className="mt-3"
        title={say.woundsVarietyPrice}
        open={(["plants", "price", "soundPrice"] as const).some((field) => faultAt(field))}
      >
        <div className="grid grid-cols-2 items-end gap-3 sm:grid-cols-3">
          <SelectField
            label={say.wounds}
            value={d.wounds}
            onChange={(wounds) => set({ wounds })}
            options={WOUNDS.map((w) => [w, WOUND_WORDS[w]] as const)}
          />
          <TextField
            label={say.plantsInThePot}
            numeric
            value={d.plants}
            onChange={(plants) => set({ plants })}
            fault={faultAt("plants")}
          />
          {children}
          <TextField
            label={say.askedPrice(currency)}
            numeric
            value={d.price}
            onChange={(price) => set({ price })}
            fault={faultAt("price")}
          />
          <TextField
            label={say.aSoundOneCosts(currency)}
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
