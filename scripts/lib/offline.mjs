/* What lets the built app open without a network, wherever its folder is served from. */
import { copyFileSync } from "node:fs";
import path from "node:path";

/** Names with a content hash never change what they hold: they need no second look. */
const hashed = /[-.][0-9a-f]{32}\./;

/**
 * Writes the service worker that keeps every file of a built folder on the device, and the page that
 * plain file hosts show for an address that they do not know: the app itself.
 */
export async function keepOffline(folder) {
  const { generateSW } = await import("workbox-build");
  copyFileSync(path.join(folder, "index.html"), path.join(folder, "404.html"));
  const { count, size, warnings } = await generateSW({
    globDirectory: folder,
    globPatterns: ["**/*.{js,css,html,ttf,woff2,png,jpg,svg,ico,webmanifest,json,md}"],
    globIgnores: ["404.html", "sw.js", "workbox-*.js", "metadata.json"],
    swDest: path.join(folder, "sw.js"),
    dontCacheBustURLsMatching: hashed,
    maximumFileSizeToCacheInBytes: 12 * 1024 * 1024,
    navigateFallback: "/index.html",
    /* The server's own answers, and files that are not there, are not the app. */
    navigateFallbackDenylist: [/^\/(healthz|instruments)/, /\/[^/]+\.\w+$/],
    cleanupOutdatedCaches: true,
    clientsClaim: true,
    /* A new version waits until the person takes it: never under a still that is on the heat. */
    skipWaiting: false,
    sourcemap: false,
    inlineWorkboxRuntime: true,
  });
  warnings.forEach((warning) => console.warn(warning));
  console.log(`Kept on the device: ${count} files, ${(size / 1048576).toFixed(1)} MB.`);
}
