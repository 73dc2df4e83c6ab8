// npm run soak: what a bad hour brings, bounded in count and time, on a database and a server of its own. Ends with 1 when anything that was
// acknowledged is lost, a page does not open, or an answer is not one of those that were agreed. `-- --tiny` is what the tests run.
import { randomUUID } from "node:crypto";
import { mkdirSync, rmSync } from "node:fs";
import path from "node:path";
import { parseArgs } from "node:util";
import { buildIfChanged } from "./lib/build";
import { homeOf } from "./lib/database-user";
import { type Database, databaseEnv, startDatabase } from "./lib/mariadb";
import { freePort } from "./lib/ports";
import { readPid, sleep } from "./lib/processes";
import { startWeb, type WebServer } from "./lib/web";

const { values } = parseArgs({ options: { tiny: { type: "boolean", default: false } } });
/** How often each thing is done. */
const COUNTS = values.tiny
  ? { kills: 2, flood: 60, calculations: 48, dates: 40, bodies: 1 }
  : { kills: 12, flood: 400, calculations: 300, dates: 400, bodies: 4 };

const dir = path.resolve(".aurelian", "soak");
const problems: string[] = [];
const check = (good: boolean, what: string) => {
  if (!good) problems.push(what);
};

let database: Database;
let web: WebServer;
const id = randomUUID();
const acknowledged = new Set<string>();

async function start(port: number): Promise<void> {
  web = await startWeb(dir, port, { ...databaseEnv(database.address), AURELIAN_DATA_DIR: dir });
}

interface Answer {
  status: number;
  body: { ok?: boolean; entryId?: string; faults?: { path: string; message: string }[] } | null;
}

async function send(name: string, input: Record<string, unknown>): Promise<Answer> {
  try {
    const response = await fetch(`${web.url}/api/commands/${name}`, {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify({ commandId: randomUUID(), collectionId: id, ...input }),
    });
    return { status: response.status, body: (await response.json()) as Answer["body"] };
  } catch {
    // Killed under our hands: nothing was acknowledged.
    return { status: 0, body: null };
  }
}

const treeId = randomUUID();
const note = (text: string, on = "2026-05-01") => send("add-note", { treeId, on, text });

async function found(): Promise<void> {
  const answers = {
    latitudeDeg: 48,
    longitudeDeg: 11,
    elevationM: 500,
    coldestNightC: -15,
    lastSpringFrost: "05-01",
    firstAutumnFrost: "10-12",
  };
  check((await send("create-collection", { name: "Soak", zone: "UTC", answers })).status === 200, "no collection");
  const pot = { known: "about", litres: 10, wall: "smooth-plastic" };
  const plain = {
    kindId: "fig",
    typedName: null,
    habit: null,
    cultivar: null,
    purpose: "crop",
    count: 1,
    form: "container",
  };
  const rest = { lastPotted: null, finalVolumeL: null, trunkMm: null, heightM: null, arrivedOn: "2020-01-01", pot };
  check((await send("add-tree", { treeId, tag: "S-1", ...plain, ...rest })).status === 200, "no tree");
}

/** Every page that must open whatever happened. */
async function pagesOpen(when: string): Promise<void> {
  for (const page of ["trees", `tree/${treeId}`, "log", "climate"]) {
    const response = await fetch(`${web.url}/c/${id}/${page}`).catch(() => null);
    check(response?.status === 200, `${when}: ${page} answered ${response?.status ?? "nothing"}`);
    await response?.text();
  }
}

/** The server, or the database, is killed while notes are written; each acknowledged one must be there afterwards. */
async function kills(port: number): Promise<void> {
  for (let k = 0; k < COUNTS.kills; k++) {
    const writing = (async () => {
      for (let i = 0; i < 200; i++) {
        const text = `kill ${k}, note ${i}`;
        const answer = await note(text);
        if (answer.body?.ok) acknowledged.add(text);
        if (answer.status === 0) return;
      }
    })();
    await sleep(500 + ((k * 137) % 700));
    if (k % 2 === 0) {
      process.kill(web.child.pid!, "SIGKILL");
      await writing;
      await sleep(100);
      await start(port);
    } else {
      process.kill(readPid(path.join(dir, "db.pid"))!, "SIGKILL");
      await writing;
      const address = database.address.port;
      database = await startDatabase(dir, address, () => undefined);
    }
  }
}

async function nothingLost(): Promise<void> {
  const response = await fetch(`${web.url}/c/${id}/tree/${treeId}`);
  const html = await response.text();
  const lost = [...acknowledged].filter((text) => !html.includes(text));
  // A long history shows its newest part: what is not on the page is asked of the search.
  for (const text of lost) {
    const found = await (await fetch(`${web.url}/c/${id}/search?q=${encodeURIComponent(text)}`)).text();
    check(found.includes(text), `lost: ${text}`);
  }
}

/** Many at once: every one is answered, kept or told to come again. */
async function floods(): Promise<void> {
  const answers = await Promise.all(Array.from({ length: COUNTS.flood }, (_, i) => note(`flood ${i}`)));
  answers.forEach(({ status, body }, i) => {
    if (body?.ok) acknowledged.add(`flood ${i}`);
    check(status === 200 || status === 503, `flood: ${status}`);
  });
  const input = { fill: 0.4, circling: 1, vigour: "moderate", degreeDays: 800, wall: "timber" };
  const ask = () =>
    fetch(`${web.url}/api/calc/roots.grow`, {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify(input),
    });
  const calculations = await Promise.all(Array.from({ length: COUNTS.calculations }, ask));
  for (const { status } of calculations) check(status === 200 || status === 429, `calculation: ${status}`);
}

/** Bodies that are too large, too deep or no JSON at all. */
async function bodies(): Promise<void> {
  const post = async (body: string) =>
    (await fetch(`${web.url}/api/commands/add-note`, { method: "POST", body })).status;
  for (let i = 0; i < COUNTS.bodies; i++) {
    check((await post("x".repeat(6_000_000))) === 413, "a body of 6 MB was taken");
    check((await post("[".repeat(1_000_000))) === 400, "a body a million deep was taken");
    check((await post("{")) === 400, "half a body was taken");
  }
}

/** Days of all ages: those in reach are kept, the others refused at their field, and every page opens afterwards. */
async function dates(): Promise<void> {
  for (let i = 0; i < COUNTS.dates; i++) {
    const year = i % 2 === 0 ? (i * 7919) % 10_000 : 1700 + ((i * 37) % 330);
    const on = `${String(year).padStart(4, "0")}-0${1 + (i % 9)}-1${i % 10}`;
    const { status, body } = await note(`day ${on}`, on);
    if (body?.ok) acknowledged.add(`day ${on}`);
    const known = status === 200 || (body?.faults?.[0]?.path.startsWith("on") ?? false);
    check(known, `${on}: ${status} ${JSON.stringify(body?.faults)}`);
    check(status !== 200 || (year >= 1726 && year <= 2026), `${on} was kept`);
  }
}

async function main(): Promise<void> {
  const began = Date.now();
  for (const folder of new Set([homeOf(dir), dir])) rmSync(folder, { recursive: true, force: true });
  mkdirSync(dir, { recursive: true });
  await buildIfChanged();
  database = await startDatabase(dir, await freePort(43370), () => undefined);
  const port = await freePort(4370);
  await start(port);
  await found();
  for (const [name, work] of [
    ["kills", () => kills(port)],
    ["floods", floods],
    ["bodies", bodies],
    ["dates", dates],
  ] as const) {
    await work();
    await pagesOpen(`after ${name}`);
    console.log(`  ${name}: done, ${acknowledged.size} writes acknowledged so far`);
  }
  await nothingLost();
  console.log(
    `  ${acknowledged.size} acknowledged writes, ${problems.length === 0 ? "none lost, every page opens" : `${problems.length} problems`} (${Math.round((Date.now() - began) / 1000)} s)`,
  );
}

main()
  .catch((error: unknown) => problems.push(String(error)))
  .then(async () => {
    await web?.stop();
    await database?.stop();
    for (const folder of new Set([homeOf(dir), dir])) rmSync(folder, { recursive: true, force: true });
    for (const problem of problems.slice(0, 20)) console.error(`  ✘ ${problem}`);
    process.exit(problems.length === 0 ? 0 : 1);
  })
  .catch((error: unknown) => {
    console.error(error);
    process.exit(1);
  });
