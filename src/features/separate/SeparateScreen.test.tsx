import { act, fireEvent, screen, waitFor, within } from "@testing-library/react";
import { useAppSelector } from "@/store/hooks";
import { renderWith } from "@/testing/renderWith";
import { entryAt, sampleRun, sampleStill } from "@/testing/sampleRecords";
import { SeparateScreen } from "./SeparateScreen";

const settled = [
  entryAt(0, { type: "lit" }),
  entryAt(20, { type: "boiling" }),
  entryAt(24, { type: "firstDrop" }),
  entryAt(80, { type: "heatOff" }),
];

function Shown() {
  const run = useAppSelector((state) => state.run.entities["run-a"]);
  return run ? <SeparateScreen run={run} /> : null;
}
function separate(settling?: string, entries = settled, minutes = 90) {
  jest.setSystemTime(Date.parse("2026-05-04T08:00:00Z") + minutes * 60000);
  const run = sampleRun(entries);
  const schools = settling ? { settling } : undefined;
  return renderWith(<Shown />, [sampleStill(), { ...run, plan: { ...run.plan, schools } }]).store;
}
/** Types into a field; looks and smells stand behind a fold. */
const type = (label: string, value: string) => {
  if (!screen.queryByLabelText(label))
    fireEvent.click(screen.getByRole("button", { name: /^Look, smell, pH, note/ }));
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
  fireEvent.blur(screen.getByLabelText(label));
};
const keep = () =>
  act(async () => {
    fireEvent.click(screen.getByRole("button", { name: "Save result" }));
    await Promise.resolve();
  });

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test("what is typed stands on every usual basis, against what was expected", () => {
  separate();
  type("Oil", "5,6");
  type("Hydrosol, all of it", "690");
  expect(screen.getByRole("row", { name: /mL.kg.*8\.00.*20\.0/ })).toBeVisible();
  expect(screen.getByRole("img", { name: /measured 5\.6 mL/ })).toBeVisible();
});

test("kept, the run is measured and its products lie on the shelf", async () => {
  const store = separate();
  type("Oil", "5.6");
  type("Hydrosol, all of it", "690");
  type("First cut, if kept apart", "200");
  await keep();
  const { run, lot } = store.getState();
  expect(run.entities["run-a"]!.entries.at(-1)).toMatchObject({
    type: "separated",
    oilMl: 5.6,
    hydrosolMl: 690,
    firstCutMl: 200,
  });
  expect(
    Object.values(lot.entities).map(({ product, firstCut, volumeMl }) => [
      product,
      firstCut ?? false,
      volumeMl,
    ]),
  ).toEqual([
    ["oil", false, 5.6],
    ["hydrosol", false, 490],
    ["hydrosol", true, 200],
  ]);
});

test.each([
  ["Oil", "some", /is not a number/],
  ["First cut, if kept apart", "900", /cannot be more than all of it/],
  ["pH of the hydrosol", "15", /can be 14 at most/],
])("%s of “%s” keeps nothing and says why", async (label, value, words) => {
  const store = separate();
  type("Oil", "5.6");
  type("Hydrosol, all of it", "690");
  type(label, value);
  await keep();
  expect(screen.getByText(words)).toBeVisible();
  expect(store.getState().run.entities["run-a"]!.entries).toHaveLength(settled.length);
});

test.each([
  [undefined, /95 % of the fine drops have separated \d h.* after heat off/],
  ["halfHour", /\d\d % of the fine drops have separated 30 min after heat off: 20 min from now/],
  ["salt", /95 % .* high, with 50 g of salt to the litre/],
])("the waiting time is that of the school in the plan: %s", (school, words) => {
  separate(school);
  expect(screen.getByText(words)).toBeVisible();
});

test("while the heat is on it warns before anything else", () => {
  separate(undefined, settled.slice(0, 3));
  expect(screen.getByText("The heat is not noted as off yet.", { exact: false })).toBeVisible();
});

test("an oil that is not measured stays open, and comes later", async () => {
  const store = separate();
  type("Hydrosol, all of it", "690");
  await keep();
  const measured = () =>
    store
      .getState()
      .run.entities["run-a"]!.entries.filter((entry) => entry.type === "separated")
      .at(-1);
  expect(measured()).toMatchObject({ hydrosolMl: 690 });
  expect(measured()).not.toHaveProperty("oilMl");
  expect(
    Object.values(store.getState().lot.entities).map(({ product, volumeMl }) => [
      product,
      volumeMl,
    ]),
  ).toEqual([["hydrosol", 690]]);
  type("Oil", "5");
  await keep();
  expect(measured()).toMatchObject({ oilMl: 5, hydrosolMl: 690 });
});

test("drops of the person's own dropper, weighed once, are the oil; the dropper is remembered", () => {
  const store = separate();
  fireEvent.click(screen.getByRole("radio", { name: "By drops" }));
  type("Drops of oil", "90");
  expect(screen.getByText("That is 4.50 mL at 20.0 drops a millilitre.")).toBeVisible();
  type("So many drops", "30");
  type("weigh", "0.9");
  fireEvent.click(screen.getByRole("button", { name: "Use as the oil" }));
  const perMl = store.getState().setting.entities["preferences"]!.dropsPerMl!;
  expect(screen.getByLabelText("Oil")).toHaveValue(String(Number((90 / perMl).toPrecision(3))));
  expect(perMl).toBeGreaterThan(25);
});

test("a weighed volume tells the oil's density, and one that no oil has is not taken", () => {
  separate();
  fireEvent.click(screen.getByRole("radio", { name: "Its density, by weighing" }));
  type("So much oil", "4");
  type("weighs", "40");
  expect(screen.getByText(/No oil is so light or so heavy/)).toBeVisible();
  type("weighs", "3.6");
  fireEvent.click(screen.getByRole("button", { name: "Use as its density" }));
  expect(screen.getByLabelText("Oil density, if weighed")).toHaveValue("0.9");
});

test("what is wrong behind the fold holds it open", async () => {
  separate();
  const fold = () => screen.getByRole("button", { name: /^Look, smell, pH, note/ });
  expect(fold()).toHaveAttribute("aria-expanded", "false");
  type("pH of the hydrosol", "15");
  await waitFor(() => expect(screen.getByText(/can be 14 at most/)).toBeVisible());
  fireEvent.click(fold());
  expect(fold()).toHaveAttribute("aria-expanded", "true");
});

test("the plant's own words are tapped into the smell and out of it; others are typed", () => {
  separate();
  type("Smell", "hay");
  fireEvent.click(
    within(screen.getByRole("group", { name: "Words for the oil" })).getByRole("checkbox", {
      name: "flower",
    }),
  );
  expect(screen.getByLabelText("Smell")).toHaveValue("hay, flower");
  fireEvent.click(
    within(screen.getByRole("group", { name: "Words for the oil" })).getByRole("checkbox", {
      name: "flower",
    }),
  );
  expect(screen.getByLabelText("Smell")).toHaveValue("hay");
});
