/** Dependencies point one way: app → features → ui, db, workers → core. */
const core = "^src/core/";
const shared = "^src/(ui|db|workers|reports|container)/";

module.exports = {
  forbidden: [
    { name: "no-circular", severity: "error", from: {}, to: { circular: true } },
    {
      name: "core-is-pure",
      comment: "core knows the trade and nothing else: no framework, no database, no clock.",
      severity: "error",
      from: { path: core, pathNot: "(\\.(test|bench)\\.ts|/fixtures/any\\.ts)$" },
      to: { pathNot: [core, "^node_modules/zod/", "^node_modules/@noble/hashes/", "^node_modules/fft.js/"] },
    },
    {
      name: "shared-below-features",
      severity: "error",
      from: { path: shared },
      to: { path: "^src/(features|app)/" },
    },
    {
      name: "ui-has-no-database",
      severity: "error",
      from: { path: "^src/(ui|workers)/" },
      to: { path: "^src/db/", dependencyTypesNot: ["type-only"] },
    },
    {
      name: "db-has-no-interface",
      severity: "error",
      from: { path: "^src/db/" },
      to: { path: "^src/(ui|workers)/" },
    },
    {
      name: "reports-know-core-alone",
      comment: "A report is made in a process of its own, from plain data.",
      severity: "error",
      from: { path: "^src/reports/" },
      to: { path: "^src/(ui|db|server|features|workers|app)/" },
    },
    {
      name: "features-stay-apart",
      severity: "error",
      from: { path: "^src/features/([^/]+)/" },
      to: { path: "^src/features/", pathNot: "^src/features/$1/" },
    },
    {
      name: "features-below-app",
      severity: "error",
      from: { path: "^src/features/" },
      to: { path: "^src/app/" },
    },
    {
      name: "areas-through-their-face",
      comment: "An area of core is used through its index.ts, inside core too.",
      severity: "error",
      from: { path: "^src/(?!core/)" },
      to: { path: "^src/core/[^/]+/(?!index\\.ts$)" },
    },
    {
      name: "areas-of-core-through-their-face",
      severity: "error",
      from: { path: "^src/core/([^/]+)/" },
      to: { path: "^src/core/", pathNot: ["^src/core/$1/", "^src/core/[^/]+/index\\.ts$"] },
    },
    {
      name: "entries-are-shown-without-schemas-and-lines",
      comment: "A page shows entries before it can check or read any: schemas and lines load behind it.",
      severity: "error",
      from: { path: "^src/core/kinds/([^/]+/(index|values)|record|entries|words)\\.ts$" },
      to: {
        path: [
          "^node_modules/zod/",
          "^src/core/kinds/[^/]+/(payload|line)\\.ts$",
          "^src/core/kinds/(stored|lines|body)\\.ts$",
        ],
        dependencyTypesNot: ["type-only"],
      },
    },
    {
      name: "fixtures-are-for-tests",
      severity: "error",
      from: { path: "^src/", pathNot: ["^src/core/fixtures/", "\\.(test|bench|fixture)\\.ts$", "/fixtures\\.ts$"] },
      to: { path: "^src/core/fixtures/" },
    },
    { name: "resolvable", severity: "error", from: {}, to: { couldNotResolve: true } },
  ],
  options: {
    tsConfig: { fileName: "tsconfig.json" },
    tsPreCompilationDeps: true,
    doNotFollow: { path: "node_modules" },
    exclude: { path: "\\.css$" },
    enhancedResolveOptions: {
      exportsFields: ["exports"],
      conditionNames: ["import", "require", "node", "default", "types"],
    },
  },
};
