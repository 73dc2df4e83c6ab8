import { lookup as resolve } from "node:dns/promises";
import { request as httpRequest } from "node:http";
import { request as httpsRequest } from "node:https";
import { BlockList, isIP, type LookupFunction } from "node:net";
import { ServiceRefusal } from "./source";

/** An answer of more than this is no forecast, bytes. */
export const MOST_ANSWER_BYTES = 1_000_000;

/** Addresses that lie inside somebody's own network, or nowhere: a name that resolves to one is not asked (RFC 6890 and kin). */
const PRIVATE = { ipv4: new BlockList(), ipv6: new BlockList() };
for (const [net, bits] of [
  ["0.0.0.0", 8],
  ["10.0.0.0", 8],
  ["100.64.0.0", 10],
  ["127.0.0.0", 8],
  ["169.254.0.0", 16],
  ["172.16.0.0", 12],
  ["192.0.0.0", 24],
  ["192.168.0.0", 16],
  ["198.18.0.0", 15],
  ["224.0.0.0", 3],
] as const)
  PRIVATE.ipv4.addSubnet(net, bits, "ipv4");
for (const [net, bits] of [
  ["::", 127],
  ["::ffff:0:0", 96],
  ["64:ff9b::", 96],
  ["fc00::", 7],
  ["fe80::", 10],
  ["ff00::", 8],
] as const)
  PRIVATE.ipv6.addSubnet(net, bits, "ipv6");

/** @example isPrivateAddress("192.168.1.4") // true */
export function isPrivateAddress(address: string): boolean {
  const family = isIP(address);
  if (family === 0) return true;
  const kind = family === 4 ? "ipv4" : "ipv6";
  return PRIVATE[kind].check(address, kind);
}

/** What of the outside a test stands in for. */
export interface Outside {
  addressesOf: (host: string) => Promise<{ address: string; family: number }[]>;
  /** Plain HTTP and addresses of this machine: for a stand-in in a test, never for a service. */
  standIn: boolean;
}
const WORLD: Outside = { addressesOf: (host) => resolve(host, { all: true }), standIn: false };

/** Never answers; gives up when the signal says so: a name may take longer to be found than a forecast may. */
const whenAborted = (signal: AbortSignal) =>
  new Promise<never>((_resolve, reject) =>
    signal.addEventListener("abort", () => reject(signal.reason as Error), { once: true }),
  );

/**
 * Fetches JSON from a public host and from nowhere else: HTTPS only, no address of a private network after resolution (and the address
 * that was looked at is the one that is connected to), no redirects, no more than a megabyte, no longer than the signal allows.
 * @throws ServiceRefusal where the service answered otherwise, or may not be asked; a `SyntaxError` where the answer is no JSON
 */
export async function getJson(url: URL, signal: AbortSignal, outside: Outside = WORLD): Promise<unknown> {
  if (url.protocol !== "https:" && !outside.standIn)
    throw new ServiceRefusal("its address does not begin with https", false);
  const host = url.hostname.replace(/^\[|\]$/g, "");
  const addresses = await Promise.race([outside.addressesOf(host), whenAborted(signal)]);
  if (addresses.length === 0) throw new ServiceRefusal("its name leads nowhere", true);
  if (!outside.standIn && addresses.some(({ address }) => isPrivateAddress(address)))
    throw new ServiceRefusal("its name leads into a private network, which is never asked", false);
  const [{ address, family }] = addresses;
  const pinned: LookupFunction = (_host, options, done) =>
    options.all ? done(null, [{ address, family }]) : done(null, address, family);
  const text = await new Promise<string>((resolveText, reject) => {
    const request = (url.protocol === "https:" ? httpsRequest : httpRequest)(
      url,
      { signal, lookup: pinned, headers: { accept: "application/json" } },
      (answer) => {
        const status = answer.statusCode ?? 0;
        const type = answer.headers["content-type"] ?? "";
        const refuse = (message: string, again: boolean) => {
          answer.destroy();
          reject(new ServiceRefusal(message, again));
        };
        if (status >= 300 && status < 400) return refuse("it sends elsewhere, which is not followed", false);
        if (status !== 200) return refuse(`it answered ${status}`, status >= 500 || status === 429);
        if (!type.includes("json")) return refuse("it answered with a page, not with data", false);
        const parts: Buffer[] = [];
        let bytes = 0;
        answer.on("data", (part: Buffer) => {
          bytes += part.length;
          if (bytes > MOST_ANSWER_BYTES) refuse("its answer is too large for a forecast", false);
          else parts.push(part);
        });
        answer.on("end", () => resolveText(Buffer.concat(parts).toString("utf8")));
        answer.on("error", reject);
      },
    );
    request.on("error", (error) => reject(signal.aborted ? (signal.reason as Error) : error));
    request.end();
  });
  return JSON.parse(text) as unknown;
}
