/**
 * What a page fetches: type imports are left out here, so that only code counts. No island and no component may reach
 * the word list, by whatever way: it is for workers and the server.
 */
module.exports = {
  forbidden: [
    {
      name: "no-page-reaches-the-word-list",
      severity: "error",
      from: { path: "^src/(islands|components)/" },
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
