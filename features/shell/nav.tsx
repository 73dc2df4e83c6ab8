"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/shell";
import { pageAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { usePathname, useRouter } from "next/navigation";
import { useEffect, useRef } from "react";
import { Icon } from "@/ui/icon";
import { isPageKey } from "@/ui/keys";
import { Finder } from "../trees/search/finder";
import { useAsOf, useDayQuery } from "@/features/kernel/as-of";
import { useRecord } from "@/features/kernel/record-wish";
import { helpOf } from "@/words/help";
import { ROOM_WORDS } from "@/words/rooms";
import { More } from "./more";
import { isIn, ROOMS } from "./rooms";

const KEYS: [string, string][] = [
  ["/", say.findATree],
  ["r", say.recordSomething],
  ["[  ]", say.aWeekBackAWeek],
  ["t", say.keyBackToToday],
  [say.onTheStrip, say.aDayBackADay],
  [say.lAmongTheTrees, say.plainListAndBack],
  [say.amongTheTrees, say.fromTreeToTree],
  [ROOMS.map((r) => r.key).join("  "), ROOMS.map((r) => ROOM_WORDS[r.page]).join(", ")],
  ["?", say.helpForThisPage],
];

/** The tree whose page this is. */
const treeOf = (path: string): string | undefined => /\/tree\/([^/]+)/.exec(path)?.[1];

/** Links keep the as-of day. */
export function Nav({ name }: { name: string }) {
  const { collectionId } = useAsOf();
  const path = usePathname();
  const router = useRouter();
  const help = useRef<HTMLDialogElement>(null);
  const finder = useRef<HTMLDialogElement>(null);
  const query = useDayQuery();
  const record = useRecord();

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!isPageKey(event)) return;
      if (event.key === "?") help.current?.showModal();
      if (event.key === "r") record({ trees: [], treeId: treeOf(path) });
      if (event.key === "/") {
        finder.current?.showModal();
        event.preventDefault();
      }
      const room = ROOMS.find((r) => r.key === event.key);
      if (room) router.push(pageAt(collectionId, room.page, query));
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [collectionId, query, router, record, path]);

  return (
    <header className="bg-base-200 border-base-300 flex items-center gap-x-3 gap-y-1 border-b px-3 py-1 sm:flex-wrap sm:gap-x-4 lg:flex-nowrap sm:py-2">
      <span className="font-serif text-xl font-semibold tracking-tight max-sm:hidden">{say.aurelian}</span>
      <span
        className="max-w-[9rem] truncate max-sm:max-w-[11rem] max-sm:font-serif max-sm:text-lg max-sm:font-semibold sm:text-sm lg:max-w-[8rem] xl:max-w-[12rem]"
        title={name}
      >
        {name}
      </span>
      <nav aria-label={say.rooms} className="hidden gap-1 sm:flex">
        {ROOMS.map(({ page, icon }) => {
          const here = isIn(page, path);
          return (
            <Link
              key={page}
              // The address changes with every move of the strip: fetching ahead would ask the server each time.
              prefetch={false}
              href={pageAt(collectionId, page, query)}
              aria-current={here ? "page" : undefined}
              className={`rounded-field flex min-h-9 items-center gap-1.5 px-2 font-medium lg:px-3 ${here ? "bg-primary text-primary-content" : "hover:bg-base-300"}`}
            >
              <Icon name={icon} className="max-lg:hidden" />
              {ROOM_WORDS[page]}
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
          <span className="max-sm:sr-only">{say.find}</span> <kbd className="kbd kbd-xs hidden sm:inline">/</kbd>
        </button>
        <button
          type="button"
          className="btn btn-primary min-h-11 sm:btn-sm sm:min-h-9"
          onClick={() => record({ trees: [], treeId: treeOf(path) })}
        >
          <Icon name="record" />
          {common.record}
        </button>
        <span className="hidden sm:inline">
          <More path={path} />
        </span>
      </span>
      <Finder dialog={finder} />
      <button
        type="button"
        className="btn btn-sm btn-ghost min-h-11 px-2 sm:min-h-9"
        onClick={() => help.current?.showModal()}
      >
        <Icon name="help" />
        <span className="sr-only 2xl:not-sr-only">{say.help}</span> <kbd className="kbd kbd-xs hidden sm:inline">?</kbd>
      </button>
      <dialog ref={help} className="modal" aria-label={say.help}>
        <div className="modal-box">
          <h2 className="mb-2 text-xl">{say.whatThisPageIsFor}</h2>
          <p data-testid="help">{helpOf(path)}</p>
          <h2 className="mt-5 mb-2 text-lg max-sm:hidden">{say.keys}</h2>
          <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1 max-sm:hidden">
            {KEYS.map(([key, what]) => (
              <div key={key} className="contents">
                <dt className="font-semibold">{key}</dt>
                <dd>{what}</dd>
              </div>
            ))}
          </dl>
          <form method="dialog" className="modal-action">
            <button className="btn">{common.close}</button>
          </form>
        </div>
      </dialog>
    </header>
  );
}
