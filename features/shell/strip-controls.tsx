"use client";

import * as say from "@/words/pages/shell";
import type { StripWood } from "@/features/kernel/strip-wood";
import { pageAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { day as dayWord, percent } from "@/words/format";
import { useAsOf } from "@/features/kernel/as-of";
import type { StripData } from "./strip-data";
import { SimulatedMark } from "@/features/kernel/simulated";
import { Icon } from "@/ui/icon";

/** Whose wood the strip shows. */
export function WoodChoice({ woods }: { woods: StripWood[] }) {
  const { subject, setSubject } = useAsOf();
  return (
    <label className="hidden items-center gap-2 sm:flex">
      <span className="hidden md:inline">{say.woodOf}</span>
      <select
        className="select select-xs w-32"
        aria-label={say.whoseWoodTheStripShows}
        value={subject?.key || ""}
        onChange={(e) => setSubject({ key: e.target.value, own: subject?.own ?? null })}
      >
        <option value="">{say.allTrees}</option>
        {[...woods]
          .sort((a, b) => a.name.localeCompare(b.name))
          .map((w) => (
            <option key={w.key} value={w.key}>
              {w.name}
            </option>
          ))}
      </select>
    </label>
  );
}

/** The keys that move it. */
export function StripKeys() {
  return (
    <span className="hidden text-xs lg:inline">
      {say.dragOr}
      <kbd className="kbd kbd-xs">[</kbd> <kbd className="kbd kbd-xs">]</kbd>
      {say.aWeek}
      <kbd className="kbd kbd-xs">t</kbd>
      {say.keyToday}
    </span>
  );
}

/** The next night that asks for something. */
export function StripAlarm({ full, alarm }: { full: boolean; alarm: NonNullable<StripData["alarm"]> }) {
  const { collectionId, today } = useAsOf();
  return (
    <Link
      href={pageAt(collectionId, "climate/ahead")}
      prefetch={false}
      className="badge badge-error badge-sm h-auto min-h-6 min-w-0 shrink overflow-hidden py-0.5"
      data-testid="alarm"
    >
      <span className={full ? "" : "min-w-0 max-sm:truncate"}>
        {alarm.name}: {dayWord(alarm.on, today)}, {percent(alarm.chance)}
      </span>{" "}
      <span className={full ? "" : "max-sm:sr-only"}>
        <SimulatedMark />
      </span>
    </Link>
  );
}

/** That another day than today is shown, and the way back. */
export function AnotherDay({ setOn }: { setOn: (on: string, settle: boolean) => void }) {
  const { on, today } = useAsOf();
  return (
    <>
      <span className="text-accent shrink-0 font-semibold">{say.showingDay(dayWord(on))}</span>
      <button type="button" className="btn btn-xs btn-accent" onClick={() => setOn(today, true)}>
        {say.backToToday}
      </button>
    </>
  );
}

/** Opens and folds the year. */
export function FoldButton({ opened, setOpened }: { opened: boolean; setOpened: (value: boolean) => void }) {
  return (
    <button
      type="button"
      className="btn btn-ghost btn-xs ml-auto min-h-11 shrink-0"
      aria-expanded={opened}
      onClick={() => setOpened(!opened)}
    >
      <Icon name="calendar" size={16} />
      {opened ? say.foldTheYear : <span className="max-sm:sr-only">{say.changeTheDay}</span>}
    </button>
  );
}
