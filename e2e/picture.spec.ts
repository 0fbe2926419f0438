import { expect, test, type Page } from "@playwright/test";
import { goTo } from "./steps";

/** A picture of a tube that fills four fifths of it, with a yellow layer from two fifths to the middle. */
async function picture(page: Page): Promise<Buffer> {
  const base64 = await page.evaluate(() => {
    const canvas = document.createElement("canvas");
    canvas.width = 900;
    canvas.height = 1200;
    const draw = canvas.getContext("2d")!;
    draw.fillStyle = "#e8ecec";
    draw.fillRect(0, 0, 900, 1200);
    draw.fillStyle = "#bcd8e6";
    draw.fillRect(400, 480, 100, 600);
    draw.fillStyle = "#e4b53a";
    draw.fillRect(400, 480, 100, 120);
    draw.strokeStyle = "#333";
    draw.strokeRect(400, 120, 100, 960);
    return canvas.toDataURL("image/jpeg", 0.9).split(",")[1]!;
  });
  return Buffer.from(base64, "base64");
}

/** Drags a line to a share of the picture's height, as a finger or a mouse would. */
async function setLine(page: Page, name: string, share: number): Promise<void> {
  const line = page.getByRole("slider", { name, exact: true });
  await line.scrollIntoViewIfNeeded();
  const frame = (await page.getByLabel("The vessel with its layer").boundingBox())!;
  const at = (await line.boundingBox())!;
  const x = frame.x + 40;
  await page.mouse.move(x, at.y + at.height / 2);
  await page.mouse.down();
  await page.mouse.move(x, frame.y + frame.height * share, { steps: 6 });
  await page.mouse.up();
}

test("an oil's layer is measured from a picture, and the figure keeps its picture", async ({
  page,
}) => {
  await goTo(page, "/runs/demo-run-30/separate?logbook=demo");
  await page.getByRole("radio", { name: "Narrow tube" }).click();
  await page.getByRole("radio", { name: "From a picture" }).click();
  const file = await picture(page);
  await page
    .getByLabel("A picture of the layer from a file")
    .setInputFiles({ name: "tube.jpg", mimeType: "image/jpeg", buffer: file });
  await expect(page.getByLabel("The vessel with its layer")).toBeVisible();
  await setLine(page, "Rim or mark", 0.1);
  await setLine(page, "Bottom inside", 0.9);
  await setLine(page, "Oil meets water", 0.5);
  await setLine(page, "Oil, upper edge", 0.4);

  /* 25 mm in a tube 25 mm wide: 12.3 mL. */
  const told = page.getByText(/^1[12]\.\d+ mL of oil, .* likely: /);
  await expect(told).toBeVisible();
  const before = await told.textContent();
  /* The keys and the small buttons move the line that was set last. */
  await page.keyboard.press("ArrowUp");
  await page.getByRole("radio", { name: "Oil meets water" }).click();
  await expect(page.getByRole("button", { name: "Oil meets water: a little up" })).toBeVisible();
  await page.getByRole("radio", { name: "Oil, upper edge" }).click();
  await page.getByRole("button", { name: "Oil, upper edge: a little up" }).click();
  await expect(told).not.toHaveText(before!);

  /* Lines in the wrong order tell nothing, and say why. */
  await setLine(page, "Oil, upper edge", 0.6);
  await expect(page.getByText("The oil’s upper edge must lie above its lower one.")).toBeVisible();
  await setLine(page, "Oil, upper edge", 0.4);
  await page.getByRole("button", { name: "Use as the oil" }).click();
  await expect(page.getByRole("textbox", { name: "Oil", exact: true })).toHaveValue(/^1[12]\.\d$/);
  await page.reload();
  await expect(page.getByLabel("The vessel with its layer")).toBeVisible();
  await page.getByRole("button", { name: "Save result" }).click();
  await expect(page.getByRole("heading", { name: "Scots pine oil" })).toBeVisible();
  await goTo(page, "/runs/demo-run-30");
  await expect(page.getByText(/mL oil from a picture, .* likely/).first()).toBeVisible();
});
