"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/winter/place";
import { pageAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { useState } from "react";
import type { Quarter } from "@/core/shelter/index";
import { type AirBasis, type PlaceBuild, type Wrap, WRAPS } from "@/core/winter/index";
import { type LightClass, PLACE_AIR, type Shelter, SHELTERS, USUAL_SHELTER } from "@/core/place/index";
import { number, readNumber } from "@/words/format";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { AIR_BASIS_WORDS, WRAP_WORDS } from "@/words/winter";
import { LIGHT_WORDS, SHELTER_WORDS } from "@/words/layout";
import { CommandForm, useCommandForm } from "@/features/kernel/command-form";
import { ChoiceInput, TextInput } from "@/ui/form/inputs";
import { DayInput } from "@/features/kernel/rough-date";
import { useWatch } from "react-hook-form";

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
  const [start] = useState(() => startOf(quarter));
  const form = useCommandForm("build-place", {
    start,
    input: (typed, wrong) => {
      const build: PlaceBuild = {
        ...quarter.build,
        shelter: typed.shelter,
        light: typed.light === "usual" ? null : (Number(typed.light) as LightClass),
        raised: typed.raised === "yes",
        wrap: typed.wrap === "none" ? null : typed.wrap,
        mulched: typed.mulched === "yes",
        empty:
          typed.emptied === "never"
            ? null
            : { from: typed.emptyFrom, to: typed.emptyTo, yearly: typed.emptied === "yearly" },
      };
      for (const [key] of NUMBERS) {
        const value = typed[key].trim() === "" ? null : readNumber(typed[key], kindOf(key));
        if (value !== null && Number.isNaN(value)) wrong(`build.${key}`, say.aNumberOrNothing);
        else if (key === "steps") build.steps = Math.round(value ?? 0);
        else build[key] = value;
      }
      return { collectionId, placeId: quarter.id, build };
    },
    fieldOf: (path) =>
      path === "build.empty.from" ? "emptyFrom" : path === "build.empty.to" ? "emptyTo" : path.replace(/^build\./, ""),
    done: ({ entryId }) => {
      tell({ text: say.isMeasured(quarter.name), entryId });
      onDone();
    },
  });
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
      <CommandForm
        of={form}
        label={say.measuresOf(quarter.name)}
        button={[say.keepTheseMeasures, common.saving]}
        className="mt-2 space-y-3"
        beside={
          <button type="button" className="btn btn-ghost min-h-11" onClick={onDone}>
            {common.close}
          </button>
        }
      >
        <PlaceInputs />
      </CommandForm>
    </section>
  );
}

interface Typed extends Record<NumberKey, string> {
  shelter: Shelter;
  light: string;
  raised: string;
  wrap: Wrap | "none";
  mulched: string;
  emptied: Emptied;
  emptyFrom: string;
  emptyTo: string;
}

const startOf = ({ kind, build }: Quarter): Typed => ({
  ...(Object.fromEntries(NUMBERS.map(([key]) => [key, build[key] === null ? "" : String(build[key])])) as Record<
    NumberKey,
    string
  >),
  shelter: build.shelter ?? USUAL_SHELTER[kind],
  light: build.light === null ? "usual" : String(build.light),
  raised: build.raised ? "yes" : "no",
  wrap: build.wrap ?? "none",
  mulched: build.mulched ? "yes" : "no",
  emptied: build.empty ? (build.empty.yearly ? "yearly" : "once") : "never",
  emptyFrom: build.empty?.from ?? "",
  emptyTo: build.empty?.to ?? "",
});

function PlaceInputs() {
  const { shelter, emptied } = useWatch<Typed>() as Typed;
  return (
    <>
      <ChoiceInput
        name="shelter"
        label={say.typeOfShelter}
        options={SHELTERS.map((s) => [s, SHELTER_WORDS[s]] as const)}
        hint={say.howOutsideColdReachesIt}
      />
      <div className="grid grid-cols-2 items-start gap-3">
        {NUMBERS.map(([key, label, suffix, hint]) => (
          <TextInput
            key={key}
            name={key}
            label={label}
            suffix={suffix || undefined}
            hint={hint || undefined}
            numeric="signed"
          />
        ))}
        <ChoiceInput
          name="light"
          label={say.lightInWinter}
          options={[
            ["usual", say.asItsSpecies(LIGHT_WORDS[PLACE_AIR[shelter].light])],
            ...([0, 1, 2, 3] as const).map((l) => [String(l), LIGHT_WORDS[l]] as const),
          ]}
        />
        <ChoiceInput
          name="raised"
          label={say.belowThePots}
          options={[
            ["no", say.groundOrFloor],
            ["yes", say.airAStagingOrA],
          ]}
        />
        <ChoiceInput
          name="wrap"
          label={say.potsThereAreWrappedIn}
          options={[["none", say.nothing], ...WRAPS.map((w) => [w, WRAP_WORDS[w]] as const)]}
        />
        <ChoiceInput
          name="mulched"
          label={say.onTheirMix}
          options={[
            ["no", say.nothing],
            ["yes", say.strawAHandsBreadth],
          ]}
        />
        <ChoiceInput
          name="emptied"
          label={say.itMustStandEmpty}
          options={[
            ["never", say.never],
            ["yearly", say.fromOneDayToAnother],
            ["once", say.fromOneDayToAnotherOnce],
          ]}
          hint={say.aDriveThatIsCleared}
        />
        {emptied !== "never" && (
          <>
            <DayInput ahead name="emptyFrom" label={say.emptyFrom} />
            <DayInput ahead name="emptyTo" label={say.emptyUntil} />
          </>
        )}
      </div>
    </>
  );
}
