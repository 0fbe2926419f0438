import { act, fireEvent, screen } from "@testing-library/react";
import { runState } from "@/logbook/run/runState";
import { useAppSelector } from "@/store/hooks";
import { undoLast } from "@/store/changes";
import { renderWith } from "@/testing/renderWith";
import { entryAt, sampleRun, sampleStill } from "@/testing/sampleRecords";
import { SeparateScreen } from "./SeparateScreen";

const entries = [
  entryAt(0, { type: "lit" }),
  entryAt(20, { type: "boiling" }),
  entryAt(24, { type: "firstDrop" }),
  entryAt(80, { type: "heatOff" }),
];
const run = (id: string, number: number, chargeG: number) => {
  const made = sampleRun(entries, id);
  return { ...made, number, plan: { ...made.plan, chargeG } };
};

function Shown() {
  const shown = useAppSelector((state) => state.run.entities["run-a"]);
  return shown ? <SeparateScreen run={shown} /> : null;
}
const show = () =>
  renderWith(<Shown />, [
    sampleStill(),
    run("run-a", 1, 300),
    run("run-b", 2, 600),
    run("run-c", 3, 900),
    { ...run("run-d", 4, 500), plantId: "juniper" },
  ]).store;
const type = (label: string, value: string) => {
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
  fireEvent.blur(screen.getByLabelText(label));
};
const keep = () =>
  act(async () => {
    fireEvent.click(screen.getByRole("button", { name: "Save result" }));
    await Promise.resolve();
  });
const oilOf = (store: ReturnType<typeof show>, id: string) =>
  runState(store.getState().run.entities[id]!.entries).result?.oilMl;

test("three charges poured together: shared out by charge, one lot of all, corrected and taken back as one", async () => {
  const store = show();
  expect(screen.queryByLabelText(/Run 4/)).toBeNull();
  fireEvent.click(screen.getByLabelText(/^Run 2/));
  fireEvent.click(screen.getByLabelText(/^Run 3/));
  fireEvent.click(screen.getByRole("radio", { name: "Its charge" }));
  type("Oil", "6");
  type("Hydrosol, all of it", "1800");
  await keep();
  expect([oilOf(store, "run-a"), oilOf(store, "run-b"), oilOf(store, "run-c")]).toEqual([1, 2, 3]);
  const lots = () => Object.values(store.getState().lot.entities);
  expect(lots().map(({ product, volumeMl, runIds }) => [product, volumeMl, runIds.length])).toEqual(
    [
      ["oil", 6, 3],
      ["hydrosol", 1800, 3],
    ],
  );

  type("Oil", "9");
  await keep();
  expect(oilOf(store, "run-c")).toBeCloseTo(4.5, 9);
  expect(lots()).toHaveLength(2);
  expect(lots()[0]!.volumeMl).toBe(9);

  act(() => {
    store.dispatch(undoLast());
  });
  expect(oilOf(store, "run-c")).toBe(3);
});

test("one run alone keeps all of it", async () => {
  const store = show();
  type("Oil", "6");
  type("Hydrosol, all of it", "1800");
  await keep();
  expect(oilOf(store, "run-a")).toBe(6);
  expect(oilOf(store, "run-b")).toBeUndefined();
});
