import { buildApp, installPackages, requireNode } from "./lib/steps.mjs";

requireNode();
installPackages();
await buildApp();
