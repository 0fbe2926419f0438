import { defineConfig } from "@playwright/test";
import { chromiumPath } from "./scripts/lib/steps.mjs";

const port = 4199;

/* The built app on the real server, in Debian's Chromium. */
export default defineConfig({
  testDir: "e2e",
  /* A loaded machine may take its time: these end a spec that waits for what never comes. */
  timeout: 120_000,
  expect: { timeout: 30_000 },
  /* Most of a spec is waiting: a third browser on two cores takes a third off the whole. */
  workers: 3,
  fullyParallel: true,
  /* What needs a second try is a fault, of the app or of the spec. */
  retries: 0,
  reporter: "list",
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    locale: "en-GB",
    timezoneId: "Europe/Lisbon",
    acceptDownloads: true,
    /* Each page fetches what it is given; one spec keeps the app on the device. */
    serviceWorkers: "block",
    launchOptions: {
      executablePath: chromiumPath(),
      args: [
        "--no-sandbox",
        "--disable-gpu",
        "--disable-background-networking",
        "--disable-component-update",
        "--disable-sync",
        "--disable-quic",
        "--no-first-run",
        /* A microphone that beeps; without a window there is nobody to ask, so it is allowed. */
        "--use-fake-device-for-media-stream",
        "--use-fake-ui-for-media-stream",
      ],
    },
  },
  projects: [
    {
      name: "phone",
      testIgnore: /wide/,
      use: { viewport: { width: 390, height: 844 }, hasTouch: true },
    },
    { name: "wide", testMatch: /wide/, use: { viewport: { width: 1280, height: 800 } } },
  ],
  webServer: {
    command: "npx tsx server/main.ts",
    env: { PORT: String(port) },
    url: `http://127.0.0.1:${port}/healthz`,
    reuseExistingServer: false,
  },
});
