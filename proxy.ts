import { type NextRequest, NextResponse } from "next/server";
import { isLoopback } from "./server/requests";

/**
 * Every page gets a content security policy with a nonce of its own. Requests by another host name than loopback are refused:
 * there is no sign-in yet, and a foreign page must not reach in by renaming this machine.
 */
export function proxy(request: NextRequest): NextResponse {
  if (!isLoopback(request.headers.get("host")))
    return new NextResponse("Aurelian answers on this machine only.", { status: 421 });

  const nonce = Buffer.from(crypto.randomUUID()).toString("base64");
  const policy = [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}'`,
    // Drawings place things by style attributes.
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self' blob:",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join("; ");
  const headers = new Headers(request.headers);
  const requestId = crypto.randomUUID();
  headers.set("x-nonce", nonce);
  headers.set("x-request-id", requestId);
  headers.set("content-security-policy", policy);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set("content-security-policy", policy);
  response.headers.set("x-request-id", requestId);
  response.headers.set("x-content-type-options", "nosniff");
  response.headers.set("referrer-policy", "no-referrer");
  return response;
}

// Whatever passes through here is cut at ten megabytes without a word: uploads go to their routes directly, which look at the host
// themselves, and count what comes.
export const config = {
  matcher: [
    { source: "/((?!_next/static|_next/image|icon.svg|c/[^/]+/(?:import-file|weather-file|photo-upload)$).*)" },
  ],
};
