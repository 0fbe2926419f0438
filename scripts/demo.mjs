import { buildApp, installPackages, must, requireNode, say } from "./lib/steps.mjs";

requireNode();
installPackages();
await buildApp();
say("Serving the demonstration. Stop with Ctrl+C");
must("npx", ["tsx", "server/main.ts"], { LOGBOOK: "demo" });
