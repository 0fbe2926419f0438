import { installPackages, must, requireNode, say } from "./lib/steps.mjs";

requireNode();
await installPackages();
say("Starting the development server");
await must("npx", ["expo", "start", "--web"], { EXPO_NO_TELEMETRY: "1", EXPO_OFFLINE: "1" });
