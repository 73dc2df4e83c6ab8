"use client";

import { pageAt } from "@/features/kernel/addresses";
import { useRouter } from "next/navigation";
import { useState } from "react";
import type { DateEstimate } from "@/core/estimate/index";
import { celsius, day, number, percent } from "@/words/format";
import { Form, SelectField, Why } from "@/ui/fields";
import type { StripWood } from "@/features/kernel/strip-wood";
import { DayField } from "@/features/kernel/rough-date";
import { useAsOf, useStripSubject } from "@/features/kernel/as-of";
import { LIMIT_BECAUSE } from "@/words/terms";
import type { LateWork, WoodPicture } from "./picture";
import { WoodChart } from "./wood-chart";
import { FeedForm, PruneForm, type StoredFeed, WoodCheckForm } from "./wood-forms";
import { useFollowDay } from "@/features/kernel/follow-day";
import { PAGE_WORDS } from "@/words/rooms";

interface Props {
  /** Feeds in store. */
  feeds: readonly StoredFeed[];
  picture: WoodPicture;
  kinds: (readonly [key: string, name: string])[];
  trees: { id: string; tag: string; name: string }[];
  chosen: { treeId: string | null; kind: string };
  ownChecks: { id: string; on: string; words: string }[];
  guessedWeather: boolean;
  /** For the strip: wood of the tree's own; null where it goes as its species does. */
  ownWood: StripWood | null;
  /** The day the page was made for. */
  asOf: string;
}

const WORK_WORDS: Record<LateWork, string> = {
  "feed-quick": "feeding quick nitrogen",
  "feed-organic": "feeding organic nitrogen",
  "feed-coated": "feeding coated granules",
  "slip-up": "potting up, ball left intact",
  "up-pot": "potting up, roots teased",
  "prune-hard": "pruning hard",
};

/** A day with its 80 % band in words. */
function bandWords(e: DateEstimate, near: string): string {
  if ("none" in e) return e.none;
  if (e.p50 === null) return "not before winter is out in the middle year";
  const ends = `${e.p10 === null ? "?" : day(e.p10, near)} to ${e.p90 === null ? "not at all" : day(e.p90, near)}`;
  return `${day(e.p50, near)} (${ends})`;
}

function shiftWords(before: DateEstimate, after: DateEstimate): string {
  if ("none" in before || "none" in after) return "";
  if (before.p50 === null) return "they do not ripen in the middle year either way";
  if (after.p50 === null) return `left alone ${day(before.p50, before.p50)}`;
  const days = Math.round((Date.parse(after.p50) - Date.parse(before.p50)) / 86_400_000);
  return days === 0
    ? "no day later in the middle year"
    : `${number(Math.abs(days))} days ${days > 0 ? "later" : "earlier"} in the middle year`;
}

/** Ripening and hardiness of one tree's or kind's wood through its season, and what looks, feeds and late work make of it. */
export function WoodView(props: Props) {
  const { picture: p, chosen } = props;
  const { collectionId, on, settledOn, today, units } = useAsOf();
  const router = useRouter();
  useStripSubject(chosen.kind, props.ownWood);
  useFollowDay(props.asOf);
  const go = (params: Record<string, string>) => {
    const query = new URLSearchParams({ ...(settledOn === today ? {} : { on: settledOn }), ...params });
    router.push(pageAt(collectionId, "climate/wood", `?${query.toString()}`), { scroll: false });
  };
  const self: Record<string, string> = chosen.treeId ? { tree: chosen.treeId } : { kind: chosen.kind };
  const options = [
    ...props.kinds.map(([key, name]) => [`kind:${key}`, `all of a kind: ${name}`] as const),
    ...props.trees.map((t) => [`tree:${t.id}`, `${t.tag} ${t.name}`] as const),
  ];
  return (
    <div className="grid gap-8 xl:grid-cols-[minmax(0,1fr)_24rem]">
      <div className="min-w-0 space-y-5">
        <div className="flex flex-wrap items-end gap-x-6 gap-y-3">
          <h1 className="text-2xl">{PAGE_WORDS["climate/wood"]}</h1>
          <SelectField
            className="w-72 max-w-full"
            label="Of"
            value={chosen.treeId ? `tree:${chosen.treeId}` : `kind:${chosen.kind}`}
            onChange={(value) => {
              const at = value.indexOf(":");
              go({ [value.slice(0, at)]: value.slice(at + 1) });
            }}
            options={options}
          />
        </div>
        <section aria-label="In words" className="space-y-1">
          <p className="text-xl" data-testid="wood-words">
            <b>
              {p.label}, season {p.season}.
            </b>{" "}
            Ripe to the tips: {bandWords(p.ripeOn, on)}.
            {p.frostDay !== null && p.ripeByFrost !== null && (
              <>
                {" "}
                By {day(p.frostDay, on)}, when {celsius(p.flushFrostC, units)} has come in one autumn of ten, it is ripe
                in {percent(p.ripeByFrost)} of years.
              </>
            )}
          </p>
          {p.ripeOnUndisturbed && (
            <p className="text-lg" data-testid="wood-delay">
              What was done to it this season: {shiftWords(p.ripeOnUndisturbed, p.ripeOn)}. Left alone it would ripen{" "}
              {bandWords(p.ripeOnUndisturbed, on)}.
            </p>
          )}
          <p>
            {p.budBreak
              ? `Buds ${p.leaf === "evergreen" ? "move" : "break"} ${bandWords({ ...p.budBreak, basis: p.basis }, on)}`
              : "In the middle year its buds never break here: winter cold or warmth do not suffice for this kind"}
            {p.leafFall ? `; leaves down about ${day(p.leafFall, on)}` : ""}.
          </p>
          <Windows periods={p.periods} on={on} />
          <p data-testid="wood-hardy">
            In the depth of the winter after it, half of it dies at {celsius(p.hardiest.middle, units)} (
            {celsius(p.hardiest.hardy, units)} to {celsius(p.hardiest.tender, units)}); the coldest night of the middle
            year here is {celsius(p.coldestNight, units)}{" "}
            {p.place === null ? "in the open" : `in its place, ${p.place}`}.
          </p>
          <p className="text-sm">
            <span className="badge badge-warning mr-2">our own model</span>
            Structure as published, parameters our own and not validated: your looks at the wood correct it.
            {props.guessedWeather && " The weather behind it is generated: no record of the site is long enough."}
            {p.several && " The species is not known; one of six habits stands for it."}
          </p>
        </section>
        <WoodChart picture={p} />
        <Pace pace={p.pace} tag={p.tag} />
        <WhatIf key={JSON.stringify(p.whatIf)} picture={p} onAsk={(work, workOn) => go({ ...self, work, workOn })} />
      </div>
      <div className="space-y-6">
        {p.treeId === null ? (
          <p>Choose one tree to record a look at its wood, a feed or pruning: it then goes its own pace.</p>
        ) : (
          <>
            <WoodCheckForm treeId={p.treeId} tag={p.tag!} />
            <FeedForm treeId={p.treeId} tag={p.tag!} fed={p.fed} feeds={props.feeds} />
            <PruneForm treeId={p.treeId} tag={p.tag!} />
            {props.ownChecks.length > 0 && (
              <section aria-label="Told this season">
                <h2 className="text-lg">Of this season, up to the day shown</h2>
                <ul className="text-sm">
                  {props.ownChecks.map((t) => (
                    <li key={t.id} className="py-0.5">
                      {day(t.on, on)}: {t.words}
                    </li>
                  ))}
                </ul>
              </section>
            )}
          </>
        )}
      </div>
    </div>
  );
}

function Windows({ periods, on }: { periods: WoodPicture["periods"]; on: string }) {
  if (periods.length === 0) return <p>No window for potting up in these months.</p>;
  return (
    <p data-testid="wood-windows">
      Windows for potting up:{" "}
      {periods.map((w, i) => (
        <span key={w.from}>
          {i > 0 && "; again "}
          <b>
            {day(w.from, on)} to {day(w.to, on)}
          </b>
          {w.closedBy !== "none" && ` (then ${LIMIT_BECAUSE[w.closedBy]})`}
        </span>
      ))}
      .
    </p>
  );
}

function Pace({ pace, tag }: { pace: WoodPicture["pace"]; tag: string | null }) {
  return (
    <Why reason="Between trees of a species the pace of stopping and ripening differs by about 30 % (our judgement). Each look – how woody, how it bends, whether the end bud is there, how far the leaves have fallen – is weighed against what the model says of that day, and moves the pace of this season.">
      <b>Its pace</b>{" "}
      <span data-testid="wood-pace">
        {number(pace.middle, 2)} times the species’ ({number(pace.slow, 2)}–{number(pace.fast, 2)})
      </span>
      {pace.checks > 0
        ? `, from ${pace.checks === 1 ? "one look" : `${pace.checks} looks`} this season.`
        : tag === null
          ? ": the spread between trees."
          : ", nobody has looked at its wood this season."}
    </Why>
  );
}

function WhatIf({ picture: p, onAsk }: { picture: WoodPicture; onAsk: (work: LateWork, on: string) => void }) {
  const { on } = useAsOf();
  const [work, setWork] = useState<LateWork>(p.whatIf?.work ?? "up-pot");
  const [when, setWhen] = useState(p.whatIf?.on ?? on);
  return (
    <section aria-label="What late work would do">
      <h2 className="text-lg">What would late work do?</h2>
      <Form
        label="Late work"
        className="mt-1 flex flex-wrap items-end gap-3"
        onSubmit={() => {
          if (when !== "") onAsk(work, when);
        }}
      >
        <SelectField
          className="w-64"
          label="Suppose"
          value={work}
          onChange={setWork}
          options={(Object.keys(WORK_WORDS) as LateWork[]).map((w) => [w, WORK_WORDS[w]] as const)}
        />
        <DayField ahead className="w-60" label="On" value={when} onChange={setWhen} />
        <button type="submit" className="btn min-h-11">
          Work it out
        </button>
      </Form>
      {p.whatIf && (
        <p className="mt-2" data-testid="what-if">
          {WORK_WORDS[p.whatIf.work][0].toUpperCase() + WORK_WORDS[p.whatIf.work].slice(1)} on {day(p.whatIf.on, on)}:
          ripe to the tips {bandWords(p.whatIf.ripeOn, on)}, {shiftWords(p.whatIf.without, p.whatIf.ripeOn)}.
          {p.whatIf.woken !== null && ` It would start new shoots in ${percent(p.whatIf.woken)} of years.`}
          {p.whatIf.ripeByFrost !== null &&
            p.whatIf.ripeByFrostWithout !== null &&
            ` Ripe by the one-in-ten frost in ${percent(p.whatIf.ripeByFrost)} of years instead of ${percent(p.whatIf.ripeByFrostWithout)}.`}
        </p>
      )}
    </section>
  );
}
