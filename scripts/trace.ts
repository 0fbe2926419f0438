/* Where a lot or bottle came from and where it went: --logbook file.json --code CODE. */
import { parseArgs } from "node:util";
import { readCode } from "../src/records/codes";
import { shelfOf, traceCode } from "../src/logbook/shelf/trace";
import { fail, openLogbookFile } from "./lib/logbook";

const { values } = parseArgs({
  options: { logbook: { type: "string" }, code: { type: "string" } },
});
const { records } = openLogbookFile(values.logbook);
if (!values.code) fail("--code: give the code of a lot or a bottle");
const shelf = shelfOf(records);
const traced = traceCode(values.code, shelf);
if (!traced) {
  const read = readCode(
    values.code,
    [...shelf.bottles, ...shelf.lots].map(({ code }) => code),
  );
  const near = "near" in read && read.near.length > 0 ? `; near it: ${read.near.join(", ")}` : "";
  fail(`--code: nothing in this logbook has the code ${values.code}${near}`);
}
console.log(JSON.stringify(traced));
