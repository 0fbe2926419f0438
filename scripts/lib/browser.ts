import { chromium, type Browser } from "@playwright/test";
import type { Server } from "node:http";
import { createApp } from "../../server/app";
import { listen } from "../../server/listen";
import { chromiumPath } from "./steps.mjs";

/** Debian's Chromium, quiet and off the network. */
export function chromiumOptions() {
  return {
    executablePath: chromiumPath(),
    args: [
      "--no-sandbox",
      "--disable-gpu",
      "--disable-background-networking",
      "--disable-component-update",
      "--disable-sync",
      "--disable-quic",
      "--no-first-run",
    ],
  };
}

/** Serves the built app and opens a browser for it. */
export async function openApp(): Promise<{
  address: string;
  browser: Browser;
  close: () => Promise<void>;
}> {
  const { server, port } = await listen(createApp("dist"), "127.0.0.1", 4300);
  const browser = await chromium.launch(chromiumOptions());
  return {
    address: `http://127.0.0.1:${port}`,
    browser,
    close: async () => {
      await browser.close();
      await stop(server);
    },
  };
}

function stop(server: Server): Promise<void> {
  server.closeAllConnections();
  return new Promise((resolve) => server.close(() => resolve()));
}
