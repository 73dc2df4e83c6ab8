import ICAL from "ical.js";
import { toDay, toIso } from "@/core/dates/index";

/** Something of one day in a calendar. */
export interface CalendarEntry {
  /** Stays the same while it is the same thing. */
  uid: string;
  /** ISO day. */
  on: string;
  summary: string;
  description: string;
  place: string | null;
  /** Rings on the morning of its day. */
  alarm: boolean;
}

/** Hour of the morning at which an alarm rings, in the calendar's own zone. */
export const ALARM_HOUR = 8;
/** How often a calendar that is subscribed to asks again. */
const AGAIN = "PT1H";

/**
 * A calendar by RFC 5545: whole days, which no zone moves; times of making in UTC; the site's zone beside them for those who show it.
 * @param madeAt when it was made, ISO moment in UTC
 */
export function calendarText(
  { name, zone, madeAt }: { name: string; zone: string; madeAt: string },
  entries: readonly CalendarEntry[],
): string {
  const calendar = new ICAL.Component("vcalendar");
  const say = (key: string, value: string) => calendar.addPropertyWithValue(key, value);
  say("version", "2.0");
  say("prodid", "-//Aurelian//Today//EN");
  say("method", "PUBLISH");
  const called = new ICAL.Property("x-wr-calname");
  called.resetType("text");
  called.setValue(name);
  calendar.addProperty(called);
  say("x-wr-timezone", zone);
  const again = new ICAL.Property("refresh-interval");
  again.resetType("duration");
  again.setValue(ICAL.Duration.fromString(AGAIN));
  calendar.addProperty(again);
  say("x-published-ttl", AGAIN);
  const stamp = ICAL.Time.fromJSDate(new Date(madeAt), true);
  for (const entry of entries) calendar.addSubcomponent(eventOf(entry, stamp));
  return `${calendar.toString()}\r\n`;
}

function eventOf({ uid, on, summary, description, place, alarm }: CalendarEntry, stamp: ICAL.Time): ICAL.Component {
  const event = new ICAL.Component("vevent");
  event.addPropertyWithValue("uid", uid);
  event.addPropertyWithValue("dtstamp", stamp);
  event.addPropertyWithValue("dtstart", ICAL.Time.fromDateString(on));
  event.addPropertyWithValue("dtend", ICAL.Time.fromDateString(toIso(toDay(on) + 1)));
  event.addPropertyWithValue("summary", summary);
  if (description !== "") event.addPropertyWithValue("description", description);
  if (place !== null) event.addPropertyWithValue("location", place);
  // Nobody is kept from anything else by it.
  event.addPropertyWithValue("transp", "TRANSPARENT");
  if (alarm) {
    const bell = new ICAL.Component("valarm");
    bell.addPropertyWithValue("action", "DISPLAY");
    bell.addPropertyWithValue("description", summary);
    bell.addPropertyWithValue("trigger", ICAL.Duration.fromString(`PT${ALARM_HOUR}H`));
    event.addSubcomponent(bell);
  }
  return event;
}
