import { AxeBuilder } from "@axe-core/playwright";
import type { Browser, Page } from "@playwright/test";

export interface Look {
  /** Findings of axe, by their rule. */
  axe: string[];
  /** Height of the page in screens. */
  screens: number;
  /** Layout shift since the page was asked for. */
  shift: number;
  wider: boolean;
}

const PHONE = { width: 390, height: 844 };
const DESK = { width: 1280, height: 800 };
const SCREENS = { phone: PHONE, desk: DESK } as const;
export type Screen = keyof typeof SCREENS;

/** Charts and pictures have come in by then, ms. */
const SETTLED_MS = 700;

export async function pageOf(browser: Browser, screen: Screen, theme: "light" | "dark"): Promise<Page> {
  const page = await (await browser.newContext({ viewport: SCREENS[screen], colorScheme: theme })).newPage();
  await page.addInitScript(() => {
    const seen = { shift: 0 };
    (window as unknown as { seen: typeof seen }).seen = seen;
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries() as unknown as { value: number; hadRecentInput: boolean }[])
        if (!entry.hadRecentInput) seen.shift += entry.value;
    }).observe({ type: "layout-shift", buffered: true });
  });
  return page;
}

/** One page as it stands once everything on it has come in. */
export async function look(page: Page, url: string, screen: Screen): Promise<Look> {
  await page.goto(url, { waitUntil: "networkidle", timeout: 90_000 });
  await page.waitForTimeout(SETTLED_MS);
  const { height, width, shift } = await page.evaluate(() => ({
    height: document.documentElement.scrollHeight,
    width: document.documentElement.scrollWidth,
    shift: (window as unknown as { seen: { shift: number } }).seen.shift,
  }));
  const { violations } = await new AxeBuilder({ page }).analyze();
  return {
    axe: violations.map((v) => v.id),
    screens: height / SCREENS[screen].height,
    shift,
    wider: width > SCREENS[screen].width,
  };
}
