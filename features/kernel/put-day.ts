/** How an address says the day everything is seen as of: not at all where it is today. */
export function putDay(query: URLSearchParams, day: string, today: string): void {
  if (day === today) query.delete("on");
  else query.set("on", day);
}

/**
 * Writes into the address beside the router, not through it: were the router to take it up, its next refresh would find pages that do
 * not match the address, and after two of them in a row it loads the whole page anew, with all that was typed on it lost.
 */
export function writeAddress(change: (query: URLSearchParams) => void): void {
  const url = new URL(window.location.href);
  change(url.searchParams);
  // The router's own state stays where it was; only what is read and shared changes.
  History.prototype.replaceState.call(window.history, window.history.state, "", url);
}
