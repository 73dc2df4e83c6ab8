import { randomUUID } from "node:crypto";
import { growingSeason, toDay, toIso } from "@/core/dates/index";
import { planLot } from "@/core/ladder/index";
import type { CorrectionName } from "@/core/roots/index";
import { operationOf, usualOperation } from "@/core/window/index";
import { loadPedregal } from "@/demo/load-pedregal";
import { loadTramhalle } from "@/demo/load-tramhalle";
import { senderFor } from "@/demo/sender";
import { openBundle, packBundle, type TreeOnDay, type TreeState, WINDOW_DAYS, type Yard } from "@/model/index";
import { closePools } from "@/server/pool";
import { todayAt } from "@/server/clock";
import { propsOf } from "@/test-support/elements";
import { type CollectionView, viewCollection } from "./kernel/collection/load";
import { makePlans } from "./kernel/collection/planning";
import { CorrectScreen } from "@/features/bench/root-work/screen";
import { CorrectView } from "@/features/bench/root-work/view";
import { LadderScreen } from "@/features/plan/tree/screen";
import { LadderView } from "@/features/plan/tree/view";
import { collectionTasks } from "@/features/plan/tasks";
import { LearningScreen } from "./tree/learning/screen";
import { LearningView } from "./tree/learning/view";
import { PottingBench } from "./bench/potting/bench";
import { PottingScreen } from "./bench/potting/screen";
import { Standing } from "./bench/potting/standing";
import { StandingScreen } from "./bench/potting/standing-screen";
import { winterFacts } from "./winter/facts";
import { StoresScreen } from "./pots/screen";
import { ShelfView } from "./pots/shelf-view";
import { TreeScreen } from "@/features/tree/screen";
import { TreeView } from "@/features/tree/tree-view";
import { TreeWindowsSection } from "./plan/windows/tree-section";
import { WindowsPanel } from "./plan/windows/windows-panel";
import { WinterScreen } from "./winter/pot/screen";
import { WinterView } from "./winter/pot/view";
import { WoodScreen } from "./climate/wood/screen";
import { WoodView } from "./climate/wood/wood-view";

/**
 * All that speaks of a tree on a day says the same: both demos, every other week of two years. Every tree is asked of the model's
 * several answers; a few trees a day, in turn, have their pages opened.
 */
const PAGES_A_DAY = 2;
const STEP_DAYS = 14;
const DECISIONS_IN_TURN = 5;
/** Days before a horizon in which an open stretch may be cut too short to count. */
const CUT_DAYS = 30;

const LONG_MS = 600_000;
let demos: { name: string; view: CollectionView }[] = [];

beforeAll(async () => {
  demos = [];
  for (const [name, load, zone] of [
    ["roof", loadTramhalle, "Europe/Berlin"],
    ["park", loadPedregal, "America/Argentina/Buenos_Aires"],
  ] as const) {
    const id = randomUUID();
    await load(senderFor(id, todayAt(zone)), () => undefined);
    // Plans are made here as threads make them on a server.
    await makePlans((await viewCollection(id))!, { plan: (trees) => Promise.resolve(planLot(trees)) });
    demos.push({ name, view: (await viewCollection(id))! });
  }
}, LONG_MS);
afterAll(() => closePools());

const days = (today: number) => Array.from({ length: 53 }, (_, i) => toIso(today - 364 + i * STEP_DAYS));

/** What every page may say of a tree, in one comparable shape. */
const essence = (state: TreeState) => ({
  ripe: state.wood.ripe,
  stage: state.wood.stage,
  fill: state.fill,
  circling: state.circling,
  due: state.due,
  volumeL: state.volumeL,
  lotId: state.lotId,
  window: state.window,
});

const round = (v: number, digits: number) => Math.round(v * 10 ** digits) / 10 ** digits;

test(
  "every tree: the yard's list, its own page's picture, the whole yard's works and the browser's bundle",
  () => {
    for (const { view } of demos) {
      const browser: Yard = openBundle(packBundle(view.yard, 1)).yard;
      for (const [n, on] of days(view.yard.today).entries()) {
        const there = view.yard.on(on);
        const rows = there.rows;
        expect(browser.on(on).rows).toEqual(rows);
        expect(rows.map((r) => r.id)).toEqual(there.states.map((s) => s.treeId));
        for (const [i, row] of rows.entries()) {
          const day = there.tree(row.id)!;
          const { state } = day;
          expect([row.fill, row.volumeL]).toEqual([round(state.fill.p50, 2), round(state.volumeL.p50, 1)]);
          expect(row.headline).toEqual(day.decision?.headline ?? null);
          expect(row.dueOn).toBe("none" in state.due ? null : state.due.p50);
          expect(row.count).toBe(day.plants);
          const same = browser.on(on).tree(row.id)!;
          expect(essence(same.state)).toEqual(essence(state));
          // The whole decision of some trees a day, in turn; the headline of all of them stands in the rows.
          if ((i + n) % DECISIONS_IN_TURN === 0) expect(same.decision).toEqual(day.decision);
        }
        for (const day of there.living.map(({ id }) => there.tree(id)!)) expect(otherThanPlanned(day)).toBeNull();
        for (const day of inTurn(view, on, n)) {
          const picture = day.tree.picture(on)!;
          expect(browser.tree(day.record.id)!.picture(on)).toEqual(picture);
          expect(essence(picture.state)).toEqual(essence(day.state));
          expect(picture.decision).toEqual(day.decision);
          const { fill, circling } = picture.points.find((p) => p.on === on)!;
          expect([fill[1], circling[1]]).toEqual([day.state.fill.p50, day.state.circling.p50]);
          expect(picture.fits).toEqual(day.fits());
        }
      }
    }
  },
  LONG_MS,
);

test(
  "every tree: the word of its window is that of its list of works and of the whole yard's year",
  () => {
    for (const { name, view } of demos)
      for (const on of days(view.yard.today)) {
        const there = view.yard.on(on);
        const works = new Map(there.works.map((w) => [w.operation, new Map(w.trees.map((t) => [t.treeId, t]))]));
        for (const state of there.states) {
          const day = there.tree(state.treeId)!;
          const operation = usualOperation(day.profile.values.rootShare);
          const [row] = day.windows({ operations: [operation] });
          const about = [name, day.record.tag, on, operation];
          expect([...about, row.open, row.limiting]).toEqual([...about, state.window.open, state.window.limiting]);
          // What lies near the end of the two years may be cut there.
          const surely = toDay(on) + WINDOW_DAYS - CUT_DAYS;
          const within = (p: { from: string; to: string } | null) =>
            p && toDay(p.to) < surely ? [p.from, p.to] : null;
          expect([...about, within(row.periods[0] ?? null)]).toEqual([...about, within(state.window.period)]);
          const year = works.get(operation)?.get(state.treeId);
          if (year) expect([...about, year.open]).toEqual([...about, row.open]);
        }
      }
  },
  LONG_MS,
);

/** A pot that the decision names in the season for it and its plan does not, or the other way; null where they agree. */
function otherThanPlanned(day: TreeOnDay): unknown {
  const { plan, decision } = day;
  const step = plan?.steps.find((s) => s.action !== "replace-top");
  const act = decision?.acts.find((a) => a.pot && !a.pot.same && a.work !== "pot-down" && a.work !== "first-potting");
  const whole = act?.correction?.name === "none" && decision!.headline.code === "do-now";
  if (!plan || !act || whole) return null;
  const { lowL, highL } = act.pot!;
  if (!step)
    return [day.record.tag, decision!.on, decision!.headline.code, act.work, lowL, highL, "no pot in its plan"];
  // A long jump planned for spring is too large late in the season.
  const late = step.season <= growingSeason(day.day, day.yard.latitudeDeg) && step.volumeL > highL;
  const agree = step.action === "up-pot" && (late || step.volumeL <= 1.06 * highL) && step.volumeL >= lowL / 1.06;
  return agree ? null : [day.record.tag, decision!.on, decision!.headline.code, act.work, lowL, highL, step];
}

/** The trees whose pages are opened on the n-th day. */
function inTurn(view: CollectionView, on: string, n: number): TreeOnDay[] {
  const there = view.yard.on(on);
  const { living } = there;
  return Array.from({ length: PAGES_A_DAY }, (_, i) => there.tree(living[(n * PAGES_A_DAY + i) % living.length].id)!);
}

test(
  "pages of a tree on a day: its own, the bench, root work, wind, wood and windows",
  async () => {
    for (const { view } of demos) {
      const collectionId = view.collection.id;
      for (const [n, on] of days(view.yard.today).entries())
        for (const day of inTurn(view, on, n)) {
          const treeId = day.record.id;
          const asked = { collectionId, treeId, on };
          const { state, mass } = day;
          expect(essence(propsOf(await TreeScreen(asked), TreeView).initial.state)).toEqual(essence(state));
          const bench = propsOf(await PottingScreen(asked), PottingBench);
          expect(essence(bench.state)).toEqual(essence(state));
          expect(bench.fits).toEqual(day.fits());
          const correct = propsOf(await CorrectScreen(asked), CorrectView).facts;
          expect([correct.volumeL, correct.believed.fill, correct.massKg]).toEqual([
            state.volumeL.p50,
            state.fill.p50,
            mass?.wetKg ?? null,
          ]);
          if (mass) {
            const wind = propsOf(await StandingScreen(asked), Standing).facts;
            expect([wind.wetKg, wind.volumeL]).toEqual([mass.wetKg, state.volumeL.p50]);
          }
          const panel = propsOf(TreeWindowsSection({ view, treeId, on: toDay(on), stand: undefined }), WindowsPanel);
          const rows = day.windows();
          expect(panel.data.rows.map(({ curve: _, ...row }) => row)).toEqual(rows.map(({ curve: _, ...row }) => row));
          const open = new Map(rows.map((r) => [r.operation, r.open]));
          for (const window of bench.windows) expect(window.open).toBe(open.get(window.operation));
          for (const [correction, window] of Object.entries(correct.windows))
            expect(window.open).toBe(open.get(operationOf(correction as CorrectionName)));
          const wood = propsOf(await WoodScreen({ collectionId, asked: { tree: treeId, on } }), WoodView).picture;
          const at = (toDay(on) - toDay(wood.from)) / wood.stepDays;
          if (Number.isInteger(at)) expect(wood.ripe.p50[at] / 100).toBeCloseTo(state.wood.ripe.p50, 3);
        }
    }
  },
  LONG_MS,
);

test(
  "pages that speak of today: the store, the ladder alone and among all, learning, winter and its standings",
  async () => {
    for (const { view } of demos) {
      const collectionId = view.collection.id;
      const winter = winterFacts(view);
      const { tasks } = await collectionTasks(view);
      const { living } = view.yard.on(view.today);
      for (const { id: treeId } of living.filter((_, i) => i % 5 === 0)) {
        const day = view.yard.tree(treeId)!.on(view.today)!;
        const { state, mass } = day;
        const held = propsOf(await StoresScreen({ collectionId, treeId }), ShelfView).held!;
        expect(held.mixL).toEqual(state.volumeL);
        expect(propsOf(await LearningScreen({ collectionId, treeId }), LearningView).facts.due).toEqual(state.due);
        if (!day.roots.pot) continue;
        expect(propsOf(await WinterScreen({ collectionId, treeId, any: false }), WinterView).facts.volumeL).toBe(
          state.volumeL.p50,
        );
        const standing = winter.known.standings.find((s) => s.treeIds.includes(treeId))!;
        if (standing.treeIds.length === 1)
          expect([standing.eachKg, standing.volumeL, standing.plants]).toEqual([
            mass!.wetKg,
            state.volumeL.p50,
            day.plants,
          ]);
        const task = tasks.find((t) => t.task.treeId === treeId);
        if (!task) continue;
        expect(task.task.problem.tree.volumeL).toEqual(state.volumeL.p50);
        const alone = propsOf(await LadderScreen({ collectionId, treeId }), LadderView).facts;
        expect(alone.problem).toEqual(task.setting.problem);
        // The plan its page shows is the one its school finds on the page of schools.
        const plan = day.plan!;
        const row = alone.rows.find((r) => r.planner === plan.planner)!;
        const shown = row.steps.slice(0, alone.shown).filter((s) => s.action !== "stay");
        if (!plan.pinned && task.task.set === null)
          expect(shown.map((s) => [s.season + alone.firstSeason, s.action, s.volumeL])).toEqual(
            plan.steps.map((s) => [s.season, s.action, s.volumeL]),
          );
      }
    }
  },
  LONG_MS,
);
