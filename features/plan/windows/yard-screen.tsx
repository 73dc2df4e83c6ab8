import * as say from "@/words/pages/plan/windows";
import "server-only";
import { notFound } from "next/navigation";
import { kindOf, PLANNED_WORK, type TreeChance } from "@/model/index";
import type { CollectionView } from "@/features/kernel/collection/load";
import { collectionView } from "@/features/kernel/views";
import { asOfDay } from "@/features/kernel/page-props";
import { TreesNav } from "@/features/trees/trees-nav";
import { type ChanceGroup, type WorkSummary, YardWindows } from "./yard-windows";

/** The whole yard through the next twelve months. */
export async function YardWindowsScreen({
  collectionId,
  asked,
}: {
  collectionId: string;
  asked: { on?: string; work?: string; place?: string };
}) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const on = asOfDay(asked.on, view.today);
  const years = view.yard.on(on).works;
  const work = PLANNED_WORK.find((w) => w === asked.work) ?? "up-pot";
  const place = view.loaded.places.find((p) => p.id === asked.place)?.id ?? (asked.place === "none" ? null : undefined);
  const here = (t: TreeChance) => place === undefined || t.placeId === place;
  const chosen = years.find((y) => y.operation === work)!;
  return (
    <div>
      <TreesNav at="trees/windows" />
      <YardWindows
        asOf={on}
        work={work}
        placeId={place === undefined ? "" : (place ?? "none")}
        places={placesWithTrees(view, chosen.trees)}
        works={years.map((y): WorkSummary => ({
          operation: y.operation,
          records: y.trees.length,
          openNow: y.trees.filter((t) => t.open).length,
          openByWeek: y.openByWeek,
        }))}
        groups={grouped(view, chosen.trees.filter(here))}
        total={chosen.trees.filter(here).length}
      />
    </div>
  );
}

function placesWithTrees(view: CollectionView, trees: readonly TreeChance[]): { id: string; name: string }[] {
  const ids = new Set(trees.map((t) => t.placeId));
  const named = view.loaded.places.filter((p) => ids.has(p.id)).map(({ id, name }) => ({ id, name }));
  return ids.has(null) ? [...named, { id: "none", name: say.noNamedPlace }] : named;
}

/** Trees of one kind and place with the same days are one line; those that close first lead, then those that open next. */
function grouped(view: CollectionView, trees: readonly TreeChance[]): ChanceGroup[] {
  const byId = new Map(view.loaded.trees.map((t) => [t.id, t]));
  const places = new Map(view.loaded.places.map((p) => [p.id, p.name]));
  const groups = new Map<string, ChanceGroup>();
  for (const t of trees) {
    const tree = byId.get(t.treeId)!;
    const { name, key } = kindOf(tree);
    const id = [key, name, t.placeId, t.open, t.from, t.to, t.next, t.limiting].join("|");
    const group = groups.get(id);
    const member = { id: t.treeId, tag: tree.tag, due: t.isDue };
    if (group) {
      group.members.push(member);
      group.plants += t.plants;
      group.fill = [Math.min(group.fill[0], t.fill), Math.max(group.fill[1], t.fill)];
      group.fillThen =
        group.fillThen && t.fillThen !== null
          ? [Math.min(group.fillThen[0], t.fillThen), Math.max(group.fillThen[1], t.fillThen)]
          : group.fillThen;
    } else
      groups.set(id, {
        name,
        place: t.placeId === null ? null : (places.get(t.placeId) ?? null),
        members: [member],
        plants: t.plants,
        open: t.open,
        limiting: t.limiting,
        from: t.from,
        to: t.to,
        early: t.early,
        closedBy: t.closedBy,
        next: t.next,
        fill: [t.fill, t.fill],
        fillThen: t.fillThen === null ? null : [t.fillThen, t.fillThen],
      });
  }
  const order = (g: ChanceGroup) => (g.open ? `0${g.to ?? ""}` : g.from ? `1${g.from}` : "2");
  return [...groups.values()].sort((a, b) => order(a).localeCompare(order(b)) || a.name.localeCompare(b.name));
}
