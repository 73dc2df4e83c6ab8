import ICAL from "ical.js";
import { ALARM_HOUR, calendarText, type CalendarEntry } from "./icalendar";

const entry: CalendarEntry = {
  uid: "a@aurelian",
  on: "2028-02-29",
  summary: "Check the roots: FG-1, FG-2; “all” of them",
  description: "First line\nsecond, with a comma",
  place: "Roof; south",
  alarm: true,
};
const text = calendarText({ name: "Roof, south", zone: "Pacific/Auckland", madeAt: "2028-02-20T21:30:00.000Z" }, [
  entry,
  { ...entry, uid: "b@aurelian", place: null, description: "", alarm: false },
]);

test("whole days stay on their day in every zone, moments are UTC", () => {
  const lines = text.split("\r\n");
  expect(lines[0]).toBe("BEGIN:VCALENDAR");
  expect(lines).toContain("DTSTART;VALUE=DATE:20280229");
  expect(lines).toContain("DTEND;VALUE=DATE:20280301");
  expect(lines).toContain("DTSTAMP:20280220T213000Z");
  expect(lines).toContain("X-WR-TIMEZONE:Pacific/Auckland");
  expect(lines).toContain("REFRESH-INTERVAL;VALUE=DURATION:PT1H");
  expect(lines).toContain("X-WR-CALNAME;VALUE=TEXT:Roof\\, south");
  expect(lines).toContain("TRIGGER:PT8H");
  expect(ALARM_HOUR).toBe(8);
  expect(text.endsWith("END:VCALENDAR\r\n")).toBe(true);
});

test("it is read back as it was meant, and no line is too long", () => {
  const calendar = new ICAL.Component(ICAL.parse(text) as unknown[]);
  expect(calendar.getFirstPropertyValue("x-wr-calname")).toBe("Roof, south");
  const [first, second] = calendar.getAllSubcomponents("vevent").map((e) => new ICAL.Event(e));
  expect([first.uid, first.summary, first.description, first.location]).toEqual([
    entry.uid,
    entry.summary,
    entry.description,
    entry.place,
  ]);
  expect([first.startDate.isDate, first.startDate.toString(), first.endDate.toString()]).toEqual([
    true,
    "2028-02-29",
    "2028-03-01",
  ]);
  expect(first.component.getAllSubcomponents("valarm")).toHaveLength(1);
  expect([second.description, second.location, second.component.getAllSubcomponents("valarm").length]).toEqual([
    null,
    null,
    0,
  ]);
  for (const line of text.split("\r\n")) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
});
