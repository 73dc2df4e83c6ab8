"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/pots/recipe";
import { useRef, useState } from "react";
import { mixLife, mixOfRecipe } from "@/core/mix/index";
import type { MixStores, StoredRecipe } from "@/core/records/index";
import { kilograms, number, percent, readNumber } from "@/words/format";
import { FormFaults, SelectField } from "@/ui/fields";
import { useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { componentName } from "@/words/mixes";
import { CommandForm, useCommandForm } from "@/features/kernel/command-form";
import { TextInput, useInput } from "@/ui/form/inputs";

type Line = { id: string; part: string };

/** Parts as numbers, as far as they can be read. */
const partsOf = (lines: readonly Line[]) =>
  Object.fromEntries(
    lines.flatMap(({ id, part }) => {
      const read = readNumber(part);
      return id !== "" && read > 0 ? [[id, read] as const] : [];
    }),
  );

const startOf = (recipe: StoredRecipe | null) => ({
  name: recipe?.name ?? "",
  parts: (recipe
    ? Object.entries(recipe.parts).map(([id, part]) => ({ id, part: String(part) }))
    : [
        { id: "bark-coarse", part: "2" },
        { id: "compost", part: "1" },
      ]) as Line[],
  feedsMonths: recipe?.feedsMonths == null ? "" : String(recipe.feedsMonths),
  note: recipe?.note ?? "",
});
type Typed = ReturnType<typeof startOf>;

/** A recipe as parts by volume; what it comes to stands beneath while it is typed. */
export function RecipeForm({
  stores,
  recipe,
  onDone,
}: {
  stores: MixStores;
  recipe: StoredRecipe | null;
  onDone: () => void;
}) {
  const { collectionId } = useAsOf();
  const { tell } = useNotice();
  const out = useCommand("set-recipe");
  const recipeId = useRef<string | null>(recipe?.id ?? null);
  const [start] = useState(() => startOf(recipe));
  const input = ({ name, parts, feedsMonths, note }: Typed, gone = false) => ({
    collectionId,
    recipeId: (recipeId.current ??= crypto.randomUUID()),
    name: name.trim(),
    parts: partsOf(parts),
    feedsMonths: feedsMonths.trim() === "" ? null : readNumber(feedsMonths),
    note: note.trim(),
    gone,
  });
  const form = useCommandForm("set-recipe", {
    start,
    input: (typed, wrong) => {
      if (typed.parts.some((l) => l.part.trim() !== "" && !(readNumber(l.part) >= 0)))
        wrong("parts", say.partsAreNumbersSuchAs);
      return input(typed);
    },
    done: ({ entryId }, { name }) => {
      tell({ text: say.isKept(name.trim()), entryId });
      if (!recipe) recipeId.current = null;
      onDone();
    },
  });
  const takeOut = async () => {
    const done = await out.send(input(start, true));
    if (!done) return;
    tell({ text: common.isTakenOut(start.name), entryId: done.entryId });
    onDone();
  };
  return (
    <section className="border-base-300 rounded-box mt-3 border p-3">
      <h2 className="mb-2 text-lg">{recipe ? say.change(recipe.name) : say.aRecipeOfYourOwn}</h2>
      <CommandForm
        of={form}
        label={say.recipe}
        button={[recipe ? say.keepTheChange : say.keepThisRecipe, common.saving]}
        beside={
          recipe && (
            <>
              <button type="button" className="btn min-h-11" onClick={onDone}>
                {common.leaveIt}
              </button>
              <button
                type="button"
                className="btn btn-ghost min-h-11"
                disabled={out.busy}
                onClick={() => void takeOut()}
              >
                {common.takeItOut}
              </button>
            </>
          )
        }
      >
        <TextInput name="name" label={common.name} hint={say.suchAsHouseMixFor} />
        <PartInputs stores={stores} />
        <Made stores={stores} />
      </CommandForm>
      <FormFaults faults={out.failure?.faults ?? []} />
    </section>
  );
}

function PartInputs({ stores }: { stores: MixStores }) {
  const { value: lines, onChange: setLines, fault } = useInput<Line[]>("parts");
  const free = Object.keys(stores.library).filter((id) => !lines.some((l) => l.id === id));
  const set = (at: number, change: Partial<Line>) =>
    setLines(lines.map((l, k) => (k === at ? { ...l, ...change } : l)));
  return (
    <fieldset>
      <legend className="font-medium">{say.partsByVolume}</legend>
      <ul className="space-y-2">
        {lines.map((line, i) => (
          <li key={i} className="flex items-center gap-2">
            <input
              aria-label={say.partsOf(componentName(line.id, stores))}
              inputMode="decimal"
              className="input w-20"
              value={line.part}
              onChange={(e) => set(i, { part: e.target.value })}
            />
            <select
              aria-label={say.component(i + 1)}
              className="select min-w-0 flex-1"
              value={line.id}
              onChange={(e) => set(i, { id: e.target.value })}
            >
              {[line.id, ...free].map((id) => (
                <option key={id} value={id}>
                  {componentName(id, stores)}
                </option>
              ))}
            </select>
            <button
              type="button"
              className="btn btn-ghost btn-sm min-h-11"
              aria-label={say.leaveOut(componentName(line.id, stores))}
              onClick={() => setLines(lines.filter((_, k) => k !== i))}
            >
              ×
            </button>
          </li>
        ))}
      </ul>
      {fault && (
        <p role="alert" className="text-error mt-1 text-sm font-semibold">
          {fault}
        </p>
      )}
      <SelectField
        className="mt-2 max-w-72"
        label={say.addAComponent}
        value=""
        onChange={(id) => id !== "" && setLines([...lines, { id, part: "1" }])}
        options={[["", say.choose] as const, ...free.map((id) => [id, componentName(id, stores)] as const)]}
      />
    </fieldset>
  );
}

/** What the recipe comes to, and how long it feeds by itself. */
function Made({ stores }: { stores: MixStores }) {
  const { units } = useAsOf();
  const made = mixOfRecipe(partsOf(useInput<Line[]>("parts").value), stores.library);
  return (
    <>
      <div className="grid gap-3 sm:grid-cols-2">
        <TextInput
          name="feedsMonths"
          label={say.feedsFor}
          numeric
          suffix={say.months}
          hint={made ? say.emptyAboutFromWhatIs(number(made.feedsMonths)) : undefined}
        />
        <TextInput name="note" label={common.note} />
      </div>
      {made && (
        <p className="text-sm" data-testid="recipe-sum" aria-live="polite">
          {say.ofTheSummedVolumesVanish(
            percent(made.blend.shrinkage),
            percent(made.mix.thetaS),
            kilograms(made.blend.dryKgPerL, units),
            lifeWords(made),
          )}
        </p>
      )}
    </>
  );
}

function lifeWords(made: NonNullable<ReturnType<typeof mixOfRecipe>>): string {
  const life = mixLife(made.mix);
  if (life.by === "long") return say.hardlySlumps;
  return life.years === 0 ? say.shortOfAirInA : say.lastsAboutYears(number(life.years, 1));
}
