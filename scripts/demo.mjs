import { buildApp, installPackages, must, requireNode, say } from "./lib/steps.mjs";

requireNode();
await installPackages();
await buildApp();
say("Serving the demonstration. Stop with Ctrl+C");
await must("npx", ["tsx", "server/main.ts"], { LOGBOOK: "demo" });
