/** `npm start`: installs and builds when needed, then starts with the records of this machine. */
import { buildWhenNeeded, checkNode, installPackages } from "./lib/prepare.mjs";

checkNode();
await installPackages();
await buildWhenNeeded();
await import("./serve.mjs");
