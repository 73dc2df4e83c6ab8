"use client";

import * as say from "@/words/pages/setup";
import { useEffect, useId, useState } from "react";
import type { FoundTown } from "@/contract/queries";
import { askSite } from "@/features/kernel/ask";
import { Field } from "@/ui/fields";
import { number } from "@/words/format";

const WAIT_MS = 200;
const LEAST_LETTERS = 2;

/** A town by its name, a letter or two wrong; what is picked fills the coordinates, which may be typed instead. */
export function TownField({ onPick }: { onPick: (town: FoundTown) => void }) {
  const [text, setText] = useState("");
  const [answer, setAnswer] = useState<{ query: string; found: FoundTown[]; failed: boolean } | null>(null);
  const [picked, setPicked] = useState<string | null>(null);
  const list = useId();
  const query = text.trim();
  const asking = query.length >= LEAST_LETTERS && query !== picked;
  useEffect(() => {
    if (!asking) return;
    const leave = new AbortController();
    const timer = setTimeout(() => {
      askSite("towns", { q: query }, leave.signal)
        .then(({ found }) => setAnswer({ query, found, failed: false }))
        .catch((error: unknown) => {
          if (!leave.signal.aborted) setAnswer({ query, found: [], failed: Boolean(error) });
        });
    }, WAIT_MS);
    return () => {
      clearTimeout(timer);
      leave.abort();
    };
  }, [query, asking]);
  const current = asking && answer?.query === query ? answer : null;
  const words = (town: FoundTown) => [town.region, town.country].filter(Boolean).join(", ");
  return (
    <div>
      <Field
        label={say.nearestTown}
        fault={
          current && current.found.length === 0
            ? current.failed
              ? say.townsCannotBeLookedUp
              : say.noTownOfThisName
            : undefined
        }
        hint={say.orTypeTheCoordinatesA}
      >
        {(aria) => (
          <input
            {...aria}
            className="input w-full"
            value={text}
            autoComplete="off"
            onChange={(e) => {
              setText(e.target.value);
              setPicked(null);
            }}
          />
        )}
      </Field>
      {current && current.found.length > 0 && (
        <ul className="mt-2 grid gap-1 sm:grid-cols-2" aria-label={say.townsFound} id={list}>
          {current.found.map((town) => (
            <li key={town.id}>
              <button
                type="button"
                className="btn h-auto min-h-11 w-full justify-start py-1 text-left font-normal"
                onClick={() => {
                  setText(town.name);
                  setPicked(town.name.trim());
                  onPick(town);
                }}
              >
                <span>
                  <b>{town.name}</b> <span className="text-sm">{words(town)}</span>
                  <span className="block text-sm opacity-80">
                    {town.latitudeDeg.toFixed(2)}°, {town.longitudeDeg.toFixed(2)}° ·{" "}
                    {town.population > 0 ? say.people(number(town.population)) : say.sizeNotKnown}
                  </span>
                </span>
              </button>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
