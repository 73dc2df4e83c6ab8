import { type APIRequestContext, expect, test } from "@playwright/test";
import { expectNoSeriousFindings, NORTH, visit, world } from "./support";

/** A latitude of this file's own: faults set for it disturb nobody else. */
const LATITUDE = 47.1234;
const service = process.env.AURELIAN_WEATHER_URL!;
const fault = (request: APIRequestContext, name: string) =>
  request.post(`${service}/v1/fault`, { data: { fault: name, latitudeDeg: LATITUDE } });

test("the weather service fails in every way it can, and everything works on the climate meanwhile", async ({
  page,
  request,
}) => {
  await fault(request, "down");
  const w = await world(request, { ...NORTH, latitudeDeg: LATITUDE });
  await w.tree("LM-1", { kindId: "lemon" });
  await visit(page, w.url("climate/ahead"));
  await expect(page.getByTestId("tonight")).toContainText("A usual night now");
  await expect(page.getByTestId("simulated")).toHaveCount(0);
  const ask = async () => {
    const answered = page.waitForResponse((r) => r.url().endsWith("/forecast"));
    await page.getByRole("button", { name: "Refresh" }).click();
    await answered;
  };
  await ask();
  await expect(page.getByTestId("service")).toContainText("No usable forecast");
  await expect(page.getByTestId("service")).toContainText("refused");
  await fault(request, "nonsense");
  await ask();
  await expect(page.getByTestId("service")).toContainText("answered nonsense, which is not used");
  await expect(page.getByTestId("tonight")).toContainText("A usual night now");
  await expectNoSeriousFindings(page);

  await fault(request, "stale");
  await ask();
  await expect(page.getByTestId("service")).toContainText("It is 4 days old: its errors are taken larger.");
  await expect(page.getByTestId("service")).toContainText("the last 4 nights are what is usual");

  await fault(request, "none");
  await ask();
  await expect(page.getByTestId("service")).toContainText("Forecast of today by the simulated weather service.");
  await expect(page.getByTestId("tonight")).toContainText("Next night");
  await expect(page.getByTestId("tonight").getByTestId("simulated")).toBeVisible();

  await fault(request, "slow");
  await ask();
  await expect(page.getByTestId("service")).toContainText(
    "did not answer in time: no answer within 4 s, tried 2 times",
  );
  // The forecast it gave before still counts, and no page waits for the service.
  await expect(page.getByTestId("tonight")).toContainText("Next night");
  await visit(page, w.url("trees"));
  await expect(page.getByText("LM-1").first()).toBeVisible();
});

test("an alarm of one's own rings on every page, and can be taken out", async ({ page, request }) => {
  await fault(request, "none");
  const w = await world(request, { ...NORTH, latitudeDeg: LATITUDE });
  await w.tree("LM-1", { kindId: "lemon" });
  await visit(page, w.url("climate/ahead"));
  await page.getByRole("button", { name: "Refresh" }).click();
  await expect(page.getByTestId("tonight")).toContainText("Next night");
  await page.getByRole("button", { name: "Tell me" }).click();
  await expect(page.getByText(/Give it a name/)).toBeVisible();
  await page.getByLabel("Call it").fill("Any night in May");
  await page.getByLabel("Nights at or below").fill("25");
  await page.getByRole("button", { name: "Tell me" }).click();
  await expect(page.getByTestId("alarm")).toContainText("Any night in May");
  await expectNoSeriousFindings(page);
  await visit(page, w.url("pots"));
  await expect(page.getByTestId("alarm")).toContainText("Any night in May");
  await page.getByTestId("alarm").click();
  await page.getByRole("button", { name: "Take out Any night in May" }).click();
  await expect(page.getByTestId("alarm")).toHaveCount(0);
});
