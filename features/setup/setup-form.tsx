"use client";

import { pageAt } from "@/features/kernel/addresses";
import type { Currency } from "@/contract/currency";
import { useRouter } from "next/navigation";
import { useRef, useState, useSyncExternalStore } from "react";
import { type Axis, readCoordinate, readCoordinatePair } from "@/core/quantity/index";
import { readNumber, type Units } from "@/words/format";
import { Form, FormFaults, SelectField, TextField } from "@/ui/fields";
import { currencyOptions, usualCurrency, usualUnits } from "../settings/currency";
import { unplaced, useCommand } from "@/features/kernel/use-command";

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

/** Four questions that stand in for a weather record until there is one. */
export function SetupForm() {
  const router = useRouter();
  const { send, busy, failure, beside } = useCommand("create-collection");
  const collectionId = useRef<string | null>(null);
  const [name, setName] = useState("My trees");
  const [latitude, setLatitude] = useState("");
  const [longitude, setLongitude] = useState("");
  const [elevation, setElevation] = useState("");
  const [coldest, setColdest] = useState("");
  const [never, setNever] = useState(false);
  const [spring, setSpring] = useState<MonthDay>({ month: "4", day: "" });
  const [autumn, setAutumn] = useState<MonthDay>({ month: "10", day: "" });
  const [problems, setProblems] = useState<Record<string, string>>({});
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
  /** Both coordinates pasted into one field fill both. */
  const place = (text: string, set: (text: string) => void) => {
    const pair = readCoordinatePair(text);
    if (!pair) return set(text);
    setLatitude(String(Math.round(pair.latitudeDeg * 1e5) / 1e5));
    setLongitude(String(Math.round(pair.longitudeDeg * 1e5) / 1e5));
  };

  const submit = async () => {
    const wrong: Record<string, string> = {};
    const take = (path: string, text: string, low: number, high: number, what: string, kind: "m" | "celsius") => {
      const value = readNumber(text, kind);
      if (Number.isNaN(value))
        wrong[path] = `Give ${what} as a number${kind === "m" ? ", in metres or as 180 ft" : ""}.`;
      else if (value < low || value > high)
        wrong[path] = `${what[0].toUpperCase()}${what.slice(1)} lies between ${low} and ${high}.`;
      return value;
    };
    const where = (path: string, text: string, axis: Axis) => {
      const read = readCoordinate(text, axis);
      if (!read.ok) wrong[path] = COORDINATE_FAULTS[axis][read.fault];
      return read.ok ? read.degrees : NaN;
    };
    const answers = {
      latitudeDeg: where("answers.latitudeDeg", latitude, "latitude"),
      longitudeDeg: where("answers.longitudeDeg", longitude, "longitude"),
      elevationM: elevation.trim() === "" ? 0 : take("answers.elevationM", elevation, -450, 6000, "the elevation", "m"),
      coldestNightC: take("answers.coldestNightC", coldest, -65, 25, "the coldest night in °C", "celsius"),
      lastSpringFrost: never ? null : asText(spring),
      firstAutumnFrost: never ? null : asText(autumn),
    };
    if (!never && spring.day.trim() === "")
      wrong["answers.lastSpringFrost"] = "Give the day, or tick that it never freezes.";
    if (!never && autumn.day.trim() === "")
      wrong["answers.firstAutumnFrost"] = "Give the day, or tick that it never freezes.";
    setProblems(wrong);
    if (Object.keys(wrong).length > 0) return;
    collectionId.current ??= crypto.randomUUID();
    const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
    const done = await send({
      collectionId: collectionId.current,
      name,
      zone,
      answers,
      units: shownUnits,
      currency: shownCurrency,
    });
    if (done) router.push(pageAt(collectionId.current, "yard"));
  };
  const fault = beside(problems);

  return (
    <main className="mx-auto max-w-2xl px-4 py-8">
      <h1 className="text-3xl">Where do your trees stand?</h1>
      <p className="mt-2 text-lg">
        Four answers are enough to begin. From them we guess the months of your site; every screen says so until you
        read in a real weather record.
      </p>
      <Form className="mt-6 space-y-6" onSubmit={submit}>
        <TextField label="Name of the collection" value={name} onChange={setName} fault={fault("name")} />
        <fieldset className="space-y-3">
          <legend className="font-serif text-xl font-semibold">1 · The place on the globe</legend>
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
              hint="or 180 ft; 0 if you don’t know"
              fault={fault("answers.elevationM")}
            />
          </div>
        </fieldset>
        <fieldset>
          <legend className="font-serif text-xl font-semibold">2 · The coldest night of an ordinary winter</legend>
          <TextField
            className="mt-2 max-w-xs"
            label="Lowest temperature"
            numeric="signed"
            value={coldest}
            onChange={setColdest}
            suffix="°C"
            hint="or write 14 °F"
            fault={fault("answers.coldestNightC")}
          />
        </fieldset>
        <MonthDayQuestion
          legend="3 · The usual last frost in spring"
          value={spring}
          onChange={setSpring}
          disabled={never}
          fault={fault("answers.lastSpringFrost")}
        />
        <MonthDayQuestion
          legend="4 · The usual first frost in autumn"
          value={autumn}
          onChange={setAutumn}
          disabled={never}
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
          <legend className="font-serif text-xl font-semibold">5 · How it is shown</legend>
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
          {busy ? "Guessing your months …" : "Begin"}
        </button>
      </Form>
    </main>
  );
}

function MonthDayQuestion({
  legend,
  value,
  onChange,
  disabled,
  fault,
}: {
  legend: string;
  value: MonthDay;
  onChange: (v: MonthDay) => void;
  disabled: boolean;
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
      {fault && (
        <p role="alert" className="text-error mt-1 text-sm font-semibold">
          {fault}
        </p>
      )}
    </fieldset>
  );
}
