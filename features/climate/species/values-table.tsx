import * as common from "@/words/pages/common";
import * as say from "@/words/pages/climate/species";
import { useState } from "react";
import type { FieldName, Layer, Mark, Source } from "@/core/species/index";
import { FIELD_WORDS, LAYER_WORDS, MARK_WORDS } from "@/words/species";
import { FieldEditor } from "./field-editor";

/** One value of a kind: what it is, what it does, how sure, and whose word it is. */
export interface FieldRow {
  name: FieldName;
  value: unknown;
  words: string;
  mark: Mark;
  source: Source;
  layer: Layer;
  reference: string | null;
  /** What the library says, where somebody said otherwise. */
  library: string | null;
  /** Why it was said otherwise, where somebody wrote it down. */
  reason: string | null;
}

const SECTIONS: readonly (readonly [string, readonly FieldName[]])[] = [
  [
    say.howItGrows,
    [
      "group",
      "leaf",
      "potHeightM",
      "vigour",
      "roots",
      "spread",
      "tolerance",
      "rootShare",
      "largestStep",
      "rootGrowthBaseC",
      "traits",
    ],
  ],
  [
    say.whenItIsWorkedOn,
    ["rootWork", "springRootZoneC", "takeHoldBaseC", "takeHoldDegreeDays", "flushFrostC", "bloomDays"],
  ],
  [
    say.coldAndWinter,
    [
      "crownC",
      "leafC",
      "budC",
      "bloomC",
      "rootKillYoungC",
      "rootKillMatureC",
      "rootHeatC",
      "winterLight",
      "winterC",
      "bringInNightC",
      "chillPortions",
      "coolForBloom",
    ],
  ],
  [say.potMixWaterAndFeed, ["potNote", "mixNote", "ph", "lime", "phosphate", "salt", "water", "kc", "feeding", "wind"]],
  ["Crop", ["cropVolumeL", "fruitDays", "cropDegreeDays", "pollination", "circle", "yieldPer10L", "yieldUnit"]],
  ["Care", ["hazards", "health"]],
];

/** For whom a value is said otherwise. */
export interface SaidFor {
  kindId: string;
  cultivar: string | null;
  treeId: string | null;
}

/** Every value of a kind by subject, and a way to say each otherwise. */
export function ValuesTable({ rows, saidFor }: { rows: readonly FieldRow[]; saidFor: SaidFor }) {
  const [editing, setEditing] = useState<FieldName | null>(null);
  const byName = new Map(rows.map((r) => [r.name, r]));
  return (
    <>
      {SECTIONS.map(([title, names]) => (
        <section key={title} aria-label={title} className="mt-5">
          <h3 className="text-lg">{title}</h3>
          <ul className="divide-base-300 divide-y">
            {names.map((name) => (
              <ValueRow
                key={name}
                row={byName.get(name)!}
                saidFor={saidFor}
                editing={editing === name}
                onEdit={(on) => setEditing(on ? name : null)}
              />
            ))}
          </ul>
        </section>
      ))}
    </>
  );
}

function ValueRow({
  row,
  saidFor,
  editing,
  onEdit,
}: {
  row: FieldRow;
  saidFor: SaidFor;
  editing: boolean;
  onEdit: (on: boolean) => void;
}) {
  const { name } = row;
  return (
    <li id={name} data-why="" className="grid gap-x-4 py-2 sm:grid-cols-[12rem_minmax(0,1fr)_14rem_auto]">
      <p>
        <b>{FIELD_WORDS[name].name}</b>
      </p>
      <div>
        <p data-testid={`field-${name}`}>{row.words}</p>
        <p className="text-sm opacity-80" data-reason="">
          {FIELD_WORDS[name].does}
        </p>
        {row.library !== null && <p className="text-sm">{say.theLibrarySays(row.library)}</p>}
        {row.reason !== null && <p className="text-sm italic">“{row.reason}”</p>}
      </div>
      <p className="text-sm">
        <span
          className={`badge badge-sm ${row.mark === "guess" ? "badge-warning" : ""}`}
          title={MARK_WORDS[row.mark].what}
        >
          {MARK_WORDS[row.mark].name}
        </span>{" "}
        {row.source === "published" ? say.published : ""}
        {LAYER_WORDS[row.layer]}
        {row.reference && <span className="block text-xs">{row.reference}</span>}
      </p>
      <button
        type="button"
        className="btn btn-sm min-h-11 justify-self-start"
        aria-expanded={editing}
        onClick={() => onEdit(!editing)}
      >
        {editing ? common.close : say.sayOtherwise}
      </button>
      {editing && (
        <div className="bg-base-200 rounded-box mt-2 p-3 sm:col-span-4">
          <FieldEditor
            {...saidFor}
            name={name}
            value={row.value}
            own={row.library !== null}
            reason={row.reason}
            onDone={() => onEdit(false)}
          />
        </div>
      )}
    </li>
  );
}
