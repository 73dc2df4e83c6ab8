"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/winter/place";
import { pageAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { useState } from "react";
import type { Quarter } from "@/core/shelter/index";
import { type AirBasis, type PlaceBuild, type Wrap, WRAPS } from "@/core/winter/index";
import { type LightClass, PLACE_AIR, type Shelter, SHELTERS, USUAL_SHELTER } from "@/core/place/index";
import { Form, FormFaults, SelectField, TextField } from "@/ui/fields";
import { number, readNumber } from "@/words/format";
import { DayField } from "@/features/kernel/rough-date";
import { unplaced, useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { AIR_BASIS_WORDS, WRAP_WORDS } from "@/words/winter";
import { LIGHT_WORDS, SHELTER_WORDS } from "@/words/layout";

type NumberKey =
  "lengthM" | "widthM" | "heightM" | "doorM" | "doorAtM" | "steps" | "distanceM" | "floorKgM2" | "heaterC" | "ventC";
const NUMBERS: readonly [NumberKey, string, string, string][] = [
  ["lengthM", say.lengthAlongTheDoorsWall, "m", ""],
  ["widthM", say.depthAwayFromIt, "m", ""],
  ["heightM", say.headroom, "m", say.atItsLowest],
  ["doorM", say.doorClearWidth, "m", say.emptyNothingNarrowOnThe],
  ["doorAtM", say.middleOfTheDoorFrom, "m", say.emptyInTheMiddle],
  ["steps", say.stepsOnTheWay, "", say.upOrDown],
  ["distanceM", say.wayFromTheSummerPlace, "m", ""],
  ["floorKgM2", say.theFloorBears, "kg/m²", say.asItsOwnerOrA],
  ["heaterC", say.heaterKeepsItAbove, "°C", say.emptyAsItsTypeOf],
  ["ventC", say.airedAbove, "°C", say.emptyAsItsTypeOf],
];
/** When a place must stand empty. */
type Emptied = "never" | "yearly" | "once";
const kindOf = (key: NumberKey) =>
  key === "heaterC" || key === "ventC"
    ? ("celsius" as const)
    : key === "steps" || key === "floorKgM2"
      ? ("plain" as const)
      : ("m" as const);

/** A place by its numbers: everything the drawing shows can be typed as well. */
export function PlaceForm({
  quarter,
  air,
  onDone,
}: {
  quarter: Quarter;
  air: { basis: AirBasis; nights: number | null } | undefined;
  onDone: () => void;
}) {
  const { collectionId } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure, at } = useCommand("build-place");
  const { build } = quarter;
  const [texts, setTexts] = useState<Record<NumberKey, string>>(
    () =>
      Object.fromEntries(NUMBERS.map(([key]) => [key, build[key] === null ? "" : String(build[key])])) as Record<
        NumberKey,
        string
      >,
  );
  const [shelter, setShelter] = useState<Shelter>(build.shelter ?? USUAL_SHELTER[quarter.kind]);
  const [light, setLight] = useState<string>(build.light === null ? "usual" : String(build.light));
  const [raised, setRaised] = useState(build.raised ? "yes" : "no");
  const [wrap, setWrap] = useState<Wrap | "none">(build.wrap ?? "none");
  const [mulched, setMulched] = useState(build.mulched ? "yes" : "no");
  const [emptied, setEmptied] = useState<Emptied>(build.empty ? (build.empty.yearly ? "yearly" : "once") : "never");
  const [emptyFrom, setEmptyFrom] = useState(build.empty?.from ?? "");
  const [emptyTo, setEmptyTo] = useState(build.empty?.to ?? "");
  const [faults, setFaults] = useState<Partial<Record<NumberKey, string>>>({});
  const save = async () => {
    const next: PlaceBuild = {
      ...build,
      shelter,
      light: light === "usual" ? null : (Number(light) as LightClass),
      raised: raised === "yes",
      wrap: wrap === "none" ? null : wrap,
      mulched: mulched === "yes",
      empty: emptied === "never" ? null : { from: emptyFrom, to: emptyTo, yearly: emptied === "yearly" },
    };
    const wrong: Partial<Record<NumberKey, string>> = {};
    for (const [key] of NUMBERS) {
      const text = texts[key].trim();
      if (text === "") {
        if (key === "steps") next.steps = 0;
        else next[key] = null;
        continue;
      }
      const value = readNumber(text, kindOf(key));
      if (Number.isNaN(value)) wrong[key] = say.aNumberOrNothing;
      else next[key] = key === "steps" ? Math.round(value) : value;
    }
    setFaults(wrong);
    if (Object.keys(wrong).length > 0) return;
    const done = await send({ collectionId, placeId: quarter.id, build: next });
    if (!done) return;
    tell({ text: say.isMeasured(quarter.name), entryId: done.entryId });
    onDone();
  };
  const fault = (key: NumberKey) =>
    faults[key] ??
    (at(`build.${key}`)?.startsWith("Invalid") || at(`build.${key}`)?.startsWith("Too")
      ? say.thisCannotBeCheckThe
      : at(`build.${key}`));
  return (
    <section aria-labelledby="place-title" className="border-base-300 rounded-box border p-3">
      <h2 id="place-title" className="text-lg">
        {say.howIsBuilt(quarter.name)}
      </h2>
      <p className="text-sm" data-testid="air-basis">
        {say.itsAir(AIR_BASIS_WORDS[air?.basis ?? "guess"], air?.nights ? say.nights(number(air.nights)) : "")}
        <Link className="link" href={pageAt(collectionId, "climate/places")}>
          {say.readInALogger}
        </Link>
        {say.toKnowBetter}
      </p>
      <Form label={say.measuresOf(quarter.name)} onSubmit={save} className="mt-2 space-y-3">
        <SelectField
          label={say.typeOfShelter}
          value={shelter}
          onChange={setShelter}
          options={SHELTERS.map((s) => [s, SHELTER_WORDS[s]] as const)}
          hint={say.howOutsideColdReachesIt}
        />
        <div className="grid grid-cols-2 items-start gap-3">
          {NUMBERS.map(([key, label, suffix, hint]) => (
            <TextField
              key={key}
              label={label}
              suffix={suffix || undefined}
              hint={hint || undefined}
              numeric="signed"
              value={texts[key]}
              onChange={(text) => setTexts((now) => ({ ...now, [key]: text }))}
              fault={fault(key)}
            />
          ))}
          <SelectField
            label={say.lightInWinter}
            value={light}
            onChange={setLight}
            options={[
              ["usual", say.asItsSpecies(LIGHT_WORDS[PLACE_AIR[shelter].light])],
              ...([0, 1, 2, 3] as const).map((l) => [String(l), LIGHT_WORDS[l]] as const),
            ]}
          />
          <SelectField
            label={say.belowThePots}
            value={raised}
            onChange={setRaised}
            options={[
              ["no", say.groundOrFloor],
              ["yes", say.airAStagingOrA],
            ]}
          />
          <SelectField
            label={say.potsThereAreWrappedIn}
            value={wrap}
            onChange={setWrap}
            options={[["none", "nothing"], ...WRAPS.map((w) => [w, WRAP_WORDS[w]] as const)]}
          />
          <SelectField
            label={say.onTheirMix}
            value={mulched}
            onChange={setMulched}
            options={[
              ["no", "nothing"],
              ["yes", say.strawAHandsBreadth],
            ]}
          />
          <SelectField
            label={say.itMustStandEmpty}
            value={emptied}
            onChange={setEmptied}
            options={[
              ["never", "never"],
              ["yearly", say.fromOneDayToAnother],
              ["once", say.fromOneDayToAnotherOnce],
            ]}
            hint={say.aDriveThatIsCleared}
          />
          {emptied !== "never" && (
            <>
              <DayField
                ahead
                label={say.emptyFrom}
                value={emptyFrom}
                onChange={setEmptyFrom}
                fault={at("build.empty.from")}
              />
              <DayField
                ahead
                label={say.emptyUntil}
                value={emptyTo}
                onChange={setEmptyTo}
                fault={at("build.empty.to")}
              />
            </>
          )}
        </div>
        <FormFaults
          faults={unplaced(failure, [...NUMBERS.map(([key]) => `build.${key}`), "build.empty.from", "build.empty.to"])}
        />
        <div className="flex flex-wrap gap-2">
          <button type="submit" className="btn btn-primary min-h-11" disabled={busy}>
            {say.keepTheseMeasures}
          </button>
          <button type="button" className="btn btn-ghost min-h-11" onClick={onDone}>
            {common.close}
          </button>
        </div>
      </Form>
    </section>
  );
}
