/* What every command needs on a machine that has only Node and apt. Plain JavaScript: nothing is installed yet. */
import { spawn } from "node:child_process";
import { createHash } from "node:crypto";
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from "node:fs";
import path from "node:path";
import process from "node:process";
import { promisify } from "node:util";
import { brotliCompress, gzip } from "node:zlib";

const wantedNode = [20, 19, 4];
const cache = ".cache";

export function say(text) {
  console.log(`\n▸ ${text}`);
}

/** Runs a command with its output shown. Gives its exit code. */
export function run(command, args, env = {}) {
  return new Promise((resolve) => {
    const child = spawn(command, args, { stdio: "inherit", env: { ...process.env, ...env } });
    child.on("error", (error) => {
      console.error(`${command}: ${error.message}`);
      resolve(1);
    });
    child.on("close", (code) => resolve(code ?? 1));
  });
}

/** Runs a command beside others. Gives its exit code and all it said. */
export function runQuietly(command, args) {
  return new Promise((resolve) => {
    const child = spawn(command, args, { stdio: ["ignore", "pipe", "pipe"] });
    let output = "";
    const heard = (part) => (output += part);
    child.stdout.on("data", heard);
    child.stderr.on("data", heard);
    child.on("error", (error) => resolve({ code: 1, output: error.message }));
    child.on("close", (code) => resolve({ code: code ?? 1, output }));
  });
}

/** Runs a command and ends with its exit code when it fails. */
export async function must(command, args, env) {
  const code = await run(command, args, env);
  if (code !== 0) process.exit(code);
}

export function requireNode() {
  const have = process.versions.node.split(".").map(Number);
  const order =
    wantedNode.map((part, i) => have[i] - part).find((difference) => difference !== 0) ?? 0;
  if (order >= 0) return;
  console.error(
    `Sereno needs Node ${wantedNode.join(".")} or later; this is ${process.versions.node}. Install a newer one and try again.`,
  );
  process.exit(1);
}

/** Installs the packages of the lock file unless just these are installed. */
export async function installPackages() {
  const stamp = path.join("node_modules", ".sereno-lock");
  const lock = hashOf(["package-lock.json"]);
  if (existsSync(stamp) && readFileSync(stamp, "utf8") === lock) return;
  say("Installing packages (about a minute)");
  await must("npm", ["ci", "--no-audit", "--no-fund"]);
  writeFileSync(stamp, lock);
}

/** Builds the app unless the last build was made from just these files. */
export async function buildApp() {
  const stamp = path.join(cache, "build-hash");
  const source = hashOf([
    ...filesIn("src"),
    ...filesIn("assets"),
    ...filesIn("public"),
    "scripts/lib/offline.mjs",
    ...filesIn("scripts/shims"),
    ...filesIn("scripts/bundle"),
    "package-lock.json",
    "app.json",
    "babel.config.js",
    "metro.config.js",
    "tailwind.config.js",
  ]);
  if (existsSync("dist/index.html") && existsSync(stamp) && readFileSync(stamp, "utf8") === source)
    return;
  say("Building the app (one to two minutes)");
  await must("npx", ["expo", "export", "--platform", "web"], {
    EXPO_NO_TELEMETRY: "1",
    EXPO_OFFLINE: "1",
    CI: "1",
  });
  const { keepOffline } = await import("./offline.mjs");
  await keepOffline("dist");
  await compress("dist");
  mkdirSync(cache, { recursive: true });
  writeFileSync(stamp, source);
}

/** Writes the best compressed form of every text file beside it, on all processors: smaller than what a server has time for. */
async function compress(folder) {
  const files = readdirSync(folder, { recursive: true })
    .map((name) => path.join(folder, name))
    .filter((file) => /\.(js|css|html|json|svg|ttf|webmanifest)$/.test(file))
    .filter((file) => statSync(file).isFile());
  await Promise.all(
    files.map(async (file) => {
      const text = readFileSync(file);
      writeFileSync(`${file}.br`, await promisify(brotliCompress)(text));
      writeFileSync(`${file}.gz`, await promisify(gzip)(text, { level: 9 }));
    }),
  );
}

/** Makes sure there is a Chromium to test with; installs Debian's where there is none. */
export async function installChromium() {
  if (chromiumPath()) return;
  say("Installing Chromium");
  const sudo = process.getuid?.() === 0 ? [] : ["sudo"];
  const apt = (...args) => {
    const [command, ...rest] = [...sudo, "apt-get", ...args];
    return run(command, rest, { DEBIAN_FRONTEND: "noninteractive" });
  };
  await apt("update");
  /* Where the first cannot be had, Debian's whole Chromium does the same work more slowly. */
  for (const name of ["chromium-headless-shell", "chromium"]) {
    await apt("install", "-y", "--no-install-recommends", name);
    if (chromiumPath()) return;
  }
  console.error("No Chromium could be installed. Install Debian's chromium and try again.");
  process.exit(1);
}

/** Chromium without a window first: the same engine, a fifth less work for each test. */
export function chromiumPath() {
  return ["chromium-headless-shell", "chromium", "chromium-browser"]
    .map((name) => `/usr/bin/${name}`)
    .find((file) => existsSync(file));
}

function filesIn(folder) {
  if (!existsSync(folder)) return [];
  return readdirSync(folder, { recursive: true })
    .map((name) => path.join(folder, name))
    .filter((file) => statSync(file).isFile() && !/\.test\.tsx?$/.test(file))
    .sort();
}

function hashOf(files) {
  const hash = createHash("sha256");
  for (const file of files) hash.update(file).update(readFileSync(file));
  return hash.digest("hex");
}
