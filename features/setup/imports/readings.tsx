"use client";

import * as say from "@/words/pages/setup/imports";
import { PLACE_KINDS, type PlaceKind } from "@/core/climate/index";
import { LITRES_PER_US_GALLON } from "@/core/quantity/index";
import { brimEstimate } from "@/core/vessel/index";
import { useAsOf } from "@/features/kernel/as-of";
import { SelectField } from "@/ui/fields";
import { litres, number } from "@/words/format";
import { PLACE_WORDS, potName } from "@/words/terms";
import type { NewPlace, Reading } from "./doubts";

const lineWords = (n: number) => (n === 1 ? "1 line" : say.countOfLines(number(n)));

/** Sizes that are trade names: what each is read as, and what else may be meant, a tap away. */
export function Readings({
  rows,
  onInstead,
  busy,
}: {
  rows: readonly Reading[];
  onInstead: (reading: Reading) => void;
  busy: boolean;
}) {
  const { units } = useAsOf();
  if (rows.length === 0) return null;
  return (
    <section aria-label={say.sizesReadAsTradeNames} data-testid="readings">
      <h3 className="font-semibold">{say.readAsTradeSizes}</h3>
      <ul className="divide-base-300 divide-y">
        {rows.map((reading) => {
          const { p10, p90 } = brimEstimate(reading.pot);
          const gallons = Number(reading.instead.split(" ")[0].replace(",", "."));
          return (
            <li key={`${reading.column}:${reading.value}`} className="flex flex-wrap items-center gap-x-3 gap-y-1 py-1">
              <span className="grow">
                <b>“{reading.value}”</b>
                {say.nurseryPotTo(
                  lineWords(reading.lines),
                  potName(reading.pot),
                  litres(p10, units),
                  litres(p90, units),
                )}
              </span>
              <button
                type="button"
                className="btn btn-outline btn-sm min-h-11"
                disabled={busy}
                onClick={() => onInstead(reading)}
              >
                {say.trueGallons(litres(gallons * LITRES_PER_US_GALLON, units))}
              </button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}

/** Places that will be made: what each is like, where its name says it. */
export function NewPlaces({
  rows,
  places,
  onPlaces,
}: {
  rows: readonly NewPlace[];
  /** What was said so far, by name in lower case. */
  places: Record<string, PlaceKind>;
  onPlaces: (places: Record<string, PlaceKind>) => void;
}) {
  if (rows.length === 0) return null;
  return (
    <fieldset className="border-warning space-y-2 border-l-4 pl-3" data-testid="new-places">
      <legend className="font-semibold">
        {rows.length === 1 ? say.aNewPlace : say.newPlaces(number(rows.length))}
      </legend>
      <p className="text-sm">{say.theyCountAsOutdoorsUntil}</p>
      <div className="grid gap-3 sm:grid-cols-2">
        {rows.map(({ name, lines, guess }) => {
          const key = name.toLocaleLowerCase();
          const said = places[key];
          return (
            <div key={key} className="flex flex-wrap items-end gap-2">
              <SelectField
                className="min-w-56 grow"
                label={`${name} (${lineWords(lines)})`}
                value={said ?? "open"}
                onChange={(kind) => onPlaces({ ...places, [key]: kind })}
                options={PLACE_KINDS.map((kind) => [kind, PLACE_WORDS[kind]] as const)}
              />
              {guess !== null && said === undefined && (
                <button
                  type="button"
                  className="btn btn-outline btn-sm min-h-11"
                  onClick={() => onPlaces({ ...places, [key]: guess })}
                >
                  {PLACE_WORDS[guess]}?
                </button>
              )}
            </div>
          );
        })}
      </div>
    </fieldset>
  );
}
