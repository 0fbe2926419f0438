import { partOfPlant } from "@/core/care/partOfPlant";
import { PDFDocument } from "@cantoo/pdf-lib";
import fc from "fast-check";
import readQr from "jsqr";
import { plantById } from "@/core/plant/catalogue";
import { markOf } from "@/core/plant/plantMarks";
import { catalogueBook } from "@/logbook/plant/plantBook";
import { newRecord } from "@/records/base";
import type { Bottle } from "@/records/bottle";
import type { Lot } from "@/records/lot";
import { testLabelFonts } from "@/testing/labelFontFiles";
import { labelText, type LabelText } from "@/words/labelWords";
import { bottleLabel } from "./bottleLabel";
import { labelPdf } from "./labelPdf";
import { labelSvg } from "./labelSvg";
import { labelDesigns, qrModules, qrQuiet, type LabelItem } from "./labelItems";
import { layoutLabel } from "./layoutLabel";
import { qrRuns } from "./qr";
import { fittedSheet, sheetNames, sheets, sheetSchema } from "./sheets";

const fonts = testLabelFonts();
const day = new Date("2026-07-18T10:00:00Z");
const lot: Lot = {
  ...newRecord("lot", day),
  code: "K7Q-4MX",
  product: "oil",
  plantId: "clarysage",
  runIds: ["run-a"],
  madeOn: "2026-07-18",
  volumeMl: 12,
};
const bottle: Bottle = {
  ...newRecord("bottle", day),
  code: "7H9-E3M",
  lotId: lot.id,
  sizeMl: 10,
  filledMl: 10,
  glass: "amber",
  storage: "cellar",
  bestBy: "2028-07-18",
};
const plant = catalogueBook.byId("clarysage");
const text = labelText(bottle, lot, plant, "metric");
const long = "Old garden ".repeat(8).trim().padEnd(90, "e");
const greek = "Φασκόμηλο από τον κήπο";
const nine = Array.from({ length: 9 }, (_, i) => `caution number ${i + 1}`);
const texts: Record<string, LabelText> = {
  usual: text,
  "90 letters": { ...text, name: long },
  Greek: { ...text, name: greek },
  "no cautions": { ...text, cautions: [], fewCautions: [] },
  "nine cautions": { ...text, cautions: nine, fewCautions: nine },
};

const boxOf = (item: LabelItem) => {
  switch (item.kind) {
    case "text":
      return [item.x, item.y - item.size * 0.76, item.x + item.width, item.y + item.size * 0.24];
    case "line":
      return [item.x1, item.y1, item.x2, item.y2];
    case "mark":
    case "qr":
      return [item.x, item.y, item.x + item.size, item.y + item.size];
    default:
      return [item.x, item.y, item.x + item.width, item.y + item.height];
  }
};

describe.each(labelDesigns)("%s", (design) => {
  test.each(Object.keys(texts))(
    "%s: on every sheet nothing is cut, nothing overlaps, and code and name are there",
    (which) => {
      for (const name of sheetNames) {
        const { width, height } = sheets[name];
        const { items, leftOut, shortened } = layoutLabel(
          { text: texts[which]!, design, mark: "leaf", widthMm: width, heightMm: height },
          fonts,
        );
        const boxes = items.map((item) => boxOf(item) as [number, number, number, number]);
        for (const [left, top, right, bottom] of boxes) {
          expect(left).toBeGreaterThanOrEqual(-1e-6);
          expect(top).toBeGreaterThanOrEqual(-1e-6);
          expect(right).toBeLessThanOrEqual(width + 1e-6);
          expect(bottom).toBeLessThanOrEqual(height + 1e-6);
        }
        const solid = items.flatMap((item, i) =>
          item.kind === "text" || item.kind === "qr" ? [boxes[i]!] : [],
        );
        for (const [i, a] of solid.entries())
          for (const b of solid.slice(i + 1)) {
            const across = Math.min(a[2], b[2]) - Math.max(a[0], b[0]);
            const down = Math.min(a[3], b[3]) - Math.max(a[1], b[1]);
            expect(Math.min(across, down)).toBeLessThan(0.05);
          }
        const parts = items.flatMap((item) => (item.kind === "text" ? [item.part] : []));
        expect(parts).toContain("name");
        expect(parts).toContain("code");
        for (const item of items) if (item.kind === "text") expect(item.size).toBeGreaterThan(1.55);
        /* What is not there is told. */
        if (!parts.includes("bestBy")) expect(leftOut).toContain("bestBy");
        const said = items.flatMap((item) =>
          item.kind === "text" && item.part === "name" ? [item.text] : [],
        );
        if (!shortened)
          expect(said.join("").replaceAll(" ", "")).toBe(texts[which]!.name.replaceAll(/\s/g, ""));
      }
    },
  );
});

test("whatever a name is, a label of any size holds it or says that it is cut short", () => {
  fc.assert(
    fc.property(
      fc.string({ minLength: 1, maxLength: 90 }),
      fc.double({ min: 20, max: 130, noNaN: true }),
      fc.double({ min: 12, max: 110, noNaN: true }),
      fc.constantFrom(...labelDesigns),
      (name, widthMm, heightMm, design) => {
        const { items } = layoutLabel(
          { text: { ...text, name }, design, mark: "seed", widthMm, heightMm },
          fonts,
        );
        for (const item of items) {
          const [left, , right] = boxOf(item) as [number, number, number, number];
          expect(left).toBeGreaterThanOrEqual(-1e-6);
          expect(right).toBeLessThanOrEqual(widthMm + 1e-6);
        }
      },
    ),
    { numRuns: 60 },
  );
});

test("the code to scan is read back from its squares", () => {
  const dots = 6;
  const side = (qrModules + 2 * qrQuiet) * dots;
  for (const code of ["7H9-E3M", "K7Q-4MX", "CS-0713-O1-a"]) {
    const pixels = new Uint8ClampedArray(side * side * 4).fill(255);
    for (const { x, y, length } of qrRuns(code))
      for (let row = 0; row < dots; row += 1)
        for (let dot = 0; dot < length * dots; dot += 1) {
          const at = (((y + qrQuiet) * dots + row) * side + (x + qrQuiet) * dots + dot) * 4;
          pixels.fill(0, at, at + 3);
        }
    expect(readQr(pixels, side, side)?.data).toBe(code.toUpperCase());
  }
});

test("a sheet is true to size, starts where it is told, and goes on to the next page", async () => {
  const sheet = sheets["a4-65"];
  const label = bottleLabel(
    { bottle, lot, plant },
    { design: "press", widthMm: sheet.width, heightMm: sheet.height },
    fonts,
    "metric",
  );
  const pages = async (labels: number, start: number) => {
    const pdf = await labelPdf(Array<typeof label>(labels).fill(label), sheet, fonts, {
      start,
      cutMarks: true,
      nudgeX: 0.5,
    });
    return PDFDocument.load(pdf);
  };
  const one = await pages(1, 65);
  expect(one.getPageCount()).toBe(1);
  const { width, height } = one.getPage(0).getSize();
  expect((width / 72) * 25.4).toBeCloseTo(210, 3);
  expect((height / 72) * 25.4).toBeCloseTo(297, 3);
  expect((await pages(2, 65)).getPageCount()).toBe(2);
  expect((await pages(66, 1)).getPageCount()).toBe(2);
  await expect(pages(1, 66)).rejects.toThrow(/start must be a place from 1 to 65/);
});

test("a label as SVG has its own size and its letters as outlines", () => {
  const svg = labelSvg(
    bottleLabel(
      { bottle, lot, plant },
      { design: "band", widthMm: 60, heightMm: 40 },
      fonts,
      "metric",
    ),
    fonts,
  );
  expect(svg).toContain('width="60mm" height="40mm"');
  expect(svg).not.toContain("<text");
  expect(svg.match(/<path/g)!.length).toBeGreaterThan(60);
});

test("every sheet's own grid lies on its paper, and one that does not is refused by name", () => {
  for (const name of sheetNames) expect(sheetSchema.safeParse(sheets[name]).success).toBe(true);
  const wrong = sheetSchema.safeParse({ ...sheets["a4-65"], columns: 6 });
  expect(wrong.error?.issues[0]).toMatchObject({ path: ["columns"] });
  expect(sheetSchema.safeParse({ ...sheets["a4-65"], pitchX: 30 }).success).toBe(false);
});

test("words on a label follow what it is: a hydrosol is not preserved, a blend has no one botanical name", () => {
  const hydrosol = labelText(
    bottle,
    { ...lot, product: "hydrosol", firstCut: true },
    plant,
    "metric",
  );
  expect(hydrosol).toMatchObject({ kind: "hydrosol, first cut" });
  expect(hydrosol.cautions).toEqual([
    "not in pregnancy",
    "Not preserved: keep cold, use when clear and fresh.",
  ]);
  const blend = labelText(bottle, { ...lot, origin: "blend", name: "Evening" }, plant, "metric");
  expect(blend.name).toBe("Evening");
  expect(blend).not.toHaveProperty("botanical");
  const fennel = labelText(bottle, lot, catalogueBook.byId("sweetfennel"), "metric");
  expect(fennel.cautions.join(" ")).toMatch(/not in pregnancy/);
});

test("a label's cautions are sentences: the gravest first, each with its capital and one full stop", () => {
  const drawn = (label: LabelText) =>
    layoutLabel({ text: label, design: "press", mark: "leaf", widthMm: 105, heightMm: 74 }, fonts)
      .items.flatMap((item) =>
        item.kind === "text" && item.part === "cautions" ? [item.text] : [],
      )
      .join(" ");
  const wintergreen = catalogueBook.byId("wintergreen")!;
  const water = labelText(bottle, { ...lot, product: "hydrosol" }, wintergreen, "metric");
  expect(drawn(water)).toMatch(
    /^Not to drink; poisonous; .*keep from dogs\. Not preserved: keep cold, use when clear and fresh\.$/,
  );
  const oil = labelText(bottle, lot, wintergreen, "metric");
  expect(drawn(oil)).toMatch(/^Dilute before use\. .*flame\. Not on skin; poisonous; .*[a-z]\.$/);
});

test("a preserved water names what was added; what is for sale names its allergens and its maker, and they go before the cautions", () => {
  const water = { ...lot, product: "hydrosol" as const };
  const preserved = { ...bottle, preserved: { with: "sorbate" as const, percent: 0.2 } };
  expect(labelText(preserved, water, plant, "metric").cautions.join(" ")).toMatch(
    /With potassium sorbate 0\.2 %: keep cold, use when clear and fresh\./,
  );
  expect(labelText(preserved, water, plant, "metric").cautions.join(" ")).not.toMatch(
    /[Pp]reserved/,
  );
  const maker = { name: "Kestrel Lane", address: "Mill path 3" };
  const lavender = catalogueBook.byId("lavender")!;
  const sold = labelText(
    bottle,
    { ...lot, plantId: "lavender" },
    lavender,
    "metric",
    [],
    undefined,
    maker,
  );
  expect(sold).toMatchObject({ maker: "Kestrel Lane, Mill path 3" });
  expect(sold.contains).toMatch(/^Contains linalyl acetate, linalool/);
  expect(labelText(bottle, lot, lavender, "metric")).not.toHaveProperty("contains");
  const small = layoutLabel(
    { text: sold, design: "press", mark: "leaf", widthMm: 38, heightMm: 21 },
    fonts,
  );
  expect(small.leftOut).toContain("contains");
  const large = layoutLabel(
    { text: sold, design: "press", mark: "leaf", widthMm: 105, heightMm: 74 },
    fonts,
  );
  expect(large.leftOut).toEqual([]);
});

test("each plant has the mark of what is distilled of it", () => {
  const marks = ["scotspine", "sweetfennel", "clarysage", "baylaurel", "vetiver"].map((id) =>
    markOf(plantById(id)),
  );
  expect(marks).toEqual(["needle", "seed", "flower", "leaf", "root"]);
});

test("a label fits its bottle, from 5 mL to a litre, round and flat, and its sheet is a sheet", () => {
  for (const sizeMl of [5, 10, 15, 30, 50, 100, 250, 500, 1000])
    for (const shape of ["round", "flat"] as const) {
      const grid = fittedSheet(sizeMl, shape, sizeMl > 100 ? "letter" : "a4");
      expect(sheetSchema.safeParse(grid).error?.issues).toBeUndefined();
      const { leftOut } = layoutLabel(
        { text, design: "press", mark: "leaf", widthMm: grid.width, heightMm: grid.height },
        fonts,
      );
      if (sizeMl >= 30) expect(leftOut).not.toContain("qr");
      if (sizeMl >= 100) expect(leftOut).toEqual([]);
    }
});

test("the label of a poisonous water, of a blend and of a limited oil says so, in full and in few words", () => {
  const wintergreen = catalogueBook.byId("wintergreen")!;
  const water = labelText(bottle, { ...lot, product: "hydrosol" }, wintergreen, "metric");
  for (const said of [water.cautions, water.fewCautions])
    for (const words of [/not to drink/, /not in pregnancy/, /under six/])
      expect(said.join(" ")).toMatch(words);
  const blend = labelText(
    bottle,
    { ...lot, origin: "blend", name: "Evening" },
    plant,
    "metric",
    [],
    [partOfPlant(plant!, "oil", 0.6), partOfPlant(wintergreen, "oil", 0.4)],
  );
  expect(blend.cautions.join(" ")).toMatch(/not on skin.*poisonous/);
  const rose = labelText(bottle, lot, catalogueBook.byId("rose"), "metric");
  expect(rose.cautions.join(" ")).toMatch(/very diluted/);
  expect(rose.cautions.join(" ")).not.toMatch(/not for use on skin/);
  const pine = labelText(bottle, lot, catalogueBook.byId("scotspine"), "metric");
  expect(pine.cautions.join(" ")).toMatch(/not on skin once old/);
});
