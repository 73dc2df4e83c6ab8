"use client";

import * as say from "@/words/pages/setup/imports";
import type { FoundKind } from "@/contract/queries";
import { number } from "@/words/format";
import { SelectField } from "@/ui/fields";
import { foundKindWords } from "@/words/species";
import type { UnlistedName } from "./run";

const MOST_SHOWN = 12;
const AS_TYPED = "";

const kindWords = (kind: FoundKind) => `${kind.name}: ${foundKindWords(kind)}`;

/** Names of a file that are none of the library's: what each comes in as, and what may be meant instead. Nothing is taken for another unsaid. */
export function UnlistedNames({
  rows,
  kinds,
  onKinds,
}: {
  rows: readonly UnlistedName[];
  /** What was said so far, by name in lower case. */
  kinds: Record<string, string>;
  onKinds: (kinds: Record<string, string>) => void;
}) {
  if (rows.length === 0) return null;
  return (
    <fieldset className="border-warning space-y-2 border-l-4 pl-3" data-testid="unlisted-names">
      <legend className="font-semibold">
        {say.theLibraryDoesNotHave(rows.length === 1 ? say.oneName : say.names(number(rows.length)))}
      </legend>
      <p className="text-sm">{say.theyComeInAsThey}</p>
      <div className="grid gap-3 sm:grid-cols-2">
        {rows.slice(0, MOST_SHOWN).map(({ name, lines, goesBy, near }) => {
          const key = name.toLocaleLowerCase();
          const [nearest] = near.filter((kind) => kind.id !== goesBy?.id);
          return (
            <div key={key} className="flex flex-wrap items-end gap-2">
              <SelectField
                className="min-w-56 grow"
                label={`${name} (${number(lines)} ${lines === 1 ? "line" : "lines"})`}
                value={kinds[key] ?? AS_TYPED}
                onChange={(id) => {
                  const { [key]: _before, ...rest } = kinds;
                  onKinds(id === AS_TYPED ? rest : { ...rest, [key]: id });
                }}
                options={[
                  [
                    AS_TYPED,
                    goesBy === null ? say.asWrittenLittleIsKnown : say.asWrittenKnownByIts(goesBy.scientific),
                  ] as const,
                  ...near.filter((kind) => kind.id !== goesBy?.id).map((kind) => [kind.id, kindWords(kind)] as const),
                ]}
              />
              {nearest && kinds[key] === undefined && (
                <button
                  type="button"
                  className="btn btn-outline btn-sm min-h-11"
                  onClick={() => onKinds({ ...kinds, [key]: nearest.id })}
                >
                  {nearest.name}?
                </button>
              )}
            </div>
          );
        })}
      </div>
      {rows.length > MOST_SHOWN && (
        <p className="text-sm">
          {say.andMoreAsTheyAre(
            number(rows.length - MOST_SHOWN),
            rows
              .slice(MOST_SHOWN, 3 * MOST_SHOWN)
              .map(({ name }) => name)
              .join(", "),
            rows.length > 3 * MOST_SHOWN ? " …" : ".",
          )}
        </p>
      )}
    </fieldset>
  );
}

/** Names still unlisted with those that were said to be a kind since: they stay in sight, to be said otherwise again. */
export function stillNamed(
  unlisted: readonly UnlistedName[],
  before: readonly UnlistedName[],
  kinds: Record<string, string>,
): UnlistedName[] {
  const now = new Set(unlisted.map((one) => one.name.toLocaleLowerCase()));
  const said = before.filter(({ name }) => {
    const key = name.toLocaleLowerCase();
    return key in kinds && !now.has(key);
  });
  return [...unlisted, ...said].sort((a, b) => b.lines - a.lines || a.name.localeCompare(b.name));
}
