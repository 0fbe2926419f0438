/*
 * Stryker's runner for Jest, but a change is met by the files of those tests alone that reach it: the
 * runner picks tests by their names, and would load every file of the room to find that it has none of them.
 */
import { existsSync, readFileSync, writeFileSync } from "node:fs";
import { strykerPlugins as jestPlugins } from "@stryker-mutator/jest-runner";

const [jest] = jestPlugins;

function byFile(injector) {
  const runner = jest.factory(injector);
  const { dryRun, mutantRun, run } = runner;
  let only;
  runner.dryRun = async (options) => {
    const result = await dryRun.call(runner, options);
    /* One worker runs all tests once; the others learn from this file where each lies. */
    const at = (result.tests ?? []).map(({ id, fileName }) => [id, fileName]);
    writeFileSync(process.env.MUTATE_TESTS, JSON.stringify(at));
    return result;
  };
  runner.mutantRun = async (options) => {
    only = filesOf(options.testFilter);
    try {
      return await mutantRun.call(runner, options);
    } finally {
      only = undefined;
    }
  };
  runner.run = (settings) => {
    const jestConfig = only ? { ...settings.jestConfig, testMatch: only } : settings.jestConfig;
    return run.call(runner, { ...settings, jestConfig });
  };
  return runner;
}
byFile.inject = jest.factory.inject;

function filesOf(tests) {
  if (!tests || !existsSync(process.env.MUTATE_TESTS)) return undefined;
  const wanted = new Set(tests);
  const known = JSON.parse(readFileSync(process.env.MUTATE_TESTS, "utf8"));
  return [...new Set(known.filter(([id]) => wanted.has(id)).map(([, file]) => file))];
}

export const strykerPlugins = [{ kind: jest.kind, name: "jestByFile", factory: byFile }];
