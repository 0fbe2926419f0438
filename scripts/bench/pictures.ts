import type { Browser } from "@playwright/test";
import { buildDemo } from "../../src/demo/buildDemo";
import { demoPictures } from "../../src/demo/pictures";
import { fill, put } from "./fill";
import { print } from "./print";

const count = 200;
/* What a camera's picture of leaves comes to once it is small, base64. */
const letters = 260_000;

/** Two hundred pictures beside a logbook: how long it takes to open with and without them, and how large they are. */
export async function pictures(address: string, browser: Browser): Promise<void> {
  const page = await browser.newPage({
    viewport: { width: 390, height: 844 },
    serviceWorkers: "block",
  });
  await page.goto(address);
  await page.getByText("From the cut plant to the bottle").waitFor();
  await fill(page, buildDemo(new Date()));
  const opened = async () => {
    const times: number[] = [];
    for (let i = 0; i < 5; i += 1) {
      await page.goto(address);
      await page.getByRole("heading", { name: "Today" }).waitFor();
      times.push(await page.evaluate(() => performance.now()));
    }
    return times.sort((a, b) => a - b)[2] ?? NaN;
  };
  print("a season's logbook without pictures opens in", await opened(), "ms");
  const [like] = demoPictures(new Date(), "demo-harvest-14");
  const texts = Array.from({ length: count }, (_, i): [string, string] => {
    const picture = { ...like!, id: `bench-${i}`, data: "A".repeat(letters) };
    return [`pictures/${picture.ofId}/${picture.id}`, JSON.stringify(picture)];
  });
  for (let from = 0; from < count; from += 20)
    await put(page, "sereno", texts.slice(from, from + 20));
  print(`with ${count} pictures`, await opened(), "ms");
  await page.goto(`${address}/bench/data`);
  const told = page.getByText(/^They make the file/);
  await told.waitFor();
  print("until their size is told", await page.evaluate(() => performance.now()), "ms");
  console.log(await told.innerText());
  await page.close();
}
