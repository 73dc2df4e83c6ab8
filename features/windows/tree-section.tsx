import "server-only";
import { type DayNumber, toDay, toIso } from "@/core/dates/index";
import { crownToMatch, judgeTree } from "@/core/judgement/index";
import { partnersOf, profileOf } from "@/core/species/index";
import {
  anchoredShare,
  massNow,
  openTogether,
  treeWindows,
  profileFor,
  replay,
  staysOf,
  tracksOf,
  treeAt,
} from "@/model/index";
import { conditionOn, plantsOn } from "@/core/records/index";
import { treeKgOn } from "@/core/mass/index";
import { CORRECTIONS } from "@/core/roots/index";
import { bestHalfDays, type HalfDay, halfDays, OPERATION_NEEDS } from "@/core/window/index";
import type { CollectionView } from "../collection/load";
import { treeOn } from "../tree/tree-on";
import { Company, type CompanyFacts } from "./company";
import { WhatToDo } from "./what-to-do";
import { type WindowsData, WindowsPanel } from "./windows-panel";

/** What may be done with one tree, when, in what order, and in whose company: worked out for the day and the place asked. */
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
  const { loaded, context, collection } = view;
  const asked = loaded.places.find((p) => p.id === stand);
  const facts = treeOn(view, treeId, on, asked?.id);
  if (!facts) return null;
  const { tree, events, profile, state, site, input, situation } = facts;
  const here = staysOf(events, on).at(-1)!.placeId;
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
    rows: treeWindows(input),
    halves,
    best: { lifted: ofWeek(halves.lifted), still: ofWeek(halves.still) },
    places: loaded.places.map((p) => ({ id: p.id, name: p.name })),
    here: { id: here, name: loaded.places.find((p) => p.id === here)?.name ?? null },
    stand: asked && asked.id !== here ? { id: asked.id, name: asked.name } : null,
    placeMeasured: standing === null || loaded.placeClimates.has(standing),
    risk: collection.risk,
    warmClimate: profile.warmClimate,
    guessed: context.guessedWeather || profile.basis === "guess",
  };
  const rootLoss = 1 - CORRECTIONS[state.correction].retained;
  return (
    <div className="mt-6 space-y-6" id="windows">
      {situation && (
        <WhatToDo
          judgement={judgeTree(situation)}
          basis={profile.basis}
          crown={{ rootLoss, school: crownToMatch(rootLoss) }}
        />
      )}
      <WindowsPanel data={data} key={`${data.asOf}:${stand ?? ""}:${view.collection.revision}`} />
      <Company facts={companyOf(view, treeId, on)} />
    </div>
  );
}

/** Its set, its partners, the ground below and how it is. */
function companyOf(view: CollectionView, treeId: string, on: DayNumber): CompanyFacts {
  const { loaded, context } = view;
  const tree = loaded.trees.find((t) => t.id === treeId)!;
  const living = loaded.trees.filter((t) => plantsOn(loaded.indexed.presence.get(t.id) ?? [], on) > 0);
  const events = loaded.indexed.eventsByTree.get(treeId) ?? [];
  const condition = conditionOn(events, on);
  const flowering = (t: (typeof living)[number]) => ({ id: t.id, profile: profileOf(t), cultivar: t.cultivar });
  const partners = partnersOf(
    flowering(tree),
    living.map((t) => flowering(t)),
  );
  const name = (id: string) => {
    const t = loaded.trees.find((x) => x.id === id)!;
    return { id, tag: t.tag, name: profileOf(t).name };
  };
  const set = tree.set
    ? living
        .filter((t) => t.set === tree.set)
        .flatMap((t) => {
          const own = loaded.indexed.eventsByTree.get(t.id) ?? [];
          const state = treeAt(t, own, loaded.indexed.lots, [], context, tracksOf(context, t, on), on, {
            pots: "for-verdict",
          });
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
  const replayed = replay(
    events,
    loaded.indexed.lots,
    profileFor(context, tree, tracksOf(context, tree, on), on),
    tracksOf(context, tree, on).warmth,
    on,
  );
  const mass = replayed ? massNow(replayed, { trunkMm: tree.trunkMm, heightM: tree.heightM }, on) : null;
  const treeKg = mass ? treeKgOn({ trunkMm: tree.trunkMm, heightM: tree.heightM }, mass.wetKg) : null;
  const pruned = [...events].reverse().find((e) => e.payload.kind === "pruned" && toDay(e.on.best) <= on);
  return {
    treeId,
    tag: tree.tag,
    health: { state: condition.health, on: condition.healthOn === null ? null : toIso(condition.healthOn) },
    crop: tree.purpose === "crop",
    partners: { need: partners.need, trees: partners.partners.map(name) },
    set: tree.set ?? null,
    members: set.map(({ periods: _, ...rest }) => rest),
    together: set.length > 1 ? openTogether(set.map((m) => m.periods)) : null,
    others: living.filter((t) => t.id !== treeId).map((t) => name(t.id)),
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
