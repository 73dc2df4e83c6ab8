"use client";

import { fileAt } from "@/features/kernel/addresses";
import { useRef, useState } from "react";
import type { ImportKind, Mapping } from "@/formats/collection-columns";
import { number } from "@/words/format";
import { FormFaults, ScrollBox, SelectField } from "@/ui/fields";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { FaultyCells } from "./faulty-cells";
import type { ImportPreview, ListDone, UnlistedName } from "./run";
import { stillNamed, UnlistedNames } from "./unlisted-names";
import { type ImportChoice, useFile } from "./use-file";
import { PAGE_WORDS } from "@/words/rooms";

const KIND_WORDS: Record<ImportKind, { name: string; what: string }> = {
  trees: {
    name: "Trees",
    what: "a line per tree: tag and species at least; its pot, when it was last potted, place, notes",
  },
  pots: { name: "Pots in store", what: "a line per kind of pot: name, size, how many, price" },
  pottings: { name: "Past pottings", what: "a line per potting: the tree’s tag and when; pot, mix and roots if known" },
};

const STEP_WORDS = { reading: "Reading", checking: "Checking", saving: "Saving" } as const;

/** Lists come in from a file, and go out as one. */
export function Lists({ counts }: { counts: Record<ImportKind, number> }) {
  const { collectionId, units } = useAsOf();
  const { tell } = useNotice();
  const { send, progress } = useFile<ImportPreview, ListDone>("import-file");
  const [choice, setChoice] = useState<ImportChoice>({
    kind: "trees",
    mapping: null,
    sheet: null,
    edits: [],
    options: {
      lengthUnit: units === "us" ? "in" : "cm",
      volumeUnit: units === "us" ? "gal" : "L",
      dateOrder: null,
      kinds: {},
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
    const text = `${number(count)} ${count === 1 ? "line has" : "lines have"} come in${skipped > 0 ? `, ${number(skipped)} were left out` : ""}.`;
    setDone(text);
    tell({ text, entryId });
    setFile(null);
    setPreview(null);
    if (input.current) input.current.value = "";
  };

  return (
    <div className="mx-auto max-w-5xl space-y-6">
      <h1 className="text-2xl">{PAGE_WORDS.import}</h1>
      <section aria-label="Import" className="space-y-3">
        <h2 className="text-lg">Import</h2>
        <p>
          A workbook (.xlsx) or any table saved as CSV. What a line does not say stays unknown; nothing is kept until
          you say so, and one undo takes the whole file back.
        </p>
        <fieldset className="grid gap-2 sm:grid-cols-3">
          <legend className="sr-only">What the file holds</legend>
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
                onChange={() => change({ ...choice, kind, mapping: null, edits: [] })}
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
            <span className="mb-1 block font-medium">File</span>
            <input
              ref={input}
              type="file"
              accept=".xlsx,.csv,.tsv,.txt,text/csv,text/plain,application/vnd.openxmlformats-officedocument.spreadsheetml.sheet"
              className="file-input w-full"
              onChange={(e) => {
                const picked = e.target.files?.[0];
                if (!picked) return;
                setFile(picked);
                // What was said of one file's names holds for that file.
                void look(picked, {
                  ...choice,
                  mapping: null,
                  sheet: null,
                  edits: [],
                  options: { ...choice.options, kinds: {} },
                });
              }}
            />
          </label>
          <SelectField
            label="Lengths without a unit"
            value={choice.options.lengthUnit}
            onChange={(lengthUnit) => change({ ...choice, options: { ...choice.options, lengthUnit } })}
            options={[
              ["cm", "in cm"],
              ["mm", "in mm"],
              ["in", "in inches"],
            ]}
          />
          <SelectField
            label="Volumes"
            value={choice.options.volumeUnit}
            onChange={(volumeUnit) => change({ ...choice, options: { ...choice.options, volumeUnit } })}
            options={[
              ["L", "in litres"],
              ["gal", "in US gallons"],
            ]}
          />
          <SelectField
            label="Dates such as 03/04/2021"
            value={choice.options.dateOrder ?? "ask"}
            onChange={(order) =>
              change({ ...choice, options: { ...choice.options, dateOrder: order === "ask" ? null : order } })
            }
            options={[
              ["ask", "are doubtful: a fault"],
              ["dmy", "day first"],
              ["mdy", "month first"],
            ]}
          />
        </div>
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
          onMap={(mapping) => change({ ...choice, mapping })}
          onSheet={(sheet) => change({ ...choice, sheet, mapping: null, edits: [] })}
          edits={choice.edits}
          onEdits={(edits) => change({ ...choice, edits })}
          names={names}
          kinds={choice.options.kinds}
          onKinds={(kinds) => change({ ...choice, options: { ...choice.options, kinds } })}
          onConfirm={() => void confirm()}
          busy={progress !== null}
        />
      )}
      <section aria-label="Save lists" className="space-y-2">
        <h2 className="text-lg">Save as files</h2>
        <p>The same columns go out, so that a file can be read in again, here or anywhere.</p>
        <div className="flex flex-wrap gap-2">
          {(Object.keys(KIND_WORDS) as ImportKind[]).map((kind) => (
            <a key={kind} className="btn" href={fileAt(collectionId, `${kind}.csv`)} download>
              {KIND_WORDS[kind].name} ({number(counts[kind])})
            </a>
          ))}
        </div>
      </section>
    </div>
  );
}

function Preview({
  preview,
  fileName,
  onMap,
  onSheet,
  edits,
  onEdits,
  names,
  kinds,
  onKinds,
  onConfirm,
  busy,
}: {
  preview: ImportPreview;
  fileName: string;
  onMap: (mapping: Mapping) => void;
  onSheet: (sheet: string) => void;
  /** Cells put right so far. */
  edits: ImportChoice["edits"];
  onEdits: (edits: ImportChoice["edits"]) => void;
  names: readonly UnlistedName[];
  kinds: Record<string, string>;
  onKinds: (kinds: Record<string, string>) => void;
  onConfirm: () => void;
  busy: boolean;
}) {
  const fieldOf = new Map(Object.entries(preview.mapping).map(([field, at]) => [at, field]));
  const map = (at: number, field: string) => {
    const next = Object.fromEntries(Object.entries(preview.mapping).filter(([f, i]) => i !== at && f !== field));
    onMap(field === "" ? next : { ...next, [field]: at });
  };
  const bad = preview.total - preview.good;
  const faulty = new Set(preview.problems.filter((p) => p.fatal).map((p) => p.line));
  return (
    <section aria-label="What the file holds" className="space-y-3" data-testid="import-preview">
      <h2 className="text-lg">{fileName}</h2>
      {preview.sheets && preview.sheets.names.length > 1 && (
        <SelectField
          className="max-w-72"
          label="Sheet"
          value={preview.sheets.read}
          onChange={onSheet}
          options={preview.sheets.names.map((sheet) => [sheet, sheet] as const)}
        />
      )}
      <p className="text-lg">
        <b>
          {number(preview.good)} of {number(preview.total)} lines
        </b>{" "}
        can come in
        {preview.withGaps > 0
          ? `, ${number(preview.withGaps)} of them with a cell that cannot be read and is left empty`
          : ""}
        {bad > 0 ? `; ${number(bad)} cannot as ${bad === 1 ? "it is" : "they are"} and would be left out` : ""}.
        {preview.missing.length > 0 && ` No column says the ${preview.missing.join(" or the ")} yet: choose it below.`}
      </p>
      <Notes notes={preview.notes} />
      <UnlistedNames rows={names} kinds={kinds} onKinds={onKinds} />
      <ScrollBox label="Columns and first lines of the file">
        <table className="table-sm table">
          <thead>
            <tr>
              <th scope="col">line</th>
              {preview.headers.map((header, at) => (
                <th key={at} scope="col" className="min-w-52 align-top">
                  <span className="block truncate font-semibold">{header || `column ${at + 1}`}</span>
                  <select
                    aria-label={`What column ${header || at + 1} means`}
                    className={`select select-sm mt-1 w-full font-normal ${fieldOf.has(at) ? "border-primary" : ""}`}
                    value={fieldOf.get(at) ?? ""}
                    onChange={(e) => map(at, e.target.value)}
                  >
                    <option value="">left out</option>
                    {preview.columns.map((c) => (
                      <option key={c.field} value={c.field}>
                        {c.label}
                        {c.needed ? " (needed)" : ""}
                      </option>
                    ))}
                  </select>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {preview.sample.map((row) => (
              <tr key={row.line} className={faulty.has(row.line) ? "text-error" : ""}>
                <td>
                  {row.line}
                  {faulty.has(row.line) && <span className="block text-xs">left out</span>}
                </td>
                {preview.headers.map((_, at) => (
                  <td key={at} className={`max-w-56 truncate ${fieldOf.has(at) ? "" : "opacity-60"}`}>
                    {row.cells[at] ?? ""}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </ScrollBox>
      <FaultyCells
        key={preview.problems.map((p) => `${p.line}${p.column}${p.value}`).join()}
        problems={preview.problems}
        count={preview.problemCount}
        edits={edits}
        onEdits={onEdits}
        busy={busy}
      />
      <button
        type="button"
        className="btn btn-primary btn-lg"
        disabled={busy || preview.good === 0}
        onClick={onConfirm}
      >
        Read in {number(preview.good)} {preview.good === 1 ? "line" : "lines"}
      </button>
    </section>
  );
}

const MOST_NAMED = 12;
const named = (names: readonly string[]) =>
  `${names.slice(0, MOST_NAMED).join(", ")}${names.length > MOST_NAMED ? ` and ${number(names.length - MOST_NAMED)} more` : ""}`;

/** What a file holds that would otherwise be taken, or passed over, without a word. */
function Notes({ notes }: { notes: ImportPreview["notes"] }) {
  const items: string[] = [
    notes.above.length === 0
      ? ""
      : `Passed over above the header: ${named(notes.above.map((line) => `“${line.slice(0, 60)}”`))}.`,
    notes.unused.length === 0
      ? ""
      : `Not read: ${named(notes.unused.map((header) => `“${header}”`))}. Say below what ${notes.unused.length === 1 ? "this column means" : "these columns mean"}, or leave ${notes.unused.length === 1 ? "it" : "them"} out.`,
    notes.newPlaces.length === 0
      ? ""
      : `New places, in the open until you say more of them: ${named(notes.newPlaces)}.`,
  ].filter((text) => text !== "");
  if (items.length === 0) return null;
  return (
    <ul className="border-warning space-y-1 border-l-4 pl-3" data-testid="import-notes">
      {items.map((text) => (
        <li key={text}>{text}</li>
      ))}
    </ul>
  );
}
