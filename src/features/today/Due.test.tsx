import { act, fireEvent, screen, within } from "@testing-library/react";
import type { AnyRecord } from "@/records/record";
import { defaultPreferences } from "@/records/setting";
import { renderWith } from "@/testing/renderWith";
import { sampleBottle, sampleLot } from "@/testing/sampleShelf";
import { Due } from "./Due";

const now = Date.parse("2026-08-01T12:00:00Z");
const shelf: AnyRecord[] = [
  sampleLot("water", { product: "hydrosol" }),
  sampleBottle("w1", "water", 80, { bestBy: "2026-08-20" }),
  sampleLot("loose", { volumeMl: 4 }),
];
const open = (records = shelf) => renderWith(<Due now={now} />, records).store;
const press = (name: string | RegExp) =>
  act(async () => {
    fireEvent.click(screen.getByRole("button", { name }));
    await Promise.resolve();
  });
const saved: { name: string; text: string }[] = [];

beforeEach(() => {
  jest.useFakeTimers();
  jest.setSystemTime(now);
  saved.length = 0;
  const texts = new Map<string, Blob>();
  Object.assign(URL, {
    createObjectURL: (blob: Blob) => {
      texts.set("blob:a", blob);
      return "blob:a";
    },
    revokeObjectURL: () => undefined,
  });
  jest.spyOn(HTMLAnchorElement.prototype, "click").mockImplementation(function (
    this: HTMLAnchorElement,
  ) {
    saved.push({ name: this.download, text: String(texts.get("blob:a")?.size ?? 0) });
  });
});
afterEach(() => {
  jest.useRealTimers();
  jest.restoreAllMocks();
});

test("what waits to be bottled, checked and used stands there with why, and leads there", () => {
  open();
  const row = screen.getByRole("link", { name: /Bottle the True lavender oil/ });
  expect(row).toHaveAttribute("href", "/shelf/loose");
  expect(within(row).getByText(/air and light are at it until then/)).toBeVisible();
  expect(screen.getByText("Check the True lavender hydrosol")).toBeVisible();
  expect(screen.getByText("Use the True lavender hydrosol")).toBeVisible();
  expect(screen.queryByRole("button", { name: /^Bottle the .*: done$/ })).not.toBeInTheDocument();
});

test("of what harms the line says so, where it asks to be used", () => {
  open([
    sampleLot("poison", { product: "hydrosol", plantId: "pennyroyal" }),
    sampleBottle("p1", "poison", 80, { bestBy: "2026-08-20" }),
    sampleLot("mild", { product: "hydrosol" }),
    sampleBottle("m1", "mild", 80, { bestBy: "2026-08-20" }),
  ]);
  const row = screen.getByRole("link", { name: /Use the Pennyroyal hydrosol/ });
  expect(within(row).getByText("Not to drink, poisonous.")).toBeVisible();
  const other = screen.getByRole("link", { name: /Use the True lavender hydrosol/ });
  expect(within(other).queryByText(/Not to drink/)).toBeNull();
});

test("done is gone, put off is told as what comes next, and each can be taken back", async () => {
  const store = open();
  await press("Check the True lavender hydrosol: done");
  expect(screen.queryByText("Check the True lavender hydrosol")).not.toBeInTheDocument();
  await press("Bottle the True lavender oil: in a week");
  expect(screen.getByText("Next: Bottle the True lavender oil, 8 Aug 2026.")).toBeVisible();
  const duties = Object.values(store.getState().duty.entities);
  expect(duties.map(({ of }) => of)).toEqual(["check/water/0", "bottle/loose"]);
  expect(store.getState().undo.last).toMatchObject({
    label: "Bottle the True lavender oil: in a week.",
  });
});

test("putting off twice is one record, not two", async () => {
  const store = open();
  await press("Bottle the True lavender oil: in a week");
  jest.setSystemTime(now + 9 * 86400000);
  renderWith(<Due now={now + 9 * 86400000} />, [
    ...shelf,
    ...Object.values(store.getState().duty.entities),
  ]);
  const buttons = screen.getAllByRole("button", {
    name: "Bottle the True lavender oil: in a week",
  });
  await act(async () => {
    fireEvent.click(buttons.at(-1)!);
    await Promise.resolve();
  });
  expect(Object.values(store.getState().duty.entities)).toHaveLength(1);
});

test("a double tap on Done does not reach the row that takes its place", async () => {
  open();
  const done = screen.getByRole("button", { name: "Check the True lavender hydrosol: done" });
  fireEvent(
    done,
    Object.assign(new Event("pointerdown", { bubbles: true }), { clientX: 100, clientY: 60 }),
  );
  fireEvent.click(done);
  const shield = document.querySelector("[data-shield]");
  expect(shield).toHaveStyle({ left: "74px", top: "34px", width: "52px" });
  /* What it holds back it shows. */
  fireEvent.click(shield!);
  expect(shield).toHaveStyle({ boxShadow: "inset 0 0 0 3px var(--ember)" });
  await act(async () => {
    await jest.advanceTimersByTimeAsync(600);
  });
  expect(document.querySelector("[data-shield]")).toBeNull();
});

test("an empty shelf has nothing due, and a long list opens a piece at a time", async () => {
  open([]);
  expect(screen.queryByText("Due")).not.toBeInTheDocument();
  open(Array.from({ length: 8 }, (_, i) => sampleLot(`lot-${i}`)));
  expect(screen.getAllByText("Bottle the True lavender oil")).toHaveLength(5);
  await press("3 more that are due");
  expect(screen.getAllByText("Bottle the True lavender oil")).toHaveLength(8);
});

test("notices are asked for here alone, and a refusal is said", async () => {
  const asked = jest.fn().mockResolvedValue("denied");
  Object.assign(globalThis, { Notification: { requestPermission: asked, permission: "default" } });
  const store = open();
  expect(asked).not.toHaveBeenCalled();
  const box = screen.getByRole("checkbox", { name: /Notify me on this device/ });
  await act(async () => {
    fireEvent.click(box);
    await Promise.resolve();
  });
  expect(await screen.findByText(/The browser does not let it/)).toBeVisible();
  asked.mockResolvedValue("granted");
  await act(async () => {
    fireEvent.click(box);
    await Promise.resolve();
  });
  expect(store.getState().setting.entities["preferences"]).toMatchObject({ dueNotices: true });
  Reflect.deleteProperty(globalThis, "Notification");
});

test("all that is due goes into one calendar file", async () => {
  open([...shelf, defaultPreferences()]);
  await press(/as a calendar file/);
  await act(async () => {
    await jest.advanceTimersByTimeAsync(50);
  });
  expect(saved.map(({ name }) => name)).toEqual(["sereno-due-2026-08-01.ics"]);
  expect(Number(saved[0]!.text)).toBeGreaterThan(500);
});
