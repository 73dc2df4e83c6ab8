import { expect, test } from "@playwright/test";
import { expectNoSeriousFindings, visit, watchErrors, world } from "./support";

const STATION = "XX000012345";
/** A month of a fixed-width station file, values in tenths. */
const fixed = (month: string, element: string, value: (day: number) => number, days: number) =>
  `${STATION}${month}${element}${Array.from({ length: 31 }, (_, d) => `${String(d < days ? value(d) : -9999).padStart(5)}  S`).join("")}`;

test("frost at any threshold: dates, curves and season follow the cold that is asked about", async ({
  page,
  request,
}) => {
  const w = await world(request);
  await w.tree("Q-1");
  const errors = watchErrors(page);
  await visit(page, w.url("climate"));
  await expect(page.getByRole("img", { name: /^frost still to come: even chance about/ })).toBeVisible();
  await expect(page.getByTestId("season")).toContainText("The years are generated: a trend cannot be read from them.");
  const days = async () => Number((await page.getByTestId("season").innerText()).match(/^(\d+) days/)![1]);
  const atZero = await days();
  await page.getByLabel("Nights at or below").fill("-60");
  await expect(page.getByText("Between -25 °C and 10 °C.")).toBeVisible();
  await page.getByRole("button", { name: /tender leaves/ }).click();
  await expect(page).toHaveURL(/frost=-4/);
  await expect(page.getByText(/At -4 °C,/)).toBeVisible();
  expect(await days()).toBeGreaterThan(atZero);

  await page.getByLabel("Summed up").selectOption({ label: "winter chill, Dynamic-model portions" });
  await expect(
    page.getByRole("region", { name: "Chill the species need" }).getByRole("row", { name: /^Quince/ }),
  ).toContainText("% of years");
  await page.getByText("Will the crop ripen?", { exact: true }).click();
  await expect(page.getByRole("region", { name: "Chance that crops ripen" })).toContainText("Quince");
  await expect(page.getByTestId("sums")).toContainText("Nothing of this year is on record yet.");
  await expectNoSeriousFindings(page);
  expect(errors).toEqual([]);
});

test("a fixed-width station file is known by its first line, looked at, and read in; hourly files, too", async ({
  page,
  request,
}) => {
  const w = await world(request);
  await visit(page, w.url("climate/records"));
  const lines = ["202401", "202403"].flatMap((month) => [
    fixed(month, "TMIN", (d) => -40 + d, 31),
    fixed(month, "TMAX", (d) => 60 + d, 31),
  ]);
  await page.getByLabel("Weather file").setInputFiles({
    name: "station.dly",
    mimeType: "text/plain",
    buffer: Buffer.from([...lines, "nonsense"].join("\n")),
  });
  await expect(
    page.getByText(`Fixed-width station file of the global daily network: station ${STATION}.`),
  ).toBeVisible();
  await expect(page.getByText("62 good days")).toBeVisible();
  await expect(page.getByText(/29 days are missing in 1 gap/)).toBeVisible();
  await expect(page.getByText(/Line 5: not a line of a fixed-width station file/)).toBeVisible();
  await page.getByRole("button", { name: "Read in 62 days" }).click();
  await expect(page.getByText("station.dly").first()).toBeVisible();

  const hour = (d: number, h: number) =>
    `2025,6,${d},${h},0,F,${10 + h / 2},5,60,95000,0,0,300,${h > 5 && h < 20 ? 400 : 0},0,0,0,0,0,0,90,2.5,0,0,0,0,0,0,0,0,0,0,0,0,0`;
  const head = ["LOCATION,Hill,XX,YYY,TEST,123450,48.1,11.5,1.0,540.0", ...Array<string>(7).fill("HEADER")];
  const hours = [1, 2, 3].flatMap((d) => Array.from({ length: 24 }, (_, i) => hour(d, i + 1)));
  await page.getByLabel("Weather file").setInputFiles({
    name: "hill.epw",
    mimeType: "text/plain",
    buffer: Buffer.from([...head, ...hours].join("\n")),
  });
  await expect(page.getByText("Hourly weather file: hours of Hill, summed up to days.")).toBeVisible();
  await expect(page.getByText("3 good days")).toBeVisible();
  await expect(page.getByText("Its station stands at 540 m.")).toBeVisible();
  await expectNoSeriousFindings(page);
});

/** Days from one to another as lines of a daily record. */
const daily = (from: string, days: number, low: (d: number) => number) =>
  [
    "date,tmin,tmax",
    ...Array.from({ length: days }, (_, d) => {
      const day = new Date(Date.parse(from) + d * 86_400_000).toISOString().slice(0, 10);
      return `${day},${low(d).toFixed(1)},${(low(d) + 9).toFixed(1)}`;
    }),
  ].join("\n");
/** A year's wave with weather on it: cold in January. */
const wave = (d: number) => 4 - 9 * Math.cos((2 * Math.PI * d) / 365) + 2.5 * Math.sin(d * 1.7);
const file = (name: string, text: string) => ({ name, mimeType: "text/csv", buffer: Buffer.from(text) });

test("two records: gaps on the map, order of trust, set aside and let count again, saved as CSV; a station file by commas", async ({
  page,
  request,
}) => {
  const w = await world(request);
  await visit(page, w.url("climate/records"));
  const input = page.getByLabel("Weather file");
  const lines = daily("2024-01-01", 500, wave).split("\n");
  lines.splice(100, 2);
  lines.splice(200, 20);
  await input.setInputFiles(file("own.csv", lines.join("\n")));
  await page.getByRole("button", { name: "Read in 478 days" }).click();
  await expect(page.getByRole("img", { name: "2 years; 20 days missing, 2 filled in a straight line." })).toBeVisible();

  const rows = ["STATION,DATE,ELEVATION,TMIN,TMAX,TMAX_ATTRIBUTES"];
  for (let d = 0; d < 60; d++) {
    const day = new Date(Date.parse("2024-07-01") + d * 86_400_000).toISOString().slice(0, 10);
    rows.push(
      `XX000099999,${day},940,${Math.round(10 * wave(d + 182)) - 30},${Math.round(10 * wave(d + 182)) + 60},",${d === 4 ? "X" : ""},S"`,
    );
  }
  await input.setInputFiles(file("hill.csv", rows.join("\n")));
  await expect(page.getByText(/Station file of the global daily network: station XX000099999/)).toBeVisible();
  await page.getByRole("button", { name: "Read in 59 days" }).click();
  const list = page.getByRole("region", { name: "Weather records" });
  await expect(list.getByRole("listitem").first()).toContainText("hill.csv");
  await list.getByRole("button", { name: "Trust more own.csv" }).click();
  await expect(list.getByRole("listitem").first()).toContainText("own.csv");
  await expect(list.getByRole("listitem").nth(1)).toContainText(/days it shares with the first/);
  await list.getByRole("button", { name: "Set aside hill.csv" }).click();
  await expect(list.getByText(/hill.csv.*set aside/)).toBeVisible();
  await list.getByRole("button", { name: "Let it count hill.csv" }).click();
  await expect(list.getByText("(set aside)")).toHaveCount(0);
  const download = page.waitForEvent("download");
  await page.getByRole("link", { name: "Save the record as CSV" }).click();
  expect((await download).suggestedFilename()).toMatch(/weather-2026-05-15\.csv$/);
  await expectNoSeriousFindings(page);
});

test("no record: known frost days move the nights, twelve normals take the answers' place, and a crossed month is marked", async ({
  page,
  request,
}) => {
  const w = await world(request);
  await visit(page, w.url("climate/records"));
  await page.getByLabel("Usual last frost").fill("someday");
  await page.getByRole("button", { name: "That is the climate here" }).click();
  await expect(page.getByText("A day of the year, such as 10 May.")).toBeVisible();
  await page.getByLabel("Usual last frost").fill("20 May");
  await page.getByText("Change single months").click();
  await page.getByLabel("Jan, mean lowest").fill("25");
  await page.getByRole("button", { name: "That is the climate here" }).click();
  await expect(page.getByText("The mean lowest lies below the mean highest.")).toBeVisible();
  await expect(page.getByLabel("Usual last frost")).toHaveValue("20 May");
  await page.getByLabel("Jan, mean lowest").fill("-5");
  await page.getByRole("button", { name: "That is the climate here" }).click();
  await expect(page.getByTestId("frost-fit")).toContainText("Nights are moved by");
  await expect(page.getByText(/generated after your twelve monthly normals/)).toBeVisible();
  await visit(page, w.url("climate"));
  await expect(page.getByText(/Usually by (1[6-9]|2[0-4]) May/)).toBeVisible();
});

test("a place learns from a logger's file; its frost and the year's follow; typed nights go before", async ({
  page,
  request,
}) => {
  const w = await world(request);
  const placeId = "0c2f7c60-0f0e-4b7e-9a53-000000000001";
  await w.send("add-place", { placeId, name: "Glass lean-to", kind: "unheated" });
  await w.send("import-weather", {
    fileName: "own.csv",
    text: daily("2024-11-01", 550, (d) => wave(d + 305)),
    options: {},
  });
  await visit(page, w.url("climate/places"));
  const place = page.getByRole("region", { name: "Glass lean-to", exact: true });
  await expect(place.getByText("assumed by what it is like")).toBeVisible();
  const readings = ["time,temp_c", "2025-11-31 01:00,4"];
  for (let d = 365; d < 480; d++) {
    const day = new Date(Date.parse("2024-11-01") + d * 86_400_000).toISOString().slice(0, 10);
    const low = 3 + 0.6 * Number(wave(d + 305).toFixed(1));
    for (let h = 0; h < 24; h++)
      readings.push(
        `${day} ${String(h).padStart(2, "0")}:00,${(low + 6 * Math.sin((Math.PI * Math.abs(h - 5)) / 24)).toFixed(1)}`,
      );
  }
  await place.getByText("Correct it").click();
  await place.getByText("Read in a logger’s file").first().click();
  await page.getByLabel("Logger file of Glass lean-to").setInputFiles(file("lean-to.csv", readings.join("\n")));
  await expect(page.getByTestId("preview")).toContainText("cold nights");
  await expect(page.getByText(/Line 2: the time cannot be read/)).toBeVisible();
  await page.getByRole("button", { name: /Read in 2,7\d\d readings/ }).click();
  await expect(place.getByTestId("place-climate")).toContainText(/learned from \d+ cold nights/);
  await expect(place.getByTestId("place-climate")).toContainText(/damped by (3[5-9]|4[0-5]) %/);
  await expect(place.getByRole("img", { name: /Nights at Glass lean-to against nights at the site/ })).toBeVisible();
  await expectNoSeriousFindings(page);

  // A second place, its logger asked by wire.
  const other = "0c2f7c60-0f0e-4b7e-9a53-000000000002";
  await w.send("add-place", { placeId: other, name: "Warm wall", kind: "sheltered" });
  await visit(page, w.url("climate/places"));
  const wall = page.getByRole("region", { name: "Warm wall", exact: true });
  await wall.getByRole("button", { name: "Read its logger" }).click();
  await expect(wall.getByTestId("place-climate")).toContainText(/warmer at freezing.*learned from \d+ cold nights/);
  await wall.getByRole("button", { name: "Read its logger" }).click();
  await expect(wall.getByText("It has nothing new since it was last asked.")).toBeVisible();

  await visit(page, w.url(`climate?place=${placeId}`));
  await expect(page.getByText(/, at Glass lean-to/)).toBeVisible();
  await visit(page, w.url("climate/places"));
  await place.getByText("Correct it").click();
  await place.getByText("Say how its nights are").click();
  await place.getByLabel("Swings damped by").fill("140");
  await place.getByRole("button", { name: "Save" }).click();
  await expect(place.getByText("0 to 100 %.")).toBeVisible();
  await place.getByLabel("Swings damped by").fill("20");
  await place.getByRole("button", { name: "Save" }).click();
  await expect(place.getByTestId("place-climate")).toContainText("as typed");
});
