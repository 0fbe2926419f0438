/* Changes the code in small ways and says which changes no test noticed: mutate -- ROOM [FILES…], a room being a folder of src/. */
import path from "node:path";
import { Stryker } from "@stryker-mutator/core";

const [room, ...files] = process.argv.slice(2);
if (!room) {
  console.error("name a room: npm run mutate -- core/shelf");
  process.exit(1);
}
const name = room.replace(/^src\//, "").replace(/\/$/, "");
const at = `src/${name}`;
process.env.MUTATED = name;
process.env.MUTATE_TESTS = path.resolve(".cache/mutate-tests.json");
const mutate =
  files.length > 0
    ? files.map((file) => `${at}/${file}`)
    : [`${at}/**/*.ts`, `!${at}/**/*.test.ts`];

const results = await new Stryker({
  mutate,
  plugins: ["@stryker-mutator/jest-runner", path.resolve("scripts/mutateByFile.mjs")],
  testRunner: "jestByFile",
  jest: { configFile: "scripts/mutateJest.config.js", enableFindRelatedTests: false },
  /* Nothing reads it in the copy that is changed, and it would be rewritten by a compiler's interface that is gone. */
  tsconfigFile: "none",
  coverageAnalysis: "perTest",
  ignoreStatic: true,
  tempDirName: ".cache/stryker",
  ignorePatterns: ["dist", ".expo", ".cache", "test-results", "docs", "e2e"],
  reporters: ["clear-text", "progress-append-only"],
  clearTextReporter: { logTests: false, reportScoreTable: true, allowColor: false },
  thresholds: { high: 90, low: 80, break: null },
  concurrency: Number(process.env.WORKERS ?? 3),
  timeoutMS: 20_000,
}).runMutationTest();
const killed = results.filter(({ status }) => ["Killed", "Timeout"].includes(status)).length;
const alive = results.filter(({ status }) => ["Survived", "NoCoverage"].includes(status)).length;
console.log(`${room}: ${killed} of ${killed + alive} noticed`);
