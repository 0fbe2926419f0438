import { asChunks, guessColumns, readProbe } from "./probeCsv";

const zero = Date.parse("2026-07-18T08:00:00Z");
const table = (header: string[], rows: string[][]) => ({ header, rows });

test("columns are guessed by name, and Fahrenheit by its heat", () => {
  const fahrenheit = table(
    ["Time (s)", "Probe 1", "Outlet"],
    [
      ["0", "64", "60"],
      ["60", "209,5", "80"],
    ],
  );
  expect(guessColumns(fahrenheit)).toEqual({
    time: "Time (s)",
    head: "Probe 1",
    outlet: "Outlet",
    tub: undefined,
    distillate: undefined,
    fahrenheit: true,
  });
});

test.each([
  ["Time (s)", "90", zero + 90_000],
  ["minutes", "1.5", zero + 90_000],
  ["time", "2026-07-18T08:01:30Z", zero + 90_000],
  ["stamp", String((zero + 90_000) / 1000), zero + 90_000],
  ["stamp ms", String(zero + 90_000), zero + 90_000],
])("a time under “%s” is read: %s", (name, text, expected) => {
  const read = readProbe(
    table([name, "head"], [[text, "98.6"]]),
    { time: name, head: "head", fahrenheit: false },
    zero,
  );
  expect(read).toMatchObject({
    ok: true,
    reading: { from: expected, lines: { head: { value: [98.6] } } },
  });
});

test("bad rows are counted, no row at all is a problem with a remedy", () => {
  const match = { time: "time", head: "head", fahrenheit: true };
  const mixed = table(
    ["time", "head"],
    [
      ["0", "212"],
      ["?", "1"],
      ["2", "x"],
      ["1", "32"],
    ],
  );
  expect(readProbe(mixed, match, zero)).toMatchObject({
    ok: true,
    reading: { unreadable: 1, firstUnreadable: 2, lines: { head: { value: [100, 0] } } },
  });
  expect(readProbe(table(["time", "head"], [["soon", "1"]]), match, zero)).toEqual({
    ok: false,
    problem: "No row has a time that can be read in “time”. Choose another column.",
  });
  expect(readProbe(mixed, { time: "time", fahrenheit: false }, zero)).toMatchObject({ ok: false });
});

test("chunks are sorted, moved, split, and hold each moment once", () => {
  const at = Array.from({ length: 1500 }, (_, i) => zero + ((i * 7) % 1500) * 1000);
  const chunks = asChunks(
    "run-a",
    {
      lines: { tub: { at: [...at, zero], value: [...at.map(() => 20), 21] } },
      from: 0,
      to: 0,
      unreadable: 0,
      impossible: 0,
    },
    60_000,
  );
  expect(chunks.map(({ values }) => values.length)).toEqual([600, 600, 300]);
  expect(chunks[0]!.startAt).toBe("2026-07-18T08:01:00.000Z");
});
