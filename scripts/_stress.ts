import { openApp } from "./lib/browser";
async function main() {
  const { address, browser, close } = await openApp();
  let fails = 0;
  await Promise.all(
    [0, 1, 2, 3].map(async (k) => {
      const c = await browser.newContext({
        colorScheme: "dark",
        viewport: { width: 390, height: 844 },
      });
      const page = await c.newPage();
      await page.goto(address + "/?logbook=demo");
      await page.getByRole("heading", { name: "Today" }).waitFor();
      for (let i = 0; i < 15; i++) {
        await page.goto(address + "/plan");
        await page.getByRole("heading", { level: 1 }).waitFor();
        const v = String(900 + i + k * 20);
        await page.getByRole("textbox", { name: "I have" }).fill(v);
        try {
          await page
            .getByText(/8 in 10/)
            .first()
            .waitFor({ timeout: 15000 });
        } catch {
          fails++;
          console.log(
            "FAIL",
            k,
            i,
            await page.getByText(/playing/).count(),
            await page
              .getByRole("progressbar")
              .getAttribute("aria-valuenow")
              .catch(() => "none"),
          );
        }
      }
    }),
  );
  console.log("fails", fails);
  await close();
}
main();
