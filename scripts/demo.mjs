/** `npm run demo`: installs and builds when needed, then starts with the demo's reading room. */
import { buildWhenNeeded, checkNode, installPackages } from "./lib/prepare.mjs";
import { serveInChild } from "./lib/serve-in-child.mjs";

checkNode();
await installPackages();
await buildWhenNeeded();
process.env.ZIP_STEP_DEMO = "1";
process.env.ZIP_STEP_DATA ??= "data/demo";
serveInChild();
