"use client";

import { pageAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { usePathname, useRouter } from "next/navigation";
import { useEffect, useRef } from "react";
import { Icon } from "@/ui/icon";
import { isPageKey } from "@/ui/keys";
import { Finder } from "../search/finder";
import { useAsOf, useDayQuery } from "@/features/kernel/as-of";

const PLACES = [
  ["today", "Today", "today"],
  ["yard", "Yard", "trees"],
  ["shelter", "Shelter", "winter"],
  ["stores", "Stores", "pots"],
  ["almanac", "Almanac", "climate"],
] as const;

/** Keys that lead there. */
const LETTERS: Record<(typeof PLACES)[number][0], string> = {
  today: "d",
  yard: "y",
  shelter: "h",
  stores: "s",
  almanac: "a",
};

/** Places visited less often, behind one word. */
const MORE = [
  ["ladders", "Ladders of the collection"],
  ["arrival", "A tree arrives"],
  ["learning", "Where a look is worth most"],
  ["walk", "Walk-round"],
  ["import", "Lists in and out"],
  ["people", "People and days"],
  ["history", "History"],
] as const;

const KEYS: [string, string][] = [
  ["/", "find a tree"],
  ["[  ]", "a week back, a week ahead"],
  ["t", "back to today"],
  ["← →  on the strip", "a day back, a day ahead"],
  ["l  in the Yard", "plain list and back"],
  ["← →  in the Yard", "from tree to tree"],
  ["d  y  h  s  a", "Today, Yard, Shelter, Stores, Almanac"],
  ["?", "these keys"],
];

/** Closes again when a place is chosen or the page is touched elsewhere. */
function More({
  collectionId,
  query,
  path,
}: {
  collectionId: string;
  query: ReturnType<typeof useDayQuery>;
  path: string;
}) {
  const details = useRef<HTMLDetailsElement>(null);
  useEffect(() => {
    const close = (event: Event) => {
      if (!details.current?.contains(event.target as Node)) details.current?.removeAttribute("open");
    };
    window.addEventListener("pointerdown", close);
    return () => window.removeEventListener("pointerdown", close);
  }, []);
  return (
    <details
      ref={details}
      className="relative"
      onKeyDown={(e) => e.key === "Escape" && details.current?.removeAttribute("open")}
    >
      <summary className="btn btn-ghost min-h-11 sm:btn-sm sm:min-h-9">More</summary>
      <ul className="bg-base-100 border-base-300 rounded-box absolute right-0 z-30 mt-1 w-52 border p-1 shadow-lg">
        {MORE.map(([key, word]) => (
          <li key={key}>
            <Link
              prefetch={false}
              href={pageAt(collectionId, key, query)}
              aria-current={path.endsWith(`/${key}`) ? "page" : undefined}
              className="hover:bg-base-200 rounded-field flex min-h-11 items-center px-3 aria-[current]:font-semibold"
              onClick={() => details.current?.removeAttribute("open")}
            >
              {word}
            </Link>
          </li>
        ))}
      </ul>
    </details>
  );
}

/** Links keep the as-of day. */
export function Nav({ name }: { name: string }) {
  const { collectionId } = useAsOf();
  const path = usePathname();
  const router = useRouter();
  const help = useRef<HTMLDialogElement>(null);
  const finder = useRef<HTMLDialogElement>(null);
  const query = useDayQuery();

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!isPageKey(event)) return;
      if (event.key === "?") help.current?.showModal();
      if (event.key === "/") {
        finder.current?.showModal();
        event.preventDefault();
      }
      const place = PLACES.find(([key]) => LETTERS[key] === event.key);
      if (place) router.push(pageAt(collectionId, place[0], query));
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [collectionId, query, router]);

  return (
    <header className="bg-base-200 border-base-300 flex flex-wrap items-center gap-x-5 gap-y-1 border-b px-3 py-1 sm:py-2">
      <span className="font-serif text-xl font-semibold tracking-tight">Aurelian</span>
      <span className="hidden max-w-[14rem] truncate text-sm sm:inline" title={name}>
        {name}
      </span>
      <nav aria-label="Places" className="order-last flex w-full gap-1 sm:order-none sm:w-auto">
        {PLACES.map(([key, word, icon]) => {
          const here = path.includes(`/${key}`) || (key === "yard" && /\/(tree|add)(\/|$)/.test(path));
          return (
            <Link
              key={key}
              // The address changes with every move of the strip: fetching ahead would ask the server each time.
              prefetch={false}
              href={pageAt(collectionId, key, query)}
              aria-current={here ? "page" : undefined}
              className={`rounded-field flex min-h-11 items-center gap-1.5 px-2 font-medium sm:px-3 sm:min-h-9 ${here ? "bg-primary text-primary-content" : "hover:bg-base-300"}`}
            >
              <Icon name={icon} className="max-[379px]:hidden" />
              {word}
            </Link>
          );
        })}
      </nav>
      <span className="ml-auto flex items-center gap-1">
        <button
          type="button"
          className="btn btn-ghost min-h-11 sm:btn-sm sm:min-h-9"
          onClick={() => finder.current?.showModal()}
        >
          <Icon name="find" />
          Find <kbd className="kbd kbd-xs hidden sm:inline">/</kbd>
        </button>
        <More collectionId={collectionId} query={query} path={path} />
      </span>
      <Finder dialog={finder} />
      <button
        type="button"
        className="btn btn-sm btn-ghost hidden sm:inline-flex"
        onClick={() => help.current?.showModal()}
      >
        Keys <kbd className="kbd kbd-xs">?</kbd>
      </button>
      <dialog ref={help} className="modal" aria-label="Keys">
        <div className="modal-box">
          <h2 className="mb-3 text-lg">Keys</h2>
          <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
            {KEYS.map(([key, what]) => (
              <div key={key} className="contents">
                <dt className="font-semibold">{key}</dt>
                <dd>{what}</dd>
              </div>
            ))}
          </dl>
          <form method="dialog" className="modal-action">
            <button className="btn">Close</button>
          </form>
        </div>
      </dialog>
    </header>
  );
}
