import { readFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import node from "@astrojs/node";
import react from "@astrojs/react";
import tailwindcss from "@tailwindcss/vite";
import { defineConfig } from "astro/config";
import { build } from "esbuild";
import { compressFiles } from "./scripts/lib/compress-files.mjs";
import { writeScriptImports } from "./scripts/lib/script-imports.mjs";
import { sharedScriptOf } from "./scripts/lib/shared-scripts.mjs";

/**
 * Builds what runs beside the part that Astro builds: what listens and looks at every request (src/server/door/), and the
 * thread that holds the word list (src/server/words/). Then notes which scripts ask for which, and compresses what browsers
 * fetch.
 */
const door = {
  name: "door",
  hooks: {
    "astro:build:done": async () => {
      const path = (file) => fileURLToPath(new URL(file, import.meta.url));
      await build({
        entryPoints: {
          entry: path("src/server/door/start.ts"),
          "words-worker": path("src/server/words/worker.ts"),
          "backup-worker": path("src/server/backup/worker.ts"),
        },
        outdir: path("dist/server"),
        outExtension: { ".js": ".mjs" },
        bundle: true,
        platform: "node",
        format: "esm",
        packages: "external",
      });
      writeScriptImports(path("dist/client/_astro"), path("dist/server/script-imports.json"));
      await compressFiles(path("dist/client"));
    },
  },
};

/** `client:after`: when parts that stand on many screens begin to listen. */
const clientAfter = {
  name: "client-after",
  hooks: {
    "astro:config:setup": ({ addClientDirective }) =>
      addClientDirective({ name: "after", entrypoint: "./src/islands/shared/client-after.ts" }),
  },
};

/**
 * In the workers' scripts the word list is not written into the script but fetched: a megabyte that is one file for all
 * three of them, and that the browser reads as JSON in place of compiling it.
 */
const fetchedWordList = () => {
  const file = fileURLToPath(new URL("src/data/lexicon/lexicon.json", import.meta.url));
  const fetched = "\0fetched-word-list";
  return {
    name: "fetched-word-list",
    apply: "build",
    enforce: "pre",
    async resolveId(source, importer) {
      if (!source.endsWith("/lexicon.json")) return undefined;
      const found = await this.resolve(source, importer, { skipSelf: true });
      return found?.id === file ? fetched : undefined;
    },
    load(id) {
      if (id !== fetched) return undefined;
      const reference = this.emitFile({ type: "asset", name: "lexicon.json", source: readFileSync(file) });
      return `export default await (await fetch(import.meta.ROLLUP_FILE_URL_${reference})).json();`;
    },
  };
};

/** Modules that many screens need lie together in a few scripts; the server's are left as they are. */
const sharedScripts = {
  name: "shared-scripts",
  config: (_config, { isSsrBuild }) =>
    isSsrBuild
      ? undefined
      : { build: { rollupOptions: { output: { manualChunks: sharedScriptOf, onlyExplicitManualChunks: true } } } },
};

export default defineConfig({
  output: "server",
  // A page is whole before its first byte is sent: what goes wrong in it is answered as such.
  adapter: node({ mode: "middleware", experimentalDisableStreaming: true }),
  integrations: [react(), clientAfter, door],
  server: { host: "127.0.0.1", port: 4321 },
  devToolbar: { enabled: false },
  // Nothing here needs pictures made anew, and the endpoint that would do it takes addresses from whoever asks.
  image: { endpoint: { entrypoint: "./src/server/http/no-images.ts" } },
  build: { serverEntry: "app.mjs", inlineStylesheets: "never" },
  // Only the hashes of the scripts that Astro writes into pages are taken from it (src/middleware.ts).
  experimental: { csp: { algorithm: "SHA-256" } },
  vite: {
    plugins: [tailwindcss(), sharedScripts],
    worker: { format: "es", plugins: () => [fetchedWordList()] },
    build: {
      // Every script is a file of ours, none stands in a page.
      assetsInlineLimit: 0,
      target: "es2022",
      // It would compress every script once more, to print how long it is.
      reportCompressedSize: false,
      // React's own functions stand by themselves, not all within another that is read twice: once while the script is
      // fetched, and once more on the page's thread when it is called.
      commonjsOptions: { strictRequires: "auto" },
    },
    ssr: {
      // PGlite finds its own files beside its module: it must not be bundled.
      external: ["@electric-sql/pglite"],
      // Some 500 small files: looked for and read one by one they took a fifth of a start.
      noExternal: ["devalue", "drizzle-orm", "heap", "ml-hclust", "ml-matrix", "zod"],
    },
  },
});
