import "server-only";
import { type DayNumber, toDay, toIso } from "@/core/dates/index";
import { partnersOf } from "@/core/species/index";
import { anchoredShare, openTogether, type TreeOnDay, type YardTree } from "@/model/index";
import { treeKgOn } from "@/core/mass/index";
import { bestHalfDays, type HalfDay, halfDays, OPERATION_NEEDS } from "@/core/window/index";
import type { CollectionView } from "@/features/kernel/collection/load";
import { Company, type CompanyFacts } from "./company";
import type { WindowsData } from "./windows-data";
import { WindowsPanel } from "./windows-panel";

/** What may be done with one tree, when, and in what order: worked out for the day and the place asked. */
export function TreeWindowsSection({
  view,
  treeId,
  on,
  stand,
}: {
  view: CollectionView;
  treeId: string;
  on: DayNumber;
  stand: string | undefined;
}) {
  const { loaded, yard, collection } = view;
  const asked = loaded.places.find((p) => p.id === stand);
  const facts = yard.tree(treeId)?.on(on);
  if (!facts) return null;
  const { record: tree, profile, placeId: here } = facts;
  const site = asked ? facts.siteAt(asked.id) : facts.site;
  const standing = asked?.id ?? here;
  const nights = site.nights.filter((n) => n.day >= on);
  const halves = {
    lifted: halfDays(nights, profile, OPERATION_NEEDS["up-pot"]),
    still: halfDays(nights, profile, OPERATION_NEEDS["replace-top"]),
  };
  const ofWeek = (list: readonly HalfDay[]) => bestHalfDays(list.filter((h) => h.day < on + 7));
  const data: WindowsData = {
    treeId,
    tag: tree.tag,
    asOf: toIso(on),
    rows: facts.windows({ curves: true, ...(asked ? { placeId: asked.id } : {}) }),
    halves,
    best: { lifted: ofWeek(halves.lifted), still: ofWeek(halves.still) },
    places: loaded.places.map((p) => ({ id: p.id, name: p.name })),
    here: { id: here, name: loaded.places.find((p) => p.id === here)?.name ?? null },
    stand: asked && asked.id !== here ? { id: asked.id, name: asked.name } : null,
    placeMeasured: standing === null || loaded.placeClimates.has(standing),
    risk: collection.risk,
    warmClimate: profile.warmClimate,
    guessed: yard.guessedWeather || profile.basis === "guess",
  };
  return (
    <div id="windows" className="scroll-mt-4">
      <WindowsPanel data={data} key={`${data.asOf}:${stand ?? ""}:${view.collection.revision}`} />
    </div>
  );
}

/** How it is, and who it belongs with, on a day. */
export function TreeCompanySection({ view, treeId, on }: { view: CollectionView; treeId: string; on: DayNumber }) {
  const facts = view.yard.tree(treeId)?.on(on);
  return facts ? <Company facts={companyOf(facts)} /> : null;
}

/** Its set, its partners, the ground below and how it is. */
function companyOf(facts: TreeOnDay): CompanyFacts {
  const { yard, record: tree, events, condition, mass } = facts;
  const on = facts.day;
  const today = yard.on(on);
  const living = today.living.map((t) => yard.tree(t.id)!);
  const flowering = (t: YardTree) => ({ id: t.id, profile: t.kind, cultivar: t.record.cultivar });
  const partners = partnersOf(flowering(facts.tree), living.map(flowering));
  const name = (id: string) => {
    const t = yard.tree(id)!;
    return { id, tag: t.record.tag, name: t.name };
  };
  const set = tree.set
    ? living
        .filter((t) => t.record.set === tree.set)
        .flatMap((t) => {
          const state = today.tree(t.id)?.state;
          return state
            ? [
                {
                  ...name(t.id),
                  fill: state.fill.p50,
                  volumeL: state.volumeL.p50,
                  due: "none" in state.due ? null : state.due.p50,
                  periods: state.window.periods,
                },
              ]
            : [];
        })
    : [];
  const treeKg = mass ? treeKgOn(tree, mass.wetKg) : null;
  const pruned = [...events].reverse().find((e) => e.payload.kind === "pruned" && toDay(e.on.best) <= on);
  return {
    treeId: tree.id,
    tag: tree.tag,
    health: { state: condition.health, on: condition.healthOn === null ? null : toIso(condition.healthOn) },
    crop: tree.purpose === "crop",
    partners: { need: partners.need, trees: partners.partners.map(name) },
    set: tree.set ?? null,
    members: set.map(({ periods: _, ...rest }) => rest),
    together: set.length > 1 ? openTogether(set.map((m) => m.periods)) : null,
    others: living.filter((t) => t.id !== tree.id).map((t) => name(t.id)),
    anchored:
      condition.anchoredOn === null
        ? null
        : {
            on: toIso(condition.anchoredOn),
            share: anchoredShare(treeKg?.measured ? treeKg.kg : null, (mass?.wetKg ?? 0) - (treeKg?.kg ?? 0)),
            measured: treeKg?.measured ?? false,
          },
    pruned:
      pruned?.payload.kind === "pruned"
        ? {
            on: pruned.on.best,
            how: pruned.payload.how,
            share: pruned.payload.crownShare ?? null,
            purpose: pruned.payload.purpose ?? null,
          }
        : null,
  };
}
