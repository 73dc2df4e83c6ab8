"use client";

import { pageAt, treeAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { useState } from "react";
import type { RuleId } from "@/core/rules/index";
import type { FieldName, Layer, Mark, PartnerAdvice, Source } from "@/core/species/index";
import type { Habit } from "@/core/wood/index";
import { number } from "@/words/format";
import { Caution, SelectField } from "@/ui/fields";
import { FIELD_WORDS, HEALTH_NOTE_WORDS, LAYER_WORDS, MARK_WORDS } from "@/words/species";
import { RULE_WORDS } from "@/words/judgement";
import { useAsOf } from "@/features/kernel/as-of";
import { HABIT_WORDS, HAZARD_WORDS } from "@/words/terms";
import { FieldEditor } from "./field-editor";

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
}

const SECTIONS: readonly (readonly [string, readonly FieldName[]])[] = [
  [
    "How it grows",
    [
      "group",
      "leaf",
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
    "When it is worked on",
    ["rootWork", "springRootZoneC", "takeHoldBaseC", "takeHoldDegreeDays", "flushFrostC", "bloomDays"],
  ],
  [
    "Cold and winter",
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
      "chillPortions",
      "coolForBloom",
    ],
  ],
  [
    "Pot, mix, water and feed",
    ["potNote", "mixNote", "ph", "lime", "phosphate", "salt", "water", "kc", "feeding", "wind"],
  ],
  ["Crop", ["cropVolumeL", "fruitDays", "cropDegreeDays", "pollination", "circle", "yieldPer10L", "yieldUnit"]],
  ["Care", ["hazards", "health"]],
];

/** A kind to be read: every value, what it does, how sure it is, where it comes from, and a way to say otherwise. */
export function KindPage({
  kind,
  rows,
  rules,
  stocks,
  trees,
  tree,
  partners,
}: {
  kind: { id: string; names: string[]; scientific: string; note: string; habit: Habit };
  rows: FieldRow[];
  rules: RuleId[];
  stocks: { name: string; words: [FieldName, string][] }[];
  trees: { id: string; tag: string; cultivar: string | null }[];
  tree: { id: string; tag: string; cultivar: string | null } | null;
  partners: { need: PartnerAdvice["need"]; trees: { id: string; tag: string }[] };
}) {
  const { collectionId } = useAsOf();
  const [editing, setEditing] = useState<FieldName | null>(null);
  const [scope, setScope] = useState<"collection" | "cultivar" | "tree">(tree ? "tree" : "collection");
  const byName = new Map(rows.map((r) => [r.name, r]));
  const hazards = byName.get("hazards")!.value as (keyof typeof HAZARD_WORDS)[];
  const health = byName.get("health")!.value as (keyof typeof HEALTH_NOTE_WORDS)[];
  const sorts = [...new Set(trees.flatMap((t) => (t.cultivar ? [t.cultivar] : [])))];
  const [sort, setSort] = useState(tree?.cultivar ?? sorts[0] ?? "");
  const guesses = rows.filter((r) => r.mark === "guess").length;
  return (
    <article>
      <p className="text-sm">
        <Link className="link" prefetch={false} href={pageAt(collectionId, "almanac/kinds")}>
          Kinds
        </Link>
        {tree && (
          <>
            {" "}
            ·{" "}
            <Link className="link" href={treeAt(collectionId, tree.id)}>
              {tree.tag}
            </Link>
          </>
        )}
      </p>
      <h1 className="text-2xl">
        {kind.names[0]} <i className="text-base font-normal opacity-80">{kind.scientific}</i>
      </h1>
      {kind.names.length > 1 && <p className="text-sm">also {kind.names.slice(1).join(", ")}</p>}
      <p className="mt-1 text-lg">{kind.note}</p>
      <p className="text-sm">
        Grows {HABIT_WORDS[kind.habit].name.toLowerCase()}: {HABIT_WORDS[kind.habit].what}.{" "}
        {guesses === 0
          ? "Every value is set for the kind itself."
          : `${number(guesses)} of ${number(rows.length)} values are inherited and guesses: say otherwise where you know better.`}
      </p>
      {(hazards.length > 0 || health.length > 0) && (
        <Caution className="mt-3">
          {hazards.map((h) => (
            <p key={h}>{HAZARD_WORDS[h]}</p>
          ))}
          {health.map((h) => (
            <p key={h}>{HEALTH_NOTE_WORDS[h]}</p>
          ))}
        </Caution>
      )}
      {trees.length > 0 && (
        <p className="mt-3 text-sm" data-record="">
          Here:{" "}
          {trees.slice(0, 12).map((t, i) => (
            <span key={t.id}>
              {i > 0 && ", "}
              <Link className="link" prefetch={false} href={treeAt(collectionId, t.id)}>
                {t.tag}
              </Link>
              {t.cultivar ? ` ‘${t.cultivar}’` : ""}
            </span>
          ))}
          {trees.length > 12 ? ` and ${number(trees.length - 12)} more` : ""}.
        </p>
      )}
      {(partners.need === "needed" || partners.need === "other-sex") && (
        <p className={`mt-1 text-sm ${partners.trees.length === 0 ? "text-error font-medium" : ""}`}>
          {partners.trees.length === 0
            ? "No partner for it stands in this collection."
            : `Partners here: ${partners.trees.map((t) => t.tag).join(", ")}.`}
        </p>
      )}
      {rules.length > 0 && (
        <section aria-labelledby="rules" className="mt-4">
          <h2 id="rules" className="text-xl">
            Rules that guard it
          </h2>
          <dl className="mt-1 grid gap-x-8 gap-y-1 lg:grid-cols-2">
            {rules.map((id) => (
              <div key={id}>
                <dt className="font-medium">{RULE_WORDS[id].name}</dt>
                <dd className="text-sm">{RULE_WORDS[id].text}</dd>
              </div>
            ))}
          </dl>
        </section>
      )}
      <div className="mt-4 flex flex-wrap items-end gap-3">
        <div className="w-64 max-w-full">
          <SelectField
            label="What you change holds for"
            value={scope}
            onChange={setScope}
            options={[
              ["collection", "the whole collection"] as const,
              ...(sorts.length > 0 ? [["cultivar", "one sort"] as const] : []),
              ...(tree ? [["tree", `${tree.tag} alone`] as const] : []),
            ]}
          />
        </div>
        {scope === "cultivar" && (
          <div className="w-56 max-w-full">
            <SelectField label="Sort" value={sort} onChange={setSort} options={sorts.map((s) => [s, s] as const)} />
          </div>
        )}
      </div>
      {SECTIONS.map(([title, names]) => (
        <section key={title} aria-label={title} className="mt-5">
          <h2 className="text-xl">{title}</h2>
          <ul className="divide-base-300 divide-y">
            {names.map((name) => {
              const row = byName.get(name)!;
              return (
                <li
                  key={name}
                  id={name}
                  data-why=""
                  className="grid gap-x-4 py-2 sm:grid-cols-[12rem_minmax(0,1fr)_14rem_auto]"
                >
                  <p>
                    <b>{FIELD_WORDS[name].name}</b>
                  </p>
                  <div>
                    <p data-testid={`field-${name}`}>{row.words}</p>
                    <p className="text-sm opacity-80" data-reason="">
                      {FIELD_WORDS[name].does}
                    </p>
                    {row.library !== null && <p className="text-sm">The library says: {row.library}.</p>}
                  </div>
                  <p className="text-sm">
                    <span
                      className={`badge badge-sm ${row.mark === "guess" ? "badge-warning" : ""}`}
                      title={MARK_WORDS[row.mark].what}
                    >
                      {MARK_WORDS[row.mark].name}
                    </span>{" "}
                    {row.source === "published" ? "published, " : ""}
                    {LAYER_WORDS[row.layer]}
                    {row.reference && <span className="block text-xs">{row.reference}</span>}
                  </p>
                  <button
                    type="button"
                    className="btn btn-sm min-h-11 justify-self-start"
                    aria-expanded={editing === name}
                    onClick={() => setEditing(editing === name ? null : name)}
                  >
                    {editing === name ? "Close" : "Say otherwise"}
                  </button>
                  {editing === name && (
                    <div className="bg-base-200 rounded-box mt-2 p-3 sm:col-span-4">
                      <FieldEditor
                        kindId={kind.id}
                        name={name}
                        value={row.value}
                        own={row.library !== null}
                        cultivar={scope === "cultivar" ? sort : null}
                        treeId={scope === "tree" && tree ? tree.id : null}
                        onDone={() => setEditing(null)}
                      />
                    </div>
                  )}
                </li>
              );
            })}
          </ul>
        </section>
      ))}
      {stocks.length > 0 && (
        <section aria-label="Stocks" className="mt-5">
          <h2 className="text-xl">What its stock changes</h2>
          <ul className="list-disc pl-5 text-sm">
            {stocks.map((s) => (
              <li key={s.name}>
                on {s.name}: {s.words.map(([f, words]) => `${FIELD_WORDS[f].name.toLowerCase()} ${words}`).join("; ")}
              </li>
            ))}
          </ul>
        </section>
      )}
      <section aria-label="How sure" className="mt-5 text-sm">
        <h2 className="text-xl">How sure a value is</h2>
        <dl>
          {(Object.keys(MARK_WORDS) as Mark[]).map((m) => (
            <div key={m} className="flex gap-2">
              <dt className="w-24 font-medium">{MARK_WORDS[m].name}</dt>
              <dd>{MARK_WORDS[m].what}</dd>
            </div>
          ))}
        </dl>
      </section>
    </article>
  );
}
