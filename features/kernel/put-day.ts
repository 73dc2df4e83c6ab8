/** How an address says the day everything is seen as of: not at all where it is today. */
export function putDay(query: URLSearchParams, day: string, today: string): void {
  if (day === today) query.delete("on");
  else query.set("on", day);
}
