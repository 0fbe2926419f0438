/* Several logbook files as one, on standard output: merge -- a.json b.json … */
import { readFileSync } from "node:fs";
import { mergeLogbooks } from "../src/exchange/mergeLogbooks";
import { fail } from "./lib/logbook";

const names = process.argv.slice(2);
if (names.length < 2) fail("name two logbook files or more that Sereno saved");
const files = names.map((name) => {
  try {
    return { name, text: readFileSync(name, "utf8") };
  } catch {
    return fail(`${name} cannot be read`);
  }
});
const merged = mergeLogbooks(files);
if (!merged.ok) fail(merged.problem);
for (const broken of merged.broken) console.error(`left out: ${broken}`);
process.stdout.write(`${merged.text}\n`);
