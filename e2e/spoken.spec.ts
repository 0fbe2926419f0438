import { expect, test } from "@playwright/test";
import { field, goTo, readAnew } from "./steps";

test("a spoken note is held, kept with what was typed, and heard again on the run's sheet", async ({
  page,
  context,
}) => {
  await context.grantPermissions(["microphone"]);
  await goTo(page, "/runs/demo-run-31/watch?logbook=demo");
  await page.getByRole("button", { name: "Note", exact: true }).click();
  await field(page, "What you saw, smelt or did").fill("The lid hisses");
  const hold = page.getByRole("button", { name: "Hold to speak a note" });
  await hold.hover();
  await page.mouse.down();
  await expect(page.getByText(/^Recording, [1-9]/)).toBeVisible();
  await page.mouse.up();
  await expect(page.getByText("1 noted in the log.")).toBeVisible();
  await page.getByRole("button", { name: "Close" }).click();
  await expect(page.getByRole("button", { name: "Log, 6" })).toBeVisible();
  await goTo(page, "/runs/demo-run-31");
  await readAnew(page);
  await expect(page.getByText("The lid hisses")).toBeVisible();
  const player = page.locator("audio").first();
  await expect(player).toBeVisible();
  await expect
    .poll(() => player.evaluate((audio: HTMLAudioElement) => audio.readyState))
    .toBeGreaterThan(0);
});

test("a refused microphone says so, and what was typed stands", async ({ page }) => {
  /* A browser without a window cannot be told "no": this is what it then answers the page. */
  await page.addInitScript(() => {
    navigator.mediaDevices.getUserMedia = () =>
      Promise.reject(new DOMException("Permission denied", "NotAllowedError"));
  });
  await goTo(page, "/runs/demo-run-31/watch?logbook=demo");
  await page.getByRole("button", { name: "Note", exact: true }).click();
  await field(page, "What you saw, smelt or did").fill("The lid hisses");
  await page.getByRole("button", { name: "Hold to speak a note" }).click();
  await expect(page.getByText(/The microphone was not allowed, or there is none/)).toBeVisible();
  await expect(field(page, "What you saw, smelt or did")).toHaveValue("The lid hisses");
});
