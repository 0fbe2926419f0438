import { spawnSync } from "node:child_process";
import { mkdtempSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { PDFDocument } from "@cantoo/pdf-lib";
import type { AnyRecord } from "../src/records/record";
import { sampleBottle, sampleLot, sampleUse } from "../src/testing/sampleShelf";

/** Runs a command as a person does from the shell. */
function command(script: string, ...args: string[]) {
  const { status, stdout, stderr } = spawnSync(
    process.execPath,
    ["--import", "tsx", `scripts/${script}.ts`, ...args],
    { maxBuffer: 64 * 1024 * 1024 },
  );
  return { status, out: stdout, text: stdout.toString(), said: stderr.toString() };
}

const file = path.join(mkdtempSync(path.join(tmpdir(), "sereno-")), "logbook.json");
let records: AnyRecord[] = [];
const codeOf = (id: string) => {
  const found = records.find((record) => record.id === id);
  return found && "code" in found ? found.code : "";
};

beforeAll(() => {
  const { text } = command("demoLogbook");
  writeFileSync(file, text);
  const logbook = JSON.parse(text) as { format: string; records: AnyRecord[] };
  expect(logbook.format).toBe("sereno-logbook");
  records = logbook.records;
});

test("logbooks of two devices come together in any order, with what either noted; what is no logbook is named", () => {
  const logbook = JSON.parse(readFileSync(file, "utf8")) as { records: AnyRecord[] };
  const noted = (note: string, minute: number) => {
    const device = {
      ...logbook,
      records: logbook.records.map((record) =>
        record.kind === "run" && record.id === "demo-run-31"
          ? {
              ...record,
              updatedAt: new Date(Date.parse(record.updatedAt) + minute * 60000).toISOString(),
              entries: [
                ...record.entries,
                { id: note, type: "note", note, at: record.updatedAt, notedAt: record.updatedAt },
              ],
            }
          : record,
      ),
    };
    const name = path.join(path.dirname(file), `${note}.json`);
    writeFileSync(name, JSON.stringify(device));
    return name;
  };
  const [shed, kitchen] = [noted("shed", 1), noted("kitchen", 2)];
  const both = command("merge", shed, kitchen);
  expect(both.status).toBe(0);
  expect(command("merge", kitchen, shed, kitchen).text).toBe(both.text);
  const run = (JSON.parse(both.text) as typeof logbook).records.find(
    ({ id }) => id === "demo-run-31",
  );
  const notes = run?.kind === "run" ? run.entries.map(({ id }) => id) : [];
  expect(notes).toEqual(expect.arrayContaining(["shed", "kitchen"]));
  const wrong = command("merge", shed, path.join("package.json"));
  expect([wrong.status, wrong.text]).toEqual([1, ""]);
  expect(wrong.said).toContain("package.json: This is not a Sereno logbook");
});

test("trace follows a blend of the demonstration to both its harvests", () => {
  const { status, text } = command("trace", "--logbook", file, "--code", codeOf("demo-lot-blend"));
  expect(status).toBe(0);
  const traced = JSON.parse(text) as { ancestors: { kind: string }[]; volumeMl: number };
  expect(traced.volumeMl).toBe(3);
  expect(traced.ancestors.filter(({ kind }) => kind === "harvest")).toHaveLength(2);
});

test("a code with a slip is refused, and what is near is said", () => {
  const code = codeOf("demo-lot-blend");
  const slip = code.slice(0, -1) + (code.endsWith("2") ? "3" : "2");
  const { status, text, said } = command("trace", "--logbook", file, "--code", slip);
  expect([status, text]).toEqual([1, ""]);
  expect(said).toContain(`near it: ${code}`);
});

test("calendar tells what is due, each with an id of its own", () => {
  const { status, text } = command("calendar", "--logbook", file);
  expect(status).toBe(0);
  const ids = text.match(/^UID:.*$/gm) ?? [];
  expect(ids.length).toBeGreaterThan(20);
  expect(new Set(ids).size).toBe(ids.length);
});

test("labels come as a PDF of the sheet's size; what there is no room for is said", async () => {
  const { status, out, said } = command(
    "labels",
    ...["--logbook", file, "--lots", codeOf("demo-lot-26-oil"), "--sheet", "letter-30"],
    ...["--design", "band", "--start", "30"],
  );
  expect(status).toBe(0);
  const pdf = await PDFDocument.load(new Uint8Array(out));
  expect(pdf.getPageCount()).toBe(1);
  expect(pdf.getPage(0).getWidth()).toBeCloseTo(612, 0);
  expect(said).toMatch(/no room for/);
});

test("a label read back from its PDF says every caution: a poisonous water, a blend, a limited oil, one for sale", () => {
  const lots = [
    sampleLot("water", { product: "hydrosol", plantId: "wintergreen" }),
    sampleLot("rose", { plantId: "rose" }),
    sampleLot("pine", { plantId: "scotspine" }),
    sampleLot("wintergreen", { plantId: "wintergreen" }),
    sampleLot("blend", { origin: "blend", name: "Evening" }),
  ].map((lot, i): AnyRecord => ({ ...lot, code: `22${i + 2}-22${i + 2}` }));
  const blended = ["rose", "wintergreen"].map((id) =>
    sampleUse(`of-${id}`, { lotId: id, amountMl: 5, way: "blended", intoLotId: "blend" }),
  );
  const bottles = lots.map((lot, i) =>
    sampleBottle(`bottle-${lot.id}`, lot.id, 10, { code: `33${i + 2}-33${i + 2}` }),
  );
  const name = path.join(path.dirname(file), "poisons.json");
  const logbook = JSON.parse(readFileSync(file, "utf8")) as { records: AnyRecord[] };
  writeFileSync(name, JSON.stringify({ ...logbook, records: [...lots, ...bottles, ...blended] }));
  const codes = lots.map((lot) => ("code" in lot ? lot.code : "")).join(",");
  const { out } = command("labels", "--logbook", name, "--lots", codes, "--sheet", "a4-8");
  const pdf = path.join(path.dirname(file), "poisons.pdf");
  writeFileSync(pdf, out);
  const read = spawnSync(process.execPath, ["src/testing/pdfWords.mjs", pdf]).stdout.toString();
  /* Each label's cautions stand after its best-by. */
  const labels = read.replaceAll(/\s+/g, " ").toLowerCase().split("best by").slice(1);
  expect(labels).toHaveLength(lots.length);
  const [water, rose, pine, , blend] = labels;
  for (const said of [
    "not to drink",
    "not in pregnancy",
    "not for children under six",
    "keep cold",
  ])
    expect(water).toContain(said);
  expect(rose).toContain("on skin only very diluted");
  expect(pine).toContain("keep cold and full; not on skin once old");
  for (const said of ["not on skin", "poisonous", "not in pregnancy", "keep from cats"])
    expect(blend).toContain(said);
  for (const all of [water, rose, pine, blend]) expect(all).not.toMatch(/\.\./);
});

test.each([
  [["--logbook", "nowhere.json", "--lots", "X"], /--logbook: nowhere\.json cannot be read/],
  [["--lots", "X"], /--logbook: name a logbook file/],
  [["--logbook", file], /--lots: give the codes/],
  [["--logbook", file, "--lots", "X", "--sheet", "b5"], /--sheet: b5 is none of a4-65/],
  [["--logbook", file, "--lots", "X", "--design", "plain"], /--design: plain is none of press/],
  [
    ["--logbook", file, "--lots", "222-222"],
    /--lots: nothing in this logbook has the code 222-222/,
  ],
])("labels %j ends with 1 and names what is wrong", (args, words) => {
  const { status, said } = command("labels", ...args);
  expect(status).toBe(1);
  expect(said).toMatch(words);
});
