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
  await visit(page, w.url("almanac"));
  await expect(page.getByRole("img", { name: /^frost still to come: even chance about/ })).toBeVisible();
  await expect(page.getByTestId("season")).toContainText("The years are generated: a trend cannot be read from them.");
  const days = async () => Number((await page.getByTestId("season").innerText()).match(/^(\d+) days/)![1]);
  const atZero = await days();
  await page.getByLabel("Nights at or below").fill("-60");
  await expect(page.getByText("Between −25 and 10 °C.")).toBeVisible();
  await page.getByRole("button", { name: /tender leaves/ }).click();
  await expect(page).toHaveURL(/frost=-4/);
  await expect(page.getByText(/At -4 °C,/)).toBeVisible();
  expect(await days()).toBeGreaterThan(atZero);

  await page.getByLabel("Summed up").selectOption({ label: "winter chill" });
  await expect(page.getByRole("row", { name: /^Quince/ })).toContainText("% of years");
  await expect(page.getByTestId("sums")).toContainText("Nothing of this year is on record yet.");
  await expectNoSeriousFindings(page);
  expect(errors).toEqual([]);
});

test("a fixed-width station file is known by its first line, looked at, and read in; hourly files, too", async ({
  page,
  request,
}) => {
  const w = await world(request);
  await visit(page, w.url("almanac"));
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
  await expect(page.getByText("station.dly")).toBeVisible();

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
  await expectNoSeriousFindings(page);
});
