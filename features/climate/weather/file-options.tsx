"use client";

import * as say from "@/words/pages/climate/weather";
import { lapseWords } from "@/words/weather";
import { SelectField, TextField } from "@/ui/fields";
import { useAsOf } from "@/features/kernel/as-of";
import type { WeatherChoice } from "@/features/setup/imports/use-file";
import { celsius } from "@/words/format";

type Options = WeatherChoice["options"];

/** How the file is to be read where it does not say so itself; a logger's has its own height and its own form of dates. */
export function FileOptions({
  options,
  onOptions,
  height,
  onHeight,
  heightFault,
  logger,
}: {
  options: Options;
  onOptions: (options: Options) => void;
  height: string;
  onHeight: (height: string) => void;
  heightFault: string | undefined;
  logger: boolean;
}) {
  const { units } = useAsOf();
  return (
    <div className="mt-3 grid grid-cols-2 gap-3">
      <SelectField
        label={say.temperaturesIn}
        value={options.unit}
        onChange={(unit) => onOptions({ ...options, unit })}
        options={[
          ["auto", say.asTheHeaderSays],
          ["C", "°C"],
          ["F", "°F"],
        ]}
      />
      {!logger && (
        <>
          <SelectField
            label={say.datesSuchAs0304}
            value={options.dateOrder}
            onChange={(dateOrder) => onOptions({ ...options, dateOrder })}
            options={[
              ["auto", say.asTheFileShows],
              ["dmy", say.dayFirst],
              ["mdy", say.monthFirst],
            ]}
          />
          <TextField
            className="col-span-2"
            label={say.heightOfTheStationIf}
            numeric="signed"
            suffix="m"
            value={height}
            onChange={onHeight}
            fault={heightFault}
            hint={say.aStationHigherThanYou(lapseWords(units))}
          />
        </>
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
