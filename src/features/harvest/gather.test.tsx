import { act, fireEvent, screen } from "@testing-library/react";
import { renderWith } from "@/testing/renderWith";
import { router } from "@/testing/router";
import { newRecord } from "@/records/base";
import { memoryStorage } from "@/testing/memoryStorage";
import { defaultPreferences } from "@/records/setting";
import { sampleRun } from "@/testing/sampleRecords";
import { sampleHarvest } from "@/testing/sampleShelf";
import type { AnyRecord } from "@/records/record";
import type { Harvest } from "@/records/harvest";
import { undoLast } from "@/store/changes";
import { CalendarScreen } from "./CalendarScreen";
import { HarvestScreen } from "./HarvestScreen";
import { HarvestsScreen } from "./HarvestsScreen";

const press = (name: string | RegExp) =>
  act(async () => {
    fireEvent.click(screen.getByRole("button", { name }));
    await Promise.resolve();
  });
const type = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
/** Until what was asked of the storage is there. */
const settled = async (ask?: () => Promise<void>) => {
  await ask?.();
  await act(async () => {
    for (let i = 0; i < 20; i += 1) await Promise.resolve();
  });
};
const openHarvest = async (records: AnyRecord[], backend = memoryStorage()) => {
  router.params = { id: "harvest-a" };
  const rendered = renderWith(<HarvestScreen />, records, backend);
  await settled();
  const harvest = () => rendered.store.getState().harvest.entities["harvest-a"] as Harvest;
  return { ...rendered, harvest };
};

test("a harvest is noted in handfuls that are weighed once; the next time they are only counted", async () => {
  const { store } = renderWith(<HarvestsScreen />, []);
  expect(screen.getByText("Nothing cut yet")).toBeVisible();
  await press("Note a harvest");
  await press("Note it");
  expect(screen.getByText("Say which plant was cut.")).toBeVisible();
  type("Plant", "clarysage");
  fireEvent.click(screen.getByRole("radio", { name: "Counted" }));
  type("How many", "12");
  await press("Note it");
  expect(screen.getByText(/Say what is counted/)).toBeVisible();
  type("What is counted", "handful");
  type("One weighs", "40");
  expect(screen.getByText("That is 480 g.")).toBeVisible();
  type("Where", "lower terrace");
  await press("Note it");
  const [kept] = Object.values(store.getState().harvest.entities);
  expect(kept).toMatchObject({
    plantId: "clarysage",
    massG: 480,
    counted: { measure: "handful", count: 12 },
    place: "lower terrace",
  });
  expect(router.push).toHaveBeenCalledWith(`/harvests/${kept!.id}`);
  expect(Object.values(store.getState().measure.entities)).toMatchObject([
    { name: "handful", massG: 40, plantId: "clarysage" },
  ]);
  await press("Note a harvest");
  type("Plant", "clarysage");
  fireEvent.click(screen.getByRole("radio", { name: "Counted" }));
  expect(screen.getByRole("option", { name: "handful, 40.0 g" })).toBeInTheDocument();
  await press("Place: lower terrace");
  expect(screen.getByLabelText("Where")).toHaveValue("lower terrace");
});

test("a measure that was weighed with another plant is none for this one, and says so", async () => {
  const { store } = renderWith(<HarvestsScreen />, [
    {
      ...newRecord("measure", new Date()),
      id: "mint",
      name: "sheaf",
      massG: 90,
      plantId: "spearmint",
    },
  ]);
  await press("Note a harvest");
  type("Plant", "spearmint");
  fireEvent.click(screen.getByRole("radio", { name: "Counted" }));
  type("Of what", "mint");
  type("How many", "3");
  expect(screen.getByText("That is 270 g.")).toBeVisible();
  type("Plant", "clarysage");
  expect(screen.queryByText("That is 270 g.")).not.toBeInTheDocument();
  await press("Note it");
  expect(screen.getByText(/Say what is counted/)).toBeVisible();
  expect(Object.values(store.getState().harvest.entities)).toEqual([]);
});

test("a day that is none is asked for, and what was typed outlives the sheet", async () => {
  renderWith(<HarvestsScreen />, []);
  await press("Note a harvest");
  type("Plant", "clarysage");
  type("Where", "lower terrace");
  type("Cut on", "");
  await press("Note it");
  expect(screen.getByText("Say the day.")).toBeVisible();
  await press("Close");
  await screen.findByRole("button", { name: "Note a harvest" });
  await press("Note a harvest");
  expect(screen.getByLabelText("Where")).toHaveValue("lower terrace");
});

test("two weighings of one weight each stand at their own hour", async () => {
  const weighings = [
    { at: "2026-06-01T10:00:00.000Z", massG: 1500 },
    { at: "2026-06-01T16:00:00.000Z", massG: 1500 },
  ];
  await openHarvest([sampleHarvest({ weighings })]);
  const times = screen.getAllByText(/^1\.50 kg after/).map(({ textContent }) => textContent);
  expect(new Set(times).size).toBe(2);
});

test("pictures that were taken away all come back", async () => {
  const backend = memoryStorage();
  const picture = (id: string, minute: number) => ({
    id,
    harvestId: "harvest-a",
    at: `2026-06-01T10:0${minute}:00.000Z`,
    type: "image/jpeg" as const,
    widthPx: 4,
    heightPx: 3,
    data: "QUJD",
  });
  for (const each of [picture("p", 1), picture("q", 2)])
    backend.texts.set(`pictures/harvest-a/${each.id}`, JSON.stringify(each));
  await openHarvest([sampleHarvest()], backend);
  expect(screen.getByRole("img", { name: /picture 2 of 2/ })).toBeInTheDocument();
  await settled(() => press("Remove picture 1"));
  await settled(() => press("Remove picture 1"));
  expect(screen.getByText("2 removed.")).toBeVisible();
  expect(screen.queryByRole("img", { name: /picture/ })).not.toBeInTheDocument();
  await settled(() => press("Bring them back"));
  expect(screen.getByRole("img", { name: /picture 2 of 2/ })).toBeInTheDocument();
  expect(backend.texts.has("pictures/harvest-a/p")).toBe(true);
});

test("stems are picked out and weighed out; what is left is less, its water as it was", async () => {
  const { harvest } = await openHarvest([sampleHarvest()]);
  await press("Take it out");
  expect(screen.getByText(/The weight is not a number|Type/)).toBeVisible();
  type("It weighs", "300");
  await press("Take it out");
  expect(harvest().takenAway).toMatchObject([{ what: "stems", massG: 300 }]);
  expect(screen.getByText("1.70 kg, fresh")).toBeVisible();
  expect(screen.getByText("80 %, at first 80 %")).toBeVisible();
  await press(/^Leave out 300 g of stems/);
  expect(harvest().takenAway).toEqual([]);
});

test("what is somebody else's has their share and name; emptied fields are taken back", async () => {
  const { harvest } = await openHarvest([sampleHarvest()]);
  type("Whose, if not yours", "Ines");
  type("Of what comes of it, theirs", "40");
  fireEvent.click(screen.getByRole("checkbox", { name: /^Their name is/ }));
  expect(harvest()).toMatchObject({ whose: "Ines", theirShare: 0.4, nameOnLabel: true });
  type("Of what comes of it, theirs", "400");
  expect(screen.getByText(/Their share can be 100 at most/)).toBeVisible();
  expect(harvest().theirShare).toBe(0.4);
});

test("more in stills than was cut is said; nothing that lies here is not weighed again", async () => {
  const run = { ...sampleRun(), harvestId: "harvest-a", createdAt: "2026-06-01T12:00:00.000Z" };
  run.plan = { ...run.plan, chargeG: 2600 };
  await openHarvest([sampleHarvest(), run]);
  expect(screen.getByText(/600 g more went into stills/)).toBeVisible();
  expect(screen.queryByText("Weigh it again")).not.toBeInTheDocument();
  expect(screen.queryByRole("button", { name: /^Plan/ })).not.toBeInTheDocument();
});

test("a picture that the browser cannot open is refused by name, and nothing is kept", async () => {
  const { backend } = await openHarvest([sampleHarvest()]);
  const file = new File(["no picture"], "field.heic", { type: "image/heic" });
  await act(async () => {
    fireEvent.change(screen.getByLabelText(/^A picture from a file/), {
      target: { files: [file] },
    });
    for (let i = 0; i < 10; i += 1) await Promise.resolve();
  });
  expect(screen.getByText(/field\.heic: The browser cannot open this picture/)).toBeVisible();
  expect([...backend.texts.keys()].filter((key) => key.startsWith("pictures/"))).toEqual([]);
});

test("the plants' year shows one's own first, all on request, and says for which place", () => {
  jest.useFakeTimers({ now: Date.parse("2026-06-10T12:00:00Z") });
  renderWith(<CalendarScreen />, [sampleHarvest({ cutOn: "2025-07-10" })]);
  expect(screen.getByText("Calculated for 45° north, 100 m up.")).toBeVisible();
  expect(screen.getByText(/^Clary sage, /)).toBeVisible();
  expect(screen.queryByText(/^Hops, /)).not.toBeInTheDocument();
  fireEvent.click(screen.getByRole("radio", { name: "All" }));
  expect(screen.getByText(/^Hops, /)).toBeVisible();
  expect(
    screen.getByRole("img", { name: /^Clary sage: .*Yours: 1 harvest, on 10 Jul/ }),
  ).toBeVisible();
  jest.useRealTimers();
});

test("near the equator the plants have no year", () => {
  const near = { ...defaultPreferences(), place: { latitude: 2, longitude: 0 } };
  renderWith(<CalendarScreen />, [near]);
  expect(screen.getByText(/Between the tropics the year is dry and wet/)).toBeVisible();
});

test("harvests are filtered, sorted, and several set aside or deleted in one step", async () => {
  const many = Array.from({ length: 7 }, (_, i) =>
    sampleHarvest({ id: `harvest-${i}`, cutOn: `2026-07-0${i + 1}`, massG: 1000 + 100 * i }),
  );
  const { store } = renderWith(<HarvestsScreen />, many);
  const weights = () =>
    screen
      .getAllByRole("link")
      .flatMap((link) => / · ([\d.]+ kg) · /.exec(link.textContent)?.[1] ?? []);
  expect(weights()[0]).toBe("1.60 kg");
  fireEvent.change(screen.getByLabelText("Sort by"), { target: { value: "plant" } });
  fireEvent.change(screen.getByLabelText("Sort by"), { target: { value: "weight" } });
  expect(weights()).toEqual([
    "1.60 kg",
    "1.50 kg",
    "1.40 kg",
    "1.30 kg",
    "1.20 kg",
    "1.10 kg",
    "1.00 kg",
  ]);
  await press("More");
  await press("Several at once");
  const ticks = screen.getAllByRole("checkbox");
  fireEvent.click(ticks[1]!);
  fireEvent.click(ticks[2]!);
  await press(/^All used/);
  expect(store.getState().harvest.entities["harvest-6"]!.setAsideG).toBe(1600);
  fireEvent.click(screen.getByRole("radio", { name: "All used" }));
  expect(weights()).toEqual(["1.60 kg", "1.50 kg"]);
  await press("More");
  await press("Several at once");
  fireEvent.click(screen.getByRole("checkbox", { name: "All 2 shown" }));
  await press(/^All used/);
  expect(screen.getByText("Nothing changed: nothing is left of what is ticked.")).toBeVisible();
  await press(/^Delete/);
  expect(screen.getByText("No harvest is like that.")).toBeVisible();
  act(() => void store.dispatch(undoLast()));
  expect(weights()).toHaveLength(2);
});
