import { act, fireEvent, screen } from "@testing-library/react";
import mockPapa from "papaparse";
import { runState } from "@/logbook/run/runState";
import { defaultPreferences } from "@/records/setting";
import { renderWith } from "@/testing/renderWith";
import { entryAt, sampleRun } from "@/testing/sampleRecords";
import { ProbeImport } from "./ProbeImport";

/* The worker's own parser, on the page's thread. */
jest.mock("@/workers/csvClient", () => ({
  parseCsv: async (text: string) => {
    const [header = [], ...rows] = mockPapa.parse<string[]>(text, { skipEmptyLines: true }).data;
    return { header, rows };
  },
}));

const kept = jest.fn();
const run = sampleRun([entryAt(0, { type: "lit" })]);

function open() {
  kept.mockClear();
  const opened = renderWith(
    <ProbeImport run={run} state={runState(run.entries)} onKept={kept} />,
    [],
  );
  const samples = () =>
    [...opened.backend.texts]
      .filter(([key]) => key.startsWith("samples/"))
      .map(
        ([, text]) => JSON.parse(text) as { channel: string; startAt: string; values: number[] },
      );
  return { ...opened, samples };
}
async function give(text: string, name = "probe.csv", size = text.length) {
  const input = screen.getByLabelText("Probe log");
  const file = { name, size, text: async () => text };
  Object.defineProperty(input, "files", { value: [file], configurable: true });
  await act(async () => void fireEvent.change(input));
}
const take = () =>
  act(async () => void fireEvent.click(screen.getByRole("button", { name: "Bring it in" })));
const choose = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });

const log = (rows: number, first = 68) =>
  `Time (s),Probe 1,Elsewhere\n${Array.from({ length: rows }, (_, i) => `${i * 60},${first + i},1`).join("\n")}`;

test("columns are guessed by their names, and the log lies on the run's time", async () => {
  const { samples } = open();
  await give(log(30));
  expect(screen.getByLabelText("Time")).toHaveValue("Time (s)");
  expect(screen.getByLabelText("Head")).toHaveValue("Probe 1");
  expect(screen.getByLabelText("Outlet")).toHaveValue("");
  expect(screen.getByText("head 30 samples over 29 min.")).toBeVisible();
  await take();
  expect(kept).toHaveBeenCalledTimes(1);
  expect(samples()).toEqual([
    expect.objectContaining({ channel: "head", startAt: "2026-05-04T08:00:00.000Z" }),
  ]);
  expect(screen.queryByRole("dialog")).not.toBeInTheDocument();
});

test("rows over weeks are asked about before they are taken for one run", async () => {
  const { samples } = open();
  await give("Time (s),Probe 1\n0,70\n60,71\n6000000,72");
  expect(screen.getByText(/^These rows lie over 69 days/)).toBeVisible();
  expect(screen.getByRole("button", { name: "Bring it in" })).toBeDisabled();
  fireEvent.click(screen.getByRole("checkbox", { name: "It is one run all the same" }));
  await take();
  expect(samples().length).toBeGreaterThan(0);
});

test("degrees Fahrenheit and an offset are reckoned in", async () => {
  const { samples } = open();
  await give(log(3, 212));
  /* So hot a probe in a still is one that says °F: that is guessed. */
  expect(screen.getByRole("checkbox", { name: "Temperatures are in °F" })).toBeChecked();
  fireEvent.change(screen.getByRole("textbox", { name: "Move it by" }), {
    target: { value: "5" },
  });
  await take();
  expect(samples()[0]).toMatchObject({ startAt: "2026-05-04T08:05:00.000Z" });
  expect(samples()[0]!.values[0]).toBeCloseTo(100);
});

test("how the columns were matched is remembered for the next log of that header", async () => {
  const { store, backend } = open();
  await give(log(5));
  choose("Head", "");
  choose("Outlet", "Probe 1");
  await take();
  const setting = Object.values(store.getState().setting.entities)[0]!;
  const preferences = { ...defaultPreferences(), ...setting };
  expect(preferences.probeColumns).toEqual({
    "Time (s)|Probe 1|Elsewhere": expect.objectContaining({ outlet: "Probe 1" }),
  });
  await give(log(5));
  expect(screen.getByLabelText("Outlet")).toHaveValue("Probe 1");
  expect(screen.getByLabelText("Head")).toHaveValue("");
  expect([...backend.texts.keys()].filter((key) => key.includes("/head/"))).toEqual([]);
});

test("a row without a readable time is counted and named, the rest is taken", async () => {
  const { samples } = open();
  await give("Time (s),Probe 1\n0,60\nlater,61\n120,62");
  expect(screen.getByText(/1 rows? without a readable time .* the first is row 2/)).toBeVisible();
  await take();
  expect(samples()[0]!.values).toEqual([60, 62]);
});

test("what is no table, or larger than a run's log, is refused by name", async () => {
  const { samples } = open();
  await give("nothing in here", "letter.txt");
  expect(screen.getByRole("alert")).toHaveTextContent("letter.txt has no table");
  await give("", "year.csv", 90 * 1048576);
  expect(screen.getByRole("alert")).toHaveTextContent("year.csv is larger than 40 MB");
  await give("Time (s),Probe 1\nnow,60\nlater,61");
  expect(screen.getByRole("button", { name: "Bring it in" })).toBeDisabled();
  expect(samples()).toEqual([]);
});

test("a store that refuses is said, the sheet stays, and the next try takes it", async () => {
  const { backend, samples } = open();
  await give(log(5));
  backend.refuse = "The disk is full.";
  await take();
  expect(screen.getByText(/Not stored: The disk is full\./)).toBeVisible();
  expect(kept).not.toHaveBeenCalled();
  backend.refuse = undefined;
  await take();
  expect(samples()[0]!.values).toHaveLength(5);
});
