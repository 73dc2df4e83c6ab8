import { expect, test } from "@playwright/test";
import { expectNoSeriousFindings, visit, watchErrors } from "./support";

/** First pages of a newcomer in unlike climates, from the place alone. */
const PLACES = [
  { name: "a low desert", town: "Phoenix, AZ", coldest: [-2, 4], july: [38, 43] },
  { name: "the Gulf", town: "New Orleans", coldest: [-4, 3], july: [31, 35] },
  { name: "the equator", town: "Singapore", coldest: [20, 24], july: [29, 33] },
  { name: "60° N", town: "Helsinki", coldest: [-25, -18], july: [20, 24] },
  { name: "38° S", town: "Geelong", coldest: [-3, 2], july: [12, 16] },
] as const;

for (const place of PLACES)
  test(`from a town alone to the first page: ${place.name}`, async ({ page }) => {
    const errors = watchErrors(page);
    await visit(page, "/setup");
    await page.getByLabel("Units").selectOption("metric");
    await page.getByLabel("Nearest town").fill(place.town);
    await page.getByRole("list", { name: "Towns found" }).getByRole("button").first().click();
    const months = page.getByTestId("months");
    const night = /Coldest night of an ordinary winter (-?[\d.]+) °C/;
    await expect(months).toContainText(night);
    const coldest = Number(night.exec((await months.textContent())!)![1]);
    expect([place.name, coldest, coldest >= place.coldest[0] && coldest <= place.coldest[1]]).toEqual([
      place.name,
      coldest,
      true,
    ]);
    if (place.name === "the equator") await expect(months).toContainText("in most years no frost");
    await months.getByText("Change single months").click();
    const july = await months.getByLabel("Jul, mean highest").getAttribute("placeholder");
    const celsius = Number(/-?[\d.]+/.exec(july!)![0]);
    expect([place.name, celsius >= place.july[0] && celsius <= place.july[1], celsius]).toEqual([
      place.name,
      true,
      celsius,
    ]);
    await expectNoSeriousFindings(page);
    await page.getByRole("button", { name: "Begin" }).click();
    await page.waitForURL(/\/today$/);
    await visit(page, page.url().replace(/today$/, "climate"));
    await expect(page.getByText(/guess from place and answers/).first()).toBeVisible();
    expect(errors).toEqual([]);
  });

test("a town nobody knows, a month typed over, and a contradiction are each told or kept where they are typed", async ({
  page,
}) => {
  await visit(page, "/setup");
  await page.getByLabel("Units").selectOption("metric");
  await page.getByLabel("Nearest town").fill("Qxzvbn");
  await expect(page.getByText(/No town of this name is known here/)).toBeVisible();
  await page.getByLabel("Latitude").fill("47.4 N 8.5 E");
  await expect(page.getByLabel("Longitude")).toHaveValue("8.5");
  const months = page.getByTestId("months");
  await expect(months).toContainText("last frost about");
  await months.getByText("Change single months").click();
  await months.getByLabel("Jan, mean lowest").fill("30");
  await page.getByLabel("Hot afternoon").fill("-5");
  await page.getByLabel("Lowest temperature").fill("-4");
  await page.getByRole("button", { name: "Begin" }).click();
  await expect(page.getByText("The mean lowest lies below the mean highest.")).toBeVisible();
  await months.getByLabel("Jan, mean lowest").fill("-6");
  await page.getByRole("button", { name: "Begin" }).click();
  await expect(page.getByText(/A hot afternoon is far warmer than the coldest night/)).toBeVisible();
  await expect(months.getByLabel("Jan, mean lowest")).toHaveValue("-6");
  await page.getByLabel("Hot afternoon").fill("31");
  await page.getByRole("button", { name: "Begin" }).click();
  await page.waitForURL(/\/today$/);
  await visit(page, page.url().replace(/today$/, "climate/records"));
  await expect(page.getByLabel("Jan, mean lowest")).toHaveValue("-6");
});
