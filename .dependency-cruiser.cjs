// The arrows of docs/how-it-works.md as rules: who may import whom.
const folders = [
  "app",
  "calc",
  "contract",
  "core",
  "data",
  "demo",
  "e2e",
  "features",
  "formats",
  "model",
  "scripts",
  "server",
  "ui",
  "workers",
  "standins",
  "solve",
];
const may = {
  app: ["features", "calc", "contract", "server", "ui"],
  features: ["ui", "data", "formats", "server", "model", "contract", "core", "workers"],
  ui: ["contract", "core"],
  data: ["core"],
  formats: ["core"],
  standins: ["core"],
  calc: ["model", "core", "solve"],
  workers: ["model", "core", "calc", "solve"],
  model: ["core"],
  server: ["contract", "core", "data"],
  solve: ["core"],
  contract: ["core"],
  core: [],
  demo: folders.filter((f) => f !== "app"),
  scripts: folders.filter((f) => f !== "app"),
};

module.exports = {
  forbidden: [
    {
      name: "no-circular",
      severity: "error",
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ["type-only"] } },
    },
    {
      name: "no-circles-of-types",
      comment:
        "not even a type may be asked for in a circle; inside the model a day, its tree and its yard name one another",
      severity: "error",
      from: { pathNot: ["\\.test\\.tsx?$", "^model/"] },
      to: { circular: true },
    },
    ...Object.entries(may).map(([from, allowed]) => ({
      name: `${from}-arrows`,
      severity: "error",
      from: { path: `^${from}/`, pathNot: "\\.test\\.tsx?$" },
      to: { path: `^(${folders.filter((f) => f !== from && !allowed.includes(f)).join("|")})/` },
    })),
    {
      name: "model-through-its-door",
      comment: "replay, tracks, windows of a tree and the rest are private to the model: others ask model/index",
      severity: "error",
      from: { pathNot: "^model/" },
      to: { path: "^model/(?!index\\.ts$)" },
    },
    {
      name: "core-is-pure",
      comment: "core and model import nothing but zod: no React, Next, SQL, files or clock",
      severity: "error",
      from: { path: "^(core|model)/", pathNot: "\\.test\\.ts$" },
      to: { path: "node_modules", pathNot: "node_modules/zod" },
    },
    {
      name: "core-no-builtin",
      severity: "error",
      from: { path: "^(core|model)/", pathNot: "\\.test\\.ts$" },
      to: { dependencyTypes: ["core"] },
    },
    {
      name: "core-through-index",
      comment: "inside core, another folder is reached through its index.ts",
      severity: "error",
      from: { path: "^core/([^/]+)/", pathNot: "\\.test\\.ts$" },
      to: { path: "^core/([^/]+)/(?!index\\.ts$).+", pathNot: "^core/$1/" },
    },
  ],
  options: {
    tsConfig: { fileName: "tsconfig.json" },
    doNotFollow: { path: "node_modules" },
    tsPreCompilationDeps: true,
  },
};
