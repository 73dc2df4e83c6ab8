import { eventPayload } from "./event";
import { type EventTrait, eventIs } from "./traits";

const KINDS = eventPayload.options.map((option) => option.shape.kind.value);
const those = (trait: EventTrait) => KINDS.filter((kind) => eventIs(kind, trait)).sort();

test.each<[EventTrait, string[]]>([
  ["names-pot", ["arrived", "identified", "joined", "potted"]],
  ["carries", ["arrived", "joined", "potted", "split-from", "split-off", "stocked"]],
  ["movable", ["measured", "noted", "photographed", "placed", "potted", "roots-read"]],
  ["pegged", ["arrived", "noted", "potted", "roots-read"]],
  ["of-wood", ["fed", "potted", "pruned", "wood-read"]],
  [
    "describes",
    [
      "arrived",
      "conditioned",
      "described",
      "kind-said",
      "lot-described",
      "matched",
      "measured",
      "place-built",
      "place-described",
      "split-from",
      "winter-word",
    ],
  ],
])("%s", (trait, kinds) => {
  expect(those(trait)).toEqual(kinds);
});

test("what cannot be read is nothing", () => {
  for (const trait of ["names-pot", "carries", "movable"] as const) expect(eventIs("unreadable", trait)).toBe(false);
});
