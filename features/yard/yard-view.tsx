"use client";

import { pageAt, treeAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { type CSSProperties, memo, useEffect, useMemo, useState } from "react";
import { type HeadlineCode, isOverdue } from "@/core/decision/index";
import type { YardRow } from "@/model/index";
import { brimHeightMm, widthAtMm } from "@/core/vessel/index";
import { isPageKey } from "@/ui/keys";
import { day, fullness, litres, type Units } from "@/words/format";
import { ScrollBox } from "@/ui/fields";
import { YardPot, yardPotWidth } from "@/ui/yard-pot";
import { countHeadlines, countSentence, headlineDate, headlineWord, type HeadlineCounts } from "@/words/decision";
import { MovedPanel } from "../look/moved-panel";
import type { MovedSince } from "../look/since";
import { useAsOf, useReplayed, useDayQuery } from "@/features/kernel/as-of";
import { LIMIT_WORD } from "@/words/terms";
import { ROOM_WORDS } from "@/words/rooms";
import { FirstSteps } from "@/features/kernel/first-steps";

/** Tallest pot of the yard is drawn this high: one scale for all of them. */
const TALLEST_PX = 132;
const WIDEST_PX = 150;

/** Trees in the order of what is lost by waiting, standing on the ground line to one scale. */
export function YardView({
  initial,
  initialOn,
  counts,
  places,
  moved,
}: {
  initial: YardRow[];
  initialOn: string;
  counts: HeadlineCounts;
  places: { id: string; name: string }[];
  moved: MovedSince;
}) {
  const { collectionId, units, replay, revision } = useAsOf();
  const query = useDayQuery();
  const [whole, setWhole] = useState<{ rows: YardRow[]; revision: number } | null>(null);
  const { total } = counts;
  const [plain, setPlain] = useState(false);
  const router = useRouter();

  // A large collection arrives in two parts: the first trees with the page, all of them from the browser's own replay.
  useEffect(() => {
    if (total <= initial.length) return;
    let wanted = true;
    void replay()
      .then((api) => api.yard(initialOn))
      .then((rows) => wanted && setWhole({ rows, revision }))
      .catch(() => undefined);
    return () => {
      wanted = false;
    };
  }, [initial.length, initialOn, replay, revision, total]);

  const start = whole?.revision === revision ? whole.rows : initial;
  const { value: rows, on: shown } = useReplayed(start, initialOn, (api, day) => api.yard(day));
  const scale = useMemo(() => {
    const [tall, wide] = start.reduce(
      ([t, w], row) =>
        row.vessel
          ? [Math.max(t, brimHeightMm(row.vessel)), Math.max(w, widthAtMm(row.vessel, brimHeightMm(row.vessel)))]
          : [t, w],
      [200, 200],
    );
    return Math.min(TALLEST_PX / tall, WIDEST_PX / wide, 0.3);
  }, [start]);

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!isPageKey(event)) return;
      if (event.key === "l") setPlain((p) => !p);
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, []);

  const placeNames = useMemo(() => new Map(places.map((p) => [p.id, p.name])), [places]);
  const terraces = useMemo(() => terracesOf(rows, placeNames, total), [rows, placeNames, total]);

  if (total === 0) {
    return (
      <>
        <h1 className="text-center text-2xl">No tree stands here yet</h1>
        <FirstSteps />
      </>
    );
  }
  const first = rows[0];
  return (
    <div>
      <div className="mb-3 flex flex-wrap items-center gap-3">
        <h1 className="text-2xl">{ROOM_WORDS.yard}</h1>
        <p className="text-lg">{countSentence(rows.length < counts.total ? counts : countHeadlines(rows, shown))}</p>
        <span className="ml-auto flex flex-wrap gap-2">
          {first && (
            <button
              type="button"
              className="btn btn-primary"
              onClick={() => router.push(treeAt(collectionId, first.id, "", query))}
            >
              Open {first.tag}: loses most by waiting
            </button>
          )}
          <Link href={pageAt(collectionId, "walk")} className="btn sm:hidden">
            Walk round
          </Link>
          <Link href={pageAt(collectionId, "add")} className="btn">
            Add a tree
          </Link>
          <button type="button" className="btn" aria-pressed={plain} onClick={() => setPlain(!plain)}>
            {plain ? "Drawn" : "Plain list"} <kbd className="kbd kbd-xs hidden sm:inline">l</kbd>
          </button>
        </span>
      </div>
      <MovedPanel moved={moved} />
      {plain ? (
        <PlainList
          rows={rows}
          query={query}
          shown={shown}
          units={units}
          collectionId={collectionId}
          places={placeNames}
        />
      ) : (
        terraces.map((terrace) => (
          <section key={terrace.id ?? "none"} aria-label={terrace.name ?? ROOM_WORDS.yard} className="mb-6">
            {terrace.name !== null && (
              <h2 className="mb-2 text-lg">
                {terrace.name}{" "}
                <span className="text-base font-normal">· {countSentence(countHeadlines(terrace.rows, shown))}</span>
              </h2>
            )}
            <Ground
              rows={terrace.rows}
              query={query}
              shown={shown}
              scale={scale}
              units={units}
              collectionId={collectionId}
              label={terrace.name}
            />
          </section>
        ))
      )}
      {!plain && <Legend overdue={rows.some(isOverdueRow)} />}
    </div>
  );
}

/** Above so many trees the yard is drawn place by place. */
const TERRACES_ABOVE = 60;

interface Terrace {
  id: string | null;
  name: string | null;
  rows: YardRow[];
}

/** One ground for a small yard; a terrace per place for a large one, the place that loses most by waiting first. */
function terracesOf(rows: YardRow[], places: ReadonlyMap<string, string>, total: number): Terrace[] {
  if (total <= TERRACES_ABOVE || places.size === 0) return [{ id: null, name: null, rows }];
  const terraces = new Map<string | null, Terrace>();
  for (const row of rows) {
    const id = row.placeId !== null && places.has(row.placeId) ? row.placeId : null;
    let terrace = terraces.get(id);
    if (!terrace)
      terraces.set(id, (terrace = { id, name: id === null ? "No place on record" : places.get(id)!, rows: [] }));
    terrace.rows.push(row);
  }
  return [...terraces.values()];
}

interface ListProps {
  rows: YardRow[];
  query: ReturnType<typeof useDayQuery>;
  shown: string;
  units: Units;
  collectionId: string;
}

/** Redrawn when the trees change, not with every step of a drag. */
const Ground = memo(function Ground({
  rows,
  query,
  shown,
  scale,
  units,
  collectionId,
  label,
}: ListProps & { scale: number; label: string | null }) {
  const overdue = rows.filter(isOverdueRow).length;
  return (
    <ol
      data-on={shown}
      aria-label={`Trees${label ? ` of ${label}` : ""}, the ones that lose most by waiting first`}
      className="flex flex-col md:flex-row md:flex-wrap md:items-stretch md:gap-y-5"
      onKeyDown={(e) => {
        const step =
          e.key === "ArrowRight" || e.key === "ArrowDown" ? 1 : e.key === "ArrowLeft" || e.key === "ArrowUp" ? -1 : 0;
        if (step === 0) return;
        // From terrace to terrace, too: all of them are one walk.
        const links = [...document.querySelectorAll<HTMLAnchorElement>("ol[data-on] a")];
        const at = links.findIndex((link) => link === document.activeElement);
        links[at + step]?.focus();
        e.preventDefault();
      }}
    >
      {rows.map((row, i) => (
        <YardTree
          key={row.id}
          row={row}
          href={treeAt(collectionId, row.id, "", query)}
          shown={shown}
          scale={scale}
          units={units}
          post={overdue > 0 && i === overdue}
        />
      ))}
    </ol>
  );
});

function Legend({ overdue }: { overdue: boolean }) {
  return (
    <p className="mt-3 text-sm">
      Pots to one scale, in section; roots from <span className="bg-cream rounded px-1">cream</span> while there is room
      to <span className="rounded bg-[#8a3f22] px-1 text-white">rust</span> when the pot is used up. Crowns show the
      wood, not the size.
      {overdue && " Left of the ochre post: overdue."}
    </p>
  );
}

interface TreeProps {
  row: YardRow;
  href: string;
  shown: string;
  scale: number;
  units: Units;
  /** The ochre post stands before this tree: all before it are overdue. */
  post: boolean;
}

const sameRow = (a: TreeProps, b: TreeProps) =>
  a.href === b.href &&
  a.scale === b.scale &&
  a.units === b.units &&
  a.post === b.post &&
  a.row.vessel?.shape === b.row.vessel?.shape &&
  a.row.volumeL === b.row.volumeL &&
  a.row.fill === b.row.fill &&
  a.row.ripe === b.row.ripe &&
  a.row.count === b.row.count &&
  a.row.tag === b.row.tag &&
  wordOf(a.row) === wordOf(b.row) &&
  dateOf(a.row, a.shown) === dateOf(b.row, b.shown);

const TONE: Partial<Record<HeadlineCode, string>> = {
  rescue: "text-error",
  "do-now": "text-error",
  "do-by": "text-primary",
  "in-place": "text-primary",
  "check-first": "text-info",
};

const isOverdueRow = ({ headline }: YardRow) => headline !== null && isOverdue({ headline });
const wordOf = ({ headline }: YardRow) => (headline ? headlineWord(headline) : "");
const dateOf = ({ headline }: YardRow, shown: string) => (headline ? headlineDate(headline, shown) : "");
/** What holds it back today, where its headline waits for a later day. */
const heldBy = ({ headline }: YardRow, shown: string) =>
  headline && headline.from !== null && headline.from > shown && headline.limiting !== "none"
    ? LIMIT_WORD[headline.limiting]
    : "";

const YardTree = memo(function YardTree({ row, href, shown, scale, units, post }: TreeProps) {
  const date = dateOf(row, shown);
  return (
    <li
      style={{ "--pot": `${row.vessel ? yardPotWidth(row.vessel, scale) : 40}px` } as CSSProperties}
      className={`[contain-intrinsic-size:auto_222px] [content-visibility:auto] yard-place ${post ? "border-ochre border-t-4 md:border-t-0 md:border-l-4" : "border-base-300 border-t md:border-t-0"}`}
    >
      <Link
        prefetch={false}
        href={href}
        className="hover:bg-base-200 focus-visible:bg-base-200 yard-tree h-full"
        aria-label={`${row.tag}, ${row.name}, ${litres(row.volumeL, units)}, ${fullness(row.fill)} full: ${wordOf(row)} ${date}`}
      >
        {row.vessel ? (
          <YardPot
            vessel={row.vessel}
            fillHeightMm={row.fillHeightMm}
            fill={row.fill}
            ripe={row.ripe}
            scale={scale}
            count={row.count}
            guessed={row.guessed}
          />
        ) : (
          <span />
        )}
        <span className="md:border-base-content/70 block leading-tight md:h-[8.6rem] md:border-t-2 md:px-1 md:pt-1">
          <span className="flex items-baseline gap-2 md:block">
            <b className="md:block">{row.tag}</b>
            <span className="text-sm md:line-clamp-2 md:h-[2.9em]">{row.name}</span>
          </span>
          <span className={`font-semibold md:block ${(row.headline && TONE[row.headline.code]) ?? ""}`}>
            {wordOf(row)}
          </span>
          <span className="text-sm md:block">
            <span className="md:hidden"> · </span>
            {date}
            {heldBy(row, shown) && <span className="md:hidden"> – {heldBy(row, shown)}</span>}
          </span>
        </span>
      </Link>
    </li>
  );
}, sameRow);

function PlainList({
  rows,
  query,
  shown,
  units,
  collectionId,
  places,
}: ListProps & { places: ReadonlyMap<string, string> }) {
  return (
    <ScrollBox label="Plain list of trees">
      <table className="table-sm table">
        <thead>
          <tr>
            {["Tag", "Kind", "Place", "Mix", "Full", "Due", "Status", "Blocked by"].map((h) => (
              <th key={h} scope="col">
                {h}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={row.id} className="hover:bg-base-200">
              <th scope="row">
                <Link prefetch={false} className="link" href={treeAt(collectionId, row.id, "", query)}>
                  {row.tag}
                </Link>
              </th>
              <td>
                {row.name}
                {row.cultivar ? ` ‘${row.cultivar}’` : ""}
                {row.count > 1 ? ` × ${row.count}` : ""}
              </td>
              <td>{row.placeId === null ? "" : places.get(row.placeId)}</td>
              <td>{litres(row.volumeL, units)}</td>
              <td>{fullness(row.fill)}</td>
              <td>{row.dueOn === null ? "later" : row.dueOn <= shown ? "now" : day(row.dueOn, shown)}</td>
              <td>
                {wordOf(row)}
                {dateOf(row, shown) && ` · ${dateOf(row, shown)}`}
              </td>
              <td>{heldBy(row, shown)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </ScrollBox>
  );
}
