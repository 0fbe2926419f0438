/*
 * Labels as a PDF on standard output:
 * --logbook file.json --lots CODE,… [--sheet a4-65] [--design press] [--start 1] [--cut-marks]
 * A lot's code stands for all of its bottles that are not empty, a bottle's for itself.
 */
import { namesOnLabel } from "@/logbook/shelf/ownersOf";
import { readFileSync } from "node:fs";
import { parseArgs } from "node:util";
import { bottleLabel } from "../src/exchange/labels/bottleLabel";
import { openLabelFonts } from "../src/exchange/labels/labelFonts";
import { labelPdf } from "../src/exchange/labels/labelPdf";
import { labelDesigns, type LabelDesign } from "../src/exchange/labels/labelItems";
import { sheetNames, sheets, type SheetName } from "../src/exchange/labels/sheets";
import { leftInBottle } from "../src/logbook/shelf/bottleLevel";
import { oilParts } from "../src/logbook/shelf/oilParts";
import { shelfOf } from "../src/logbook/shelf/trace";
import { readCode } from "../src/records/codes";
import { fail, openLogbookFile } from "./lib/logbook";

const { values } = parseArgs({
  options: {
    logbook: { type: "string" },
    lots: { type: "string" },
    sheet: { type: "string", default: "a4-65" },
    design: { type: "string", default: "press" },
    start: { type: "string", default: "1" },
    "cut-marks": { type: "boolean", default: false },
  },
});
const { of, book, preferences } = openLogbookFile(values.logbook);
if (!sheetNames.includes(values.sheet as SheetName))
  fail(`--sheet: ${values.sheet} is none of ${sheetNames.join(", ")}`);
if (!labelDesigns.includes(values.design as LabelDesign))
  fail(`--design: ${values.design} is none of ${labelDesigns.join(", ")}`);
if (!values.lots) fail("--lots: give the codes of lots or bottles, a comma between");

const lots = of("lot");
const bottles = of("bottle");
const uses = of("use");
const chosen = values.lots.split(",").flatMap((text) => {
  const read = readCode(
    text,
    [...lots, ...bottles].map(({ code }) => code),
  );
  if (!("found" in read)) {
    const near = read.near.length > 0 ? `; near it: ${read.near.join(", ")}` : "";
    fail(`--lots: nothing in this logbook has the code ${text}${near}`);
  }
  const lot = lots.find(({ code }) => code === read.found);
  const own = bottles.filter((bottle) =>
    lot ? bottle.lotId === lot.id && leftInBottle(bottle, uses) > 0 : bottle.code === read.found,
  );
  if (own.length === 0) fail(`--lots: ${read.found} has no bottle that is not empty`);
  return own;
});

const fontFile = (name: string) =>
  new Uint8Array(readFileSync(require.resolve(`@expo-google-fonts/${name}`)));
const fonts = openLabelFonts({
  title: fontFile("young-serif/400Regular/YoungSerif_400Regular.ttf"),
  body: fontFile("atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf"),
  bold: fontFile("atkinson-hyperlegible-next/700Bold/AtkinsonHyperlegibleNext_700Bold.ttf"),
  wide: fontFile("noto-serif/400Regular/NotoSerif_400Regular.ttf"),
});
const sheet = sheets[values.sheet as SheetName];
const shelf = shelfOf([...lots, ...bottles, ...uses, ...of("run"), ...of("check")]);
const labels = chosen.map((bottle) => {
  const lot = lots.find(({ id }) => id === bottle.lotId);
  if (!lot) fail(`--lots: the lot of ${bottle.code} is not in this logbook`);
  const label = bottleLabel(
    {
      bottle,
      lot,
      plant: book.byId(lot.plantId),
      ownerNames: namesOnLabel(lot, of("run"), of("harvest")),
      parts: oilParts(lot, shelf, book),
    },
    { design: values.design as LabelDesign, widthMm: sheet.width, heightMm: sheet.height },
    fonts,
    preferences.units,
  );
  if (label.leftOut.length > 0)
    console.error(`${bottle.code}: no room for ${label.leftOut.join(", ")}`);
  return label;
});
labelPdf(labels, sheet, fonts, {
  start: Number(values.start),
  cutMarks: values["cut-marks"],
}).then(
  (pdf) => process.stdout.write(pdf),
  (error: unknown) => fail(`--start: ${error instanceof Error ? error.message : String(error)}`),
);
