import { plantById } from "@/core/plant/catalogue";
import { constructionKinds } from "@/core/still/constructions";
import { methodsOf } from "@/core/still/fillLimits";
import { heatKinds, heatSources } from "@/core/still/heatSources";
import { metalKinds } from "@/core/still/metal";
import { type Method, catchesIn } from "@/core/still/methods";
import { sampleRun, sampleStill } from "@/testing/sampleRecords";
import { checklist } from "./checklist";
import { packingList } from "./packing";

type Setting = Parameters<typeof checklist>[0];
const setting = (part: Partial<Setting> = {}): Setting => ({
  still: sampleStill(),
  plan: { method: "steam" },
  water: "1.7 L",
  dryLine: "700 mL",
  cooling: "4 L a minute",
  ...part,
});
const ids = (part?: Partial<Setting>) => checklist(setting(part)).map(({ id }) => id);

test("every still, heat, metal and method has a list that says why, each check once", () => {
  for (const construction of constructionKinds)
    for (const kind of heatKinds)
      for (const metal of metalKinds)
        for (const method of methodsOf({ construction })) {
          const still = { ...sampleStill(), construction, metal, heat: { kind, powerW: 2000 } };
          const items = checklist(setting({ still, plan: { method }, ice: "1 kg" }));
          expect(new Set(items.map(({ id }) => id)).size).toBe(items.length);
          expect(items.length).toBeGreaterThan(8);
          for (const { label, reason } of items) {
            expect(label.length).toBeGreaterThan(8);
            expect(reason).toMatch(/[.]$/);
          }
        }
});

test.each(heatKinds)("%s has the check of its own hazard, and of no other", (kind) => {
  const still = { ...sampleStill(), heat: { kind, powerW: 2000 } };
  const of = { flame: "flame", mains: "mains", pressure: "steamLine" };
  const own = of[heatSources[kind].hazard];
  const found = ids({ still }).filter((id) => Object.values(of).includes(id));
  expect(found).toEqual([own]);
});

test("what kills is on every list: the plant, the dry line, an open path, and somebody who stays", () => {
  for (const construction of constructionKinds) {
    const still = { ...sampleStill(), construction };
    const method: Method = methodsOf({ construction })[0]!;
    const found = ids({ still, plan: { method } });
    for (const id of ["plant", "water", "path", "room", "stay"]) expect(found).toContain(id);
    expect(found.includes("jar")).toBe(catchesIn(method) === "jar");
    expect(found.includes("trap")).toBe(catchesIn(method) === "trap");
  }
});

test("checks follow the charge: steam keeps its headspace, what swims its fill, a bowl its stand", () => {
  expect(ids({ plan: { method: "steam" } })).toEqual(expect.arrayContaining(["seat", "headspace"]));
  expect(ids({ plan: { method: "hydro" } })).toContain("fill");
  expect(ids({ plan: { method: "hydro" } })).not.toContain("headspace");
  const bowl = { ...sampleStill(), construction: "bowl" as const };
  const found = ids({ still: bowl, plan: { method: "bowl" } });
  expect(found).toEqual(expect.arrayContaining(["bowl", "lid", "lidIce"]));
  for (const wrong of ["jar", "joints"]) expect(found).not.toContain(wrong);
  expect(found).not.toContain("relief");
  expect(found).not.toContain("cooling");
});

test("glass asks for chips, ice for a bag of it, an oil that sets for water that is warm enough", () => {
  expect(ids({ still: { ...sampleStill(), metal: "glass" } })).toContain("chips");
  expect(ids({ still: { ...sampleStill(), metal: "copper" } })).not.toContain("chips");
  expect(ids({ plan: { method: "steam" }, ice: "2 kg" })).toContain("ice");
  expect(ids({ plan: { method: "steam" } })).not.toContain("ice");
  const warm = checklist(setting({ setsBelow: "59 °F" })).find(({ id }) => id === "setting")!;
  expect(warm.label).toBe("Cooling water is warmer than 59 °F");
  expect(ids()).not.toContain("setting");
});

test("a still that was calibrated is clean; one that was not is run with water first", () => {
  const clean = (still: Setting["still"]) =>
    checklist(setting({ still })).find(({ id }) => id === "clean")!.label;
  expect(clean(sampleStill())).toMatch(/^Clean run is done/);
  const calibration = {
    on: "2026-05-04T08:00:00Z",
    waterMl: 3000,
    startC: 14,
    minutesToBoil: 19,
    rateMlPerMin: 21,
  };
  const steel = { ...sampleStill(), calibration, metal: "stainless" as const };
  expect(clean(steel)).toBe("Still is clean");
  expect(clean({ ...steel, metal: "copper" })).toBe("Still is clean, no green or blue salts in it");
  const after = (clings: boolean) =>
    checklist(setting({ still: steel, before: { name: "peppermint", clings } })).find(
      ({ id }) => id === "clean",
    )!;
  expect(after(true).label).toBe("Still is clean of peppermint");
  expect(after(true).reason).toMatch(/tastes through/);
  expect(after(false).reason).not.toMatch(/tastes through/);
});

test("gas asks for joints, a weighed cylinder and a carbon monoxide alarm; mains for a breaker; neither for the other", () => {
  const said = (kind: (typeof heatKinds)[number]) =>
    checklist(setting({ still: { ...sampleStill(), heat: { kind, powerW: 2000 } }, gas: "410 g" }))
      .map(({ label, reason }) => `${label} ${reason}`)
      .join("\n");
  expect(said("gas")).toMatch(/bubbles under soap.* holds 410 g and more by weight/);
  expect(said("gas")).toMatch(/carbon monoxide alarm/);
  expect(said("gas")).not.toMatch(/breaker/);
  expect(said("element")).toMatch(/breaker that trips on a leak.*Dry hands/);
  expect(said("element")).not.toMatch(/monoxide|cylinder/);
});

describe("what to carry", () => {
  const pack = (change: Partial<ReturnType<typeof sampleRun>["plan"]> = {}) => {
    const run = sampleRun();
    return packingList(
      { ...run, plan: { ...run.plan, ...change } },
      sampleStill(),
      plantById("lavender"),
      "metric",
    ).join("\n");
  };

  test("plant, water, jars for all of the distillate, and gas where it burns gas", () => {
    expect(pack()).toMatch(/^700 g of fresh true lavender, flower spikes$/m);
    expect(pack()).toMatch(/of water for Copper pot, 12 L, and a kettle of hot water/);
    expect(pack()).toMatch(/^1 clean jar of 1(\.00)? L$/m);
    expect(pack({ jarMl: 250 })).toMatch(/^4 clean jars of 250 mL$/m);
    expect(pack({ jarMl: 50 })).toMatch(
      /^A clean churn or drum of 5(\.00)? L instead of \d+ jars$/m,
    );
    expect(pack()).toMatch(/^A scale for the gas cylinder, soapy water for its joints/m);
  });

  test("a first cut has its own jar; water that flows back needs none for the hydrosol", () => {
    expect(pack({ firstCutMl: 230 })).toMatch(/^2 clean jars .*, for 1 cut$/m);
    expect(pack({ method: "cohobation" })).toMatch(/^1 clean jar/m);
    expect(pack({ method: "bowl" })).not.toMatch(/clean jar/);
  });

  test("ice is weighed; a still that is gone and a plant that is unknown are no dead end", () => {
    expect(pack({ iceKg: 2.5 })).toMatch(/^2\.5 kg of ice$/m);
    const run = sampleRun();
    const list = packingList(run, undefined, undefined, "us").join("\n");
    expect(list).toMatch(/oz|lb/);
    expect(list).not.toMatch(/undefined|NaN/);
  });
});
