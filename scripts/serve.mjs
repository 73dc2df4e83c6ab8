// The web server: Next's own request handler behind a plain HTTP server, which looks at what must be seen before it.
import { AsyncLocalStorage } from "node:async_hooks";
import { createServer } from "node:http";
import process from "node:process";
import next from "next";

const [hostname, port] = [process.argv[2], Number(process.argv[3])];
/**
 * Longer than a browser keeps an idle connection: when the server closes one just as a page uses it again, the router takes the failed
 * request for a page that must be loaded anew, and what was typed on it is gone.
 */
const KEEP_ALIVE_MS = 610_000;

/** An address whose escapes are broken: the router fails on it before any of our code is asked. */
function isMalformed(url) {
  try {
    decodeURIComponent(url.split("?", 1)[0]);
    return false;
  } catch {
    return true;
  }
}

/** Who asks reads American English: by what the device remembers (words/english.ts), else by the first English its browser names. */
function englishOf({ headers }) {
  const remembered = /(?:^|;\s*)aurelian-english=(en-GB|en-US)/.exec(headers.cookie ?? "")?.[1];
  return (
    remembered ??
    (/\ben(?:-\w+)?/i.exec(headers["accept-language"] ?? "")?.[0].toLowerCase() === "en-us" ? "en-US" : "en-GB")
  );
}

/** The English of the request at hand, for the words of its page. */
const reads = new AsyncLocalStorage();
globalThis[Symbol.for("aurelian.english")] = reads;

const app = next({ dev: false, hostname, port });
await app.prepare();
const handle = app.getRequestHandler();
createServer({ keepAliveTimeout: KEEP_ALIVE_MS }, (request, response) => {
  if (isMalformed(request.url ?? "/")) {
    response.writeHead(400, { "content-type": "text/plain; charset=utf-8" });
    response.end("This address is malformed: a % in it is not followed by two digits that make a letter.");
    return;
  }
  reads.run(englishOf(request), () => void handle(request, response));
}).listen(port, hostname);
