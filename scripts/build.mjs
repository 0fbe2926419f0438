import { buildApp, installPackages, requireNode } from "./lib/steps.mjs";

requireNode();
await installPackages();
await buildApp();
