/** The pages that are looked at, of one collection; those that are lists may be as long as they are. */
export interface AuditedPage {
  path: string;
  name: string;
  list: boolean;
}

export const auditedPages = (treeId: string): AuditedPage[] =>
  (
    [
      ["today", "Today", true],
      ["trees", "Trees", true],
      ["trees/windows", "Working windows", true],
      [`tree/${treeId}`, "A tree", false],
      [`tree/${treeId}/pot`, "Pot up", false],
      [`tree/${treeId}/roots`, "Root check", false],
      [`tree/${treeId}/correct`, "Correct the roots", false],
      [`tree/${treeId}/plan`, "A tree’s plan", false],
      [`tree/${treeId}/winter`, "A pot’s winter", false],
      ["plan", "Plan", true],
      ["winter", "Winter", false],
      ["winter/moves", "Moving plan", true],
      ["winter/watch", "Tonight", false],
      ["pots", "Pots & mixes", true],
      ["pots/mixes", "Compare mixes", false],
      ["pots/mixing", "Mix & buy", false],
      ["pots/big", "Big containers", false],
      ["pots/products", "Feeds", false],
      ["climate", "Climate", false],
      ["climate/ahead", "Next ten days", false],
      ["climate/wood", "Wood & hardiness", false],
      ["climate/places", "Places", true],
      ["climate/records", "Weather records", false],
      ["add", "Add a tree", false],
      ["arrival", "New arrival", false],
      ["walk", "Walk-round", false],
      ["import", "Import & export", false],
      ["people", "People", false],
      ["settings", "Settings", false],
      ["learning", "Trees to check next", true],
    ] as const
  ).map(([path, name, list]) => ({ path, name, list }));
