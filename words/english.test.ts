import { AsyncLocalStorage } from "node:async_hooks";
import { english, spelt } from "./english";
import { day, month, monthDay, number, weekday } from "./format";
import { whatColourAreTheTips } from "./pages/bench/roots";
import { WRAP_WORDS } from "./winter";

const reads = new AsyncLocalStorage<string>();
const asked = globalThis as { [key: symbol]: unknown };

beforeAll(() => (asked[Symbol.for("aurelian.english")] = reads));
afterAll(() => delete asked[Symbol.for("aurelian.english")]);
const american = <T>(say: () => T): T => reads.run("en-US", say);

test("outside a request, and for an unknown reader, English is British", () => {
  expect(english()).toBe("en-GB");
  expect(reads.run("fr-FR", english)).toBe("en-GB");
  expect(spelt("Colour of the leaf mould, 3 litres")).toBe("Colour of the leaf mould, 3 litres");
});

test("an American reader gets American spelling and terms, capitals kept", () => {
  expect(american(() => spelt("Colour and colours of moulds; vigour; the centre; a labelled neighbour"))).toBe(
    "Color and colors of molds; vigor; the center; a labeled neighbor",
  );
  expect(american(() => spelt("Fleece over 5 litres, 200 millimetres and 3 kilometres"))).toBe(
    "Frost cloth over 5 liters, 200 millimeters and 3 kilometers",
  );
  expect(american(() => spelt("Fertilising: our judgement, pot-bound, grey"))).toBe(
    "Fertilizing: our judgment, root-bound, gray",
  );
});

test("words follow their reader wherever they stand", () => {
  expect([whatColourAreTheTips(), american(whatColourAreTheTips)]).toEqual([
    "What colour are the tips?",
    "What color are the tips?",
  ]);
  expect([WRAP_WORDS.fleece, american(() => WRAP_WORDS.fleece)]).toEqual(["fleece", "frost cloth"]);
});

test("dates are written as their reader writes them", () => {
  const all = () => [day("2027-04-12"), day("2027-04-12", "2027-04-01"), monthDay("02-29"), month("2027-09-01")];
  expect(all()).toEqual(["12 Apr 2027", "12 Apr", "29 Feb", "Sept"]);
  expect(american(all)).toEqual(["Apr 12, 2027", "Apr 12", "Feb 29", "Sep"]);
  expect([weekday("2027-04-12"), american(() => weekday("2027-04-12"))]).toEqual(["Mon", "Mon"]);
  expect([number(-1234.5, 1), american(() => number(-1234.5, 1))]).toEqual(["-1,234.5", "-1,234.5"]);
});
