"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/climate/wood";
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
  "feed-quick": say.feedingQuickNitrogen,
  "feed-organic": say.feedingOrganicNitrogen,
  "feed-coated": say.feedingCoatedGranules,
  "slip-up": say.pottingUpBallLeftIntact,
  "up-pot": say.pottingUpRootsTeased,
  "prune-hard": say.pruningHard,
};

/** A day with its 80 % band in words. */
function bandWords(e: DateEstimate, near: string): string {
  if ("none" in e) return e.none;
  if (e.p50 === null) return say.notBeforeWinterIsOut;
  const ends = common.to(e.p10 === null ? "?" : day(e.p10, near), e.p90 === null ? say.notAtAll : day(e.p90, near));
  return `${day(e.p50, near)} (${ends})`;
}

function shiftWords(before: DateEstimate, after: DateEstimate): string {
  if ("none" in before || "none" in after) return "";
  if (before.p50 === null) return say.theyDoNotRipenIn;
  if (after.p50 === null) return say.leftAlone(day(before.p50, before.p50));
  const days = Math.round((Date.parse(after.p50) - Date.parse(before.p50)) / 86_400_000);
  return days === 0
    ? say.noDayLaterInThe
    : say.daysInTheMiddleYear(number(Math.abs(days)), days > 0 ? "later" : "earlier");
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
    ...props.kinds.map(([key, name]) => [`kind:${key}`, say.allOfAKind(name)] as const),
    ...props.trees.map((t) => [`tree:${t.id}`, `${t.tag} ${t.name}`] as const),
  ];
  return (
    <div className="grid gap-8 xl:grid-cols-[minmax(0,1fr)_24rem]">
      <div className="min-w-0 space-y-5">
        <div className="flex flex-wrap items-end gap-x-6 gap-y-3">
          <h1 className="text-2xl">{PAGE_WORDS["climate/wood"]}</h1>
          <SelectField
            className="w-72 max-w-full"
            label={say.ofLabel}
            value={chosen.treeId ? `tree:${chosen.treeId}` : `kind:${chosen.kind}`}
            onChange={(value) => {
              const at = value.indexOf(":");
              go({ [value.slice(0, at)]: value.slice(at + 1) });
            }}
            options={options}
          />
        </div>
        <section aria-label={say.inWords} className="space-y-1">
          <p className="text-xl" data-testid="wood-words">
            <b>{say.season(p.label, p.season)}</b>
            {say.ripeToTheTips(bandWords(p.ripeOn, on))}
            {p.frostDay !== null &&
              p.ripeByFrost !== null &&
              say.byWhenHasComeIn(day(p.frostDay, on), celsius(p.flushFrostC, units), percent(p.ripeByFrost))}
          </p>
          {p.ripeOnUndisturbed && (
            <p className="text-lg" data-testid="wood-delay">
              {say.whatWasDoneToIt(shiftWords(p.ripeOnUndisturbed, p.ripeOn), bandWords(p.ripeOnUndisturbed, on))}
            </p>
          )}
          <p>
            {p.budBreak
              ? say.buds(p.leaf === "evergreen" ? "move" : "break", bandWords({ ...p.budBreak, basis: p.basis }, on))
              : say.inTheMiddleYearIts}
            {p.leafFall ? say.leavesDownAbout(day(p.leafFall, on)) : ""}.
          </p>
          <Windows periods={p.periods} on={on} />
          <p data-testid="wood-hardy">
            {say.inTheDepthOfThe(
              celsius(p.hardiest.middle, units),
              celsius(p.hardiest.hardy, units),
              celsius(p.hardiest.tender, units),
              celsius(p.coldestNight, units),
              p.place === null ? say.inTheOpen : say.inItsPlace(p.place),
            )}
          </p>
          <p className="text-sm">
            <span className="badge badge-warning mr-2">{say.ourOwnModel}</span>
            {say.structureAsPublishedParametersOur}
            {props.guessedWeather && say.theWeatherBehindItIs}
            {p.several && say.theSpeciesIsNotKnown}
          </p>
        </section>
        <WoodChart picture={p} />
        <Pace pace={p.pace} tag={p.tag} />
        <WhatIf key={JSON.stringify(p.whatIf)} picture={p} onAsk={(work, workOn) => go({ ...self, work, workOn })} />
      </div>
      <div className="space-y-6">
        {p.treeId === null ? (
          <p>{say.chooseOneTreeToRecord}</p>
        ) : (
          <>
            <WoodCheckForm treeId={p.treeId} tag={p.tag!} />
            <FeedForm treeId={p.treeId} tag={p.tag!} fed={p.fed} feeds={props.feeds} />
            <PruneForm treeId={p.treeId} tag={p.tag!} />
            {props.ownChecks.length > 0 && (
              <section aria-label={say.toldThisSeason}>
                <h2 className="text-lg">{say.ofThisSeasonUpTo}</h2>
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
  if (periods.length === 0) return <p>{say.noWindowForPottingUp}</p>;
  return (
    <p data-testid="wood-windows">
      {say.windowsForPottingUp}
      {periods.map((w, i) => (
        <span key={w.from}>
          {i > 0 && say.again}
          <b>{common.to(day(w.from, on), day(w.to, on))}</b>
          {w.closedBy !== "none" && say.then(LIMIT_BECAUSE[w.closedBy])}
        </span>
      ))}
      .
    </p>
  );
}

function Pace({ pace, tag }: { pace: WoodPicture["pace"]; tag: string | null }) {
  return (
    <Why reason={say.betweenTreesOfASpecies()}>
      <b>{say.itsPace}</b>{" "}
      <span data-testid="wood-pace">
        {say.timesTheSpecies(number(pace.middle, 2), number(pace.slow, 2), number(pace.fast, 2))}
      </span>
      {pace.checks > 0
        ? say.fromThisSeason(pace.checks === 1 ? say.oneLook : say.looks(pace.checks))
        : tag === null
          ? say.theSpreadBetweenTrees
          : say.nobodyHasLookedAtIts}
    </Why>
  );
}

function WhatIf({ picture: p, onAsk }: { picture: WoodPicture; onAsk: (work: LateWork, on: string) => void }) {
  const { on } = useAsOf();
  const [work, setWork] = useState<LateWork>(p.whatIf?.work ?? "up-pot");
  const [when, setWhen] = useState(p.whatIf?.on ?? on);
  return (
    <section aria-label={say.whatLateWorkWouldDo}>
      <h2 className="text-lg">{say.whatWouldLateWorkDo}</h2>
      <Form
        label={say.lateWork}
        className="mt-1 flex flex-wrap items-end gap-3"
        onSubmit={() => {
          if (when !== "") onAsk(work, when);
        }}
      >
        <SelectField
          className="w-64"
          label={say.suppose}
          value={work}
          onChange={setWork}
          options={(Object.keys(WORK_WORDS) as LateWork[]).map((w) => [w, WORK_WORDS[w]] as const)}
        />
        <DayField ahead className="w-60" label={say.on} value={when} onChange={setWhen} />
        <button type="submit" className="btn min-h-11">
          {say.workItOut}
        </button>
      </Form>
      {p.whatIf && (
        <p className="mt-2" data-testid="what-if">
          {say.onRipeToTheTips(
            WORK_WORDS[p.whatIf.work][0].toUpperCase() + WORK_WORDS[p.whatIf.work].slice(1),
            day(p.whatIf.on, on),
            bandWords(p.whatIf.ripeOn, on),
            shiftWords(p.whatIf.without, p.whatIf.ripeOn),
          )}
          {p.whatIf.woken !== null && say.itWouldStartNewShoots(percent(p.whatIf.woken))}
          {p.whatIf.ripeByFrost !== null &&
            p.whatIf.ripeByFrostWithout !== null &&
            say.ripeByTheOneIn(percent(p.whatIf.ripeByFrost), percent(p.whatIf.ripeByFrostWithout))}
        </p>
      )}
    </section>
  );
}
