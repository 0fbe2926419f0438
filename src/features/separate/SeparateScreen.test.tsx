import { act, fireEvent, screen } from "@testing-library/react";
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
const type = (label: string, value: string) => {
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
  fireEvent.blur(screen.getByLabelText(label));
};
const keep = () =>
  act(async () => {
    fireEvent.click(screen.getByRole("button", { name: "Keep it" }));
    await Promise.resolve();
  });

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test("what is typed stands on every usual basis, against what was expected", () => {
  separate();
  type("Oil", "5,6");
  type("Hydrosol, all of it", "690");
  expect(screen.getByRole("row", { name: /mL per kg.*8\.00.*20\.0/ })).toBeVisible();
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
  [undefined, /95 % of the fine drops have parted \d h.* after heat off/],
  ["halfHour", /\d\d % of the fine drops have parted 30 min after heat off: 20 min from now/],
  ["salt", /with 50 g of salt to the litre, 95 %/],
])("the waiting time is that of the school in the plan: %s", (school, words) => {
  separate(school);
  expect(screen.getByText(words)).toBeVisible();
});

test("while the heat is on it warns before anything else", () => {
  separate(undefined, settled.slice(0, 3));
  expect(screen.getByText("The heat is not noted as off yet.", { exact: false })).toBeVisible();
});
