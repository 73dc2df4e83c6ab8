import { randomUUID } from "node:crypto";
import { closePools } from "@/server/pool";
import { TestYard } from "@/test-support/yard";
import { answerQuery } from "@/server/queries";
import { fold } from "@/words/fold";
import { findTrees, search } from "./find";

afterAll(() => closePools());

const yard = new TestYard();
const placeId = randomUUID();
beforeAll(async () => {
  await yard.found();
  await yard.ok("add-place", { placeId, name: "Küchenwand", kind: "sheltered" });
  await yard.tree("AP-1", { kindId: "apple", cultivar: "Grey Pippin", placeId });
  await yard.tree("AP-10", { kindId: "apple" });
  await yard.tree("AP-2", { kindId: "apple", note: "Scale insects found under the label, treated twice." });
  await yard.tree("FG-1", { kindId: "fig", motherName: "Old apple shed" });
  const gone = await yard.tree("AP-3", { kindId: "apple" });
  await yard.ok("end-tree", {
    treeId: gone,
    on: "2026-05-01",
    how: "died",
    count: 1,
    cause: "frost",
    potLeaves: false,
    note: "apple canker",
  });
});
const find = async (query: string) => {
  const { loaded } = await yard.view();
  return findTrees(loaded, yard.today, query);
};
const tags = async (query: string) => (await find(query)).map((f) => f.tag);

test("a tag that is typed whole comes first, then tags that begin so, in the order of their numbers", async () => {
  expect((await tags("ap-1")).slice(0, 2)).toEqual(["AP-1", "AP-10"]);
  expect((await tags("AP")).slice(0, 3)).toEqual(["AP-1", "AP-2", "AP-10"]);
});

test("accents and case do not matter, nor does the language of the name", async () => {
  expect(fold("Küchenwand ÉTÉ")).toBe("kuchenwand ete");
  expect(await tags("kuchen")).toEqual(["AP-1"]);
  expect(await tags("MALUS pippin")).toEqual(["AP-1"]);
});

test("every word must be found; what is found in a note is shown where it stands", async () => {
  const [found] = await find("apple scale");
  expect(found.tag).toBe("AP-2");
  expect(found.note).toMatch(/^Scale insects/);
  const [later] = await find("twice");
  expect(later.note).toMatch(/^…/);
  expect(await tags("apple zebra")).toEqual([]);
  expect(await tags("   ")).toEqual([]);
  // No sign of a pattern is one here.
  expect(await tags("ap.1 (")).toEqual([]);
});

test("a kind is found by its other names, one of many, its genus and with a letter wrong; trees of that name stand before", async () => {
  expect(await tags("appel")).toEqual(["AP-1", "AP-2", "AP-10", "AP-3"]);
  expect(await tags("fig trees")).toEqual(["FG-1"]);
  expect(await tags("Ficus carcia")).toEqual(["FG-1"]);
  expect(await tags("Malus sylvestris")).toEqual(["AP-1", "AP-2", "AP-10", "AP-3"]);
  expect(await tags("lemmon")).toEqual([]);
});

test("its own name weighs more than where it came from; those that left come last and are marked", async () => {
  const found = await find("apple");
  expect(found.map((f) => f.tag)).toEqual(["AP-1", "AP-2", "AP-10", "FG-1", "AP-3"]);
  expect(found.map((f) => f.gone)).toEqual([false, false, false, false, true]);
});

test("over HTTP: what is found, nothing for what is no collection, and a question that was not asked is told", async () => {
  const get = (id: string, query = "?q=fig") =>
    answerQuery("search", new Request(`http://127.0.0.1/${query}`), Promise.resolve({ id }), (c, { q }) =>
      search(c, q),
    );
  const answer = await get(yard.id);
  expect(((await answer.json()) as { found: { tag: string }[] }).found.map((f) => f.tag)).toEqual(["FG-1"]);
  expect(answer.headers.get("server-timing")).toMatch(/^search;dur=/);
  expect((await get("no-uuid")).status).toBe(404);
  expect((await get(randomUUID())).status).toBe(404);
  const unasked = await get(yard.id, "");
  expect(unasked.status).toBe(400);
  expect(await unasked.json()).toEqual({ ok: false, code: "invalid", faults: [{ path: "q", code: "missing" }] });
});
