import { readFileSync } from "node:fs";
import { openApp } from "./lib/browser";
async function main() {
  const { address, browser, close } = await openApp();
  const shots: string[] = [];
  for (const night of [false, true]) {
    const page = await browser.newPage({ viewport: { width: 390, height: 844 }, colorScheme: night ? "dark" : "light" });
    await page.goto(`${address}/?logbook=demo`);
    await page.getByRole("heading", { name: "Today" }).waitFor();
    await page.goto(`${address}/bench`);
    await page.getByRole("radiogroup", { name: "Sound and a buzz on cues" }).getByRole("radio", { name: "On" }).click();
    await page.goto(`${address}/runs/demo-run-31/watch`);
    await page.getByRole("button", { name: /Forecast and stop/ }).waitFor();
    if (night) await page.getByRole("button", { name: /Sound is on/ }).click();
    await page.waitForTimeout(500);
    const path = `/tmp/shot-${night}.png`;
    await page.screenshot({ path });
    shots.push(path);
    await page.close();
  }
  const page = await browser.newPage({ viewport: { width: 800, height: 860 } });
  await page.setContent(shots.map((s) => `<img style="width:390px" src="data:image/png;base64,${readFileSync(s).toString("base64")}">`).join(""));
  await page.screenshot({ path: "/tmp/montage.png" });
  await close();
}
main().catch((e) => { console.error(e); process.exit(1); });
