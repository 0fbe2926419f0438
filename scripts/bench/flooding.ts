import type { Browser } from "@playwright/test";
import { hours } from "./cockpit";
import { print } from "./print";

/* Fifty messages a second for three hours, in as many connections as a shaky line would make. */
const messagesPerSecond = 50;

const connections = 12;

/** Sends an instrument's three hours of fifty messages a second as fast as the page takes them. */
export async function flooding(address: string, browser: Browser): Promise<void> {
  const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
  await page.addInitScript("globalThis.__name = (named) => named");
  await page.goto(`${address}/?logbook=demo`);
  await page.getByRole("heading", { name: "Today" }).waitFor();
  const all = hours * 3600 * messagesPerSecond;
  const from = Date.now() - hours * 3600e3;
  let part = 0;
  await page.route("**/instruments/*/stream", async (route) => {
    if (part >= connections) return;
    const first = (part * all) / connections;
    part += 1;
    const body = Array.from({ length: all / connections }, (_, i) => asEvent(first + i, from)).join(
      "",
    );
    await route.fulfill({ contentType: "text/event-stream", body: `retry: 100\n\n${body}` });
  });
  await page.goto(`${address}/runs/demo-run-31/watch`);
  await page.getByRole("button", { name: "Connect a probe and scale" }).click();
  const start = performance.now();
  await page.getByRole("button", { name: "Connect", exact: true }).click();
  await page.getByText(new RegExp(`^${all} samples`)).waitFor({ timeout: 300_000 });
  print("messages of an instrument taken in", all, "");
  print("  a second", all / ((performance.now() - start) / 1000), "(50 are asked)");
  await page.getByRole("button", { name: "Close" }).click();
  const taps: number[] = [];
  for (let i = 0; i < 5; i += 1) {
    const tapped = performance.now();
    await page.getByRole("button", { name: "Reading", exact: true }).click();
    await page.getByRole("dialog").waitFor();
    taps.push(performance.now() - tapped);
    await page.getByRole("button", { name: "Close" }).click();
  }
  print("a sheet opened over them, median", taps.toSorted((a, b) => a - b)[2] ?? NaN, "ms");
  await page.waitForTimeout(6000);
  const again = performance.now();
  await page.reload();
  await page.getByRole("button", { name: /Probe and scale/ }).click();
  await page.getByText(new RegExp(`^${all} samples`)).waitFor({ timeout: 120_000 });
  print("all of them there again after a reload", performance.now() - again, "ms");
  await page.close();
}

/** The nth message, over four channels, as a server-sent event. */
function asEvent(n: number, from: number): string {
  const channel = ["head", "outlet", "tub", "distillate"][n % 4];
  const at = new Date(from + Math.floor(n / 4) * ((4 * 1000) / messagesPerSecond)).toISOString();
  const value = channel === "distillate" ? n / 500 : 40 + (n % 100) / 10;
  const unit = channel === "distillate" ? "g" : "°C";
  return `id: ${n + 1}\ndata: ${JSON.stringify({ at, channel, value, unit })}\n\n`;
}
