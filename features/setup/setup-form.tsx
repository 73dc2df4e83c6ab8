"use client";

import { pageAt } from "@/features/kernel/addresses";
import type { Currency } from "@/contract/currency";
import { useRouter } from "next/navigation";
import { useRef, useState, useSyncExternalStore } from "react";
import { type Axis, readCoordinate, readCoordinatePair } from "@/core/quantity/index";
import { celsius, monthDay, readNumber, type Units } from "@/words/format";
import { Form, FormFaults, SelectField, TextField } from "@/ui/fields";
import { currencyOptions, usualCurrency, usualUnits } from "../settings/currency";
import { unplaced, useCommand } from "@/features/kernel/use-command";
import { editKey, type MonthEdits, Months } from "./months";
import { TownField } from "./town-field";
import { SETUP_SEED, usePreview } from "./use-preview";

const MONTHS = [
  "January",
  "February",
  "March",
  "April",
  "May",
  "June",
  "July",
  "August",
  "September",
  "October",
  "November",
  "December",
];
const FIELDS = [
  "name",
  "answers.latitudeDeg",
  "answers.longitudeDeg",
  "answers.elevationM",
  "answers.coldestNightC",
  "answers.lastSpringFrost",
  "answers.firstAutumnFrost",
  "answers.hotAfternoonC",
  "currency",
];

const COORDINATE_FAULTS: Record<Axis, Record<"not-understood" | "out-of-range", string>> = {
  latitude: {
    "not-understood": "Give the latitude as 52.5, −38.6, 38.6 S or 52°31'N.",
    "out-of-range": "A latitude lies between −90 and 90.",
  },
  longitude: {
    "not-understood": "Give the longitude as 13.4, −122.4, 122.4 W or 13°24'E.",
    "out-of-range": "A longitude lies between −180 and 180.",
  },
};

interface MonthDay {
  month: string;
  day: string;
}

const asText = ({ month, day }: MonthDay) => `${month.padStart(2, "0")}-${day.padStart(2, "0")}`;

/** What is wrong in a field, by its path. */
type Problems = Record<string, string>;

/** A number within bounds; undefined where nothing is typed. */
function readAnswer(
  problems: Problems,
  path: string,
  text: string,
  [low, high]: readonly [number, number],
  what: string,
  kind: "m" | "celsius",
  units: Units,
): number | undefined {
  if (text.trim() === "") return undefined;
  const value = readNumber(text, kind, units);
  if (Number.isNaN(value))
    problems[path] = `Give ${what} as a number${kind === "m" ? ", in metres or as 180 ft" : ""}.`;
  else if (value < low || value > high)
    problems[path] = `${what[0].toUpperCase()}${what.slice(1)} lies between ${low} and ${high}.`;
  else return value;
  return undefined;
}

/** Where the trees stand is enough; each further answer pulls the year that is guessed from there. */
export function SetupForm() {
  const router = useRouter();
  const { send, busy, failure, beside } = useCommand("create-collection");
  const collectionId = useRef<string | null>(null);
  const idOf = () => (collectionId.current ??= crypto.randomUUID());
  const [name, setName] = useState("My trees");
  const [latitude, setLatitude] = useState("");
  const [longitude, setLongitude] = useState("");
  const [elevation, setElevation] = useState("");
  const [coldest, setColdest] = useState("");
  const [hot, setHot] = useState("");
  const [never, setNever] = useState(false);
  const [spring, setSpring] = useState<MonthDay>({ month: "4", day: "" });
  const [autumn, setAutumn] = useState<MonthDay>({ month: "10", day: "" });
  const [edits, setEdits] = useState<MonthEdits>({});
  const [problems, setProblems] = useState<Problems>({});
  const [units, setUnits] = useState<Units | null>(null);
  const [currency, setCurrency] = useState<Currency | null>(null);
  // The browser's own region is a first guess that stands in plain sight; it is not known where the page was made.
  const usual = useSyncExternalStore(
    () => () => undefined,
    () => navigator.language,
    () => "",
  );
  const shownUnits = units ?? usualUnits(usual);
  const shownCurrency = currency ?? usualCurrency(usual);
  const north = readCoordinate(latitude, "latitude");
  const south = north.ok && north.degrees < 0;
  const degrees = (value: number) => String(Math.round(value * 1e5) / 1e5);
  /** Both coordinates pasted into one field fill both. */
  const place = (text: string, set: (text: string) => void) => {
    const pair = readCoordinatePair(text);
    if (!pair) return set(text);
    setLatitude(degrees(pair.latitudeDeg));
    setLongitude(degrees(pair.longitudeDeg));
  };

  /** What is answered so far, and what of it cannot be read. */
  const read = () => {
    const wrong: Problems = {};
    const where = (path: string, text: string, axis: Axis) => {
      const coordinate = readCoordinate(text, axis);
      if (!coordinate.ok) wrong[path] = COORDINATE_FAULTS[axis][coordinate.fault];
      return coordinate.ok ? coordinate.degrees : NaN;
    };
    const number = (
      path: string,
      text: string,
      bounds: readonly [number, number],
      what: string,
      kind: "m" | "celsius",
    ) => readAnswer(wrong, `answers.${path}`, text, bounds, what, kind, kind === "m" ? "metric" : shownUnits);
    const frost = (value: MonthDay) => (never ? null : value.day.trim() === "" ? undefined : asText(value));
    const answers = {
      latitudeDeg: where("answers.latitudeDeg", latitude, "latitude"),
      longitudeDeg: where("answers.longitudeDeg", longitude, "longitude"),
      elevationM: number("elevationM", elevation, [-450, 6000], "the elevation", "m"),
      coldestNightC: number("coldestNightC", coldest, [-65, 25], "the coldest night in °C", "celsius"),
      hotAfternoonC: number("hotAfternoonC", hot, [-10, 55], "a hot afternoon in °C", "celsius"),
      lastSpringFrost: frost(spring),
      firstAutumnFrost: frost(autumn),
    };
    return { wrong, answers };
  };
  const { wrong: unread, answers: soFar } = read();
  const preview = usePreview(
    (unread["answers.latitudeDeg"] ?? unread["answers.longitudeDeg"]) ? null : { ...soFar, seed: SETUP_SEED },
  );

  const submit = async () => {
    const { wrong, answers } = read();
    const months = preview && editedMonths(edits, preview, shownUnits, wrong);
    setProblems(wrong);
    if (Object.keys(wrong).length > 0) return;
    const id = idOf();
    const elevationM = answers.elevationM ?? preview?.elevationM ?? 0;
    const done = await send({
      collectionId: id,
      name,
      zone: preview?.zone ?? Intl.DateTimeFormat().resolvedOptions().timeZone,
      answers: { ...answers, elevationM },
      units: shownUnits,
      currency: shownCurrency,
      normals: months ? { ...months, elevationM } : null,
    });
    if (done) router.push(pageAt(id, "yard"));
  };
  const fault = beside(problems);
  const guessed = (text: string) =>
    preview ? `left empty: ${text}, as guessed` : "left empty: guessed from the place";

  return (
    <main className="mx-auto max-w-2xl px-4 py-8">
      <h1 className="text-3xl">Where do your trees stand?</h1>
      <p className="mt-2 text-lg">
        The place is enough to begin. What you know better than our guess, say; the rest may stay empty. Every screen
        says that it is a guess until you read in a real weather record.
      </p>
      <Form className="mt-6 space-y-6" onSubmit={submit}>
        <TextField label="Name of the collection" value={name} onChange={setName} fault={fault("name")} />
        <fieldset className="space-y-3">
          <legend className="font-serif text-xl font-semibold">1 · The place on the globe</legend>
          <TownField
            onPick={(town) => {
              setLatitude(degrees(town.latitudeDeg));
              setLongitude(degrees(town.longitudeDeg));
            }}
          />
          <div className="grid gap-3 sm:grid-cols-3">
            <TextField
              label="Latitude"
              value={latitude}
              onChange={(text) => place(text, setLatitude)}
              suffix="°"
              hint="38.6 S, −38.6 or 38°36'S; both at once may be pasted here"
              fault={fault("answers.latitudeDeg")}
            />
            <TextField
              label="Longitude"
              value={longitude}
              onChange={(text) => place(text, setLongitude)}
              suffix="°"
              hint="west is negative, or 13.4 W"
              fault={fault("answers.longitudeDeg")}
            />
            <TextField
              label="Elevation"
              numeric="signed"
              value={elevation}
              onChange={setElevation}
              suffix="m"
              hint={
                preview
                  ? `or 180 ft; left empty: ${Math.round(preview.nearest.elevationM)} m, as known places around, the nearest ${Math.round(preview.nearest.distanceKm)} km away`
                  : "or 180 ft"
              }
              fault={fault("answers.elevationM")}
            />
          </div>
        </fieldset>
        {preview && <Months preview={preview} units={shownUnits} edits={edits} faults={problems} onEdit={setEdits} />}
        <fieldset>
          <legend className="font-serif text-xl font-semibold">2 · The coldest night of an ordinary winter</legend>
          <TextField
            className="mt-2 max-w-xs"
            label="Lowest temperature"
            numeric="signed"
            value={coldest}
            onChange={setColdest}
            suffix={shownUnits === "us" ? "°F" : "°C"}
            hint={guessed(preview ? celsius(preview.coldestNightC, shownUnits) : "")}
            fault={fault("answers.coldestNightC")}
          />
        </fieldset>
        <MonthDayQuestion
          legend="3 · The usual last frost in spring"
          value={spring}
          onChange={setSpring}
          disabled={never}
          hint={guessed(preview?.lastSpringFrost ? monthDay(preview.lastSpringFrost) : "none in most years")}
          fault={fault("answers.lastSpringFrost")}
        />
        <MonthDayQuestion
          legend="4 · The usual first frost in autumn"
          value={autumn}
          onChange={setAutumn}
          disabled={never}
          hint={guessed(preview?.firstAutumnFrost ? monthDay(preview.firstAutumnFrost) : "none in most years")}
          fault={fault("answers.firstAutumnFrost")}
        />
        {south && (
          <p className="text-info">
            Southern hemisphere: your spring frost falls between August and December, your autumn frost between March
            and July.
          </p>
        )}
        <label className="flex min-h-11 items-center gap-3">
          <input type="checkbox" className="checkbox" checked={never} onChange={(e) => setNever(e.target.checked)} />
          It never freezes here
        </label>
        <fieldset>
          <legend className="font-serif text-xl font-semibold">5 · A usual hot afternoon of the hottest month</legend>
          <TextField
            className="mt-2 max-w-xs"
            label="Hot afternoon"
            numeric="signed"
            value={hot}
            onChange={setHot}
            suffix={shownUnits === "us" ? "°F" : "°C"}
            hint={guessed(preview ? celsius(preview.hotAfternoonC, shownUnits) : "")}
            fault={fault("answers.hotAfternoonC")}
          />
        </fieldset>
        <fieldset>
          <legend className="font-serif text-xl font-semibold">6 · How it is shown</legend>
          <div className="mt-2 grid gap-3 sm:grid-cols-2">
            <SelectField
              label="Units"
              value={shownUnits}
              onChange={setUnits}
              options={[
                ["metric", "litres, millimetres, kilograms, °C"],
                ["us", "gallons, inches, pounds, °F"],
              ]}
            />
            <SelectField
              label="Currency"
              value={shownCurrency}
              onChange={setCurrency}
              options={currencyOptions()}
              fault={fault("currency")}
            />
          </div>
          <p className="mt-1 text-sm opacity-80">Both can be changed later, in the Almanac.</p>
        </fieldset>
        <FormFaults faults={unplaced(failure, FIELDS)} />
        <button type="submit" className="btn btn-primary btn-lg" disabled={busy}>
          {busy ? "Making your years …" : "Begin"}
        </button>
      </Form>
    </main>
  );
}

/** Means with what was typed over; null where nothing was. What cannot be read is told at its month. */
function editedMonths(
  edits: MonthEdits,
  preview: { tminC: number[]; tmaxC: number[] },
  units: Units,
  problems: Problems,
): { tminC: number[]; tmaxC: number[] } | null {
  const typed = Object.entries(edits).filter(([, text]) => text.trim() !== "");
  if (typed.length === 0) return null;
  const means = (what: "low" | "high", guess: readonly number[]) =>
    guess.map((value, m) => {
      const text = edits[editKey(what, m)] ?? "";
      if (text.trim() === "") return Math.round(10 * value) / 10;
      const said = readNumber(text, "celsius", units);
      if (Number.isNaN(said) || said < -60 || said > 55) problems[editKey(what, m)] = "A temperature, such as −3.5.";
      return said;
    });
  const [tminC, tmaxC] = [means("low", preview.tminC), means("high", preview.tmaxC)];
  tminC.forEach((low, m) => {
    if (low > tmaxC[m]) problems[editKey("low", m)] = "The mean lowest lies below the mean highest.";
  });
  return { tminC, tmaxC };
}

function MonthDayQuestion({
  legend,
  value,
  onChange,
  disabled,
  hint,
  fault,
}: {
  legend: string;
  value: MonthDay;
  onChange: (v: MonthDay) => void;
  disabled: boolean;
  hint: string;
  fault?: string;
}) {
  return (
    <fieldset disabled={disabled} className={disabled ? "opacity-60" : ""}>
      <legend className="font-serif text-xl font-semibold">{legend}</legend>
      <div className="mt-2 flex max-w-md gap-3">
        <label className="w-24">
          <span className="mb-1 block font-medium">Day</span>
          <input
            className={`input w-full ${fault ? "input-error" : ""}`}
            inputMode="numeric"
            aria-label={`${legend}: day`}
            aria-invalid={fault !== undefined}
            value={value.day}
            onChange={(e) => onChange({ ...value, day: e.target.value })}
          />
        </label>
        <label className="flex-1">
          <span className="mb-1 block font-medium">Month</span>
          <select
            className="select w-full"
            aria-label={`${legend}: month`}
            value={value.month}
            onChange={(e) => onChange({ ...value, month: e.target.value })}
          >
            {MONTHS.map((m, i) => (
              <option key={m} value={String(i + 1)}>
                {m}
              </option>
            ))}
          </select>
        </label>
      </div>
      {fault ? (
        <p role="alert" className="text-error mt-1 text-sm font-semibold">
          {fault}
        </p>
      ) : (
        <p className="mt-1 text-sm opacity-80">{hint}</p>
      )}
    </fieldset>
  );
}
