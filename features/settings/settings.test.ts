import { randomUUID } from "node:crypto";
import { runInNewContext } from "node:vm";
import { closePools } from "@/server/pool";
import { hasTestDatabase } from "@/test-support/database";
import { TestYard } from "@/test-support/yard";
import { THEME_KEY, THEME_SCRIPT } from "./theme";

const onDatabase = hasTestDatabase() ? describe : describe.skip;

onDatabase("the collection's own settings", () => {
  const yard = new TestYard();
  beforeAll(() => yard.found());
  afterAll(() => closePools());

  test("its name and the chance of a loss its keeper takes are kept; what is said again is no change", async () => {
    await yard.ok("describe-collection", { name: "  Roof  ", risk: 0.05 });
    const { collection } = await yard.view();
    expect([collection.name, collection.risk]).toEqual(["Roof", 0.05]);
    expect(await yard.fault("describe-collection", { name: "Roof", risk: 0.05 }, "name")).toBe("nothing-changed");
  });

  test.each([
    [{ name: " ", risk: 0.1 }, "name", "collection-name-needed"],
    [{ name: "x".repeat(121), risk: 0.1 }, "name", "too-big"],
    [{ name: "Roof", risk: 0 }, "risk", "too-small"],
    [{ name: "Roof", risk: 0.51 }, "risk", "too-big"],
  ])("%j is refused at %s", async (input, path, code) => {
    expect(await yard.fault("describe-collection", input, path)).toBe(code);
  });

  test("every window follows the chance that is taken", async () => {
    const treeId = randomUUID();
    await yard.tree("A-1", { treeId, kindId: "quince" });
    const lengthAt = async (risk: number) => {
      await yard.ok("describe-collection", { name: `Roof ${risk}`, risk });
      const view = await yard.view();
      const [row] = view.yard
        .tree(treeId)!
        .on(view.yard.today)!
        .windows({ operations: ["up-pot"] });
      return row.periods.reduce((days, p) => days + (Date.parse(p.to) - Date.parse(p.from)) / 86_400_000, 0);
    };
    expect(await lengthAt(0.4)).toBeGreaterThan(await lengthAt(0.02));
  });
});

describe("the theme is said before the first picture", () => {
  const run = (kept: string | null, broken = false) => {
    const dataset: Record<string, string> = {};
    const localStorage = {
      getItem: (key: string) => {
        if (broken) throw new Error("no storage");
        return key === THEME_KEY ? kept : null;
      },
    };
    // The page's own text, run as a browser would.
    runInNewContext(THEME_SCRIPT, { localStorage, document: { documentElement: { dataset } } });
    return dataset.theme;
  };
  test.each([
    ["evening", "evening"],
    ["day", "yard"],
    ["device", undefined],
    [null, undefined],
    ["midnight", undefined],
  ])("remembered %s: %s", (kept, theme) => expect(run(kept)).toBe(theme));
  test("without a memory the device decides", () => expect(run("evening", true)).toBeUndefined());
});
