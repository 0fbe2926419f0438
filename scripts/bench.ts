/*
 * Measures what the project promises about size and speed, and prints the figures. Asserts nothing.
 * `npm run bench -- core` (or start, planning, watching, tapping, flooding) measures one part alone.
 */
import { core } from "./bench/core";
import { flooding } from "./bench/flooding";
import { planning } from "./bench/planning";
import { start } from "./bench/start";
import { tapping } from "./bench/tapping";
import { watching } from "./bench/watching";
import { openApp } from "./lib/browser";

async function measure(only: string | undefined): Promise<void> {
  if (!only || only === "core") core();
  if (only === "core") return;
  const { address, browser, close } = await openApp();
  for (const [name, part] of Object.entries({ start, planning, watching, tapping, flooding }))
    if (!only || only === name) await part(address, browser);
  await close();
}

measure(process.argv[2]).catch((error: unknown) => {
  console.error(error);
  process.exit(1);
});
