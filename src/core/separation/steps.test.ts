import { branchesOf, clings, stepCodes, stepsFor } from "./steps";
import { insideOf, vesselKindRows, vesselKinds } from "./vesselKinds";

test("every vessel has its steps, that end in a reading and a dry oil", () => {
  for (const kind of vesselKinds)
    for (const layer of ["floats", "sinks", "hangs"] as const) {
      const steps = stepsFor(kind, { layer, layerMm: 4 });
      expect(steps.slice(-3)).toEqual(["readLower", "rinse", "dry"]);
      expect(new Set(steps).size).toBe(steps.length);
    }
});

test("what floats is left behind in a funnel, what sinks comes first", () => {
  expect(stepsFor("funnel", { layer: "floats", layerMm: 3 })).toContain("stopAtLine");
  const below = stepsFor("funnel", { layer: "sinks", layerMm: 3 });
  expect(below).toContain("drawOilBelow");
  expect(below).not.toContain("stopAtLine");
});

test("where nothing shows, a dye tells whether there is oil at all", () => {
  expect(stepsFor("jar", { layer: "floats", layerMm: 0.3 })).toContain("dyeTest");
  expect(stepsFor("jar", { layer: "floats", layerMm: 2 })).not.toContain("dyeTest");
});

test("every step has ways on that belong to it", () => {
  const all = stepCodes.flatMap((step) => branchesOf(step));
  expect(new Set(all).size).toBe(6);
  expect(branchesOf("stopAtLine")).toContain("pouredOut");
});

test("a narrow tube leaves less on its glass than a wide jar on its lip, never more than there is", () => {
  const left = (kind: "tube" | "jar") => {
    const { diameterMm } = insideOf({ vessel: kind, ...vesselKindRows[kind].usual });
    return clings(kind, { diameterMm, layerMm: 3, columnMm: 100, oilMl: 3 });
  };
  expect(left("tube")).toBeLessThan(left("jar"));
  expect(clings("jar", { diameterMm: 90, layerMm: 1, columnMm: 100, oilMl: 0.02 })).toBe(0.02);
});

const ends = ["readLower", "rinse", "dry"];
test.each([
  ["headReceiver", ["close", "wait", "collectHead", ...ends]],
  ["syringe", ["wait", "pushOut", "narrowMeasure", ...ends]],
  ["twoArm", ["wait", "pourOver", "secondRest", "narrowMeasure", ...ends]],
  ["jar", ["wait", "skim", "secondRest", "narrowMeasure", ...ends]],
  [
    "funnel",
    [
      ...["close", "wait", "openSlowly", "slowToDrops", "stopAtLine"],
      ...["secondRest", "narrowMeasure", ...ends],
    ],
  ],
] as const)("a %s with a layer that shows has its own way", (kind, steps) => {
  expect(stepsFor(kind, { layer: "floats", layerMm: 4 })).toEqual(steps);
  /* Where none shows, a dye after the wait. */
  const unseen: string[] = stepsFor(kind, { layer: "floats", layerMm: 0.5 });
  expect(unseen[unseen.indexOf("wait") + 1]).toBe("dyeTest");
  expect(unseen.filter((step) => step !== "dyeTest")).toEqual(steps);
});

test("a step asks only what can go otherwise there", () => {
  expect(branchesOf("close")).toEqual(["hasSet"]);
  expect(branchesOf("secondRest")).toEqual(["noLayer", "cloudy"]);
  expect(branchesOf("rinse")).toEqual([]);
});

test("drained from below, a film stays on the whole wall and a drop in the tap", () => {
  const film = (Math.PI * 60 * (100 + 5) * 0.003) / 1000;
  const of = { diameterMm: 60, layerMm: 5, columnMm: 100, oilMl: 14 };
  expect(clings("funnel", of)).toBeCloseTo(film + 0.05, 9);
  expect(clings("jar", of)).toBeCloseTo((Math.PI * 60 * 5 * 0.003) / 1000 + 0.1, 9);
});
