import { TestYard } from "@/test-support/yard";
import { hasTestDatabase } from "@/test-support/database";
import { closePools } from "@/server/pool";

const onDatabase = hasTestDatabase() ? describe : describe.skip;

onDatabase("rescues", () => {
  const yard = new TestYard();
  beforeAll(() => yard.found());
  afterAll(() => closePools());

  const begin = (treeId: string, on = "2026-05-01", more: object = {}) => ({
    treeId,
    on,
    cause: "dried-out",
    greenWood: true,
    liveRoots: 0.7,
    soakMinutes: 40,
    ...more,
  });

  test("a rescue begins once, makes the tree dry, and ends with it well again", async () => {
    const treeId = await yard.tree("RS-1");
    await yard.ok("begin-rescue", begin(treeId));
    expect(await yard.fault("begin-rescue", begin(treeId, "2026-05-03"), "treeId")).toBe("rescue-goes-on");
    await yard.ok("record-checkpoint", { treeId, on: "2026-05-06", step: "weight", sign: "failed", note: "heavy" });
    await yard.ok("end-rescue", { treeId, on: "2026-05-10", how: "recovered" });
    expect(await yard.kinds(treeId)).toEqual([
      "arrived",
      "rescue-begun",
      "health",
      "checkpoint",
      "rescue-ended",
      "health",
    ]);
    expect(
      await yard.fault("record-checkpoint", { treeId, on: "2026-05-11", step: "buds", sign: "seen" }, "treeId"),
    ).toBe("no-rescue");
    await yard.ok("begin-rescue", begin(treeId, "2026-05-12"));
  });

  test("what cannot be is said at its field", async () => {
    const treeId = await yard.tree("RS-2");
    expect(await yard.fault("begin-rescue", begin(treeId, "2026-05-01", { cause: undefined }), "cause")).toBe(
      "rescue-cause-needed",
    );
    expect(await yard.fault("begin-rescue", begin(treeId, "2026-05-01", { liveRoots: 1.4 }), "liveRoots")).toBe(
      "too-big",
    );
    expect(await yard.fault("begin-rescue", begin(treeId, "2026-05-01", { soakMinutes: 2000 }), "soakMinutes")).toBe(
      "soak-drowns",
    );
    expect(await yard.fault("end-rescue", { treeId, on: "2026-05-01", how: "lost" }, "treeId")).toBe("no-rescue");
  });
});
