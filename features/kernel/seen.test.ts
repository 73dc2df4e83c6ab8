import { rememberOwn, saidOf } from "./seen";

test("a command says the state its page was made from, and which newer revisions its own tab wrote", () => {
  const page = { collectionId: "c", revision: 5, epoch: 1 };
  expect(saidOf(null)).toEqual({});
  expect(saidOf(page)).toEqual({ baseRevision: 5, epoch: 1 });
  rememberOwn(page, 7);
  rememberOwn(page, 9);
  expect(saidOf(page)).toEqual({ baseRevision: 5, epoch: 1, ownRevisions: [7, 9] });
  expect(saidOf({ ...page, revision: 7 })).toEqual({ baseRevision: 7, epoch: 1, ownRevisions: [9] });
  // Revisions are counted anew after a restore, and by each collection.
  expect(saidOf({ ...page, epoch: 2 })).toEqual({ baseRevision: 5, epoch: 2 });
  expect(saidOf({ ...page, collectionId: "d" })).toEqual({ baseRevision: 5, epoch: 1 });
});
