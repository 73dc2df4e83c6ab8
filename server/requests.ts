import "server-only";

/** Writes and calculations are taken from this application's own pages or from programs on this machine, never from another site's page. */
export function isForeign(request: Request): boolean {
  const site = request.headers.get("sec-fetch-site");
  if (site !== null && site !== "same-origin" && site !== "none") return true;
  const origin = request.headers.get("origin");
  if (origin === null) return false;
  // A sandboxed page sends the word "null", which is no address.
  return !URL.canParse(origin) || new URL(origin).host !== request.headers.get("host");
}

/** The body as JSON; undefined when it is none. */
export async function readJson(request: Request): Promise<unknown> {
  try {
    return (await request.json()) as unknown;
  } catch {
    return undefined;
  }
}
