"use client";

import { useState } from "react";
import type { FrostFit, NormalsSaid, ReadingsFit, SiteAnswers } from "@/core/climate/index";
import type { ClimateSaid } from "@/core/records/index";
import { Z90 } from "@/core/math/index";
import { degreesApart, monthDay, number, readNumber } from "@/words/format";
import { Form, FormFaults, ScrollBox, TextField } from "@/ui/fields";
import { unplaced, useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";

const MONTHS = ["Jan", "Feb", "Mar", "Apr", "May", "Jun", "Jul", "Aug", "Sep", "Oct", "Nov", "Dec"];

interface Props {
  said: ClimateSaid;
  normals: Pick<NormalsSaid, "tminC" | "tmaxC">;
  frostFit: FrostFit | null;
  readings: ReadingsFit | null;
  siteElevationM: number;
  answers: SiteAnswers;
  recorded: boolean;
}

/** `MM-DD` of what was typed as a day of the year: 05-10, 10.5., 10 May; null where nothing was, undefined where it is no day. */
function readMonthDay(text: string): string | null | undefined {
  const t = text.trim().toLowerCase();
  if (t === "") return null;
  const pad = (n: number) => String(n).padStart(2, "0");
  const valid = (month: number, dayOfMonth: number) =>
    month >= 1 && month <= 12 && dayOfMonth >= 1 && dayOfMonth <= 31 ? `${pad(month)}-${pad(dayOfMonth)}` : undefined;
  let m = /^(\d{1,2})-(\d{1,2})$/.exec(t);
  if (m) return valid(Number(m[1]), Number(m[2]));
  m = /^(\d{1,2})\.\s?(\d{1,2})\.?$/.exec(t);
  if (m) return valid(Number(m[2]), Number(m[1]));
  m = /^(\d{1,2})\.?\s+([a-z]{3,})$/.exec(t);
  const [dayText, name] = m ? [m[1], m[2]] : (/^([a-z]{3,})\s+(\d{1,2})$/.exec(t) ?? []).slice(1).reverse();
  if (name !== undefined)
    return valid(MONTHS.findIndex((month) => name.startsWith(month.toLowerCase())) + 1, Number(dayText));
  return undefined;
}

/** What the keeper knows of the site's climate: a table of monthly means, and the neighbourhood's frost days. */
export function ClimateForm(props: Props) {
  const { said, recorded } = props;
  const { collectionId, units } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure, at } = useCommand("say-climate");
  const word = (text: string | null | undefined) => (text ? monthDay(text) : "");
  const [last, setLast] = useState(word(said.frost?.last));
  const [first, setFirst] = useState(word(said.frost?.first));
  const [table, setTable] = useState(() => ({
    use: said.normals !== null,
    tminC: (said.normals ?? props.normals).tminC.map((v) => String(Math.round(10 * v) / 10)),
    tmaxC: (said.normals ?? props.normals).tmaxC.map((v) => String(Math.round(10 * v) / 10)),
    height: said.normals?.elevationM === null || said.normals === null ? "" : String(said.normals.elevationM),
  }));
  const [problems, setProblems] = useState<Record<string, string>>({});

  const save = async () => {
    const wrong: Record<string, string> = {};
    const [knownLast, knownFirst] = [readMonthDay(last), readMonthDay(first)];
    if (knownLast === undefined) wrong.last = "A day of the year, such as 10 May.";
    if (knownFirst === undefined) wrong.first = "A day of the year, such as 5 October.";
    const month = (texts: string[], field: string) =>
      texts.map((text, m) => {
        const value = readNumber(text, "celsius");
        if (!Number.isFinite(value)) wrong[`${field}${m}`] = "?";
        return value;
      });
    const normals = table.use
      ? {
          tminC: month(table.tminC, "tminC"),
          tmaxC: month(table.tmaxC, "tmaxC"),
          elevationM: table.height.trim() === "" ? null : readNumber(table.height, "m"),
        }
      : null;
    if (normals && normals.elevationM !== null && !Number.isFinite(normals.elevationM))
      wrong.height = "Metres above the sea as a number, or feet such as 180 ft.";
    setProblems(wrong);
    if (Object.keys(wrong).length > 0) return;
    const frost = knownLast || knownFirst ? { last: knownLast ?? null, first: knownFirst ?? null } : null;
    const done = await send({ collectionId, normals, frost });
    if (done) tell({ text: "The site’s climate goes by that now.", entryId: done.entryId });
  };

  const monthFault =
    Object.keys(problems).some((k) => /^t(min|max)C/.test(k)) ||
    failure?.faults.some((f) => f.path.startsWith("normals.t"));
  return (
    <section aria-label="Climate of the site">
      <h2 className="text-lg">What you know of the climate here</h2>
      <Form label="Climate" className="mt-2 space-y-4" onSubmit={save}>
        <fieldset className="flex flex-wrap items-start gap-3">
          <legend className="w-full">
            Frost days as the neighbourhood knows them, in the middle year. Records and generated years underestimate
            clear spring nights; the nights are then moved until the middle year meets these days.
          </legend>
          <TextField
            className="w-48"
            label="Usual last frost"
            value={last}
            onChange={setLast}
            fault={problems.last ?? at("frost.last")}
            placeholder="10 May"
          />
          <TextField
            className="w-48"
            label="Usual first frost"
            value={first}
            onChange={setFirst}
            fault={problems.first ?? at("frost.first")}
            placeholder="5 October"
          />
        </fieldset>
        {props.frostFit && (
          <p data-testid="frost-fit">
            Nights are moved by {props.frostFit.offsetC > 0 ? "+" : props.frostFit.offsetC < 0 ? "−" : ""}
            {degreesApart(Math.abs(props.frostFit.offsetC), units)} for it;{" "}
            {[
              props.frostFit.missLastDays === null
                ? ""
                : `the last frost then misses by ${missWords(props.frostFit.missLastDays)}`,
              props.frostFit.missFirstDays === null ? "" : `the first by ${missWords(props.frostFit.missFirstDays)}`,
            ]
              .filter(Boolean)
              .join(", ")}
            .
          </p>
        )}
        {props.readings && (
          <p>
            Your own {number(props.readings.days)} days of readings are too few to count frosts from; they move the
            nights of these normals by {degreesApart(props.readings.minC, units)} (±{" "}
            {degreesApart(Z90 * props.readings.seC, units)}).
          </p>
        )}
        <fieldset>
          <legend>
            <label className="inline-flex min-h-11 cursor-pointer items-center gap-2">
              <input
                type="checkbox"
                className="checkbox"
                checked={table.use}
                onChange={(e) => setTable({ ...table, use: e.target.checked })}
              />
              Twelve monthly normals of an atlas or a station{" "}
              {recorded ? "(a record of your own goes before them)" : "instead of the guess"}
            </label>
          </legend>
          {table.use && (
            <>
              <ScrollBox label="Monthly normals">
                <table className="table-xs table">
                  <thead>
                    <tr>
                      <th scope="col">Mean, °C</th>
                      {MONTHS.map((m) => (
                        <th key={m} scope="col">
                          {m}
                        </th>
                      ))}
                    </tr>
                  </thead>
                  <tbody>
                    {(["tmaxC", "tminC"] as const).map((field) => (
                      <tr key={field}>
                        <th scope="row">{field === "tmaxC" ? "highest" : "lowest"}</th>
                        {table[field].map((text, m) => (
                          <td key={m} className="px-0.5">
                            <input
                              className={`input input-sm w-14 px-1 ${problems[`${field}${m}`] || at(`normals.${field}.${m}`) ? "input-error" : ""}`}
                              aria-label={`${MONTHS[m]}, mean ${field === "tmaxC" ? "highest" : "lowest"}`}
                              value={text}
                              onChange={(e) =>
                                setTable({
                                  ...table,
                                  [field]: table[field].map((old, k) => (k === m ? e.target.value : old)),
                                })
                              }
                            />
                          </td>
                        ))}
                      </tr>
                    ))}
                  </tbody>
                </table>
              </ScrollBox>
              {monthFault && (
                <p role="alert" className="text-error text-sm font-semibold">
                  A month is no temperature, or its lowest lies above its highest: it is marked.
                </p>
              )}
              <TextField
                className="mt-2 max-w-72"
                label="Taken at a height of"
                numeric="signed"
                suffix="m"
                value={table.height}
                onChange={(height) => setTable({ ...table, height })}
                fault={problems.height ?? at("normals.elevationM")}
                hint={`Your site stands at ${number(props.siteElevationM)} m; 0.65 °C for each 100 m are allowed for.`}
              />
            </>
          )}
        </fieldset>
        <FormFaults faults={unplaced(failure, ["frost", "normals"])} />
        <button type="submit" className="btn btn-primary" disabled={busy}>
          {busy ? "Working it out …" : "That is the climate here"}
        </button>
      </Form>
    </section>
  );
}

function missWords(days: number): string {
  const n = Math.round(Math.abs(days));
  return n === 0 ? "no day" : n === 1 ? "a day" : `${number(n)} days`;
}
