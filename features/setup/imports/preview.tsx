"use client";

import type { Mapping } from "@/formats/collection-columns";
import { number } from "@/words/format";
import { ScrollBox, SelectField } from "@/ui/fields";
import { DoubtfulCells } from "./doubtful-cells";
import { withEdit } from "./edit-list";
import { NewPlaces, Readings } from "./readings";
import type { ImportPreview, UnlistedName } from "./run";
import { UnlistedNames } from "./unlisted-names";
import type { ImportChoice } from "./use-file";

/** What a file holds and what will be made of it; whatever is changed here is read anew at once. */
export function Preview({
  preview,
  fileName,
  choice,
  onChoice,
  names,
  onConfirm,
  busy,
}: {
  preview: ImportPreview;
  fileName: string;
  choice: ImportChoice;
  onChoice: (choice: ImportChoice) => void;
  names: readonly UnlistedName[];
  onConfirm: () => void;
  busy: boolean;
}) {
  const { options, edits } = choice;
  const bad = preview.total - preview.good;
  const say = (more: Partial<ImportChoice["options"]>) => onChoice({ ...choice, options: { ...options, ...more } });
  const onEdits = (next: ImportChoice["edits"]) => onChoice({ ...choice, edits: next });
  return (
    <section aria-label="What the file holds" className="space-y-3" data-testid="import-preview">
      <h2 className="text-lg">{fileName}</h2>
      <WhereRead preview={preview} choice={choice} onChoice={onChoice} />
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
      <UnlistedNames rows={names} kinds={options.kinds} onKinds={(kinds) => say({ kinds })} />
      <NewPlaces rows={preview.notes.newPlaces} places={options.places} onPlaces={(places) => say({ places })} />
      <Readings
        rows={preview.notes.readings}
        busy={busy}
        onInstead={({ column, value, instead }) =>
          onEdits(withEdit(edits, { line: null, column, from: value, value: instead }))
        }
      />
      <Columns preview={preview} onMap={(mapping) => onChoice({ ...choice, mapping })} />
      <DoubtfulCells
        key={preview.doubts.map((d) => `${d.lines[0]}${d.column}${d.value}`).join()}
        doubts={preview.doubts}
        count={preview.doubtCount}
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

/** Which sheet is read, and which line names the columns. */
function WhereRead({
  preview: { sheets, header },
  choice,
  onChoice,
}: {
  preview: ImportPreview;
  choice: ImportChoice;
  onChoice: (choice: ImportChoice) => void;
}) {
  return (
    <div className="flex flex-wrap gap-3">
      {sheets && sheets.names.length > 1 && (
        <SelectField
          className="max-w-72 grow"
          label="Sheet"
          value={sheets.read}
          onChange={(sheet) => onChoice({ ...choice, sheet, headerLine: null, mapping: null, edits: [] })}
          options={sheets.names.map((sheet) => [sheet, sheet] as const)}
        />
      )}
      {header.choices.length > 2 && (
        <SelectField
          className="w-full max-w-xl min-w-0"
          label="Line with the names of the columns"
          value={String(header.line)}
          onChange={(line) => onChoice({ ...choice, headerLine: Number(line), mapping: null, edits: [] })}
          options={header.choices.map(({ line, text }) => [String(line), `line ${line}: ${text}`] as const)}
        />
      )}
    </div>
  );
}

/** The columns with what each means, over the first lines. */
function Columns({ preview, onMap }: { preview: ImportPreview; onMap: (mapping: Mapping) => void }) {
  const fieldOf = new Map(Object.entries(preview.mapping).map(([field, at]) => [at, field]));
  const map = (at: number, field: string) => {
    const next = Object.fromEntries(Object.entries(preview.mapping).filter(([f, i]) => i !== at && f !== field));
    onMap(field === "" ? next : { ...next, [field]: at });
  };
  const faulty = new Set(preview.doubts.filter((d) => d.fatal).flatMap((d) => d.lines));
  return (
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
