/*
 * Gathers all that Sereno says into one catalogue, locales/en.po, to be read from end to end or translated.
 * With --check it changes nothing and fails where the catalogue is not what the sources say.
 */
import { existsSync, readFileSync, writeFileSync } from "node:fs";
import process from "node:process";
import { run } from "./lib/steps.mjs";

const catalogue = "locales/en.po";
const read = () => (existsSync(catalogue) ? readFileSync(catalogue, "utf8") : "");
/* Files are gathered side by side, so that the order within one may change with nothing said anew. */
const messagesOf = (file) => (file.match(/^msgid [^]*?(?=^msgstr)/gm) ?? []).sort().join("\n");

const before = read();
const code = await run("npx", ["lingui", "extract", "--clean", "--config", "lingui.config.cjs"]);
if (code !== 0) process.exit(code);
const same = messagesOf(before) === messagesOf(read());
const checking = process.argv.includes("--check");
if (before && (same || checking)) writeFileSync(catalogue, before);
if (checking && !same) {
  console.error(`${catalogue} is not what the sources say: run npm run messages and commit it.`);
  process.exit(1);
}
