import net from "node:net";

export function isFree(port: number, host = "127.0.0.1"): Promise<boolean> {
  return new Promise((resolve) => {
    const server = net.createServer();
    server.once("error", () => resolve(false));
    server.listen({ port, host, exclusive: true }, () => server.close(() => resolve(true)));
  });
}

/** The wanted port, or the next free one after it. */
export async function freePort(wanted: number): Promise<number> {
  for (let port = wanted; port < wanted + 100; port++) if (await isFree(port)) return port;
  throw new Error(`No free port between ${wanted} and ${wanted + 99}.`);
}
