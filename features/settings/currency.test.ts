import { currencySchema } from "@/contract/currency";
import { closePools } from "@/server/pool";
import { TestYard } from "@/test-support/yard";
import { currencyOptions, usualCurrency, usualUnits } from "./currency";

afterAll(() => closePools());

test.each([
  ["en-US", "USD", "us"],
  ["en-GB", "GBP", "metric"],
  ["es-MX", "EUR", "metric"],
  ["de", "EUR", "metric"],
  ["", "EUR", "metric"],
])("a browser in %j: %s, %s", (language, currency, units) => {
  expect([usualCurrency(language), usualUnits(language)]).toEqual([currency, units]);
});

test("the list begins with the most used and holds each once", () => {
  const codes = currencyOptions().map(([code]) => code);
  expect(codes.slice(0, 3)).toEqual(["EUR", "USD", "GBP"]);
  expect(new Set(codes).size).toBe(codes.length);
  expect(currencySchema.safeParse("XQQ").success).toBe(false);
});

test("chosen at the start, changed later; not undone but chosen again", async () => {
  const yard = new TestYard();
  await yard.found();
  const shown = async () => {
    const { currency, units } = (await yard.view()).collection;
    return [currency, units];
  };
  expect(await shown()).toEqual(["EUR", "metric"]);
  const changed = await yard.ok("set-currency", { currency: "USD" });
  await yard.ok("set-units", { units: "us" });
  expect(await shown()).toEqual(["USD", "us"]);
  expect(await yard.fault("set-currency", { currency: "ABC" }, "currency")).toBe("choose-currency");
  expect(await yard.fault("undo-entry", { entryId: changed.entryId }, "entryId")).toBe("settings-not-undone");
});
