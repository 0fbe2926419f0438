import { sampleChunkSchema } from "@/records/sampleChunk";
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

test("a value that no still gives, or a time in another age, is left out with its row's number", () => {
  const log = {
    header: ["time", "head"],
    rows: [
      ["2026-07-18 10:00:00", "98.1"],
      ["2026-07-18 10:00:01", "1e400"],
      ["2026-07-18 10:00:02", "1e12"],
      ["+300000-01-01T00:00:00Z", "97"],
      ["2026-07-18 10:00:03", "98.2"],
    ],
  };
  const read = readProbe(log, { time: "time", head: "head", fahrenheit: false }, 0);
  expect(read).toMatchObject({
    ok: true,
    reading: {
      unreadable: 1,
      firstUnreadable: 4,
      impossible: 2,
      firstImpossible: { row: 2, text: "1e400" },
      lines: { head: { value: [98.1, 98.2] } },
    },
  });
  if (read.ok)
    for (const chunk of asChunks("run-a", read.reading, 0))
      expect(sampleChunkSchema.safeParse(JSON.parse(JSON.stringify(chunk))).success).toBe(true);
  const none = { ...log, rows: [["2026-07-18 10:00:00", "1e12"]] };
  expect(readProbe(none, { time: "time", head: "head", fahrenheit: false }, 0)).toMatchObject({
    ok: false,
  });
});
