"use client";

import * as say from "@/words/pages/climate/ahead";
import { pageAt, streamAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useState } from "react";
import type { ForecastOutcome } from "@/data/forecasts";
import { Z90 } from "@/core/math/index";
import { celsius, day, degreesApart, number, percent, rain, windSpeed } from "@/words/format";
import { Caution, ScrollBox, SelectField, Why } from "@/ui/fields";
import { useAsOf } from "@/features/kernel/as-of";
import type { AtRisk, Ringing } from "./ahead";
import { Alarms } from "./alarms";
import type { DrawnNight } from "./nights";
import { NightsChart } from "./nights-chart";
import { SimulatedMark } from "@/features/kernel/simulated";
import { PAGE_WORDS } from "@/words/rooms";

interface Props {
  nights: DrawnNight[];
  groups: AtRisk[];
  ringing: Ringing[];
  places: { id: string; name: string; known: boolean }[];
  service: string | null;
  /** It is a real service, which is told where the site lies. */
  told: boolean;
  asked: { at: string; outcome: ForecastOutcome; detail: string; source: string } | null;
  issuedOn: string | null;
  guessed: boolean;
}

export function AheadView(props: Props) {
  const { nights, groups } = props;
  const { units, today } = useAsOf();
  const [shown, setShown] = useState(groups[0]?.key ?? "");
  const group = groups.find((g) => g.key === shown) ?? groups[0] ?? null;
  const tonight = nights[0];
  const endangered = groups.filter((g) => g.endangered);
  const name = (g: AtRisk) => `${g.own ? `${g.tags.join(", ")} ` : ""}${g.kind}${g.place ? `, ${g.place}` : ""}`;
  return (
    <div className="space-y-6">
      <div className="max-w-4xl">
        <h1 className="text-2xl">{PAGE_WORDS["climate/ahead"]}</h1>
        <p className="mt-1 text-xl" data-testid="tonight">
          {say.eightTimesInTenBetween(
            tonight.basis === "forecast" ? say.nextNight : say.aUsualNightNow,
            celsius(tonight.minC, units),
            celsius(tonight.minC - Z90 * tonight.minErrorC, units),
            celsius(tonight.minC + Z90 * tonight.minErrorC, units),
          )}
          {tonight.basis === "forecast" && <SimulatedMark />}
        </p>
        <Service {...props} />
      </div>
      {props.ringing.some((r) => r.rings.length > 0) && (
        <Caution className="max-w-4xl">
          {props.ringing
            .filter((r) => r.rings.length > 0)
            .map((r) => (
              <p key={r.alarm.alarmId} className="text-base">
                <b>{r.alarm.name}</b>
                {say.orColder(
                  celsius(r.alarm.thresholdC, units),
                  r.place ? say.at(r.place) : "",
                  r.rings.map((ring) => `${day(ring.on, today)} (${percent(ring.chance)})`).join(", "),
                )}
              </p>
            ))}
        </Caution>
      )}
      <section aria-label={say.nightsAndHardiness}>
        <div className="flex flex-wrap items-end gap-4">
          <h2 className="text-lg">{say.theNights(group ? say.againstTheWoodOf(name(group)) : "")}</h2>
          {groups.length > 1 && (
            <SelectField
              className="w-72 max-w-full"
              label={say.hardinessOf}
              value={shown}
              onChange={setShown}
              options={groups.map((g) => [g.key, name(g)] as const)}
            />
          )}
        </div>
        <NightsChart nights={nights} group={group} />
        <NightTable nights={nights} />
      </section>
      <section aria-label={say.treesAtRisk}>
        <h2 className="text-lg">{say.whatTheseNightsMayDo}</h2>
        {groups.length === 0 ? (
          <p>{say.noTreeIsOnRecord}</p>
        ) : endangered.length === 0 ? (
          <p data-testid="at-risk">{say.noNightIsLikelyTo}</p>
        ) : (
          <ScrollBox label={say.treesAtRiskByNight}>
            <table className="table-sm table" data-testid="at-risk">
              <thead>
                <tr>
                  <th scope="col">{say.speciesAndPlace}</th>
                  <th scope="col">{say.trees}</th>
                  <th scope="col">{say.worstNight}</th>
                  <th scope="col">{say.woodKilledExpected}</th>
                  <th scope="col">{say.softShootsKilledChance}</th>
                  <th scope="col">{say.flowersLostChance}</th>
                  <th scope="col">{say.halfOfItDiesAt}</th>
                </tr>
              </thead>
              <tbody>
                {endangered.map((g) => {
                  const k = nights.findIndex((n) => n.on === g.worst!.on);
                  return (
                    <tr key={g.key}>
                      <th scope="row" className="font-normal">
                        {name(g)}
                        {g.assumed && <span className="badge badge-warning badge-sm ml-2">{say.placeAssumed}</span>}
                      </th>
                      <td title={g.tags.join(", ")}>
                        {number(g.plants)}
                        {g.tags.length <= 3 ? `: ${g.tags.join(", ")}` : ""}
                      </td>
                      <td>
                        {day(g.worst!.on, today)}, {celsius(g.minC[k], units)}
                      </td>
                      <td>{percent(g.worst!.wood)}</td>
                      <td>{percent(g.worst!.shoots)}</td>
                      <td>{percent(g.worst!.flowers)}</td>
                      <td>{say.tenderOnes(celsius(g.lt50.middle[k], units), celsius(g.lt50.tender[k], units))}</td>
                    </tr>
                  );
                })}
              </tbody>
            </table>
          </ScrollBox>
        )}
        <Why reason={say.theShareOfWoodA}>
          <span className="text-sm">{say.howANightIsWeighed}</span>
        </Why>
      </section>
      <Alarms ringing={props.ringing} places={props.places} />
    </div>
  );
}

const OUTCOME_WORDS: Record<ForecastOutcome, string> = {
  ok: "answered",
  timeout: say.didNotAnswerInTime,
  unreachable: say.cannotBeReached,
  refused: "refused",
  nonsense: say.answeredNonsenseWhichIsNot,
  stale: say.gaveAnOldForecast,
};

/** Where the forecast is from, how old it is, and what is used while there is none. */
function Service({ service, told, asked, issuedOn, guessed, nights }: Props) {
  const { collectionId, today } = useAsOf();
  const router = useRouter();
  const [busy, setBusy] = useState(false);
  const usual = nights.filter((n) => n.basis === "usual").length;
  const ask = async () => {
    setBusy(true);
    try {
      await fetch(streamAt(collectionId, "forecast"), { method: "POST" });
    } catch {
      // The state below says so once the page is read again.
    } finally {
      setBusy(false);
      router.refresh();
    }
  };
  if (service === null)
    return (
      <p className="mt-1" data-testid="service">
        {say.noWeatherServiceIsSet(guessed ? say.guessed : "")}
      </p>
    );
  const bad = asked !== null && asked.outcome !== "ok";
  const age = issuedOn === null ? null : Math.round((Date.parse(today) - Date.parse(issuedOn)) / 86_400_000);
  return (
    <div className="mt-1 flex flex-wrap items-center gap-x-3 gap-y-1" data-testid="service">
      <p>
        {issuedOn === null
          ? say.noUsableForecastEveryNight
          : say.forecastOfByThe(
              age === 0 ? "today" : day(issuedOn, today),
              service,
              usual > 0 ? say.theLastNightsAreWhat(number(usual)) : "",
            )}
        {age !== null && age > 1 && <b>{say.itIsDaysOldIts(number(age))}</b>}
        {bad && <b>{say.whenAskedLastTheService(OUTCOME_WORDS[asked.outcome], asked.detail)}</b>}
        {asked === null && say.itHasNotBeenAsked}
        {told && say.itIsToldWhereThis()}
      </p>
      <button type="button" className="btn btn-sm min-h-11" disabled={busy} onClick={() => void ask()}>
        {busy ? say.asking : say.refresh}
      </button>
      <Link className="link text-sm" prefetch={false} href={pageAt(collectionId, "climate/places")}>
        {say.nightsAtYourPlaces}
      </Link>
    </div>
  );
}

function NightTable({ nights }: { nights: DrawnNight[] }) {
  const { units, today } = useAsOf();
  return (
    <details className="mt-1">
      <summary className="cursor-pointer text-sm underline decoration-dotted">{say.theSameAsATable}</summary>
      <ScrollBox label={say.tenDays}>
        <table className="table-sm table">
          <thead>
            <tr>
              {["Day", say.lowest, say.error, say.highest, say.rain, say.wind, say.from].map((h) => (
                <th key={h} scope="col">
                  {h}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {nights.map((n) => (
              <tr key={n.on}>
                <th scope="row" className="font-normal">
                  {day(n.on, today)}
                </th>
                <td>{celsius(n.minC, units)}</td>
                <td>± {degreesApart(n.minErrorC, units)}</td>
                <td>{celsius(n.maxC, units)}</td>
                <td>{n.rainMm === null ? "–" : rain(n.rainMm, units)}</td>
                <td>{n.windMs === null ? "–" : windSpeed(n.windMs, units)}</td>
                <td>{n.basis === "forecast" ? say.forecast : say.whatIsUsual}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </ScrollBox>
    </details>
  );
}
