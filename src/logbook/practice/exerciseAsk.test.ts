import type { ForecastRequest } from "@/core/forecast/request";
import type { HeatKind } from "@/core/still/heatSources";
import { sampleSpec } from "@/testing/samplePractice";
import { catalogueBook } from "../plant/plantBook";
import { readyMadeStills } from "../still/readyMadeStills";
import { askOf, traitsOf } from "./exerciseAsk";

const lavender = catalogueBook.byId("lavender")!;
const bare = sampleSpec().still;
const { condenser: _, ...uncooled } = bare;
const heated = (kind: HeatKind) =>
  traitsOf({ ...bare, heat: { kind, powerW: 2000 } }, lavender, "steam");
const ofKind = (construction: (typeof bare)["construction"]) =>
  traitsOf(
    readyMadeStills.find((each) => each.construction === construction)!,
    lavender,
    "steam",
  );

test("what burns under a still is a flame, and of gas alone more flows on unlit", () => {
  expect(heated("gas")).toMatchObject({ flame: true, gas: true, steamLine: false });
  expect(heated("wood")).toMatchObject({ flame: true, gas: false, steamLine: false });
  expect(heated("plate")).toMatchObject({ flame: false, gas: false, steamLine: false });
  expect(heated("externalSteam")).toMatchObject({ flame: false, gas: false, steamLine: true });
});

test("a plant vessel of its own hangs on a line of steam; a pot that locks has a valve", () => {
  expect(ofKind("separateVessel")).toMatchObject({ steamLine: true, valve: false });
  expect(ofKind("pressurePot")).toMatchObject({ valve: true });
  expect(ofKind("basketPot")).toMatchObject({ steamLine: false, valve: false });
});

test("cooling stands in its tub, flows from the tap or by a pump, and is ice where there is no condenser", () => {
  const cooled = (condenser: (typeof bare)["condenser"] & object) =>
    traitsOf({ ...uncooled, condenser }, lavender, "steam");
  expect(cooled({ kind: "tubCoil", tubL: 20, iceKg: 0 })).toMatchObject({
    cooledBy: "tub",
    flows: false,
  });
  expect(cooled({ kind: "recirculated", tubL: 20, iceKg: 0 })).toMatchObject({
    cooledBy: "tub",
    flows: true,
  });
  expect(cooled({ kind: "tap", riseK: 20 })).toMatchObject({ cooledBy: "tap", flows: true });
  expect(traitsOf(uncooled, lavender, "steam")).toMatchObject({ cooledBy: "ice", flows: false });
});

test("only plain steaming keeps the plant out of the water; a returning still catches in a trap", () => {
  expect(traitsOf(bare, lavender, "steam")).toMatchObject({ inWater: false, catches: "jar" });
  expect(traitsOf(bare, lavender, "hydro")).toMatchObject({ inWater: true, catches: "jar" });
  expect(traitsOf(bare, lavender, "cohobation")).toMatchObject({ inWater: true, catches: "trap" });
});

test("the plant brings where its oil lies and at what it sets; one that never sets is silent on it", () => {
  expect(traitsOf(bare, lavender, "steam")).not.toHaveProperty("setsBelowC");
  const anise = catalogueBook.all.find(({ setsBelowC }) => setsBelowC !== undefined)!;
  expect(traitsOf(bare, anise, "steam").setsBelowC).toBe(anise.setsBelowC);
  expect(traitsOf({ ...bare, jarMl: 750 }, lavender, "steam")).toMatchObject({
    layer: "floats",
    jarMl: 750,
  });
});

test("the engine is asked with the exercise's own seed and faults, and with its condenser where there is one", () => {
  const request = { massG: 700 } as ForecastRequest;
  const spec = sampleSpec({ seed: 77 });
  expect(askOf(spec, lavender, request)).toEqual({
    request,
    condenser: bare.condenser,
    traits: traitsOf(bare, lavender, "steam"),
    seed: 77,
    faults: spec.faults,
  });
  expect(askOf({ ...spec, still: uncooled }, lavender, request)).not.toHaveProperty("condenser");
});
