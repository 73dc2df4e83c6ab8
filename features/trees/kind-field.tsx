"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/trees";
import { useId } from "react";
import { HABITS } from "@/core/wood/index";
import { GROUPS, LAST_SHOOTS } from "@/core/species/index";
import { useAsOf } from "@/features/kernel/as-of";
import { Field, SelectField } from "@/ui/fields";
import { foundKindWords, GROUP_WORDS, LAST_SHOOTS_WORDS } from "@/words/species";
import { HABIT_WORDS } from "@/words/terms";
import type { KindDraft } from "./use-kind";

/** A kind from the library, by any of its names, or the grower's own words with how it grows. */
export function KindField({ kind, fault }: { kind: KindDraft; fault?: string }) {
  const group = useId();
  const typed = kind.text.trim() !== "";
  const unlisted = typed && kind.chosen === null;
  return (
    <>
      <Field
        label={common.species}
        fault={fault}
        hint={kind.chosen ? foundKindWords(kind.chosen) : typed ? say.notANameInThe : say.itsCommonOrScientificName}
      >
        {(aria) => (
          <input
            {...aria}
            className="input w-full"
            value={kind.text}
            onChange={(e) => kind.type(e.target.value)}
            autoComplete="off"
          />
        )}
      </Field>
      {unlisted && kind.found.length > 0 && (
        <div className="sm:col-span-2" role="group" aria-label={say.isItOneOfThese}>
          <p className="mb-1 font-medium">{say.isItOneOfThese}</p>
          <ul className="grid gap-1 sm:grid-cols-2">
            {kind.found.slice(0, 6).map((found) => (
              <li key={found.id}>
                <button
                  type="button"
                  className="btn h-auto min-h-11 w-full justify-start py-1 text-left font-normal"
                  onClick={() => kind.pick(found)}
                >
                  <span>
                    <b>{found.rank === "genus" ? say.another(found.scientific) : found.name}</b>
                    <span className="block text-sm">{foundKindWords(found)}</span>
                  </span>
                </button>
              </li>
            ))}
          </ul>
        </div>
      )}
      {unlisted && (
        <fieldset className="border-base-300 rounded-box border p-3 sm:col-span-2">
          <legend className="px-1 font-medium">{say.howDoesItGrow}</legend>
          <div className="grid gap-2 sm:grid-cols-2">
            {[...HABITS, "unknown" as const].map((key) => (
              <label key={key} className="flex min-h-11 cursor-pointer items-start gap-3">
                <input
                  type="radio"
                  name={`${group}-habit`}
                  className="radio mt-1"
                  checked={kind.habit === key}
                  onChange={() => kind.setHabit(key)}
                />
                <span>
                  <b>{HABIT_WORDS[key].name}</b>
                  <br />
                  <span className="text-sm">{HABIT_WORDS[key].what}</span>
                </span>
              </label>
            ))}
          </div>
        </fieldset>
      )}
      {(unlisted || kind.chosen?.rank === "genus") && (
        <LooksFields kind={kind} whole={unlisted && kind.habit === "unknown"} />
      )}
    </>
  );
}

/** What anybody can see of a plant nobody can name: leaf, group, and how long last year's shoots were, which says its pace. */
function LooksFields({ kind, whole }: { kind: KindDraft; whole: boolean }) {
  const { units } = useAsOf();
  const { looks, setLooks } = kind;
  const NOT_SEEN = ["", say.notSure] as const;
  return (
    <div className="grid gap-3 sm:col-span-2 sm:grid-cols-3" role="group" aria-label={say.whatYouSeeOfIt}>
      {whole && (
        <>
          <SelectField
            label={say.itsLeaves}
            value={looks.leaf ?? ""}
            onChange={(leaf) => setLooks({ ...looks, leaf: leaf === "" ? null : leaf })}
            options={[NOT_SEEN, ["deciduous", say.fallInWinter], ["evergreen", say.stayAllYear]] as const}
          />
          <SelectField
            label={common.whatItIsLike}
            value={looks.group ?? ""}
            onChange={(group) => setLooks({ ...looks, group: group === "" ? null : group })}
            options={[NOT_SEEN, ...GROUPS.map((g) => [g, GROUP_WORDS[g]] as const)]}
          />
        </>
      )}
      <SelectField
        label={say.lastYearsShoots}
        value={looks.lastShoots ?? ""}
        onChange={(lastShoots) => setLooks({ ...looks, lastShoots: lastShoots === "" ? null : lastShoots })}
        options={[NOT_SEEN, ...LAST_SHOOTS.map((l) => [l, LAST_SHOOTS_WORDS[l](units)] as const)]}
        hint={say.rootsGrowAtThePace}
      />
    </div>
  );
}
