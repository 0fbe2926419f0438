/* The whole check: types, lint, unit, build, end to end. Ends with "N passed, N failed". */
import { existsSync, mkdirSync, readFileSync, rmSync } from "node:fs";
import process from "node:process";
import { buildApp, installChromium, installPackages, requireNode, run, say } from "./lib/steps.mjs";

requireNode();
installPackages();
installChromium();
mkdirSync(".cache", { recursive: true });

let passed = 0;
let failed = 0;

/** One check that passes or fails as a whole. */
function check(name, command, args) {
  say(name);
  if (run(command, args) === 0) passed += 1;
  else failed += 1;
}

/** A test runner that writes its counts as JSON. */
function tests(name, command, args, report, read, env) {
  say(name);
  rmSync(report, { force: true });
  const code = run(command, args, env);
  const counts = existsSync(report)
    ? read(JSON.parse(readFileSync(report, "utf8")))
    : { passed: 0, failed: 1 };
  passed += counts.passed;
  failed += counts.failed + (code !== 0 && counts.failed === 0 ? 1 : 0);
}

check("Types", "npx", ["tsc", "--noEmit"]);
check("Lint", "npx", ["eslint", ".", "--max-warnings", "0"]);
check("Format", "npx", ["prettier", "--check", "--log-level", "warn", "."]);
check("Unused code", "npx", ["knip"]);
tests(
  "Unit tests",
  "npx",
  ["jest", "--maxWorkers=100%", "--json", "--outputFile", ".cache/jest.json"],
  ".cache/jest.json",
  ({ numPassedTests, numFailedTests, numFailedTestSuites }) => ({
    passed: numPassedTests,
    failed: Math.max(numFailedTests, numFailedTestSuites),
  }),
);
await buildApp();
tests(
  "End to end",
  "npx",
  ["playwright", "test", "--reporter", "list,json"],
  ".cache/e2e.json",
  ({ stats }) => ({ passed: stats.expected + stats.flaky, failed: stats.unexpected }),
  { PLAYWRIGHT_JSON_OUTPUT_NAME: ".cache/e2e.json" },
);

console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
