import { proseById } from "@/core/plant/catalogue/prose";
import { condensers } from "@/core/cooling/condenser";
import { endings } from "@/core/forecast/stopRules";
import { keysOf } from "@/core/keysOf";
import { plantById, plants } from "@/core/plant/catalogue";
import { cautions } from "@/core/plant/cautions";
import { noteFamilies } from "@/core/plant/noteFamilies";
import { tissues } from "@/core/plant/plant";
import { doubts } from "@/core/run/watchedRun";
import { receiverKinds } from "@/core/separation/receivers";
import { constructionKinds } from "@/core/still/constructions";
import { heatKinds } from "@/core/still/heatSources";
import { metalKinds } from "@/core/still/metal";
import { methods } from "@/core/still/methods";
import { runState, type LoggedEntry } from "@/logbook/run/runState";
import { settlingTime } from "@/logbook/run/settlingTime";
import { defaultPreferences } from "@/records/setting";
import { entryAt, sampleOwnPlant, sampleRun, sampleStill } from "@/testing/sampleRecords";
import { bestByWords } from "./bestByWords";
import { calibrationWords } from "./calibrationWords";
import { cautionWords } from "./cautionWords";
import { doubtWords } from "./doubtWords";
import { fuelWords, heatWords } from "./heatWords";
import { lastWord } from "./lastWord";
import { entryWords, logLine } from "./logLine";
import { methodWords } from "./methodWords";
import { nameOf } from "./nameOf";
import { noteWords } from "./noteWords";
import {
  oilKeepingWords,
  waterKeepingWords,
  phWords,
  skinWords,
  tissueNames,
  tissueWords,
} from "./plantWords";
import { receiverLine, receiverNouns, receiverWords } from "./receiverWords";
import { phaseInShort, phaseOf, timeOf } from "./runWords";
import { settlingWords } from "./settlingWords";
import {
  chosenCondensers,
  condenserOptions,
  constructionOptions,
  headOptions,
  heatOptions,
  isChosen,
  metalOptions,
  receiverOptions,
} from "./stillWords";
import { stopRuleWords } from "./stopRuleWords";
import { troubleGuide } from "./troubleGuide";

test.each([
  ["methods", methods, methodWords],
  ["heats", heatKinds, heatWords],
  ["receivers", receiverKinds, receiverWords],
  ["receivers within a sentence", receiverKinds, receiverNouns],
  ["tissues", tissues, tissueWords],
  ["tissues in short", tissues, tissueNames],
  ["doubts", doubts, doubtWords],
  ["endings", endings, stopRuleWords],
  ["cautions", cautions, cautionWords],
  ["notes", noteFamilies, noteWords],
] as [string, readonly string[], Record<string, string>][])(
  "each of the %s has a word of its own",
  (_, members, said) => {
    const all = members.map((member) => said[member]!);
    expect(all.every((word) => word.trim().length > 2)).toBe(true);
    expect(new Set(all).size >= all.length - 1).toBe(true);
    expect(Object.keys(said).sort()).toEqual([...members].sort());
  },
);

test("lists to choose from hold every kind of their table, and nothing that cannot be chosen", () => {
  expect(constructionOptions.map(({ value }) => value)).toEqual(constructionKinds);
  expect(metalOptions.map(({ value }) => value)).toEqual(metalKinds);
  expect(heatOptions.map(({ value }) => value)).toEqual(heatKinds);
  expect(receiverOptions.map(({ value }) => value)).toEqual(receiverKinds);
  expect(headOptions).toHaveLength(4);
  expect(chosenCondensers).toEqual(keysOf(condensers).filter(isChosen));
  expect(condenserOptions.map(({ value }) => value)).toEqual(["notSaid", ...chosenCondensers]);
  expect(isChosen("iceLid")).toBe(false);
  expect(Object.keys(fuelWords).sort()).toEqual(["electricity", "gas", "own"]);
});

const logged = (entry: Parameters<typeof entryAt>[1]) => entryAt(5, entry) as LoggedEntry;

test.each([
  [
    { type: "reading", headC: 98.9, distillateMl: 250, oilMl: 2 },
    /head 98\.9 °C, 250 mL so far, 2/,
  ],
  [{ type: "reading", outletC: 30, rateMlPerMin: 12, tubC: 22 }, /outlet 30\.0 °C, 12 mL\/min/],
  [{ type: "iceAdded", massG: 1500 }, /^1\.50 kg$/],
  [{ type: "waterAdded", volumeMl: 500 }, /^500 mL$/],
  [{ type: "heatChanged", powerW: 1200 }, /^1,?200 W$/],
  [{ type: "stopMoved", minutes: 75, reason: "still sweet" }, /to 1 h 15 min .*: still sweet/],
  [{ type: "trouble", what: "Cooling stopped" }, /^Cooling stopped$/],
  [{ type: "separated", oilMl: 4 / 3, hydrosolMl: 650 }, /^1\.3 mL oil, 650 mL hydrosol$/],
  [
    {
      type: "settling",
      vessel: { name: "Tall tube", vessel: "tube", diameterMm: 30, heightMm: 300 },
      temperatureC: 50,
      saltGPerL: 100,
    },
    /^Tall tube, 50\.0 °C, 100 g of salt to the litre$/,
  ],
  [{ type: "drawnOff", oilMl: 0.4 }, /^0\.40 mL more oil$/],
  [{ type: "lit", open: ["Lid"], reason: "in haste" }, /^with 1 check open: in haste$/],
  [
    { type: "spent", wetness: "wet", smell: "hay", tailMl: 40, liquorKept: true },
    /wet, smells hay/,
  ],
  [{ type: "note", note: "first wasp" }, /^first wasp$/],
  [{ type: "jarSwapped" }, /^$/],
] as [Parameters<typeof entryAt>[1], RegExp][])("an entry is read as %j says", (entry, said) => {
  const line = logLine(logged(entry), "metric");
  expect(line.detail).toMatch(said);
  expect(line.what).toBe(entryWords[entry.type as LoggedEntry["type"]]);
});

test("an entry is read in the person's own units", () => {
  expect(logLine(logged({ type: "reading", headC: 100 }), "us").detail).toBe("head 212 °F");
  expect(logLine(logged({ type: "iceAdded", massG: 453.6 }), "us").detail).toMatch(/lb|oz/);
});

test("a record is called what a person would call it", () => {
  expect(nameOf(sampleStill())).toBe("Copper pot, 12 L");
  expect(nameOf(sampleRun())).toBe("Run 1, True lavender");
  expect(nameOf(sampleOwnPlant({}))).toBe("Own figures of Clary sage");
  expect(nameOf(defaultPreferences())).toBe("Preferences");
  expect(nameOf({ ...sampleRun(), plantId: "moonwort" })).toBe("Run 1, moonwort");
});

test.each([
  [-2, "past by 2 days"],
  [-1, "past by 1 day"],
  [0, "0 days left"],
  [1, "1 day left"],
  [60, "60 days left"],
  [400, "best by Sept 2028"],
])("best-by with %i days left: %s", (daysLeft, said) => {
  expect(bestByWords({ daysLeft, bestBy: "2028-09-01" })).toBe(said);
});

test("a calibration is told with its day and its two figures, or that there is none", () => {
  expect(calibrationWords(sampleStill())).toMatch(/^Not yet/);
  const calibrated = {
    ...sampleStill(),
    heat: { ...sampleStill().heat, efficiency: 0.52 },
    lossWPerK: 1.4,
    calibration: {
      on: "2026-05-04T08:00:00Z",
      waterMl: 3000,
      startC: 14,
      minutesToBoil: 19,
      rateMlPerMin: 21,
    },
  };
  expect(calibrationWords(calibrated)).toMatch(/2026: 52 % reaches the pot, 1\.4 W\/K goes/);
});

test("a phase is told in words, its last minutes as finishing", () => {
  const state = runState([
    entryAt(0, { type: "lit" }),
    entryAt(20, { type: "boiling" }),
    entryAt(24, { type: "firstDrop" }),
  ]);
  expect(phaseInShort(state)).toBe("running");
  expect(phaseOf(state, {})).toBe("Distilling");
  expect(phaseOf(state, { live: { minutesToHeatOff: 9 } as never })).toBe("Finishing");
  expect(phaseOf(runState([]), {})).toBe("Made ready");
  expect(phaseInShort(runState([]))).toBe("ready");
});

test("a moment of today is a time, one of another day has its day", () => {
  const noon = new Date(2026, 4, 4, 12).getTime();
  expect(timeOf(noon, noon)).toBe("12:00");
  expect(timeOf(noon - 24 * 3600e3, noon)).toMatch(/3 May.*12:00|May 3.*12:00/);
});

test("settling is told with its share and its time; an oil that hangs, as it is", () => {
  expect(settlingWords(settlingTime(0.89, 18))).toMatch(/^95 % of the fine drops have separated/);
  expect(settlingWords({ minutes: Infinity, share: 0 })).toMatch(/as heavy as the water/);
});

test("a plant's keeping, pH and most on skin in words", () => {
  const lavender = plantById("lavender")!;
  expect(waterKeepingWords(lavender)).toBe(
    "about 5 months in the fridge, 11 months where it was filled hot into a boiled bottle; half of what is left once opened",
  );
  expect(oilKeepingWords(lavender)).toMatch(/dark glass/);
  expect(phWords(lavender)).toBe("5.6 to 5.9, a third either way");
  expect(phWords(plantById("eucalyptus")!)).toBe("about 4.2");
  expect(phWords(plantById("vetiver")!)).toBeUndefined();
  expect(skinWords(plantById("pennyroyal")!)).toBe("Not on skin at all.");
  expect(skinWords(plantById("cinnamonbark")!)).toMatch(/0\.07 % of oil\. Check before use/);
  expect(skinWords(lavender)).toMatch(/2 % on the body, 1 % on the face/);
});

test.each([
  ["flowering tops", "tops"],
  ["needles and twigs", "twigs"],
  ["leaves, young", "leaves"],
  ["zest", "zest"],
])("%s in a word: %s", (part, word) => {
  expect(lastWord(part)).toBe(word);
});

test("a receiver is told with what it holds, in the person's units", () => {
  const tube = { kind: "tube" as const, diameterMm: 30, volumeMl: 250 };
  expect(receiverLine(tube, "metric")).toBe("Narrow tube, 250 mL");
  expect(receiverLine(tube, "us")).toMatch(/^Narrow tube, 8 fl oz$/);
});

test("every trouble says what to do now and next time; the dangerous ones begin with the heat", () => {
  expect(new Set(troubleGuide.map(({ id }) => id)).size).toBe(troubleGuide.length);
  for (const { now, next, danger } of troubleGuide) {
    expect(now.length).toBeGreaterThan(0);
    expect(next).toMatch(/[.?!]$/);
    if (danger) expect(now[0]).toMatch(/heat|away|leave/i);
  }
});

test("every plant's part has a last word, and none of its texts is empty", () => {
  for (const { id, part, name, moment } of plants) {
    expect(lastWord(part).length).toBeGreaterThan(2);
    for (const text of [name, moment, ...Object.values(proseById(id))])
      expect(text.trim().length).toBeGreaterThan(3);
  }
});
