import { calculate } from "@/calc/registry";
import { planLot, type PlanTask } from "@/core/ladder/index";
import { ModelBuilder } from "@/core/linear/index";
import { OPEN_AIR } from "@/core/place/index";
import { type OutlookTask, outlookOf, siteWinter, UNPROTECTED, type WinterPlace } from "@/core/shelter/index";
import { profileOf } from "@/core/species/index";
import { problem } from "@/test-support/ladder";
import { PRACTISED, siteOf } from "@/test-support/sites";
import work, { type ThreadTask } from "./plan.server";

/** What a thread gets and gives crosses as plain data: nothing may be lost on the way. */
const across = (task: ThreadTask) => structuredClone(task);

test("a lot of ladders is planned as it would be here", async () => {
  const task: PlanTask = {
    treeId: "t",
    planner: "small-steps",
    problem: problem("small-steps"),
    firstSeason: 2026,
    agreed: [],
    set: null,
    hold: null,
    withHold: false,
  };
  expect(await work(across({ kind: "plan", trees: [task] }))).toEqual(planLot([task]));
});

test("a winter is reckoned as it would be here", async () => {
  const site = siteOf(PRACTISED.continental, { today: "2026-09-01" });
  const apple = profileOf({ kindId: "apple", typedName: null, habit: null });
  const open: WinterPlace = { id: "open", air: OPEN_AIR, light: 3, raised: false, wrap: null, mulched: false };
  const task: OutlookTask = {
    site: siteWinter(site, 2026, 2),
    trees: [
      {
        id: "a",
        volumeL: 12,
        wall: "smooth-plastic",
        frostProof: null,
        protection: UNPROTECTED,
        limits: { youngC: apple.rootKillYoungC, matureC: apple.values.rootKillMatureC },
        habit: apple.parameters[0],
        chillPortions: 50,
        even: false,
        homeId: null,
        coolForBloom: false,
        bringInNightC: null,
        inBelowC: null,
      },
    ],
    places: [],
    openPlace: open,
    risk: 0.1,
  };
  expect(await work(across({ kind: "winter", task }))).toEqual(outlookOf(task));
});

test("models are solved, and calculations answered as by name", async () => {
  const b = new ModelBuilder();
  b.row([[b.column(2, { whole: true }), 1]], { lower: 2.5 });
  const solved = await work(across({ kind: "solve", model: b.model, limits: { timeLimitS: 5, gap: 0 } }));
  expect(solved).toMatchObject({ status: "optimal", cost: 6, values: [3] });
  const input = { shape: "round", topWidthMm: 300, baseWidthMm: 220, heightMm: 280 };
  expect(await work(across({ kind: "calc", name: "vessel.volume", input }))).toEqual(calculate("vessel.volume", input));
  expect(await work(across({ kind: "calc", name: "no.such", input }))).toEqual(calculate("no.such", input));
});
