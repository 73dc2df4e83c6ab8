// Folders of core and rooms of features stand above one another: none asks, however far round, for one that asks for it. Tests are
// left out: they may lean on anything.
module.exports = {
  forbidden: [
    {
      name: "no-folder-circles",
      severity: "error",
      scope: "folder",
      from: { path: "^(core|features)/" },
      to: { circular: true },
    },
  ],
  options: {
    tsConfig: { fileName: "tsconfig.json" },
    doNotFollow: { path: "node_modules" },
    exclude: { path: ["\\.test\\.tsx?$", "^test-support/", "^workers/"] },
    tsPreCompilationDeps: true,
  },
};
