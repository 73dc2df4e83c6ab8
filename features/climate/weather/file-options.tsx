"use client";

import * as say from "@/words/pages/climate/weather";
import { lapseWords } from "@/words/weather";
import { SelectField, TextField } from "@/ui/fields";
import { useAsOf } from "@/features/kernel/as-of";
import type { WeatherChoice } from "@/features/setup/imports/use-file";
import { celsius } from "@/words/format";

/** How the file is to be read where it does not say so itself. */
export function FileOptions({
  unit,
  setUnit,
  file,
  look,
  choice,
  place,
  dateOrder,
  setDateOrder,
  height,
  setHeight,
  heightFault,
}: {
  unit: "auto" | "C" | "F";
  setUnit: (value: "auto" | "C" | "F") => void;
  file: File | null;
  look: (chosen: File, asked: WeatherChoice) => Promise<void>;
  choice: (changed?: Partial<WeatherChoice["options"]>) => WeatherChoice;
  place: { id: string; name: string } | null;
  dateOrder: "auto" | "dmy" | "mdy";
  setDateOrder: (value: "auto" | "dmy" | "mdy") => void;
  height: string;
  setHeight: (value: string) => void;
  heightFault: string | undefined;
}) {
  const { units } = useAsOf();
  return (
    <div className="mt-3 grid grid-cols-2 gap-3">
      <SelectField
        label={say.temperaturesIn}
        value={unit}
        onChange={(next) => {
          setUnit(next);
          if (file) void look(file, choice({ unit: next }));
        }}
        options={[
          ["auto", say.asTheHeaderSays],
          ["C", "°C"],
          ["F", "°F"],
        ]}
      />
      {!place && (
        <SelectField
          label={say.datesSuchAs0304}
          value={dateOrder}
          onChange={(next) => {
            setDateOrder(next);
            if (file) void look(file, choice({ dateOrder: next }));
          }}
          options={[
            ["auto", say.asTheFileShows],
            ["dmy", say.dayFirst],
            ["mdy", say.monthFirst],
          ]}
        />
      )}
      {!place && (
        <TextField
          className="col-span-2"
          label={say.heightOfTheStationIf}
          numeric="signed"
          suffix="m"
          value={height}
          onChange={setHeight}
          fault={heightFault}
          hint={say.aStationHigherThanYou(lapseWords(units))}
        />
      )}
    </div>
  );
}

/** What file is asked for. */
export function WhatFile({ place }: { place: { id: string; name: string } | null }) {
  const { units } = useAsOf();
  return (
    <p className="text-sm">
      {place ? (
        <>
          {say.aCsvFileWithA}
          <b>{say.timeC}</b>
          {say.tenNightsAtOrBelow(celsius(5, units))}
        </>
      ) : (
        <>
          {say.aCsvFileWithALine}
          <b>{say.dateTminTmax}</b>
          {say.andIfYouHaveThem}
        </>
      )}
    </p>
  );
}
