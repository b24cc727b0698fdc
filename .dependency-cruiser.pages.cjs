/**
 * What a page fetches: type imports are left out here, so that only code counts. What islands and components may import of
 * all below them (`screens-on-what-is-light`) does not reach the word list, by whatever way: it is for workers and the server.
 */
module.exports = {
  forbidden: [
    {
      name: "no-page-reaches-the-word-list",
      severity: "error",
      from: { path: "^src/(core/light\\.ts$|schemas/)" },
      to: { path: "^src/(data/lexicon/|core/lexicon/shipped\\.ts)", reachable: true },
    },
  ],
  options: {
    doNotFollow: { path: "node_modules" },
    exclude: { path: ["^src/workers/", "\\.(test|fixture)\\.tsx?$"] },
    tsPreCompilationDeps: false,
    tsConfig: { fileName: "tsconfig.json" },
    enhancedResolveOptions: { extensions: [".ts", ".tsx", ".json", ".mjs", ".js"] },
  },
};
