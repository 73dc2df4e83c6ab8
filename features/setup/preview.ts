import "server-only";
import type { SitePreview, SiteQueryInput } from "@/contract/queries";
import { toDay } from "@/core/dates/index";
import { previewSite } from "@/model/index";
import { todayAt } from "@/server/clock";
import { zoneAt } from "./towns";

/** A year without frost is "never" in an address. */
const frostDay = (name: "lastSpringFrost" | "firstAutumnFrost", text: string | undefined) =>
  text === undefined ? {} : { [name]: text === "never" ? null : text };

/** The year of a site as its answers stand. */
export function sitePreview({
  seed,
  lastSpringFrost,
  firstAutumnFrost,
  ...place
}: SiteQueryInput<"site">): SitePreview {
  const zone = zoneAt(place.latitudeDeg, place.longitudeDeg);
  const asked = {
    ...place,
    ...frostDay("lastSpringFrost", lastSpringFrost),
    ...frostDay("firstAutumnFrost", firstAutumnFrost),
  };
  return { ...previewSite(asked, seed, toDay(todayAt(zone))), zone };
}
