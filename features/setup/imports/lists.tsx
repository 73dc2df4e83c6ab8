"use client";

import * as say from "@/words/pages/setup/imports";
import { useRef, useState } from "react";
import type { ImportKind } from "@/formats/collection-columns";
import { number } from "@/words/format";
import { FormFaults } from "@/ui/fields";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { Preview } from "./preview";
import type { ImportPreview, ListDone, UnlistedName } from "./run";
import { stillNamed } from "./unlisted-names";
import { type ImportChoice, useFile } from "./use-file";
import { PAGE_WORDS } from "@/words/rooms";
import { SaveLists, WhatFile } from "./what-file";

const STEP_WORDS = { reading: "Reading", checking: "Checking", saving: "Saving" } as const;

/** Lists come in from a file, and go out as one. */
export function Lists({ counts }: { counts: Record<ImportKind, number> }) {
  const { units } = useAsOf();
  const { tell } = useNotice();
  const { send, progress } = useFile<ImportPreview, ListDone>("import-file");
  const [choice, setChoice] = useState<ImportChoice>({
    kind: "trees",
    mapping: null,
    sheet: null,
    headerLine: null,
    edits: [],
    options: {
      lengthUnit: units === "us" ? "in" : "cm",
      volumeUnit: units === "us" ? "gal" : "L",
      dateOrder: null,
      kinds: {},
      places: {},
    },
  });
  const [file, setFile] = useState<File | null>(null);
  const [preview, setPreview] = useState<ImportPreview | null>(null);
  const [names, setNames] = useState<UnlistedName[]>([]);
  const [problem, setProblem] = useState<string | null>(null);
  const [done, setDone] = useState<string | null>(null);
  const commandId = useRef<string | null>(null);
  const input = useRef<HTMLInputElement>(null);

  const look = async (chosen: File, next: ImportChoice) => {
    setProblem(null);
    setDone(null);
    commandId.current = null;
    const answer = await send(chosen, next, null);
    if (answer === null) return;
    if (!answer.ok) {
      setPreview(null);
      setProblem(answer.message);
    } else if ("preview" in answer) {
      const { unlisted } = answer.preview.notes;
      setNames((before) => stillNamed(unlisted, before, next.options.kinds));
      setPreview(answer.preview);
      setChoice({ ...next, mapping: answer.preview.mapping });
    }
  };
  const change = (next: ImportChoice) => {
    setChoice(next);
    if (file) void look(file, next);
  };
  const confirm = async () => {
    if (!file) return;
    commandId.current ??= crypto.randomUUID();
    const answer = await send(file, choice, commandId.current);
    if (answer?.ok === false) return setProblem(answer.message);
    if (answer === null || !("kept" in answer)) return;
    const { count, skipped, entryId } = answer.kept;
    const text = say.comeIn(
      number(count),
      count === 1 ? say.lineHas : say.linesHave,
      skipped > 0 ? say.wereLeftOut(number(skipped)) : "",
    );
    setDone(text);
    tell({ text, entryId });
    setFile(null);
    setPreview(null);
    if (input.current) input.current.value = "";
  };

  return (
    <div className="mx-auto max-w-5xl space-y-6">
      <h1 className="text-2xl">{PAGE_WORDS.import}</h1>
      <section aria-label={say.importLabel} className="space-y-3">
        <h2 className="text-lg">{say.importLabel}</h2>
        <p>{say.aWorkbookXlsxOrAny}</p>
        <WhatFile
          choice={choice}
          onChoice={change}
          input={input}
          onFile={(picked) => {
            setFile(picked);
            // What was said of one file's names and places holds for that file.
            const options = { ...choice.options, kinds: {}, places: {} };
            void look(picked, { ...choice, mapping: null, sheet: null, headerLine: null, edits: [], options });
          }}
        />
        {progress && (
          <div role="status" className="space-y-1">
            <progress
              className="progress progress-primary w-full"
              value={progress.done}
              max={Math.max(1, progress.of)}
            />
            <p className="text-sm">
              {STEP_WORDS[progress.step]} … {number((100 * progress.done) / Math.max(1, progress.of))} %
            </p>
          </div>
        )}
        <FormFaults faults={problem ? [{ message: problem }] : []} />
        {done && <p className="text-lg font-semibold">{done}</p>}
      </section>
      {preview && file && (
        <Preview
          preview={preview}
          fileName={file.name}
          choice={choice}
          onChoice={change}
          names={names}
          onConfirm={() => void confirm()}
          busy={progress !== null}
        />
      )}
      <SaveLists counts={counts} />
    </div>
  );
}
