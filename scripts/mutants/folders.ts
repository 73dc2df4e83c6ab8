/** A folder whose tests are tried, with the tests that must notice and the least share of broken lines they notice. */
export interface Tried {
  folder: string;
  /** Only these files of it. */
  files?: RegExp;
  /** Tests that are run for it: its own, and those that are about nothing else. */
  tests: readonly string[];
  database?: true;
}

/** Of a hundred broken lines so many are noticed at least. */
export const FLOORS = { logic: 85, constant: 90 } as const;

export const TRIED: readonly Tried[] = [
  { folder: "core/quantity", tests: ["core/quantity"] },
  { folder: "core/dates", tests: ["core/dates"] },
  { folder: "core/estimate", tests: ["core/estimate"] },
  { folder: "core/vessel", tests: ["core/vessel", "core/bounds"] },
  { folder: "core/mix", tests: ["core/mix", "core/bounds"] },
  { folder: "core/setting", tests: ["core/setting", "core/bounds"] },
  { folder: "core/wind", tests: ["core/wind"] },
  { folder: "core/event", tests: ["core/event", "core/bounds"] },
  { folder: "core/random", tests: ["core/random"] },
  {
    folder: "features/kernel",
    files: /\/(run|reach|conflicts|days|define)\.ts$/,
    tests: ["features/door.test", "features/commands.test"],
    database: true,
  },
  { folder: "data", tests: ["data", "features/door.test", "features/commands.test"], database: true },
  { folder: "formats", tests: ["formats"] },
];
