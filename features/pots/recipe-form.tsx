"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/pots/recipe";
import { useRef, useState } from "react";
import { mixLife, mixOfRecipe } from "@/core/mix/index";
import type { MixStores, StoredRecipe } from "@/core/records/index";
import { kilograms, number, percent, readNumber } from "@/words/format";
import { Form, FormFaults, SelectField, TextField } from "@/ui/fields";
import { unplaced, useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { componentName } from "@/words/mixes";

const FIELDS = ["name", "parts", "feedsMonths", "note"];
type Line = { id: string; part: string };

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
  const { collectionId, units } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure, beside } = useCommand("set-recipe");
  const recipeId = useRef<string | null>(recipe?.id ?? null);
  const [name, setName] = useState(recipe?.name ?? "");
  const [lines, setLines] = useState<Line[]>(
    recipe
      ? Object.entries(recipe.parts).map(([id, part]) => ({ id, part: String(part) }))
      : [
          { id: "bark-coarse", part: "2" },
          { id: "compost", part: "1" },
        ],
  );
  const [months, setMonths] = useState(recipe?.feedsMonths === null || !recipe ? "" : String(recipe.feedsMonths));
  const [note, setNote] = useState(recipe?.note ?? "");
  const [problems, setProblems] = useState<Record<string, string>>({});
  const fault = beside(problems);
  const parts = Object.fromEntries(
    lines.flatMap(({ id, part }) => {
      const read = readNumber(part);
      return id !== "" && read > 0 ? [[id, read] as const] : [];
    }),
  );
  const made = mixOfRecipe(parts, stores.library);
  const free = Object.keys(stores.library).filter((id) => !lines.some((l) => l.id === id));

  const submit = async (gone = false) => {
    const wrong: Record<string, string> = {};
    if (lines.some((l) => l.part.trim() !== "" && !(readNumber(l.part) >= 0))) wrong.parts = say.partsAreNumbersSuchAs;
    const feedsMonths = months.trim() === "" ? null : readNumber(months);
    setProblems(wrong);
    recipeId.current ??= crypto.randomUUID();
    const done = await send(
      {
        collectionId,
        recipeId: recipeId.current,
        name: name.trim(),
        parts,
        feedsMonths,
        note: note.trim(),
        gone,
      },
      wrong,
    );
    if (!done) return;
    tell({ text: gone ? common.isTakenOut(name.trim()) : say.isKept(name.trim()), entryId: done.entryId });
    if (!recipe) {
      recipeId.current = null;
      setName("");
      setNote("");
    }
    onDone();
  };

  return (
    <Form
      className="border-base-300 rounded-box mt-3 space-y-3 border p-3"
      label={say.recipe}
      onSubmit={() => submit()}
    >
      <h2 className="text-lg">{recipe ? say.change(recipe.name) : say.aRecipeOfYourOwn}</h2>
      <TextField
        label={common.name}
        value={name}
        onChange={setName}
        fault={fault("name")}
        hint={say.suchAsHouseMixFor}
      />
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
                onChange={(e) => setLines(lines.map((l, k) => (k === i ? { ...l, part: e.target.value } : l)))}
              />
              <select
                aria-label={say.component(i + 1)}
                className="select min-w-0 flex-1"
                value={line.id}
                onChange={(e) => setLines(lines.map((l, k) => (k === i ? { ...l, id: e.target.value } : l)))}
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
        {fault("parts") && (
          <p role="alert" className="text-error mt-1 text-sm font-semibold">
            {fault("parts")}
          </p>
        )}
        <SelectField
          className="mt-2 max-w-72"
          label={say.addAComponent}
          value=""
          onChange={(id) => id !== "" && setLines([...lines, { id, part: "1" }])}
          options={[["", "choose …"] as const, ...free.map((id) => [id, componentName(id, stores)] as const)]}
        />
      </fieldset>
      <div className="grid gap-3 sm:grid-cols-2">
        <TextField
          label={say.feedsFor}
          numeric
          suffix="months"
          value={months}
          onChange={setMonths}
          fault={fault("feedsMonths")}
          hint={made ? say.emptyAboutFromWhatIs(number(made.feedsMonths)) : undefined}
        />
        <TextField label={common.note} value={note} onChange={setNote} fault={fault("note")} />
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
      <FormFaults faults={unplaced(failure, FIELDS)} />
      <div className="flex flex-wrap gap-3">
        <button type="submit" className="btn btn-primary min-h-12" disabled={busy}>
          {recipe ? say.keepTheChange : say.keepThisRecipe}
        </button>
        {recipe && (
          <>
            <button type="button" className="btn min-h-12" onClick={onDone}>
              {common.leaveIt}
            </button>
            <button type="button" className="btn btn-ghost min-h-12" disabled={busy} onClick={() => void submit(true)}>
              {common.takeItOut}
            </button>
          </>
        )}
      </div>
    </Form>
  );
}

function lifeWords(made: NonNullable<ReturnType<typeof mixOfRecipe>>): string {
  const life = mixLife(made.mix);
  if (life.by === "long") return say.hardlySlumps;
  return life.years === 0 ? say.shortOfAirInA : say.lastsAboutYears(number(life.years, 1));
}
