import * as common from "@/words/pages/common";
import * as say from "@/words/pages/winter/pot";
import { treeAt } from "@/features/kernel/addresses";
import "server-only";
import Link from "next/link";
import { notFound } from "next/navigation";
import { growingSeason, midwinterOf, toDay } from "@/core/dates/index";
import { coldNeeded, OUTSIDE, outlookOf, siteWinter, summerDays, winterDays, winterOn } from "@/core/shelter/index";
import { knownValuesOf } from "@/core/species/index";
import { wallOf } from "@/core/vessel/index";
import type { WeatherDays } from "@/core/place/index";
import { asWinterPlace, OPEN_QUARTER, quartersOf } from "../quarters";
import { collectionView } from "@/features/kernel/views";
import { WinterView } from "./view";

const SUMMER_COURSES = 10;
/** Past this many days after midsummer the next summer is meant. */
const SUMMER_OVER_DAYS = 60;
/** A winter nothing is known of yet but the climate. */
const ANY_WINTER_AHEAD = 2;

/** Tenths are plenty, and travel lightly. */
function rounded(days: readonly WeatherDays[]): WeatherDays[] {
  const tenths = (values: ArrayLike<number>) => Array.from(values, (v) => Math.round(10 * v) / 10);
  return days.map((d) => ({
    ...d,
    tminC: tenths(d.tminC),
    tmaxC: tenths(d.tmaxC),
    solarMJ: tenths(d.solarMJ),
    rainMm: tenths(d.rainMm),
    windMs: tenths(d.windMs),
  }));
}

/** One pot through the coming winter or the one that is on, where it stands or at another place; and its wall in summer. */
export async function WinterScreen({
  collectionId,
  treeId,
  at,
  any,
}: {
  collectionId: string;
  treeId: string;
  /** A place's id, or `open`: as if it stood there. */
  at?: string;
  /** Any winter of the site instead of this one. */
  any: boolean;
}) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const on = toDay(view.today);
  const facts = view.yard.tree(treeId)?.on(on);
  if (!facts) notFound();
  const { record: tree, profile, roots: replayed, state } = facts;
  const page = treeAt(collectionId, treeId);
  if (!replayed.pot)
    return (
      <article>
        <h1 className="text-2xl">{say.theWinterOf(tree.tag)}</h1>
        <p className="mt-3">
          {say.nobodyHasSaidWhichPot}
          <Link className="link" href={`${page}#measure`}>
            {say.measureItFirst}
          </Link>
        </p>
      </article>
    );
  const { latitudeDeg } = view.yard.site;
  const { loaded } = view;
  const quarters = quartersOf(loaded);
  const here = at ?? tree.placeId ?? "open";
  const quarter = quarters.find((q) => q.id === here) ?? null;
  const place = quarter ? asWinterPlace(quarter) : OPEN_QUARTER;
  const winter = winterOn(on, latitudeDeg);
  const site = siteWinter(view.yard.site, any ? winter + ANY_WINTER_AHEAD : winter);
  const asked = view.yard
    .on(on)
    .winter(winter)
    .trees.find((t) => t.id === tree.id)!;
  const home = quarters.find((q) => q.id === asked.homeId);
  const [outlook] = outlookOf({
    site,
    trees: [{ ...asked, homeId: place.id }],
    places: [place],
    openPlace: OPEN_QUARTER,
    risk: view.collection.risk,
  });
  const stay = outlook.stays[OUTSIDE];
  const season = growingSeason(on, latitudeDeg);
  const summer = on > midwinterOf(season, latitudeDeg) + 182 + SUMMER_OVER_DAYS ? season + 1 : season;
  return (
    <WinterView
      key={`${here}:${any}`}
      facts={{
        treeId,
        tag: tree.tag,
        name: profile.name,
        guess: profile.basis === "guess",
        limitMark: knownValuesOf(tree).rootKillYoungC.mark,
        latitudeDeg,
        today: on,
        observedUntil: any ? null : site.observedUntil,
        winters: rounded(winterDays(site)),
        summers: rounded(summerDays(view.yard.site, summer, SUMMER_COURSES)),
        air: place.air,
        summerAir: home?.air ?? OPEN_QUARTER.air,
        summerPlace: home?.name ?? common.theOpenGround,
        airBasis: quarter?.basis ?? "type",
        airNights: quarter?.nights ?? null,
        raised: place.raised,
        places: [
          ...(quarters.every((q) => q.kind !== "open") ? [{ id: "open", name: common.theOpenGround }] : []),
          ...quarters.map((q) => ({ id: q.id, name: q.name })),
        ],
        here: quarter ? here : "open",
        any,
        limits: asked.limits,
        protection: {
          ...asked.protection,
          wrap: asked.protection.wrap ?? place.wrap,
          mulched: asked.protection.mulched || place.mulched,
        },
        volumeL: state.volumeL.p50,
        wall: wallOf(replayed.pot),
        lotId: replayed.lotId!,
        frostProof: asked.frostProof,
        basis: view.yard.site.basis,
        stay,
        chillNeed: coldNeeded(asked),
        forFlowers: asked.habit.leaf === "evergreen",
        rootHeatC: profile.values.rootHeatC,
      }}
    />
  );
}
