/** `npm start`: installs and builds when needed, then starts with the records of this machine. */
import { buildWhenNeeded, checkNode, installPackages } from "./lib/prepare.mjs";
import { serveInChild } from "./lib/serve-in-child.mjs";

checkNode();
await installPackages();
await buildWhenNeeded();
serveInChild();
