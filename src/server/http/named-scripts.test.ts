import { describe, expect, it } from "vitest";
import { withScriptsNamed } from "./named-scripts.ts";

const IMPORTS = {
  "/_astro/Bench.js": ["/_astro/Bench.js", "/_astro/common.js", "/_astro/menus.js"],
  "/_astro/Plan.js": ["/_astro/Plan.js", "/_astro/common.js", "/_astro/lists.js"],
  "/_astro/client.js": ["/_astro/client.js", "/_astro/common.js"],
};

const part = (script: string, client: string, props = "{}") =>
  `<astro-island uid="1" component-url="/_astro/${script}.js" renderer-url="/_astro/client.js" props="${props}" ssr client="${client}" await-children><p>drawn</p></astro-island>`;
const page = (...parts: string[]) => `<html><head><title>Zip Step</title></head><body>${parts.join("")}</body></html>`;
const named = (html: string) =>
  [...withScriptsNamed(html, IMPORTS).matchAll(/<link rel="modulepreload" href="([^"]*)">/g)].map(([, href]) => href);

describe("scripts named in a page's head", () => {
  it("are those of the page's own parts and all they ask for, each once", () => {
    expect(named(page(part("Bench", "load"), part("Plan", "load")))).toEqual([
      ...IMPORTS["/_astro/Bench.js"],
      "/_astro/client.js",
      "/_astro/Plan.js",
      "/_astro/lists.js",
    ]);
  });

  it("are not those of parts that come after the screen", () => {
    expect(named(page(part("Bench", "after")))).toEqual([]);
    expect(named(page(part("Plan", "after"), part("Bench", "load")))).not.toContain("/_astro/Plan.js");
  });

  it("stand at the end of the head, and the rest of the page stays as it was", () => {
    const before = page(part("Plan", "load"));
    const after = withScriptsNamed(before, IMPORTS);
    expect(after.replaceAll(/<link rel="modulepreload"[^>]*>/g, "")).toBe(before);
    expect(after).toMatch(/<title>Zip Step<\/title><link rel="modulepreload".*<\/head><body>/);
  });

  it("do not depend on what stands in a part's properties", () => {
    const said = "{&#34;title&#34;:&#34;a > b, $&, client=load&#34;}";
    expect(named(page(part("Bench", "load", said)))).toContain("/_astro/menus.js");
    expect(named(page(part("Bench", "after", said)))).toEqual([]);
  });

  it("are none where the build has told of none, and no script is named that it has not told of", () => {
    const html = page(part("Bench", "load"), part("Unknown", "load"));
    expect(withScriptsNamed(html, {})).toBe(html);
    expect(named(html)).not.toContain("/_astro/Unknown.js");
  });
});
