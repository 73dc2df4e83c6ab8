import { renderToStaticMarkup } from "react-dom/server";
import { hasField } from "./has-field";
import { DateField } from "./date-field";
import { QuantityField } from "./quantity-field";
import { errorsOf, resolverOf } from "./resolver";

const nothing = () => undefined;
const quantity = (
  dimension: "mm" | "m" | "litres" | "kg" | "celsius",
  units: "metric" | "us",
  value: number | null,
  fault?: string,
) =>
  renderToStaticMarkup(
    <QuantityField label="It" dimension={dimension} units={units} value={value} onChange={nothing} fault={fault} />,
  );
const shown = (html: string) => [
  /value="([^"]*)"/.exec(html)?.[1],
  /<span class="w-7 shrink-0">([^<]*)</.exec(html)?.[1],
];

test.each([
  ["mm", 304.8, ["304.8", "mm"], ["12", "in"]],
  ["m", 1.524, ["1.524", "m"], ["5", "ft"]],
  ["litres", 18.92705892, ["18.927", "L"], ["5", "gal"]],
  ["kg", 9.0718474, ["9.072", "kg"], ["20", "lb"]],
  ["celsius", -10, ["-10", "°C"], ["14", "°F"]],
] as const)("a measure in %s is shown in the collection's units", (dimension, value, metric, us) => {
  expect(shown(quantity(dimension, "metric", value))).toEqual(metric);
  expect(shown(quantity(dimension, "us", value))).toEqual(us);
});

test("an empty field is empty, and what cannot be read says so at the field", () => {
  expect(shown(quantity("mm", "metric", null))).toEqual(["", "mm"]);
  const wrong = quantity("mm", "metric", NaN, "Write this as a number.");
  expect(wrong).toContain('aria-invalid="true"');
  expect(wrong).toMatch(/role="alert"[^>]*>Write this as a number\.</);
});

test("temperatures can be typed below zero on a phone, lengths have the decimal keypad", () => {
  expect(quantity("celsius", "metric", 1)).not.toContain("inputMode");
  expect(quantity("mm", "metric", 1)).toContain('inputMode="decimal"');
});

describe("a day", () => {
  const date = (text: string, range: { best: string; from: string; to: string } | null | undefined, more = {}) =>
    renderToStaticMarkup(
      <DateField
        label="When"
        value={text}
        onChange={nothing}
        read={() => (range === undefined ? { fault: "No." } : { range })}
        today="2026-05-15"
        {...more}
      />,
    );
  test.each([
    ["2026-04-03", { best: "2026-04-03", from: "2026-04-03", to: "2026-04-03" }, {}, "3 Apr 2026"],
    [
      "spring 2022",
      { best: "2022-04-15", from: "2022-03-01", to: "2022-05-31" },
      {},
      "between 1 Mar 2022 and 31 May 2022",
    ],
    ["", null, {}, "nobody knows"],
    ["", null, { needed: true }, "a year or a season is enough"],
    ["", null, { exact: true }, "a day, please"],
    ["soon", undefined, { exact: true }, "a day, such as 2026-05-03"],
  ] as const)("%j is told back", (text, range, more, words) => {
    expect(date(text, range, more)).toContain(words);
  });
});

test("problems nest as the form keeps them; the first of a field counts, what has no field belongs to the form", async () => {
  const problems = [
    { path: "pot.vessel.topWidthMm", message: "one" },
    { path: "on", message: "two" },
    { path: "on", message: "three" },
    { path: "", message: "four" },
  ];
  const nested = {
    pot: { vessel: { topWidthMm: { type: "fault", message: "one" } } },
    on: { type: "fault", message: "two" },
    root: { type: "fault", message: "four" },
  };
  expect(errorsOf(problems)).toEqual(nested);
  const check = resolverOf<{ on: string }>(({ on }) => Promise.resolve(on === "" ? problems : []));
  expect(await check({ on: "" }, undefined, {} as never)).toEqual({ values: {}, errors: nested });
  expect(await check({ on: "x" }, undefined, {} as never)).toEqual({ values: { on: "x" }, errors: {} });
});

test.each([
  ["text", true],
  ["every.count", true],
  ["what.on", true],
  ["what.on.best", true],
  ["what.lots.0", true],
  ["what.set", false],
  ["treeIds", false],
  ["", false],
])("a fault at %j has a field: %s", (path, has) => {
  expect(hasField({ text: "", every: "once", what: { on: "today", lots: [] } }, path)).toBe(has);
});
