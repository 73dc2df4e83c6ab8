import "server-only";
import { notFound } from "next/navigation";
import { rulesOf } from "@/core/rules/index";
import {
  FIELD_NAMES,
  type FieldName,
  GENERA,
  genusOf,
  type Hazard,
  type KindValues,
  kindById,
  KINDS,
  type Layer,
  knownValuesOf,
  partnersOf,
  STOCKS,
} from "@/core/species/index";
import { kindOf } from "@/model/index";
import { plantsAt } from "@/core/records/index";
import { toDay } from "@/core/dates/index";
import { ClimateNav } from "../climate-nav";
import { kindCare } from "@/words/kind-care";
import { sayField } from "@/words/species";
import type { CollectionView } from "@/features/kernel/collection/load";
import { collectionView } from "@/features/kernel/views";
import { KindPage } from "./kind-page";
import type { FieldRow } from "./values-table";
import { hereOf, yearOf } from "./year";
import { type KindLine, KindsList } from "./kinds-list";

/** The library: kinds one grows first, then the rest by name; whole genera on a page of their own. */
export async function KindsScreen({ collectionId, show }: { collectionId: string; show: "kinds" | "genera" }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const counts = new Map<string, number>();
  for (const tree of view.loaded.trees)
    if (tree.kindId && plantsAt(view.loaded.indexed, tree.id, toDay(view.today)) > 0)
      counts.set(tree.kindId, (counts.get(tree.kindId) ?? 0) + 1);
  const lines = (show === "genera" ? GENERA : KINDS)
    .map((kind): KindLine => {
      const known = knownValuesOf({ kindId: kind.id, typedName: null, habit: null });
      return {
        id: kind.id,
        names: [...kind.names],
        scientific: kind.scientific,
        group: known.group.value,
        light: known.winterLight.value,
        crownC: known.crownC.value,
        poison: known.hazards.value.some((hazard) => POISONS.has(hazard)),
        rootsC: known.rootKillYoungC.value,
        rootWork: known.rootWork.value,
        guesses: FIELD_NAMES.filter((f) => known[f].mark === "guess").length,
        trees: counts.get(kind.id) ?? 0,
      };
    })
    .sort((a, b) => Number(b.trees > 0) - Number(a.trees > 0) || a.names[0].localeCompare(b.names[0]));
  return (
    <div>
      <ClimateNav at="climate/species" />
      <KindsList
        key={show}
        show={show}
        counts={{ kinds: KINDS.length, genera: GENERA.length }}
        lines={lines}
        fields={FIELD_NAMES.length}
      />
    </div>
  );
}

const POISONS = new Set<Hazard>(["poisonous", "poisonous-to-animals", "seeds-poisonous"]);

/** One kind: every value with what it does, how sure it is and where it comes from. */
export async function KindScreen({
  collectionId,
  kindId,
  treeId,
}: {
  collectionId: string;
  kindId: string;
  treeId?: string;
}) {
  const view = await collectionView(collectionId);
  const kind = kindById(kindId);
  if (!view || !kind) notFound();
  const { loaded, collection, today } = view;
  const mine = loaded.trees.filter((t) => t.kindId === kind.id && plantsAt(loaded.indexed, t.id, toDay(today)) > 0);
  const tree = mine.find((t) => t.id === treeId);
  // Without a tree of one's own the collection's word is looked for among trees that are there.
  const choice = tree ?? {
    kindId: kind.id,
    typedName: null,
    habit: null,
    own: collectionWord(view, kind.id),
  };
  const known = knownValuesOf(choice);
  const plain = knownValuesOf({ kindId: kind.id, typedName: null, habit: null });
  const profile = kindOf(choice);
  const reasons = reasonsFor(view, kind.id, tree ?? null);
  const year = view.yard.on(toDay(today)).kindYear(profile);
  const rows = FIELD_NAMES.map((name): FieldRow => {
    const { value, mark, source, layer, reference } = known[name];
    return {
      name,
      value,
      words: sayField(name, value, collection.units),
      mark,
      source,
      layer,
      reference,
      library: layer === plain[name].layer ? null : sayField(name, plain[name].value, collection.units),
      reason: reasons[layer]?.[name] ?? null,
    };
  });
  const partners = partnersOf(
    { id: tree?.id ?? "", profile, cultivar: tree?.cultivar ?? null },
    loaded.trees.map((t) => ({ id: t.id, profile: kindOf(t), cultivar: t.cultivar })),
  );
  return (
    <div>
      <ClimateNav at="climate/species" />
      <KindPage
        key={`${kind.id}:${tree?.id ?? ""}`}
        kind={{
          id: kind.id,
          names: [...kind.names],
          scientific: kind.scientific,
          note: kind.note,
          habit: kind.habit,
          rank: kind.rank ?? "kind",
          differs: kind.differs ?? false,
          recalled: kind.recalled ?? null,
        }}
        values={shownValues(profile.values)}
        care={kindCare(profile.values, hereOf(view.yard, profile, year), collection.units)}
        year={yearOf(year)}
        rows={rows}
        rules={rulesOf({ profile })}
        stocks={STOCKS.filter((s) => s.genera.includes(genusOf(kind))).map((s) => ({
          name: s.name,
          words: (Object.entries(s.values) as [FieldName, unknown][]).map(([f, v]) => [
            f,
            sayField(f, v, collection.units),
          ]),
        }))}
        trees={mine.map((t) => ({ id: t.id, tag: t.tag, cultivar: t.cultivar }))}
        tree={tree ? { id: tree.id, tag: tree.tag, cultivar: tree.cultivar } : null}
        partners={{
          need: partners.need,
          trees: partners.partners.map((id) => ({ id, tag: loaded.trees.find((t) => t.id === id)!.tag })),
        }}
      />
    </div>
  );
}

const shownValues = ({ group, leaf, hazards, health }: KindValues) => ({ group, leaf, hazards, health });

/** What was said of a kind in the log, oldest first. */
function saidOf(view: CollectionView, kindId: string) {
  return [...view.loaded.indexed.records.events]
    .sort((a, b) => a.seq - b.seq || a.ord - b.ord)
    .flatMap(({ payload, treeId }) =>
      payload.kind === "kind-said" && payload.kindId === kindId ? [{ ...payload, treeId }] : [],
    );
}

/** The collection's own word on a kind, read from the log: it stands whether a tree of the kind is there or not. */
function collectionWord(view: CollectionView, kindId: string) {
  const values = saidOf(view, kindId)
    .filter((said) => said.cultivar === null && said.treeId === null)
    .at(-1)?.values;
  return values ? { collection: values } : undefined;
}

/** Why values were said otherwise, by whose word it is. */
function reasonsFor(
  view: CollectionView,
  kindId: string,
  tree: { id: string; cultivar: string | null } | null,
): Partial<Record<Layer, Partial<Record<FieldName, string>>>> {
  const said = saidOf(view, kindId);
  const lower = (text: string | null) => text?.toLocaleLowerCase() ?? null;
  const last = (of: (one: (typeof said)[number]) => boolean) => said.filter(of).at(-1)?.reasons;
  return {
    collection: last((s) => s.treeId === null && s.cultivar === null),
    cultivar: last(
      (s) => s.treeId === null && s.cultivar !== null && lower(s.cultivar) === lower(tree?.cultivar ?? null),
    ),
    tree: last((s) => s.treeId !== null && s.treeId === tree?.id),
  };
}
