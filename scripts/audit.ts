// npm run audit: every page as people meet it: axe in both themes and both unit systems, heights, layout shift, Lighthouse. Prints a
// table and writes it into docs/interface.md; ends with 1 where axe finds something or a page is wider than a phone.
import { mkdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { execFileSync } from "node:child_process";
import path from "node:path";
import { type Browser, chromium } from "@playwright/test";
import { type Look, look, pageOf, type Screen } from "./audit/look";
import { scoresOf } from "./audit/lighthouse";
import { type AuditedPage, auditedPages } from "./audit/pages";
import { buildIfChanged } from "./lib/build";
import { databaseEnv, startDatabase } from "./lib/mariadb";
import { freePort } from "./lib/ports";
import { sleep } from "./lib/processes";
import { startWeb } from "./lib/web";

const dir = path.resolve(".aurelian", "audit");
const BEGIN = "<!-- audit -->";
const END = "<!-- /audit -->";
/** Judged by Lighthouse: the pages people open most. */
const WEIGHED = ["today", "trees", "plan", "winter", "pots", "climate"];
const MOST_SCREENS = 4;

interface Row {
  page: AuditedPage;
  looks: { screen: Screen; theme: "light" | "dark"; units: string; look: Look }[];
}

/** The first collection that is there, and a tree of it. */
async function firstTree(browser: Browser, url: string): Promise<{ collection: string; treeId: string }> {
  const page = await browser.newPage();
  await page.goto(url, { waitUntil: "networkidle" });
  const collection = /\/c\/[0-9a-f-]{36}/.exec(`${page.url()} ${await page.content()}`)?.[0];
  if (!collection) throw new Error("no collection to look at");
  await page.goto(`${url}${collection}/trees?view=rows`, { timeout: 120_000 });
  await plansMade(`${url}${collection}/plans`);
  const treeId = /\/tree\/([0-9a-f-]{36})/.exec(await page.content())?.[1];
  await page.close();
  if (!treeId) throw new Error("no tree to look at");
  return { collection, treeId };
}

/** The first page sets off the plans of all trees: looked at while they are made, every page would be slow. */
async function plansMade(address: string): Promise<void> {
  for (let tries = 0; tries < 300; tries++) {
    const { making } = (await (await fetch(address)).json()) as { making: boolean };
    if (!making) return;
    await sleep(1000);
  }
  throw new Error("the plans of the trees were not made in five minutes");
}

/** Units are a setting of the collection: they are changed as a keeper changes them. */
async function setUnits(url: string, collection: string, units: "metric" | "us"): Promise<void> {
  const body = JSON.stringify({ collectionId: collection.slice(3), commandId: crypto.randomUUID(), units });
  const headers = { "content-type": "application/json", origin: url };
  const answer = await fetch(`${url}/api/commands/set-units`, { method: "POST", headers, body });
  if (!answer.ok) throw new Error(`units could not be set: ${await answer.text()}`);
}

async function rowsOf(browser: Browser, url: string): Promise<Row[]> {
  const { collection, treeId } = await firstTree(browser, url);
  const rows = auditedPages(treeId).map((page): Row => ({ page, looks: [] }));
  for (const [units, theme, screen] of [
    ["metric", "light", "phone"],
    ["metric", "dark", "desk"],
    ["us", "dark", "phone"],
    ["us", "light", "desk"],
  ] as const) {
    await setUnits(url, collection, units);
    const page = await pageOf(browser, screen, theme);
    for (const row of rows)
      row.looks.push({ screen, theme, units, look: await look(page, `${url}${collection}/${row.page.path}`, screen) });
    await page.context().close();
    console.log(`  ${units}, ${theme}, ${screen}: ${rows.length} pages`);
  }
  return rows;
}

const most = (row: Row, value: (l: Look) => number) => Math.max(...row.looks.map(({ look: l }) => value(l)));
const phone = (row: Row) => row.looks.find((l) => l.screen === "phone")!.look;

function line(row: Row): string {
  const axe = [...new Set(row.looks.flatMap(({ look: l }) => l.axe))];
  const { screens } = phone(row);
  const long = !row.page.list && screens > MOST_SCREENS ? " (too long)" : "";
  const shift = most(row, (l) => l.shift);
  return `| ${row.page.name} | ${axe.length === 0 ? "none" : axe.join(", ")} | ${screens.toFixed(1)}${row.page.list ? ", a list" : long} | ${shift.toFixed(3)} |`;
}

async function main(): Promise<void> {
  rmSync(dir, { recursive: true, force: true });
  mkdirSync(dir, { recursive: true });
  const database = await startDatabase(dir, await freePort(43370), (text) => console.log(`  ${text}`));
  const env = {
    ...databaseEnv(database.address),
    AURELIAN_OWNER_USER: database.ownerAddress.user,
    AURELIAN_OWNER_PASSWORD: database.ownerAddress.password,
    AURELIAN_DATA_DIR: dir,
  };
  await buildIfChanged();
  execFileSync(process.execPath, ["--conditions=react-server", "--import", "tsx", "scripts/load-demo.ts"], {
    stdio: "inherit",
    env: { ...process.env, ...env },
  });
  const web = await startWeb(dir, await freePort(4370), env);
  const debugPort = await freePort(9370);
  const browser = await chromium.launch({
    executablePath: "/usr/bin/chromium",
    args: ["--no-sandbox", "--disable-gpu", `--remote-debugging-port=${debugPort}`],
  });
  try {
    const rows = await rowsOf(browser, web.url);
    const { collection } = await firstTree(browser, web.url);
    const scores: string[] = [];
    for (const name of WEIGHED) {
      const s = await scoresOf(`${web.url}${collection}/${name}`, debugPort);
      scores.push(`| ${name} | ${s.accessibility} | ${s.performance} | ${s.shift.toFixed(3)} |`);
      console.log(`  ${scores.at(-1)}`);
    }
    const text = [
      `Measured on ${new Date().toISOString().slice(0, 10)} by \`npm run audit\` on the demo: axe in day and evening, metric and US units, 390 x 844 and 1280 x 800; heights in phone screens; layout shift the worst of the four.`,
      "",
      "| page | axe | phone screens | layout shift |",
      "|---|---|---|---|",
      ...rows.map(line),
      "",
      "| Lighthouse, mobile | accessibility (≥ 95) | performance (≥ 80) | layout shift (< .05) |",
      "|---|---|---|---|",
      ...scores,
    ].join("\n");
    console.log(text);
    const doc = readFileSync("docs/interface.md", "utf8");
    const [before, rest] = doc.split(BEGIN);
    writeFileSync("docs/interface.md", `${before}${BEGIN}\n${text}\n${END}${(rest ?? "").split(END)[1] ?? "\n"}`);
    const bad = rows.filter((row) => row.looks.some(({ look: l }) => l.axe.length > 0 || l.wider));
    for (const row of bad) console.log(`to be mended: ${row.page.name}`);
    if (bad.length > 0) process.exitCode = 1;
  } finally {
    await browser.close();
    await web.stop();
    await database.stop();
    rmSync(dir, { recursive: true, force: true });
  }
}

await main();
