/** The rules of the house: imports only go down (docs/architecture.md). */
const only = (name, from, allowed, comment) => ({
  name,
  comment,
  severity: "error",
  from: { path: from, pathNot: "\\.test\\.tsx?$" },
  to: { path: "^src/", pathNot: allowed },
});

/** The floors inside the core, the lowest first: a folder imports only from those before it, and from itself. */
const CORE_FLOORS = [
  "random",
  "statistics",
  "sounds",
  "spelling",
  "lexicon",
  "scope",
  "nonsense",
  "chains",
  "families",
  "oral",
  "texts",
  "responses",
  "evidence",
  "practice",
  "materials",
  "school",
  "formats",
];

const coreFloors = CORE_FLOORS.map((folder, floor) => ({
  name: `core-${folder}-stays-on-its-floor`,
  comment: "Inside the core imports go one way: the order of the floors stands above.",
  severity: "error",
  from: { path: `^src/core/${folder}/`, pathNot: "\\.test\\.ts$" },
  to: { path: `^src/core/(${[...CORE_FLOORS.slice(floor + 1), "index\\.ts", "light\\.ts"].join("|")})` },
}));

module.exports = {
  forbidden: [
    ...coreFloors,
    {
      name: "every-core-folder-has-a-floor",
      comment: "A new folder of the core is put into CORE_FLOORS above.",
      severity: "error",
      from: { path: `^src/core/(?!(?:${CORE_FLOORS.join("|")})/)[^/]+/` },
      to: {},
    },
    {
      name: "no-circles",
      severity: "error",
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ["type-only"] } },
    },
    only(
      "core-stays-below",
      "^src/core/",
      ["^src/core/", "^src/data/"],
      "The core knows nothing of what stands on it.",
    ),
    only("data-is-data", "^src/data/", ["^src/data/"], "Data tables import nothing of ours."),
    only(
      "workers-on-core",
      "^src/workers/",
      ["^src/workers/", "^src/core/(index|light)\\.ts$"],
      "Workers reach the core by its public entry.",
    ),
    only(
      "server-on-core",
      "^src/server/",
      ["^src/server/", "^src/schemas/", "^src/core/(index|light)\\.ts$"],
      "The server reaches the core by its public entry.",
    ),
    only(
      "schemas-on-light-core",
      "^src/schemas/",
      ["^src/schemas/", "^src/core/light\\.ts$"],
      "What endpoints take is known to pages as well: no word list.",
    ),
    {
      name: "screens-take-types-from-the-server",
      comment: "Islands and components may know what the server answers, never run its code.",
      severity: "error",
      from: { path: "^src/(islands|components)/", pathNot: "\\.(test|fixture)\\.tsx?$" },
      to: { path: "^src/server/", dependencyTypesNot: ["type-only"] },
    },
    {
      name: "screens-on-what-is-light",
      comment: "Of all below them islands and components run what needs no word list (.dependency-cruiser.pages.cjs).",
      severity: "error",
      from: { path: "^src/(islands|components)/", pathNot: "\\.(test|fixture)\\.tsx?$" },
      to: {
        path: "^src/",
        pathNot: ["^src/(islands|components|schemas|styles)/", "^src/core/light\\.ts$"],
        dependencyTypesNot: ["type-only"],
      },
    },
    {
      name: "no-word-list-in-a-page",
      comment: "The word list is for workers and the server: pages use core/light.",
      severity: "error",
      from: { path: "^src/(islands|components)/", pathNot: "\\.(test|fixture)\\.tsx?$" },
      to: { path: ["^src/core/(?!light\\.ts$)", "^src/data/"] },
    },
    {
      name: "core-is-pure",
      comment:
        "No files, clock, network or interface in the core; packages of statistics, which have none either, may be used.",
      severity: "error",
      from: { path: "^src/core/", pathNot: "\\.test\\.ts$" },
      to: { dependencyTypes: ["core", "npm"], pathNot: "^node_modules/(jstat|ml-hclust)/" },
    },
    only("pages-hand-over", "^src/pages/api/", ["^src/server/"], "Endpoints parse, call the server, answer."),
  ],
  options: {
    doNotFollow: { path: "node_modules" },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: "tsconfig.json" },
    enhancedResolveOptions: { extensions: [".ts", ".tsx", ".json", ".mjs", ".js"] },
  },
};
