"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/climate/species";
import { pageAt, treeAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { useState } from "react";
import type { RuleId } from "@/core/rules/index";
import type { FieldName, KindValues, Mark, PartnerAdvice } from "@/core/species/index";
import type { Habit } from "@/core/wood/index";
import { number } from "@/words/format";
import { Caution, SelectField } from "@/ui/fields";
import type { CareBlock } from "@/words/kind-care";
import { FIELD_WORDS, GROUP_WORDS, HEALTH_NOTE_WORDS, MARK_WORDS } from "@/words/species";
import { RULE_WORDS } from "@/words/rules";
import { useAsOf } from "@/features/kernel/as-of";
import { HABIT_WORDS, HAZARD_WORDS } from "@/words/terms";
import { type FieldRow, ValuesTable } from "./values-table";
import { YearPicture, type YearRow } from "./year-picture";

interface Named {
  id: string;
  tag: string;
  cultivar: string | null;
}

interface Props {
  kind: {
    id: string;
    names: string[];
    scientific: string;
    note: string;
    habit: Habit;
    rank: "kind" | "genus";
    /** A genus whose species differ much. */
    differs: boolean;
    recalled: "well" | "judged" | null;
  };
  values: Pick<KindValues, "group" | "leaf" | "hazards" | "health">;
  care: CareBlock[];
  year: { from: string; days: number; rows: YearRow[] };
  rows: FieldRow[];
  rules: RuleId[];
  stocks: { name: string; words: [FieldName, string][] }[];
  trees: Named[];
  tree: Named | null;
  partners: { need: PartnerAdvice["need"]; trees: { id: string; tag: string }[] };
}

/** A kind to be read: what it means for pot, roots, winter and crop here, its year drawn, and every value behind that on demand. */
export function KindPage(props: Props) {
  const { kind, values, care, year, rules, stocks, trees, tree } = props;
  const { collectionId } = useAsOf();
  return (
    <article>
      <p className="text-sm">
        <Link className="link" prefetch={false} href={pageAt(collectionId, "climate/species")}>
          {say.kinds}
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
      <p className="text-sm">
        {kind.names.length > 1 && say.also(kind.names.slice(1).join(", "))}
        {say.grows(GROUP_WORDS[values.group], values.leaf, HABIT_WORDS[kind.habit].name.toLowerCase())}
      </p>
      <p className="mt-1 max-w-4xl text-lg">{kind.note}</p>
      <HowSure kind={kind} rows={props.rows} />
      {(values.hazards.length > 0 || values.health.length > 0) && (
        <Caution className="mt-3 max-w-4xl">
          {values.hazards.map((h) => (
            <p key={h}>{HAZARD_WORDS[h]}</p>
          ))}
          {values.health.map((h) => (
            <p key={h}>{HEALTH_NOTE_WORDS[h]}</p>
          ))}
        </Caution>
      )}
      <Here trees={trees} partners={props.partners} />
      <section aria-labelledby="its-year" className="mt-4">
        <h2 id="its-year" className="text-xl">
          {say.itsYearHereInThe}
        </h2>
        <YearPicture {...year} />
      </section>
      <div className="mt-4 max-w-6xl gap-x-8 md:columns-2 [&>section]:mb-4 [&>section]:break-inside-avoid">
        {care.map((block) => (
          <section key={block.key} aria-label={block.title} data-testid={`care-${block.key}`}>
            <h2 className="text-xl">{block.title}</h2>
            <ul className="list-disc space-y-1 pl-5">
              {block.lines.map((line) => (
                <li key={line}>{line}</li>
              ))}
            </ul>
          </section>
        ))}
        {rules.length > 0 && (
          <section aria-labelledby="rules">
            <h2 id="rules" className="text-xl">
              {say.rulesThatGuardIt}
            </h2>
            <ul className="mt-1 space-y-1">
              {rules.map((id) => (
                <li key={id}>
                  <details>
                    <summary className="min-h-9 cursor-pointer py-1 font-medium">{RULE_WORDS[id].name}</summary>
                    <p className="text-sm">{RULE_WORDS[id].text}</p>
                  </details>
                </li>
              ))}
            </ul>
          </section>
        )}
        {stocks.length > 0 && (
          <section aria-label={say.stocks}>
            <h2 className="text-xl">{say.whatItsStockChanges}</h2>
            <ul className="list-disc pl-5 text-sm">
              {stocks.map((s) => (
                <li key={s.name}>
                  {say.on(
                    s.name,
                    s.words.map(([f, words]) => `${FIELD_WORDS[f].name.toLowerCase()}: ${words}`).join("; "),
                  )}
                </li>
              ))}
            </ul>
          </section>
        )}
      </div>
      <OwnCopy kindId={kind.id} rows={props.rows} trees={trees} tree={tree} />
    </article>
  );
}

/** How far the line can be relied on, in one sentence. */
function HowSure({ kind, rows }: { kind: Props["kind"]; rows: readonly FieldRow[] }) {
  const guesses = rows.filter((r) => r.mark === "guess").length;
  const own = rows.filter((r) => r.library !== null).length;
  return (
    <p className="text-sm">
      {kind.rank === "genus" && (kind.differs ? say.aWholeGenusWhoseSpecies : say.aWholeGenusWhatIts)}
      {kind.recalled !== null &&
        say.writtenDownFromMemoryCheck(kind.recalled === "well" ? "" : say.andJudgedFromItsKin)}
      {guesses === 0 ? say.everyValueIsSetFor : say.ofValuesAreInheritedAnd(number(guesses), number(rows.length))}
      {own > 0 && say.yourOwnWord(number(own), own === 1 ? "is" : "are")}
    </p>
  );
}

/** Which trees of the collection are of it, and who may fertilise them. */
function Here({ trees, partners }: Pick<Props, "trees" | "partners">) {
  const { collectionId } = useAsOf();
  return (
    <>
      {trees.length > 0 && (
        <p className="mt-3 text-sm" data-record="">
          {say.here}
          {trees.slice(0, 12).map((t, i) => (
            <span key={t.id}>
              {i > 0 && ", "}
              <Link className="link" prefetch={false} href={treeAt(collectionId, t.id)}>
                {t.tag}
              </Link>
              {t.cultivar ? ` ‘${t.cultivar}’` : ""}
            </span>
          ))}
          {trees.length > 12 ? common.andMoreBehind(number(trees.length - 12)) : ""}.
        </p>
      )}
      {trees.length > 0 && (partners.need === "needed" || partners.need === "other-sex") && (
        <p className={`mt-1 text-sm ${partners.trees.length === 0 ? "text-error font-medium" : ""}`}>
          {partners.trees.length === 0
            ? say.noPartnerForItStands
            : say.partnersHere(partners.trees.map((t) => t.tag).join(", "))}
        </p>
      )}
    </>
  );
}

/** Every value with what it does and how sure it is; what is said otherwise here is the collection's, the sort's or the tree's own copy. */
function OwnCopy({ kindId, rows, trees, tree }: { kindId: string; rows: FieldRow[] } & Pick<Props, "trees" | "tree">) {
  const [open, setOpen] = useState(false);
  const [scope, setScope] = useState<"collection" | "cultivar" | "tree">(tree ? "tree" : "collection");
  const sorts = [...new Set(trees.flatMap((t) => (t.cultivar ? [t.cultivar] : [])))];
  const [sort, setSort] = useState(tree?.cultivar ?? sorts[0] ?? "");
  return (
    <section aria-labelledby="copy" className="mt-6">
      <h2 id="copy" className="text-xl">
        {say.everyValue}
      </h2>
      <p className="text-sm">{say.whereYouKnowBetterSay}</p>
      <button type="button" className="btn mt-2 min-h-11" aria-expanded={open} onClick={() => setOpen(!open)}>
        {open ? say.hideTheValues : say.readTheValuesMakeMy}
      </button>
      {open && (
        <>
          <div className="mt-4 flex flex-wrap items-end gap-3">
            <div className="w-64 max-w-full">
              <SelectField
                label={say.whatYouChangeHoldsFor}
                value={scope}
                onChange={setScope}
                options={[
                  ["collection", say.theWholeCollection] as const,
                  ...(sorts.length > 0 ? [["cultivar", say.oneVariety] as const] : []),
                  ...(tree ? [["tree", say.alone(tree.tag)] as const] : []),
                ]}
              />
            </div>
            {scope === "cultivar" && (
              <div className="w-56 max-w-full">
                <SelectField
                  label={say.sort}
                  value={sort}
                  onChange={setSort}
                  options={sorts.map((s) => [s, s] as const)}
                />
              </div>
            )}
          </div>
          <ValuesTable
            rows={rows}
            saidFor={{
              kindId,
              cultivar: scope === "cultivar" ? sort : null,
              treeId: scope === "tree" && tree ? tree.id : null,
            }}
          />
          <section aria-label={say.howSure} className="mt-5 text-sm">
            <h3 className="text-lg">{say.howSureAValueIs}</h3>
            <dl>
              {(Object.keys(MARK_WORDS) as Mark[]).map((m) => (
                <div key={m} className="flex gap-2">
                  <dt className="w-24 font-medium">{MARK_WORDS[m].name}</dt>
                  <dd>{MARK_WORDS[m].what}</dd>
                </div>
              ))}
            </dl>
          </section>
        </>
      )}
    </section>
  );
}
