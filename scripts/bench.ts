/*
 * Measures what the project promises about size and speed, and prints the figures. Asserts nothing.
 * `npm run bench -- core` (or practice, start, planning, watching, tapping, storing, flooding, shelf, pictures, sharing, reading, routes) measures one part alone;
 * `-- kills 200` kills the browser so many times after a tap, which takes some ten minutes.
 */
import { core } from "./bench/core";
import { flooding } from "./bench/flooding";
import { planning } from "./bench/planning";
import { pictures } from "./bench/pictures";
import { practice } from "./bench/practice";
import { reading } from "./bench/reading";
import { routes } from "./bench/routes";
import { sharing } from "./bench/sharing";
import { shelf } from "./bench/shelf";
import { start } from "./bench/start";
import { kills, storing } from "./bench/storing";
import { tapping } from "./bench/tapping";
import { watching } from "./bench/watching";
import { openApp } from "./lib/browser";

async function measure(only: string | undefined): Promise<void> {
  if (!only || only === "core") core();
  if (!only || only === "practice") practice();
  if (only === "core" || only === "practice") return;
  const { address, browser, close } = await openApp();
  const parts = {
    start,
    planning,
    watching,
    tapping,
    storing,
    flooding,
    shelf,
    pictures,
    sharing,
    reading,
    routes,
  };
  for (const [name, part] of Object.entries(parts))
    if (!only || only === name) await part(address, browser);
  if (only === "kills") await kills(address);
  await close();
}

measure(process.argv[2]).catch((error: unknown) => {
  console.error(error);
  process.exit(1);
});
