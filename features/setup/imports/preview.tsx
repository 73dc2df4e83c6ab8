"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/setup/imports";
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
  const change = (more: Partial<ImportChoice["options"]>) => onChoice({ ...choice, options: { ...options, ...more } });
  const onEdits = (next: ImportChoice["edits"]) => onChoice({ ...choice, edits: next });
  return (
    <section aria-label={say.whatTheFileHolds} className="space-y-3" data-testid="import-preview">
      <h2 className="text-lg">{fileName}</h2>
      <WhereRead preview={preview} choice={choice} onChoice={onChoice} />
      <p className="text-lg">
        <b>{say.ofLines(number(preview.good), number(preview.total))}</b>
        {say.canComeIn(
          preview.withGaps > 0 ? say.ofThemWithACell(number(preview.withGaps)) : "",
          bad > 0 ? say.cannotAsAndWouldBe(number(bad), bad === 1 ? say.itIs : say.theyAre) : "",
        )}
        {preview.missing.length > 0 && say.noColumnSaysTheYet(preview.missing.join(" or the "))}
      </p>
      <Notes notes={preview.notes} />
      <UnlistedNames rows={names} kinds={options.kinds} onKinds={(kinds) => change({ kinds })} />
      <NewPlaces rows={preview.notes.newPlaces} places={options.places} onPlaces={(places) => change({ places })} />
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
        {say.readIn(number(preview.good), preview.good === 1 ? say.line : say.lines)}
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
          label={say.sheet}
          value={sheets.read}
          onChange={(sheet) => onChoice({ ...choice, sheet, headerLine: null, mapping: null, edits: [] })}
          options={sheets.names.map((sheet) => [sheet, sheet] as const)}
        />
      )}
      {header.choices.length > 2 && (
        <SelectField
          className="w-full max-w-xl min-w-0"
          label={say.lineWithTheNamesOf}
          value={String(header.line)}
          onChange={(line) => onChoice({ ...choice, headerLine: Number(line), mapping: null, edits: [] })}
          options={header.choices.map(({ line, text }) => [String(line), say.lineWithText(line, text)] as const)}
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
    <ScrollBox label={say.columnsAndFirstLinesOf}>
      <table className="table-sm table">
        <thead>
          <tr>
            <th scope="col">{say.line}</th>
            {preview.headers.map((header, at) => (
              <th key={at} scope="col" className="min-w-52 align-top">
                <span className="block truncate font-semibold">{header || say.column(at + 1)}</span>
                <select
                  aria-label={say.whatColumnMeans(header || at + 1)}
                  className={`select select-sm mt-1 w-full font-normal ${fieldOf.has(at) ? "border-primary" : ""}`}
                  value={fieldOf.get(at) ?? ""}
                  onChange={(e) => map(at, e.target.value)}
                >
                  <option value="">{say.leftOut}</option>
                  {preview.columns.map((c) => (
                    <option key={c.field} value={c.field}>
                      {c.label}
                      {c.needed ? say.needed : ""}
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
                {faulty.has(row.line) && <span className="block text-xs">{say.leftOut}</span>}
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
  `${names.slice(0, MOST_NAMED).join(", ")}${names.length > MOST_NAMED ? common.andMoreBehind(number(names.length - MOST_NAMED)) : ""}`;

/** What a file holds that would otherwise be taken, or passed over, without a word. */
function Notes({ notes }: { notes: ImportPreview["notes"] }) {
  const items: string[] = [
    notes.above.length === 0
      ? ""
      : say.passedOverAboveTheHeader(named(notes.above.map((line) => `“${line.slice(0, 60)}”`))),
    notes.unused.length === 0
      ? ""
      : say.notReadSayBelowWhat(
          named(notes.unused.map((header) => `“${header}”`)),
          notes.unused.length === 1 ? say.thisColumnMeans : say.theseColumnsMean,
          notes.unused.length === 1 ? "it" : "them",
        ),
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
