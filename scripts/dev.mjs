import { installPackages, must, requireNode, say } from "./lib/steps.mjs";

requireNode();
installPackages();
say("Starting the development server");
must("npx", ["expo", "start", "--web"], { EXPO_NO_TELEMETRY: "1", EXPO_OFFLINE: "1" });
