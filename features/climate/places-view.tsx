"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/climate/places";
import { pageAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { useState } from "react";
import { PLACE_KINDS, type PlaceClimate, type PlaceFit, type PlaceKind } from "@/core/climate/index";
import type { LearnedAir } from "@/core/place/index";
import { celsius, degreesPerKelvin, degreesUnit, number, readNumber } from "@/words/format";
import { Chart, type ChartRow } from "@/ui/charts/index";
import { Form, FormFaults, SelectField, TextField } from "@/ui/fields";
import { Folded } from "@/ui/folded";
import { unplaced, useCommand } from "@/features/kernel/use-command";
import { placeClimateWords } from "@/words/events";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { airWords, fitWords } from "@/words/weather";
import { WeatherImport } from "./weather/weather-import";
import { PLACE_WORDS } from "@/words/terms";

export interface PlaceFacts {
  id: string;
  name: string;
  kind: PlaceKind;
  trees: number;
  climate: PlaceClimate;
  /** Typed or learned, not assumed by what the place is like. */
  ownClimate: boolean;
  /** Nights the climate was learned from; null where it was typed. */
  learnedFrom: number | null;
  /** How its air follows the air outside, where hours read there have told. */
  air: LearnedAir | null;
  hours: number;
  lastHour: string | null;
  fit: PlaceFit | null;
  frost: { last: (string | null)[]; first: (string | null)[]; years: number; withFrost: number };
}

export function PlacesView({
  places,
  logger,
  recorded,
}: {
  places: PlaceFacts[];
  logger: string | null;
  recorded: boolean;
}) {
  const { collectionId } = useAsOf();
  return (
    <div>
      <h1 className="text-2xl">{say.placesAndTheirNights}</h1>
      <p className="max-w-3xl">{say.oneDegreeAtNightMoves}</p>
      {places.length === 0 && (
        <p className="mt-3">
          {say.noPlaceHasAName}
          <Link className="link" href={pageAt(collectionId, "trees")}>
            {say.ownPage}
          </Link>
          {say.underDetails}
        </p>
      )}
      <ul className="mt-4 space-y-4">
        {places.map((place) => (
          <li key={place.id}>
            <PlaceCard place={place} logger={logger} recorded={recorded} />
          </li>
        ))}
      </ul>
    </div>
  );
}

function frostWords({ frost }: PlaceFacts): string {
  if (frost.withFrost === 0) return say.noFrostInAnyYear;
  const [last, late] = frost.last;
  const [first, early] = frost.first;
  const spring = last ? say.lastFrostUsuallyBy(last, late ? say.n10ChanceAfter(late) : "") : "";
  const autumn = first ? say.firstUsuallyFrom(first, early ? say.n10ChanceBy(early) : "") : "";
  return `${spring}${autumn} ${frost.withFrost < frost.years ? say.frostInOfYears(number(frost.withFrost), number(frost.years)) : ""}`;
}

function PlaceCard({ place, logger, recorded }: { place: PlaceFacts; logger: string | null; recorded: boolean }) {
  const { collectionId, units } = useAsOf();
  const { tell } = useNotice();
  const poll = useCommand("poll-logger");
  const ask = async () => {
    const done = await poll.send({ collectionId, placeId: place.id });
    if (done) tell({ text: say.theReadingsOfAreIn(place.name), entryId: done.entryId });
  };
  return (
    <section aria-label={place.name} className="border-base-300 border-t pt-4">
      <div className="grid gap-6 lg:grid-cols-[minmax(0,1fr)_20rem]">
        <div className="min-w-0 space-y-2">
          <h2 className="text-xl">
            {place.name}{" "}
            <span className="text-base font-normal">
              {PLACE_WORDS[place.kind]},{" "}
              {place.trees === 0 ? (
                say.noTree
              ) : (
                <Link className="link" prefetch={false} href={pageAt(collectionId, "trees", `?place=${place.id}`)}>
                  {place.trees === 1 ? say.n1Tree : say.trees(number(place.trees))}
                </Link>
              )}
            </span>
          </h2>
          <p data-testid="place-climate">
            {!place.ownClimate && place.kind === "open" ? (
              say.countsAsTheOpenSite
            ) : (
              <>
                {!place.ownClimate && <span className="badge badge-warning badge-sm mr-2">{common.guess}</span>}
                <b>{placeClimateWords(place.climate, units)}</b>,{" "}
                {!place.ownClimate
                  ? say.assumedByWhatItIs
                  : place.learnedFrom === null
                    ? say.asTyped
                    : say.learnedFromColdNights(number(place.learnedFrom))}
                .
              </>
            )}{" "}
            {frostWords(place)}
          </p>
          {place.fit && <FitChart fit={place.fit} name={place.name} />}
          {place.fit && <p className="text-sm">{say.byItsReadings(fitWords(place.fit, units))}</p>}
          {place.air && <p className="text-sm">{airWords({ air: place.air }, units)}</p>}
          {place.hours > 0 && !place.fit && <p className="text-sm">{say.hoursOfReadingsTooFew(number(place.hours))}</p>}
        </div>
        <div className="space-y-2">
          {logger !== null && recorded && (
            <div>
              <button type="button" className="btn min-h-11" disabled={poll.busy} onClick={() => void ask()}>
                {poll.busy ? say.reading : say.readItsLogger}
              </button>
              <p className="mt-1 text-sm">
                {logger}
                {place.lastHour ? say.readUntil(place.lastHour) : ""}
              </p>
              <FormFaults faults={poll.failure?.faults ?? []} />
            </div>
          )}
          <Folded title={say.correctIt}>
            <details>
              <summary className="min-h-11 cursor-pointer py-2 underline decoration-dotted">
                {say.readInALoggersFile}
              </summary>
              <WeatherImport place={place} />
            </details>
            <ClimateForm place={place} />
            <DescribeForm place={place} />
          </Folded>
        </div>
      </div>
    </section>
  );
}

/** Another name, or another kind of place: windows of the trees there follow. */
function DescribeForm({ place }: { place: PlaceFacts }) {
  const { collectionId } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure, at } = useCommand("describe-place");
  const [name, setName] = useState(place.name);
  const [kind, setKind] = useState<PlaceKind>(place.kind);
  const save = async () => {
    const done = await send({ collectionId, placeId: place.id, name, kind });
    if (done) tell({ text: say.isSavedWindowsOfIts(name), entryId: done.entryId });
  };
  return (
    <details>
      <summary className="min-h-11 cursor-pointer py-2 underline decoration-dotted">
        {say.nameOrDescribeItAgain}
      </summary>
      <Form label={say.descriptionOf(place.name)} className="space-y-3" onSubmit={save}>
        <TextField label={common.name} value={name} onChange={setName} fault={at("name")} />
        <SelectField
          label={common.whatItIsLike}
          value={kind}
          onChange={setKind}
          fault={at("kind")}
          options={PLACE_KINDS.map((k) => [k, PLACE_WORDS[k]] as const)}
        />
        <FormFaults faults={unplaced(failure, ["name", "kind"])} />
        <button type="submit" className="btn min-h-11" disabled={busy}>
          {common.save}
        </button>
      </Form>
    </details>
  );
}

/** What the keeper knows of a place without a logger. */
function ClimateForm({ place }: { place: PlaceFacts }) {
  const { collectionId, units } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure, at } = useCommand("set-place-climate");
  const perKelvin = degreesPerKelvin(units);
  const [offset, setOffset] = useState(String(Math.round(10 * perKelvin * place.climate.offsetC) / 10));
  const [damping, setDamping] = useState(String(Math.round(100 * place.climate.damping)));
  const save = async (climate: PlaceClimate | null) => {
    const done = await send({ collectionId, placeId: place.id, climate });
    if (done) tell({ text: say.itsNightsGoByThat(place.name), entryId: done.entryId });
  };
  return (
    <details>
      <summary className="min-h-11 cursor-pointer py-2 underline decoration-dotted">{say.sayHowItsNightsAre}</summary>
      <Form
        label={say.nightsOf(place.name)}
        className="space-y-3"
        onSubmit={() => save({ offsetC: readNumber(offset) / perKelvin, damping: readNumber(damping) / 100 })}
      >
        <TextField
          label={say.warmerAtFreezingBy(degreesUnit(units))}
          numeric="signed"
          value={offset}
          onChange={setOffset}
          fault={at("climate.offsetC") && say.degreesBetweenAnd(number(-15 * perKelvin), number(30 * perKelvin))}
          hint={say.aHollowIsColderBelow}
        />
        <TextField
          label={say.swingsDampedBy}
          numeric
          suffix="%"
          value={damping}
          onChange={setDamping}
          fault={at("climate.damping") && "0 to 100 %."}
          hint={say.n0OutdoorsAShedOf}
        />
        <FormFaults faults={unplaced(failure, ["climate"])} />
        <div className="flex flex-wrap gap-2">
          <button type="submit" className="btn min-h-11" disabled={busy}>
            {common.save}
          </button>
          {place.ownClimate && (
            <button type="button" className="btn btn-ghost min-h-11" disabled={busy} onClick={() => void save(null)}>
              {say.forgetIt}
            </button>
          )}
        </div>
      </Form>
    </details>
  );
}

/** Nights read both at the site and at the place, and the line learned from them. */
function FitChart({ fit, name }: { fit: PlaceFit; name: string }) {
  const { units } = useAsOf();
  const xs = fit.pairs.map((p) => p.siteC);
  const [from, to] = [Math.floor(Math.min(...xs) - 1), Math.ceil(Math.max(...xs) + 1)];
  const degrees = (c: number) => celsius(Math.round(c) || 0, units);
  return (
    <div className="max-w-xl">
      <Chart
        label={say.nightsAtAgainstNightsAt(name, celsius(fit.climate.offsetC, units))}
        rows={fitRows(fit, from, to)}
        x="site"
        axis={{ from, to, ticks: [from, (from + to) / 2, to], word: degrees, tip: (c) => say.atTheSite(degrees(c)) }}
        series={[
          { key: "night", name: "nights", as: "points", tone: "frost" },
          { key: "learned", name: "learned", as: "line", tone: "night" },
          { key: "same", name: say.noDifference, as: "dashes", tone: "ink" },
        ]}
        unit={say.lowestAtAcrossLowestAt(name)}
        value={(v, short) => (short ? degrees(v) : celsius(v, units))}
        heightPx={240}
      />
    </div>
  );
}

/** The nights, with the line learned from them and the line of no difference at each. */
export function fitRows(fit: PlaceFit, from: number, to: number): ChartRow[] {
  const learned = (c: number) => fit.climate.offsetC + (1 - fit.climate.damping) * c;
  return [
    { site: from, night: null },
    ...fit.pairs.map((p) => ({ site: p.siteC, night: p.placeC })),
    { site: to, night: null },
  ]
    .map((row) => ({ ...row, learned: learned(row.site), same: row.site }))
    .sort((a, b) => a.site - b.site);
}
