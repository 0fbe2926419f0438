/* The whole check: types, lint, unit, build, end to end. Ends with "N passed, N failed". */
import { existsSync, mkdirSync, readFileSync, rmSync } from "node:fs";
import process from "node:process";
import {
  buildApp,
  installChromium,
  installPackages,
  requireNode,
  run,
  runQuietly,
  say,
} from "./lib/steps.mjs";

let passed = 0;
let failed = 0;
/* However it ends, by packages that cannot be had or a build that breaks too, the last line is the count. */
process.on("exit", (code) => {
  if (code !== 0 && failed === 0) failed = 1;
  console.log(`\n${passed} passed, ${failed} failed`);
});

requireNode();
await Promise.all([installPackages(), installChromium()]);
mkdirSync(".cache", { recursive: true });

/** Checks that each pass or fail as a whole, side by side with other work; their output comes once each is done. */
async function checks(all, besides) {
  say(`Side by side: ${all.map(({ name }) => name).join(", ")}, building`);
  await Promise.all([
    besides(),
    ...all.map(async ({ name, command, with: runner = "npx" }) => {
      const { code, output } = await runQuietly(runner, command);
      console.log(`${code === 0 ? "✓" : "✗"} ${name}${code === 0 ? "" : `\n${output}`}`);
      if (code === 0) passed += 1;
      else failed += 1;
    }),
  ]);
}

/** A test runner that writes its counts as JSON. */
async function tests(name, command, args, report, read, env) {
  say(name);
  rmSync(report, { force: true });
  const code = await run(command, args, env);
  const counts = existsSync(report)
    ? read(JSON.parse(readFileSync(report, "utf8")))
    : { passed: 0, failed: 1 };
  passed += counts.passed;
  failed += counts.failed + (code !== 0 && counts.failed === 0 ? 1 : 0);
}

/* Looking the sources over takes half as long as building the app. */
await checks(
  [
    { name: "Lint", command: ["oxlint", "-c", "oxlint.config.mjs"] },
    { name: "Types", command: ["tsc", "--noEmit"] },
    { name: "Format", command: ["oxfmt", "--check"] },
    { name: "Unused code", command: ["knip"] },
    { name: "Messages", with: "node", command: ["scripts/messages.mjs", "--check"] },
  ],
  buildApp,
);
await tests(
  "Unit tests",
  "npx",
  ["jest", "--maxWorkers=100%", "--json", "--outputFile", ".cache/jest.json"],
  ".cache/jest.json",
  ({ numPassedTests, numFailedTests, numFailedTestSuites }) => ({
    passed: numPassedTests,
    failed: Math.max(numFailedTests, numFailedTestSuites),
  }),
);
await tests(
  "End to end",
  "npx",
  ["playwright", "test", "--reporter", "list,json"],
  ".cache/e2e.json",
  ({ stats }) => ({
    passed: stats.expected,
    failed: stats.unexpected + stats.flaky,
  }),
  { PLAYWRIGHT_JSON_OUTPUT_NAME: ".cache/e2e.json" },
);

process.exit(failed === 0 ? 0 : 1);
