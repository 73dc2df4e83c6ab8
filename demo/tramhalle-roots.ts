import type { CommandInput } from "@/contract/index";
import { toDay, toIso } from "@/core/dates/index";
import { NOTHING_READ } from "@/core/roots/index";
import type { Sender } from "./sender";

/** Balls read face by face, a stake that waits for new roots, and rescues, ended and going on: what the bench's pages show. */
export async function tellRoots(s: Sender, trees: ReadonlyMap<string, string>): Promise<void> {
  const before = (days: number) => toIso(toDay(s.today) - days);
  const tree = (tag: string) => {
    const id = trees.get(tag);
    if (!id) throw new Error(`no tree ${tag} in the demo`);
    return id;
  };
  await s.send("record-roots", {
    treeId: tree("SB-2"),
    on: before(6),
    reading: {
      ...NOTHING_READ,
      faces: { side: { fill: 4, circling: 2 }, base: { fill: null, circling: 3 } },
      colour: "tan",
      firmness: "snaps",
      smell: "earthy",
      flareBelowMm: 40,
      throughHoles: true,
    },
  });
  await s.send("record-roots", {
    treeId: tree("FJ-2"),
    on: before(4),
    reading: {
      ...NOTHING_READ,
      faces: { side: { fill: 4, circling: 1 } },
      colour: "brown",
      firmness: "mushy",
      smell: "sour",
      mix: "sour",
    },
  });
  // Two that came back, one in the middle of it.
  const rescue = (
    tag: string,
    on: string,
    more: Pick<CommandInput<"begin-rescue">, "cause"> & Partial<CommandInput<"begin-rescue">>,
  ) => s.send("begin-rescue", { treeId: tree(tag), on, greenWood: true, liveRoots: 0.6, soakMinutes: 40, ...more });
  const sign = (tag: string, on: string, step: CommandInput<"record-checkpoint">["step"], seen: boolean, note = "") =>
    s.send("record-checkpoint", { treeId: tree(tag), on, step, sign: seen ? "seen" : "failed", note });
  const ended = (tag: string, on: string) => s.send("end-rescue", { treeId: tree(tag), on, how: "recovered" });
  await rescue("R-9", s.day([1, "03-10"]), { cause: "drowned", liveRoots: 0.35, soakMinutes: 0 });
  await sign("R-9", s.day([1, "03-24"]), "no-rot", false, "still smelt of eggs");
  await sign("R-9", s.day([1, "03-31"]), "no-rot", true);
  await ended("R-9", s.day([1, "08-20"]));
  await rescue("R-8", s.day([1, "05-25"]), { cause: "dried-out", liveRoots: 0.7 });
  await sign("R-8", s.day([1, "05-30"]), "weight", true);
  await ended("R-8", s.day([1, "09-10"]));
  await rescue("R-8", before(5), { cause: "dried-out" });
  await sign("R-8", before(5), "alive", true, "green below the second fork");
  await sign("R-8", before(4), "roots", true);
  await sign("R-8", before(0), "weight", false, "as heavy as after the soak");
}
