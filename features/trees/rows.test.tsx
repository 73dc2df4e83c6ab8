import { renderToStaticMarkup } from "react-dom/server";
import type { YardRow } from "@/model/index";
import { Pictures } from "./pictures";
import { TreeRows } from "./rows";

const ROW: YardRow = {
  id: "a",
  tag: "LM-2",
  tagLost: false,
  name: "Lemon",
  cultivar: "Old Gold",
  count: 1,
  placeId: "p1",
  vessel: { shape: "cylinder", topWidthMm: 300, heightMm: 300 },
  fillHeightMm: 270,
  guessed: false,
  volumeL: 18.9,
  fill: 0.5,
  ripe: 0.3,
  dueOn: "2027-05-03",
  headline: {
    code: "wait",
    work: "up-pot",
    from: "2027-03-02",
    to: null,
    lastSafe: null,
    limiting: "soil-cold",
    because: ["full"],
  } as unknown as YardRow["headline"],
  pressDays: null,
  health: "well",
  form: "standard",
  heightMm: 1200,
  heightGuessed: false,
  pottedOn: "2024-04-01",
  checkedOn: null,
};
const ROWS = [
  ROW,
  { ...ROW, id: "b", tag: "QN-7", name: "Quince", count: 40, placeId: null, fill: 0.99, dueOn: null, vessel: null },
];
const shared = { query: "" as const, shown: "2026-12-01", collectionId: "c1", rows: ROWS };
const words = (html: string) => html.replace(/<[^>]*>/g, " ").replace(/\s+/g, " ");
const list = (units: "metric" | "us", byPlace = false, rows: readonly YardRow[] = ROWS) =>
  renderToStaticMarkup(
    <TreeRows
      {...shared}
      rows={rows}
      units={units}
      label="Trees"
      byPlace={byPlace}
      places={new Map([["p1", "South wall"]])}
      chosen={new Set(["b"])}
      onChoose={() => undefined}
    />,
  );

test("a line says tag, species, variety, plants, status, place, pot, fullness and due day, in either unit", () => {
  expect(words(list("metric"))).toContain(
    "LM-2 Lemon ‘Old Gold’ wait from 2 Mar 2027 – potting mix still too cold South wall 19 L 50 % 3 May 2027",
  );
  expect(words(list("us"))).toContain("South wall 5 gal 50 % 3 May 2027");
  expect(words(list("metric"))).toContain("QN-7 Quince ‘Old Gold’ × 40 wait");
  expect(words(list("metric"))).toContain("19 L full later");
  // Beneath its place a line need not say it again.
  expect(words(list("metric", true))).not.toContain("South wall");
  for (const units of ["metric", "us"] as const) expect(list(units)).not.toMatch(/NaN|undefined|Infinity/);
});

test("one is chosen; none left says so", () => {
  expect(list("metric").match(/checked=""/g)).toHaveLength(1);
  expect(words(list("metric", false, []))).toContain("No tree.");
});

test("pictures lead to their trees, or are chosen where that is asked for", () => {
  const draw = (choosing: { chosen: ReadonlySet<string>; toggle: () => void } | null) =>
    renderToStaticMarkup(
      <Pictures {...shared} units="us" scale={0.2} crownScale={0.08} label="South wall" choosing={choosing} urgent />,
    );
  const open = draw(null);
  expect(open).toContain('aria-label="LM-2, Lemon, 5 gal, 50 % full: wait from 2 Mar 2027"');
  expect(open).toContain('aria-label="QN-7, Quince, 5 gal, full: wait from 2 Mar 2027"');
  expect(open.match(/href="\/c\/c1\/tree\//g)).toHaveLength(2);
  expect(open).not.toMatch(/NaN|undefined|Infinity/);
  const chosen = draw({ chosen: new Set(["b"]), toggle: () => undefined });
  expect(chosen).not.toContain("href=");
  expect(chosen.match(/aria-pressed="true"/g)).toHaveLength(1);
});
