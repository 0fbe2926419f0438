import { readFileSync } from "node:fs";
import Papa from "papaparse";
import { buildDemo } from "@/demo/buildDemo";
import type { Bottle, Use } from "@/records/bottle";
import type { Harvest } from "@/records/harvest";
import type { Lot } from "@/records/lot";
import type { AnyRecord } from "@/records/record";
import type { Picture } from "@/records/attachment";
import type { SampleChunk } from "@/records/sampleChunk";
import type { Run } from "@/records/run";
import { catalogueBook } from "@/logbook/plant/plantBook";
import { summarise } from "@/logbook/run/runSummary";
import { sampleStill } from "@/testing/sampleRecords";
import { bottlesCsv, harvestsCsv, runsCsv, usesCsv } from "./csv";
import { readLogbook, writeLogbook } from "./logbookFile";
import { logbookJsonSchema } from "./logbookJsonSchema";

const now = new Date("2026-10-03T14:00:00Z");
const demo = buildDemo(now);
const of = <T extends AnyRecord>(kind: T["kind"]) =>
  demo.filter((record) => record.kind === kind) as T[];

test("a logbook goes out and comes in whole", () => {
  const read = readLogbook(writeLogbook(demo, now), []);
  expect(read).toMatchObject({ ok: true, preview: { changed: [], skipped: [], broken: [] } });
  if (read.ok) expect(read.preview.added).toEqual(JSON.parse(JSON.stringify(demo)));
});

test("instruments' samples go out and come in with the logbook; a broken stretch is named", () => {
  const chunk: SampleChunk = {
    runId: "run-a",
    channel: "head",
    unit: "°C",
    startAt: "2026-07-18T08:00:00Z",
    offsetsMs: [0, 1000],
    values: [98.5, 98.6],
  };
  const text = writeLogbook(demo, now, { samples: [chunk, { ...chunk, values: [1] }] });
  const read = readLogbook(text, []);
  expect(read).toMatchObject({ ok: true, preview: { samples: [chunk] } });
  if (read.ok) expect(read.preview.broken).toEqual(["A stretch of an instrument’s samples."]);
});

test("pictures go out where they are wished for, and come in; one that is none is named", () => {
  const picture: Picture = {
    id: "p",
    ofId: "h",
    at: "2026-07-18T08:00:00Z",
    type: "image/jpeg",
    widthPx: 4,
    heightPx: 3,
    data: "QUJD",
  };
  const odd = { ...picture, data: "javascript:alert(1)" };
  const read = readLogbook(writeLogbook(demo, now, { attachments: [picture, odd] }), []);
  expect(read).toMatchObject({ ok: true, preview: { attachments: [picture] } });
  if (read.ok) expect(read.preview.broken).toEqual(["A picture."]);
  expect(writeLogbook(demo, now)).not.toContain("pictures");
});

test("what is here already is merged by id and newest", () => {
  const still = sampleStill();
  const newer = { ...still, name: "Newer", updatedAt: "2026-06-01T00:00:00Z" };
  const text = writeLogbook([newer], now);
  expect(readLogbook(text, [still])).toMatchObject({ preview: { changed: [newer], added: [] } });
  expect(readLogbook(writeLogbook([still], now), [newer])).toMatchObject({
    preview: { changed: [], skipped: [still] },
  });
});

test("a record that does not open is left out and named, the rest is taken", () => {
  const text = JSON.stringify({
    format: "sereno-logbook",
    version: 1,
    exportedAt: now,
    records: [{ kind: "run", version: 1, id: "x" }, sampleStill()],
  });
  const read = readLogbook(text, []);
  expect(read).toMatchObject({
    ok: true,
    preview: { added: [sampleStill()], broken: [expect.stringMatching(/^Run: /)] },
  });
});

test.each([
  ["", "not whole"],
  ['{"format":"sereno-logbook","version":1,"records":[', "not whole"],
  ["[1,2]", "not a Sereno logbook"],
  ["null", "not a Sereno logbook"],
  ['{"format":"sereno-logbook","version":2,"records":[]}', "made by a newer Sereno"],
  ['{"format":"sereno-logbook","version":1,"records":{}}', "no readable version or records"],
])("%s changes nothing and says why", (text, problem) => {
  expect(readLogbook(text, [])).toEqual({ ok: false, problem: expect.stringContaining(problem) });
});

test("the published schema is the one the app reads by", () => {
  const published = JSON.parse(
    readFileSync("public/schema/sereno-logbook-1.json", "utf8"),
  ) as unknown;
  expect(published).toEqual(JSON.parse(JSON.stringify(logbookJsonSchema())));
});

test("runs as CSV: a header with units, a row a run, numbers as measured", async () => {
  const runs = of<Run>("run");
  const text = await runsCsv(
    runs.map((run) => summarise(run, catalogueBook)),
    catalogueBook,
  );
  expect(text.split("\r\n")[0]).toContain("charge_g,water_mL");
  const { data } = Papa.parse<Record<string, string>>(text.trim(), { header: true });
  expect(data).toHaveLength(runs.length);
  const first = summarise(runs[0]!, catalogueBook);
  expect(Number(data[0]!.oil_mL)).toBe(first.result!.oilMl);
  expect(Number(data[0]!.yield_mL_per_kg)).toBeCloseTo(first.result!.mlPerKg, 3);
});

test("harvests and uses as CSV: a row each, with where they belong", async () => {
  const harvests = of<Harvest>("harvest");
  const cut = Papa.parse<Record<string, string>>(
    (await harvestsCsv(harvests, catalogueBook)).trim(),
    {
      header: true,
    },
  ).data;
  expect(cut).toHaveLength(harvests.length);
  expect(Number(cut[0]!.mass_g)).toBeCloseTo(harvests[0]!.massG, 1);
  expect(cut[0]!.cut_on).toBe(harvests[0]!.cutOn);
  const uses = of<Use>("use");
  const text = await usesCsv(uses, of<Bottle>("bottle"), of<Lot>("lot"), catalogueBook);
  const taken = Papa.parse<Record<string, string>>(text.trim(), { header: true }).data;
  expect(taken).toHaveLength(uses.length);
  for (const [i, { amountMl, purpose }] of uses.entries()) {
    expect(Number(taken[i]!.amount_mL)).toBeCloseTo(amountMl, 3);
    expect(taken[i]!.purpose).toBe(purpose);
    expect(taken[i]!.lot).not.toBe("");
  }
});

test("text that a spreadsheet would run is defused, quotes and line breaks survive", async () => {
  const bottle = { ...of<Bottle>("bottle")[0]!, place: "=1+1", note: 'say "when",\nthen stop' };
  const text = await bottlesCsv([bottle], of<Lot>("lot"), of<Use>("use"), catalogueBook);
  const { data } = Papa.parse<Record<string, string>>(text.trim(), { header: true });
  expect(data[0]).toMatchObject({ place: "'=1+1", note: bottle.note, bottle: bottle.code });
  expect(Number(data[0]!.left_mL)).toBeLessThanOrEqual(bottle.filledMl);
});
