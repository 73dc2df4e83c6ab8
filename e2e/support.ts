import { PLAIN_TREE } from "../test-support/inputs";
import { randomUUID } from "node:crypto";
import { AxeBuilder } from "@axe-core/playwright";
import { type APIRequestContext, expect, type Locator, type Page } from "@playwright/test";

/** The fixed day of the test server. */
export const TODAY = "2026-05-15";

export const NORTH = {
  latitudeDeg: 48.3,
  longitudeDeg: 11.9,
  elevationM: 540,
  coldestNightC: -16,
  lastSpringFrost: "05-01",
  firstAutumnFrost: "10-14",
};
export const SOUTH = {
  latitudeDeg: -38.6,
  longitudeDeg: 175.9,
  elevationM: 120,
  coldestNightC: -3,
  lastSpringFrost: "09-20",
  firstAutumnFrost: "06-01",
};

export const round = (topWidthMm: number, baseWidthMm: number, heightMm: number) => ({
  known: "measured",
  vessel: { shape: "round", topWidthMm, baseWidthMm, heightMm, wall: "smooth-plastic" },
});

export class World {
  readonly id = randomUUID();
  constructor(private readonly request: APIRequestContext) {}

  async send(name: string, input: Record<string, unknown>): Promise<{ entryId: string }> {
    const data = { commandId: randomUUID(), collectionId: this.id, ...input };
    const post = () => this.request.post(`/api/commands/${name}`, { data });
    // The server may close a connection that stood idle just as it is used again: the same commandId again records once.
    const response = await post().catch((error: unknown) => {
      if (!String(error).includes("ECONNRESET")) throw error;
      return post();
    });
    const answer = (await response.json()) as { ok: boolean; entryId: string };
    expect(answer, `${name}: ${JSON.stringify(answer)}`).toMatchObject({ ok: true });
    return answer;
  }

  async tree(tag: string, more: Record<string, unknown> = {}): Promise<string> {
    const treeId = randomUUID();
    await this.send("add-tree", {
      treeId,
      tag,
      ...PLAIN_TREE,
      arrivedOn: "2023-04-01",
      pot: round(220, 165, 205),
      ...more,
    });
    return treeId;
  }

  async pots(name: string, pot: unknown, count = 2): Promise<string> {
    const lotId = randomUUID();
    await this.send("stock-pots", { lotId, name, pot, count, price: null, on: "2020-01-01" });
    return lotId;
  }

  roots(treeId: string, on: string, fillGrade: number, circlingGrade: number) {
    return this.send("record-roots", { treeId, on, fillGrade, circlingGrade });
  }

  url(path: string): string {
    return `/c/${this.id}/${path}`;
  }
}

/** Waits until the plans that a page set off are made: it reads itself once more when they are. */
export async function plansMade(page: Page, w: World): Promise<void> {
  await expect
    .poll(async () => ((await (await page.request.get(w.url("plans"))).json()) as { making: boolean }).making, {
      timeout: 30_000,
    })
    .toBe(false);
  await page.reload();
  await listening(page);
}

/** A collection of its own for each spec, made through the same door as the screens use. */
export async function world(request: APIRequestContext, answers: typeof NORTH = NORTH): Promise<World> {
  const w = new World(request);
  await w.send("create-collection", { name: "Test yard", zone: "UTC", answers });
  return w;
}

export async function expectNoSeriousFindings(page: Page): Promise<void> {
  const { violations } = await new AxeBuilder({ page }).analyze();
  const serious = violations.filter((v) => v.impact === "serious" || v.impact === "critical");
  expect(
    serious.map(
      (v) =>
        `${v.id}: ${v.nodes
          .map((n) => n.target.join(" "))
          .slice(0, 4)
          .join(" | ")}`,
    ),
  ).toEqual([]);
}

/** Fails the test on any error the page reports: a broken script, a blocked resource. */
export function watchErrors(page: Page): string[] {
  const errors: string[] = [];
  page.on("pageerror", (error) => errors.push(String(error)));
  page.on("console", (message) => {
    if (message.type() === "error") errors.push(`${message.text()} at ${message.location().url}`);
  });
  return errors;
}

/** Opens a page and waits until its forms and drawings have woken up: what is done to them before is lost. */
export async function visit(page: Page, url: string): Promise<void> {
  await page.goto(url);
  await listening(page);
}

/** Waits until what was loaded listens: before that keys and clicks are lost. */
async function listening(page: Page): Promise<void> {
  await page.waitForFunction(() =>
    [...document.querySelectorAll("form, input[type=file], [role=slider], ol[data-on], [data-bench]")].every(
      (element) => Object.keys(element).some((key) => key.startsWith("__reactProps")),
    ),
  );
}

/** Presses a page key until it is heard: right after loading nobody listens yet. */
export async function pressUntil(page: Page, key: string, shown: Locator): Promise<void> {
  await expect(async () => {
    if (!(await shown.isVisible())) await page.keyboard.press(key);
    await expect(shown).toBeVisible({ timeout: 500 });
  }).toPass();
}

/** Unfolds the strip of the year on a page that is not about it. */
export async function openStrip(page: Page): Promise<void> {
  await page.getByRole("button", { name: "Change the day" }).click();
}

/** Opens one of the four parts of a tree's page. */
export async function openPart(page: Page, name: "Roots & wood" | "Potting" | "Winter" | "Log"): Promise<void> {
  const part = page.getByRole("button", { name, exact: false }).and(page.locator("[aria-controls^=part-]"));
  if ((await part.getAttribute("aria-expanded")) !== "true") await part.click();
}
