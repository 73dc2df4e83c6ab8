"use client";

import * as say from "@/words/pages/setup/imports";
import type { RefObject } from "react";
import { fileAt } from "@/features/kernel/addresses";
import { useAsOf } from "@/features/kernel/as-of";
import type { ImportKind } from "@/formats/collection-columns";
import { SelectField } from "@/ui/fields";
import { number } from "@/words/format";
import type { ImportChoice } from "./use-file";

const KIND_WORDS: Record<ImportKind, { name: string; what: string }> = {
  trees: {
    name: say.trees,
    what: say.aLinePerTreeTag,
  },
  pots: { name: say.potsInStore, what: say.aLinePerKindOf },
  pottings: { name: say.pastPottings, what: say.aLinePerPottingThe },
};

/** What the file holds, which file it is, and how its bare figures are meant. */
export function WhatFile({
  choice,
  onChoice,
  input,
  onFile,
}: {
  choice: ImportChoice;
  onChoice: (choice: ImportChoice) => void;
  input: RefObject<HTMLInputElement | null>;
  onFile: (file: File) => void;
}) {
  return (
    <>
      <fieldset className="grid gap-2 sm:grid-cols-3">
        <legend className="sr-only">{say.whatTheFileHolds}</legend>
        {(Object.keys(KIND_WORDS) as ImportKind[]).map((kind) => (
          <label
            key={kind}
            className={`rounded-box flex cursor-pointer gap-3 border-2 p-3 ${choice.kind === kind ? "border-primary bg-base-200" : "border-base-300"}`}
          >
            <input
              type="radio"
              name="import-kind"
              className="radio mt-1"
              checked={choice.kind === kind}
              onChange={() => onChoice({ ...choice, kind, mapping: null, edits: [] })}
            />
            <span>
              <b>{KIND_WORDS[kind].name}</b>
              <span className="block text-sm">{KIND_WORDS[kind].what}</span>
            </span>
          </label>
        ))}
      </fieldset>
      <div className="grid gap-3 sm:grid-cols-3 lg:grid-cols-[2fr_1fr_1fr_1fr]">
        <label className="sm:col-span-3 lg:col-span-1">
          <span className="mb-1 block font-medium">{say.file}</span>
          <input
            ref={input}
            type="file"
            accept=".xlsx,.csv,.tsv,.txt,text/csv,text/plain,application/vnd.openxmlformats-officedocument.spreadsheetml.sheet"
            className="file-input w-full"
            onChange={(e) => {
              const picked = e.target.files?.[0];
              if (picked) onFile(picked);
            }}
          />
        </label>
        <SelectField
          label={say.lengthsWithoutAUnit}
          value={choice.options.lengthUnit}
          onChange={(lengthUnit) => onChoice({ ...choice, options: { ...choice.options, lengthUnit } })}
          options={[
            ["cm", say.inCm],
            ["mm", say.inMm],
            ["in", say.inInches],
          ]}
        />
        <SelectField
          label={say.volumes}
          value={choice.options.volumeUnit}
          onChange={(volumeUnit) => onChoice({ ...choice, options: { ...choice.options, volumeUnit } })}
          options={[
            ["L", say.inLitres()],
            ["gal", say.inUsGallons],
          ]}
        />
        <SelectField
          label={say.datesSuchAs0304}
          value={choice.options.dateOrder ?? "ask"}
          onChange={(order) =>
            onChoice({ ...choice, options: { ...choice.options, dateOrder: order === "ask" ? null : order } })
          }
          options={[
            ["ask", say.areDoubtfulAFault],
            ["dmy", say.dayFirst],
            ["mdy", say.monthFirst],
          ]}
        />
      </div>
    </>
  );
}

/** The lists as files. */
export function SaveLists({ counts }: { counts: Record<ImportKind, number> }) {
  const { collectionId } = useAsOf();
  return (
    <section aria-label={say.saveLists} className="space-y-2">
      <h2 className="text-lg">{say.saveAsFiles}</h2>
      <p>{say.theSameColumnsGoOut}</p>
      <div className="flex flex-wrap gap-2">
        {(Object.keys(KIND_WORDS) as ImportKind[]).map((kind) => (
          <a key={kind} className="btn" href={fileAt(collectionId, `${kind}.csv`)} download>
            {KIND_WORDS[kind].name} ({number(counts[kind])})
          </a>
        ))}
      </div>
    </section>
  );
}
