import { readDayAhead } from "./ahead";

const read = (text: string, today = "2026-05-15") => {
  const found = readDayAhead(text, today);
  return found.ok ? found.day : found.fault;
};

test("days ahead as people write them", () => {
  expect(read("today")).toBe("2026-05-15");
  expect(read(" Tomorrow")).toBe("2026-05-16");
  expect(read("2027-03-01")).toBe("2027-03-01");
  expect(read("1 March 2027")).toBe("2027-03-01");
  expect(read("March 1st, 2027")).toBe("2027-03-01");
  expect(read("in two weeks")).toBe("2026-05-29");
  expect(read("in a month")).toBe("2026-06-15");
  expect(read("in 10 days")).toBe("2026-05-25");
  expect(read("in 3 years")).toBe("2029-05-15");
  expect(read("in 1 month", "2027-01-31")).toBe("2027-02-28");
});

test("without a year it is the next one, the day itself included", () => {
  expect(read("1 March")).toBe("2027-03-01");
  expect(read("15 May")).toBe("2026-05-15");
  expect(read("14 may")).toBe("2027-05-14");
  expect(read("Sept 3")).toBe("2026-09-03");
  expect(read("29 February")).toBe("2028-02-29");
});

test("what cannot be read, is over, is no day or lies too far off is told apart", () => {
  for (const text of ["", "soon", "in some weeks", "3", "32", "spring 2027"]) expect(read(text)).toBe("not-understood");
  for (const text of ["2026-05-14", "1 May 2026"]) expect(read(text)).toBe("past");
  for (const text of ["2027-02-29", "31 April", "31 June 2027"]) expect(read(text)).toBe("not-a-day");
  expect(read("2126-05-15")).toBe("2126-05-15");
  expect(read("2126-05-16")).toBe("too-far");
});
