import { z } from "zod";
import { parseIso } from "../dates/index";
import { wrong } from "./codes";

/** A calendar day as text; the message speaks to the person who typed it. */
export const isoDate = z
  .string()
  .refine((text) => parseIso(text) !== null, wrong("no-such-day"))
  // Marked, so that a test can find every field that takes a day. How far back it may lie depends on today: the commands' door looks.
  .meta({ calendarDay: true });
