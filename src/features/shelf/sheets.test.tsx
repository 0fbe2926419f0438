import { act, fireEvent, screen } from "@testing-library/react";
import type { AnyRecord } from "@/records/record";
import { renderWith } from "@/testing/renderWith";
import { router } from "@/testing/router";
import { sampleBottle, sampleLot } from "@/testing/sampleShelf";
import { AddLotSheet } from "./AddLotSheet";
import { CheckSheet } from "./CheckSheet";
import { ScanSheet } from "./ScanSheet";
import { TakeSheet } from "./TakeSheet";

jest.mock("jsqr", () => ({ __esModule: true, default: jest.fn() }));

const type = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
const press = (name: string | RegExp) =>
  act(async () => {
    fireEvent.click(screen.getByRole("button", { name }));
    await Promise.resolve();
  });
const lot = sampleLot("h", { product: "hydrosol", code: "K7Q-4MX", ph: 5.3 });
const shelf: AnyRecord[] = [lot, sampleBottle("h1", "h", 500, { code: "7H9-E3M" })];
const closed = jest.fn();

beforeEach(() => closed.mockReset());

describe("a bottle found by its label", () => {
  const readQr = jest.requireMock<{ default: jest.Mock }>("jsqr").default;
  const picture = () =>
    act(async () => {
      fireEvent.change(screen.getByLabelText("A picture of the label"), {
        target: { files: [new File(["x"], "label.png", { type: "image/png" })] },
      });
      await new Promise((done) => setTimeout(done, 20));
    });
  beforeEach(() => {
    router.push.mockReset();
    Object.assign(globalThis, {
      createImageBitmap: () => Promise.resolve({ width: 400, height: 300 }),
    });
    jest.spyOn(HTMLCanvasElement.prototype, "getContext").mockReturnValue({
      drawImage: () => undefined,
      getImageData: () => ({ data: new Uint8ClampedArray(4) }),
    } as never);
  });
  afterEach(() => jest.restoreAllMocks());

  test("typed in any way it opens its lot; a slip says what is near; nothing typed is asked for", async () => {
    renderWith(<ScanSheet onClose={closed} />, shelf);
    await press("Open it");
    expect(screen.getByText(/Type a code first/)).toBeVisible();
    type("Or type its code", "7h9-e3n");
    await press("Open it");
    expect(
      screen.getByText(/No bottle here has the code 7h9-e3n\. Near it: 7H9-E3M\./),
    ).toBeVisible();
    expect(router.push).not.toHaveBeenCalled();
    type("Or type its code", "7h9 e3m");
    await press("Open it");
    expect(router.push).toHaveBeenCalledWith("/shelf/h");
    expect(closed).toHaveBeenCalledTimes(1);
  });

  test("a picture's code opens it, an address that ends in one too; a picture without one says so", async () => {
    renderWith(<ScanSheet onClose={closed} />, shelf);
    readQr.mockReturnValue(null);
    await picture();
    expect(screen.getByText(/No code is to be seen in this picture/)).toBeVisible();
    readQr.mockReturnValue({ data: "https://example.test/shelf?code=7H9-E3M" });
    await picture();
    expect(router.push).toHaveBeenCalledWith("/shelf/h");
  });

  test("a file that is no picture is said", async () => {
    Object.assign(globalThis, { createImageBitmap: () => Promise.reject(new Error("no")) });
    renderWith(<ScanSheet onClose={closed} />, shelf);
    await picture();
    expect(screen.getByText(/not a picture that the browser can open/)).toBeVisible();
  });

  test("a camera that is refused says what else there is; one that is given is let go of", async () => {
    const stop = jest.fn();
    const camera = jest.fn().mockRejectedValueOnce(new Error("refused"));
    Object.defineProperty(navigator, "mediaDevices", {
      configurable: true,
      value: { getUserMedia: camera },
    });
    jest.spyOn(HTMLMediaElement.prototype, "play").mockResolvedValue();
    const { unmount } = renderWith(<ScanSheet onClose={closed} />, shelf);
    await press("Use the camera");
    expect(
      await screen.findByText("The browser gives no camera here.", { exact: false }),
    ).toBeVisible();
    camera.mockResolvedValue({ getTracks: () => [{ stop }] });
    await press("Use the camera");
    expect(await screen.findByLabelText("What the camera sees")).toBeVisible();
    unmount();
    expect(stop).toHaveBeenCalled();
  });
});

describe("what is typed in a sheet", () => {
  test("a check that was begun stands there again after Back, and is let go of once it is kept", async () => {
    const sheet = <CheckSheet lot={lot} checks={[]} bottles={[]} onClose={closed} />;
    const { store, unmount } = renderWith(sheet, shelf);
    fireEvent.click(screen.getByRole("radio", { name: "Cloudy" }));
    fireEvent.click(screen.getByRole("checkbox", { name: "Threads or slime" }));
    type("pH", "4,7");
    const typed = store.getState().drafts["check/h"];
    expect(typed).toMatchObject({ clarity: "cloudy", also: "Threads or slime" });
    expect(
      screen.getByText(/Throw away\. Its pH has moved .*\. It has clouded since/),
    ).toBeVisible();
    type("pH", "47");
    await press("Save check");
    expect(screen.getByText("pH can be 14 at most.")).toBeVisible();
    type("pH", "4.7");
    await press("Save check");
    expect(closed).toHaveBeenCalledTimes(1);
    expect(Object.values(store.getState().check.entities)).toMatchObject([
      { clarity: "cloudy", signs: ["threads"], ph: 4.7 },
    ]);
    expect(store.getState().drafts["check/h"]).toBeUndefined();
    unmount();
  });

  test("what was to be taken out stands there again; all of it leaves nothing behind", async () => {
    const from = {
      bottleId: "h1",
      code: "7H9-E3M",
      product: "hydrosol" as const,
      leftMl: 123.4567891,
      owners: [],
    };
    const { store } = renderWith(<TakeSheet from={from} onClose={closed} />, shelf);
    type("What for", "linen spray");
    expect(store.getState().drafts["take/h1"]).toMatchObject({ purpose: "linen spray" });
    await press("All of it");
    await press("Taken");
    const [use] = Object.values(store.getState().use.entities);
    expect(use).toMatchObject({ amountMl: 123.4567891, purpose: "linen spray" });
    expect(store.getState().drafts["take/h1"]).toBeUndefined();
  });

  test("something bought needs a volume, and becomes a lot with a code of its own", async () => {
    const { store } = renderWith(<AddLotSheet onClose={closed} />, shelf);
    await press("Add to shelf");
    expect(screen.getByText("Type a number.")).toBeVisible();
    type("How much", "10");
    type("Price paid", "8,9");
    type("From where", "the fair");
    fireEvent.change(screen.getByLabelText("Plant"), { target: { value: "juniperberry" } });
    await press("Add to shelf");
    const bought = Object.values(store.getState().lot.entities).find(
      ({ origin }) => origin === "bought",
    )!;
    expect(bought).toMatchObject({
      plantId: "juniperberry",
      volumeMl: 10,
      paid: 8.9,
      boughtFrom: "the fair",
      runIds: [],
    });
    expect(router.push).toHaveBeenCalledWith(`/shelf/${bought.id}`);
  });
});
