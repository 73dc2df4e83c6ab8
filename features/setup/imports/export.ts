import * as say from "@/words/pages/setup/imports";
import "server-only";
import { z } from "zod";
import { toDay } from "@/core/dates/index";
import { READY_MIX_NAMES } from "@/core/mix/index";
import { plantsAt } from "@/core/records/index";
import { IMPORT_KINDS, type ImportKind } from "@/formats/collection-columns";
import { writePotLines, writePottingLines, writeTreeLines } from "@/formats/collection-write";
import { writeWeatherCsv } from "@/formats/weather-csv";
import { pool } from "@/server/pool";
import { type CollectionView, loadMerged, viewCollection } from "@/features/kernel/collection/load";

/** Living trees, pots and pottings as files that can be read in again; of trees, these alone where any are named. */
export async function exportCsv(
  collectionId: string,
  kind: ImportKind,
  only: ReadonlySet<string> | null = null,
): Promise<{ name: string; text: string } | null> {
  const view = await viewCollection(collectionId);
  if (!view) return null;
  const text = { trees: treesOf, pots: potsOf, pottings: pottingsOf }[kind](view, only);
  return { name: fileName(view, kind), text };
}

function fileName(view: CollectionView, what: string): string {
  return `${view.collection.name.replace(/[^\p{L}\p{N}]+/gu, "-")}-${what}-${view.today}.csv`;
}

function living(view: CollectionView, only: ReadonlySet<string> | null) {
  const today = toDay(view.today);
  const { indexed } = view.loaded;
  return view.loaded.trees.flatMap((tree) => {
    const plants = plantsAt(indexed, tree.id, today);
    return plants > 0 && (only === null || only.has(tree.id))
      ? [{ tree, plants, events: indexed.eventsByTree.get(tree.id) ?? [] }]
      : [];
  });
}

function treesOf(view: CollectionView, only: ReadonlySet<string> | null): string {
  const { loaded } = view;
  const places = new Map(loaded.places.map((p) => [p.id, p.name]));
  const tags = new Map(loaded.trees.map((t) => [t.id, t.tag]));
  return writeTreeLines(
    living(view, only).map(({ tree, plants, events }) => {
      const arrival = events.find((e) => e.payload.kind === "arrived");
      const arrived = arrival?.payload.kind === "arrived" ? arrival.payload : null;
      // The file says which pot it came in; the pots since then stand in the file of pottings.
      const lot = arrival?.potLotId ? loaded.indexed.lots.get(arrival.potLotId) : undefined;
      const notes = events.flatMap((e) => (e.payload.kind === "noted" ? [e.payload.text] : []));
      return {
        tag: tree.tag,
        kindId: tree.kindId,
        typedName: tree.typedName,
        habit: tree.habit,
        cultivar: tree.cultivar,
        purpose: tree.purpose,
        count: plants,
        arrived: arrival?.on ?? null,
        form: arrived?.form ?? "unknown",
        ended: null,
        endedOn: null,
        lastPotted: arrived?.lastPotted ?? null,
        pot: lot?.pot ?? null,
        depthToMixMm: arrived?.depthToMixMm ?? null,
        finalVolumeL: tree.finalVolumeL,
        trunkMm: tree.trunkMm,
        heightM: tree.heightM,
        crownM: tree.crownM ?? null,
        rootstock: tree.rootstock ?? null,
        stockPace: tree.stockPace ?? null,
        place: tree.placeId ? (places.get(tree.placeId) ?? null) : null,
        mother: tree.motherId ? (tags.get(tree.motherId) ?? null) : (tree.motherName ?? null),
        method: tree.method ?? null,
        raisedOn: tree.raisedOn ?? null,
        note: notes.join(" · ").slice(0, 2000),
      };
    }),
  );
}

/** Lots as they are owned today, in use or free, and what could be bought; pots that came with a tree belong to its line. */
function potsOf(view: CollectionView): string {
  const { loaded } = view;
  const owned = new Map<string, { count: number; since: string }>();
  for (const { payload, potLotId, on } of loaded.indexed.records.events) {
    if (potLotId === null || (payload.kind !== "stocked" && payload.kind !== "discarded")) continue;
    const known = owned.get(potLotId);
    const change = payload.kind === "stocked" ? payload.count : -payload.count;
    owned.set(potLotId, { count: (known?.count ?? 0) + change, since: known?.since ?? on.best });
  }
  const cameWithTrees = new Set(
    loaded.indexed.records.events.flatMap((e) => (e.payload.kind === "arrived" && e.potLotId ? [e.potLotId] : [])),
  );
  const places = new Map(loaded.places.map((p) => [p.id, p.name]));
  return writePotLines(
    loaded.lots.flatMap((lot) => {
      const { count, since } = owned.get(lot.id) ?? { count: 0, since: null };
      const toBuy = lot.toBuy ?? false;
      if ((count < 1 && !toBuy) || cameWithTrees.has(lot.id)) return [];
      return [
        {
          name: lot.name,
          count: Math.max(0, count),
          pot: lot.pot,
          price: lot.price,
          condition: lot.condition ?? "sound",
          place: lot.placeId ? (places.get(lot.placeId) ?? null) : null,
          toBuy,
          since: since === null ? null : { best: since, from: since, to: since },
        },
      ];
    }),
  );
}

function pottingsOf(view: CollectionView): string {
  const { loaded } = view;
  return writePottingLines(
    living(view, null).flatMap(({ tree, events }) =>
      events.flatMap((e) => {
        if (e.payload.kind !== "potted") return [];
        const lot = e.potLotId === null ? undefined : loaded.indexed.lots.get(e.potLotId);
        const mix = typeof e.payload.mix === "string" ? e.payload.mix : null;
        return [
          {
            tag: tree.tag,
            when: e.on,
            potName: lot?.name ?? null,
            pot: lot?.pot ?? null,
            mix: mix !== null && (READY_MIX_NAMES as readonly string[]).includes(mix) ? mix : null,
            correction: e.payload.correction,
            note: "",
          },
        ];
      }),
    ),
  );
}

const asked = z.object({
  id: z.uuid(),
  file: z.enum(["weather.csv", ...IMPORT_KINDS.map((kind) => `${kind}.csv` as const)]),
});

/** The site's daily weather as merged from its records, with the source of each day. */
async function exportWeather(collectionId: string): Promise<{ name: string; text: string } | null> {
  const view = await viewCollection(collectionId);
  if (!view) return null;
  const merged = await loadMerged(pool(), view.collection, view.loaded);
  if (!merged) return null;
  const names = merged.adjustments.map((a) => view.loaded.sources.find((s) => s.id === a.id)?.name ?? "");
  return { name: fileName(view, "weather"), text: writeWeatherCsv(merged.record, (i) => names[merged.from[i]] ?? "") };
}

/** The file as a download; its byte order mark lets spreadsheets see that it is UTF-8. */
export async function exportResponse(
  id: string,
  file: string,
  only: ReadonlySet<string> | null = null,
): Promise<Response> {
  const parsed = asked.safeParse({ id, file });
  const written = !parsed.success
    ? null
    : file === "weather.csv"
      ? await exportWeather(id)
      : await exportCsv(id, file.replace(".csv", "") as ImportKind, only);
  if (!written) return new Response(say.thereIsNoSuchList, { status: 404 });
  return new Response(`\uFEFF${written.text}`, {
    headers: {
      "content-type": "text/csv; charset=utf-8",
      "content-disposition": `attachment; filename*=UTF-8''${encodeURIComponent(written.name)}`,
      "cache-control": "no-store",
    },
  });
}
