"use client";

import { pageAt, streamAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useState } from "react";
import type { ForecastOutcome } from "@/data/forecasts";
import { Z90 } from "@/core/math/index";
import { celsius, day, number, percent } from "@/words/format";
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
          {tonight.basis === "forecast" ? "Next night" : "A usual night now"}: {celsius(tonight.minC, units)}, eight
          times in ten between {celsius(tonight.minC - Z90 * tonight.minErrorC, units)} and{" "}
          {celsius(tonight.minC + Z90 * tonight.minErrorC, units)}. {tonight.basis === "forecast" && <SimulatedMark />}
        </p>
        <Service {...props} />
      </div>
      {props.ringing.some((r) => r.rings.length > 0) && (
        <Caution className="max-w-4xl">
          {props.ringing
            .filter((r) => r.rings.length > 0)
            .map((r) => (
              <p key={r.alarm.alarmId} className="text-base">
                <b>{r.alarm.name}</b>: {celsius(r.alarm.thresholdC, units)} or colder
                {r.place ? ` at ${r.place}` : ""}{" "}
                {r.rings.map((ring) => `${day(ring.on, today)} (${percent(ring.chance)})`).join(", ")}.
              </p>
            ))}
        </Caution>
      )}
      <section aria-label="Nights and hardiness">
        <div className="flex flex-wrap items-end gap-4">
          <h2 className="text-lg">The nights{group ? ` against the wood of ${name(group)}` : ""}</h2>
          {groups.length > 1 && (
            <SelectField
              className="w-72 max-w-full"
              label="Hardiness of"
              value={shown}
              onChange={setShown}
              options={groups.map((g) => [g.key, name(g)] as const)}
            />
          )}
        </div>
        <NightsChart nights={nights} group={group} />
        <NightTable nights={nights} />
      </section>
      <section aria-label="Trees at risk">
        <h2 className="text-lg">What these nights may do</h2>
        {groups.length === 0 ? (
          <p>No tree is on record yet.</p>
        ) : endangered.length === 0 ? (
          <p data-testid="at-risk">
            No night is likely to harm the wood, the shoots or the flowers of any tree where it stands: below one part
            in ten everywhere. Roots in pots are another matter: their winter stands under Winter.
          </p>
        ) : (
          <ScrollBox label="Trees at risk by night">
            <table className="table-sm table" data-testid="at-risk">
              <thead>
                <tr>
                  <th scope="col">Species and place</th>
                  <th scope="col">Trees</th>
                  <th scope="col">Worst night</th>
                  <th scope="col">Wood killed, expected</th>
                  <th scope="col">Soft shoots killed, chance</th>
                  <th scope="col">Flowers lost, chance</th>
                  <th scope="col">Half of it dies at</th>
                </tr>
              </thead>
              <tbody>
                {endangered.map((g) => {
                  const k = nights.findIndex((n) => n.on === g.worst!.on);
                  return (
                    <tr key={g.key}>
                      <th scope="row" className="font-normal">
                        {name(g)}
                        {g.assumed && <span className="badge badge-warning badge-sm ml-2">place assumed</span>}
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
                      <td>
                        {celsius(g.lt50.middle[k], units)} (tender ones {celsius(g.lt50.tender[k], units)})
                      </td>
                    </tr>
                  );
                })}
              </tbody>
            </table>
          </ScrollBox>
        )}
        <Why reason="The share of wood a night kills is spread over the crown (σ of the kind) and over the error of the night’s minimum; soft new shoots die at their own, higher frost, flower buds and open bloom at theirs. Hardiness follows the day’s means after Ferguson et al. (2011) with parameters of our own, and wood that is not ripe cannot harden. Places without readings of their own are assumed by what they are like: a guess.">
          <span className="text-sm">How a night is weighed</span>
        </Why>
      </section>
      <Alarms ringing={props.ringing} places={props.places} />
    </div>
  );
}

const OUTCOME_WORDS: Record<ForecastOutcome, string> = {
  ok: "answered",
  timeout: "did not answer in time",
  unreachable: "cannot be reached",
  refused: "refused",
  nonsense: "answered nonsense, which is not used",
  stale: "gave an old forecast",
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
        No weather service is set up: every night here is what is usual at this{guessed ? ", guessed," : ""} site.
      </p>
    );
  const bad = asked !== null && asked.outcome !== "ok";
  const age = issuedOn === null ? null : Math.round((Date.parse(today) - Date.parse(issuedOn)) / 86_400_000);
  return (
    <div className="mt-1 flex flex-wrap items-center gap-x-3 gap-y-1" data-testid="service">
      <p>
        {issuedOn === null
          ? "No usable forecast: every night here is what is usual at this site, from its climate. Everything else works on."
          : `Forecast of ${age === 0 ? "today" : day(issuedOn, today)} by the ${service}${usual > 0 ? `; the last ${number(usual)} nights are what is usual` : ""}.`}
        {age !== null && age > 1 && <b> It is {number(age)} days old: its errors are taken larger.</b>}
        {bad && (
          <b>
            {" "}
            When asked last, the service {OUTCOME_WORDS[asked.outcome]}: {asked.detail}.
          </b>
        )}
        {asked === null && " It has not been asked yet."}
        {told && " It is told where this site lies, to about a kilometre, and nothing else."}
      </p>
      <button type="button" className="btn btn-sm min-h-11" disabled={busy} onClick={() => void ask()}>
        {busy ? "Asking …" : "Refresh"}
      </button>
      <Link className="link text-sm" prefetch={false} href={pageAt(collectionId, "climate/places")}>
        nights at your places
      </Link>
    </div>
  );
}

function NightTable({ nights }: { nights: DrawnNight[] }) {
  const { units, today } = useAsOf();
  return (
    <details className="mt-1">
      <summary className="cursor-pointer text-sm underline decoration-dotted">The same as a table</summary>
      <ScrollBox label="Ten days">
        <table className="table-sm table">
          <thead>
            <tr>
              {["Day", "Lowest", "Error", "Highest", "Rain", "Wind", "From"].map((h) => (
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
                <td>± {number(n.minErrorC, 1)} K</td>
                <td>{celsius(n.maxC, units)}</td>
                <td>{n.rainMm === null ? "–" : `${number(n.rainMm, 1)} mm`}</td>
                <td>{n.windMs === null ? "–" : `${number(n.windMs, 1)} m/s`}</td>
                <td>{n.basis === "forecast" ? "forecast" : "what is usual"}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </ScrollBox>
    </details>
  );
}
