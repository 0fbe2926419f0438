import { act, fireEvent, screen, within } from "@testing-library/react";
import type { AnyRecord } from "@/records/record";
import { defaultPreferences, preferencesId } from "@/records/setting";
import { renderWith } from "@/testing/renderWith";
import { router } from "@/testing/router";
import { sampleStill } from "@/testing/sampleRecords";
import { BenchScreen } from "./BenchScreen";

function open(...records: AnyRecord[]) {
  const { store } = renderWith(<BenchScreen />, records);
  const setting = () => ({
    ...defaultPreferences(),
    ...store.getState().setting.entities[preferencesId],
  });
  const stills = () => Object.values(store.getState().still.entities);
  return { setting, stills };
}
const type = (name: string, value: string) =>
  fireEvent.change(screen.getByRole("textbox", { name }), { target: { value } });
const choose = (group: string, option: string) =>
  fireEvent.click(
    within(screen.getByRole("radiogroup", { name: group })).getByRole("radio", { name: option }),
  );

test("a ready-made still is added with one tap, and is not offered again", () => {
  const { stills } = open();
  expect(screen.getByText(/^Tap the one that looks like yours/)).toBeVisible();
  fireEvent.click(screen.getByRole("button", { name: "Add: Copper pot, 12 L" }));
  expect(stills()).toMatchObject([{ name: "Copper pot, 12 L", construction: "basketPot" }]);
  expect(screen.getByText(/^pot with basket · 12\.0 L · \d+ W/)).toBeVisible();
  fireEvent.click(screen.getByRole("button", { name: /^Add a still/ }));
  expect(screen.getByRole("button", { name: "Add: Steel pot, 25 L" })).toBeVisible();
  expect(screen.queryByRole("button", { name: "Add: Copper pot, 12 L" })).not.toBeInTheDocument();
  fireEvent.click(screen.getByRole("button", { name: "Describe a still" }));
  expect(router.push).toHaveBeenCalledWith("/bench/stills/new");
});

test("the height of the place moves the boil; what makes no sense is said and not kept", () => {
  const { setting } = open(sampleStill());
  type("Altitude", "2000");
  expect(screen.getByText("Water boils here at 93.3 °C.")).toBeVisible();
  expect(setting().site.altitudeM).toBe(2000);
  type("Altitude", "up the hill");
  expect(screen.getByText(/is not a number/)).toBeVisible();
  type("Altitude", "90000");
  expect(setting().site.altitudeM).toBe(2000);
  type("Air", "-3");
  expect(setting().site).toMatchObject({ altitudeM: 2000, airC: -3 });
});

test("other units change what is shown, not what is kept", () => {
  const { setting } = open(sampleStill());
  fireEvent.click(screen.getByRole("radio", { name: "oz, fl oz, °F" }));
  expect(setting().units).toBe("us");
  expect(screen.getByText(/^Water boils here at 21\d °F\.$/)).toBeVisible();
  expect(screen.getByText(/^pot with basket · 3\.15 gal/)).toBeVisible();
  expect(setting().site).toEqual(defaultPreferences().site);
  type("Altitude", "1234");
  expect(setting().site.altitudeM).toBeCloseTo(376.1, 1);
});

test("an altitude kept in metres is told in tens of feet, one that was typed in feet as it was typed", () => {
  const setting = defaultPreferences();
  for (const [altitudeM, shown] of [
    [320, "1050"],
    [1234 * 0.3048, "1234"],
  ] as const) {
    const here = { ...setting, units: "us" as const, site: { ...setting.site, altitudeM } };
    const { unmount } = renderWith(<BenchScreen />, [here]);
    expect(screen.getByRole("textbox", { name: "Altitude" })).toHaveValue(shown);
    unmount();
  }
});

test("sound can be off, on, or quiet for an hour", () => {
  const { setting } = open();
  const sound = (option: string) => choose("Sound and a buzz on cues", option);
  sound("Off");
  expect(setting()).toMatchObject({ cueSound: false });
  sound("Quiet for an hour");
  expect(setting().cueSound).toBe(true);
  expect(Date.parse(setting().quietUntil!) - Date.now()).toBeGreaterThan(59 * 60000);
  sound("On");
  expect(setting().cueSound).toBe(true);
  expect(setting().quietUntil).toBeUndefined();
});

test("a place is kept only whole, for the cockpit's dusk alone", () => {
  const { setting } = open();
  type("Latitude", "47,5");
  expect(setting().place).toBeUndefined();
  type("Longitude", "200");
  expect(screen.getByText(/Longitude.*180/)).toBeVisible();
  expect(setting().place).toBeUndefined();
  type("Longitude", "-8.2");
  expect(setting().place).toEqual({ latitude: 47.5, longitude: -8.2 });
  choose("The cockpit's theme", "Always dark");
  expect(screen.queryByRole("textbox", { name: "Latitude" })).not.toBeInTheDocument();
  expect(setting().cockpitLight).toBe("night");
});

test("a device that does not tell where it is, is no dead end", async () => {
  const refuse = (_found: unknown, refused: () => void) => refused();
  Object.defineProperty(navigator, "geolocation", {
    value: { getCurrentPosition: refuse },
    configurable: true,
  });
  open();
  await act(async () => {
    fireEvent.click(screen.getByRole("button", { name: "Ask this device" }));
  });
  expect(screen.getByRole("alert")).toHaveTextContent("Type it: the nearest degree is enough.");
  Object.defineProperty(navigator, "geolocation", { value: undefined, configurable: true });
});

test("prices are kept one by one; an emptied one is told no more", () => {
  const { setting } = open();
  fireEvent.click(screen.getByRole("button", { name: /^What it costs/ }));
  type("Electricity", "0,34");
  type("Oil is worth", "1.2");
  expect(setting().prices).toMatchObject({ electricityPerKWh: 0.34, oilPerMl: 1.2 });
  type("Electricity", "");
  expect(setting().prices).toMatchObject({ oilPerMl: 1.2 });
  expect(setting().prices!.electricityPerKWh).toBeUndefined();
});
