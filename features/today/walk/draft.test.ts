import { freshDraft, remembered, stepAfter, WALK_STEPS, type WalkMemory, walkDraft } from "./draft";

const memory: WalkMemory = { kinds: ["Fig"], wall: "terracotta", saved: 2 };

test("a fresh tree starts at its tag with the wall of the one before", () => {
  const draft = freshDraft("T-4", memory, "id");
  expect(draft).toMatchObject({ step: "tag", tag: "T-4", wall: "terracotta", widthMm: null });
  expect(walkDraft.safeParse(JSON.parse(JSON.stringify(draft))).success).toBe(true);
});

test("the kind used last is offered first, each once, five at most", () => {
  let m: WalkMemory = { kinds: [], wall: "glazed", saved: 0 };
  for (const kind of ["Fig", "Bay", "Fig", "Olive", "Pear", "Peach", "Quince", ""])
    m = remembered(m, { ...freshDraft("x", m, "id"), kind });
  expect(m.kinds).toEqual(["Quince", "Peach", "Pear", "Olive", "Fig"]);
  expect(m.saved).toBe(8);
});

test("a new tree passes every step, a known one is not asked its kind", () => {
  const path = (known: boolean) => {
    const steps = [WALK_STEPS[0]];
    while (steps.at(-1) !== "photo") steps.push(stepAfter(steps.at(-1)!, known));
    return steps;
  };
  expect(path(false)).toEqual(["tag", "kind", "width", "height", "feel", "photo"]);
  expect(path(true)).toEqual(["tag", "width", "height", "feel", "photo"]);
});
