import type { Page } from "@playwright/test";
import { put } from "./fill";

/* Three hours of four channels at one a second, as they lie in the store. */
export const hours = 3;

const chunkSamples = 600;

/** Opens the cockpit over three hours of samples, with a simulated probe that goes on. */
export async function openCockpit(page: Page, address: string): Promise<void> {
  /* The script's compiler names functions through a helper that the page does not have. */
  await page.addInitScript("globalThis.__name = (named) => named");
  await page.goto(`${address}/?logbook=demo`);
  await page.getByRole("heading", { name: "Today" }).waitFor();
  await put(page, "sereno-demo", sampleTexts("demo-run-31", Date.now() - hours * 3600e3));
  await page.goto(`${address}/runs/demo-run-31/watch`);
  await page.getByRole("button", { name: /Forecast and stop/ }).waitFor();
  await page.getByRole("button", { name: "Connect a probe and scale" }).click();
  await page.getByRole("radio", { name: "10 times" }).click();
  await page.getByRole("button", { name: "Connect", exact: true }).click();
  await page.getByText("Connected", { exact: true }).waitFor();
  await page.getByRole("button", { name: "Close" }).click();
}

function sampleTexts(runId: string, from: number): [string, string][] {
  const channels = ["head", "outlet", "tub", "distillate"] as const;
  return channels.flatMap((channel) =>
    Array.from({ length: (hours * 3600) / chunkSamples }, (_, part): [string, string] => {
      const startAt = new Date(from + part * chunkSamples * 1000).toISOString();
      const offsetsMs = Array.from({ length: chunkSamples }, (__, i) => i * 1000);
      const values = offsetsMs.map((offset) =>
        channel === "distillate"
          ? (part * chunkSamples + offset / 1000) * 0.2
          : 40 + 20 * Math.sin((part * chunkSamples + offset / 1000) / 200),
      );
      const unit = channel === "distillate" ? "g" : "°C";
      return [
        `samples/${runId}/${channel}/${startAt}`,
        JSON.stringify({ runId, channel, unit, startAt, offsetsMs, values }),
      ];
    }),
  );
}
