import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { differences } from "./checks";
import { filesOf, isDue, listBackups, type Manifest, readManifest, refuseUnusable, sha256Of } from "./manifest";
import { prune } from "./make";

const dir = mkdtempSync(path.join(tmpdir(), "aurelian-backup-"));
afterAll(() => rmSync(dir, { recursive: true, force: true }));

async function written(name: string, createdAt: string, more: Partial<Manifest> = {}): Promise<Manifest> {
  const { dump, manifest } = filesOf(path.join(dir, name));
  writeFileSync(dump, `dump of ${name}`);
  const value: Manifest = {
    format: 1,
    createdAt,
    profile: "own",
    server: "x",
    migrations: ["001_a.sql"],
    dump: { file: path.basename(dump), bytes: 1, sha256: await sha256Of(dump) },
    tables: { tree: { rows: 1, sha256: "a" } },
    ...more,
  };
  writeFileSync(manifest, JSON.stringify(value));
  return value;
}

test("both files of a backup are found from the name of either", () => {
  for (const name of ["b/x", "b/x.sql.gz", "b/x.json"])
    expect(filesOf(name)).toEqual({ dump: "b/x.sql.gz", manifest: "b/x.json" });
});

test("damage, a missing half and a newer schema are told apart, in words", async () => {
  const good = await written("a", "2026-05-01T00:00:00.000Z");
  const { dump } = filesOf(path.join(dir, "a"));
  const refused = (m: Manifest, file = dump) => refuseUnusable(m, file, ["001_a.sql", "002_b.sql"]);
  await expect(refused(good)).resolves.toBeUndefined();
  await expect(refused({ ...good, migrations: ["001_a.sql", "009_z.sql"] })).rejects.toThrow(
    /newer program.*009_z.*Update the program/s,
  );
  await expect(refused(good, `${dump}x`)).rejects.toThrow(/missing/);
  writeFileSync(dump, "something else");
  await expect(refused(good)).rejects.toThrow(/damaged/);
  expect(() => readManifest(path.join(dir, "nowhere.json"))).toThrow(/two files/);
  writeFileSync(path.join(dir, "bad.json"), "{");
  expect(() => readManifest(path.join(dir, "bad.json"))).toThrow(/damaged/);
  rmSync(path.join(dir, "bad.json"));
});

test("the oldest go when there are too many; files that are no backups are left alone", async () => {
  await written("c", "2026-05-03T00:00:00.000Z");
  await written("b", "2026-05-02T00:00:00.000Z");
  writeFileSync(path.join(dir, "notes.json"), "{}");
  expect(listBackups(dir).map((b) => path.basename(b.stem))).toEqual(["a", "b", "c"]);
  expect(prune(dir, 0)).toBe(0);
  expect(prune(dir, 2)).toBe(1);
  expect(listBackups(dir).map((b) => path.basename(b.stem))).toEqual(["b", "c"]);
  expect(listBackups(path.join(dir, "none"))).toEqual([]);
});

test("a backup is due when none is there or the newest is old enough; never without a rhythm", () => {
  const now = new Date("2026-05-15T12:00:00Z");
  expect(isDue(null, now, 24)).toBe(true);
  expect(isDue(new Date("2026-05-14T12:00:00Z"), now, 24)).toBe(true);
  expect(isDue(new Date("2026-05-14T13:00:00Z"), now, 24)).toBe(false);
  expect(isDue(null, now, 0)).toBe(false);
});

test("tables that differ are named, with how", () => {
  const check = (rows: number, sha256: string) => ({ rows, sha256 });
  expect(
    differences(
      { a: check(1, "x"), b: check(2, "y"), c: check(3, "z") },
      { a: check(1, "x"), b: check(2, "Y"), d: check(0, "") },
    ),
  ).toEqual(["b: the same number of rows, but not the same content", "c: missing", "d: not expected"]);
  expect(differences({ a: check(1, "x") }, { a: check(4, "x") })).toEqual(["a: 1 rows expected, 4 found"]);
});
