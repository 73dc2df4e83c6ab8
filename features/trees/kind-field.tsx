"use client";

import { useId } from "react";
import { type Habit, HABITS } from "@/core/wood/index";
import { Field } from "@/ui/fields";
import { HABIT_WORDS } from "@/words/terms";
import { type KindOption, matchKind } from "./kind-options";

/** A kind from the library, or the grower's own words with how it grows. */
export function KindField({
  kinds,
  value,
  onChange,
  habit,
  onHabit,
  fault,
}: {
  kinds: KindOption[];
  value: string;
  onChange: (text: string) => void;
  habit: Habit | "unknown";
  onHabit: (habit: Habit | "unknown") => void;
  fault?: string;
}) {
  const list = useId();
  const matched = matchKind(kinds, value);
  const unlisted = value.trim() !== "" && !matched;
  return (
    <>
      <Field
        label="Kind"
        fault={fault}
        hint={
          matched
            ? matched.scientific
            : unlisted
              ? "Not in the library: kept as you typed it."
              : "pick from the list, or type your own"
        }
      >
        {(aria) => (
          <>
            <input
              {...aria}
              list={list}
              className="input w-full"
              value={value}
              onChange={(e) => onChange(e.target.value)}
              autoComplete="off"
            />
            <datalist id={list}>
              {kinds.map((k) => (
                <option key={k.name} value={k.name}>
                  {k.scientific}
                </option>
              ))}
            </datalist>
          </>
        )}
      </Field>
      {unlisted && (
        <fieldset className="border-base-300 rounded-box border p-3 sm:col-span-2">
          <legend className="px-1 font-medium">How does it grow?</legend>
          <div className="grid gap-2 sm:grid-cols-2">
            {[...HABITS, "unknown" as const].map((key) => (
              <label key={key} className="flex min-h-11 cursor-pointer items-start gap-3">
                <input
                  type="radio"
                  name={`${list}-habit`}
                  className="radio mt-1"
                  checked={habit === key}
                  onChange={() => onHabit(key)}
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
    </>
  );
}
