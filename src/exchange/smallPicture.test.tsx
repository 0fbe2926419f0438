import { limits } from "@/messages/limits";
import { smallPicture } from "./smallPicture";

/* What the browser's own parts would do: a bitmap of a size, a canvas that writes so many letters a pixel. */
let letters = (_sidePx: number, _quality: number) => 1000;
const drawn: { width: number; height: number; quality: number }[] = [];
const closed = jest.fn();

beforeEach(() => {
  drawn.length = 0;
  closed.mockClear();
  letters = () => 1000;
  globalThis.createImageBitmap = jest.fn(async (file: Blob) => {
    if (file.size < 5) throw new Error("no image");
    return { width: 8000, height: 4000, close: closed };
  }) as unknown as typeof createImageBitmap;
  HTMLCanvasElement.prototype.getContext = jest.fn(() => ({
    fillRect: () => undefined,
    drawImage: () => undefined,
  })) as unknown as HTMLCanvasElement["getContext"];
  HTMLCanvasElement.prototype.toDataURL = function (type?: string, quality = 1) {
    drawn.push({ width: this.width, height: this.height, quality: Number(quality) });
    return `data:${type};base64,${"A".repeat(letters(this.width, Number(quality)))}`;
  };
});

const photo = (type = "image/jpeg", text = "a photograph") => new Blob([text], { type });

test("a large picture is drawn once, at 1280 pixels on its longer side", async () => {
  const made = await smallPicture(photo());
  expect(made).toMatchObject({ ok: true, picture: { widthPx: 1280, heightPx: 640 } });
  expect(drawn).toHaveLength(1);
  expect(closed).toHaveBeenCalledTimes(1);
});

test("what is still too large is drawn smaller, and nothing larger than the limit is kept", async () => {
  letters = (sidePx) => (sidePx > 900 ? limits.pictureLetters.max + 1 : 90_000);
  const made = await smallPicture(photo());
  expect(made).toMatchObject({ ok: true, picture: { widthPx: 800 } });
  expect(drawn.map(({ width }) => width)).toEqual([1280, 1024, 800]);
  letters = () => limits.pictureLetters.max + 1;
  expect(await smallPicture(photo())).toMatchObject({ ok: false });
  expect(closed).toHaveBeenCalledTimes(2);
});

test("what is no picture is refused with what to do, before or after it is opened", async () => {
  expect(await smallPicture(photo("application/pdf"))).toMatchObject({
    ok: false,
    problem: expect.stringMatching(/JPEG, PNG or WebP/) as string,
  });
  expect(await smallPicture(photo("image/heic", "no"))).toMatchObject({ ok: false });
  expect(drawn).toEqual([]);
});
