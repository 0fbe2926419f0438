import { plants } from "../plant/catalogue";
import type { StillFigures } from "../still/stillFigures";
import { planCharges } from "./planCharges";
import type { PlanInput } from "./planInput";

const flask: StillFigures = {
  shape: { construction: "cohobating", potVolumeMl: 5000, potDiameterMm: 212, dryLineMl: 300 },
  metal: "glass",
  emptyMassG: 1500,
  heat: { kind: "mantle", powerW: 600 },
  holdUpMl: 0.15,
};
function trapWarnings(id: string, change: Partial<PlanInput> & { trapKeeps?: "floats" | "sinks" }) {
  const { trapKeeps, ...rest } = change;
  const plant = plants.find((each) => each.id === id)!;
  const [state] = Object.keys(plant.states) as PlanInput["state"][];
  return planCharges({
    still: { ...flask, trapKeeps },
    plant,
    state: state!,
    massG: 300,
    method: "cohobation",
    stop: { minutes: 120 },
    site: { altitudeM: 0, airC: 18, waterC: 15, coolingInC: 15 },
    ...rest,
  }).warnings.filter(({ code }) => code === "wrongTrap");
}

test("a trap for light oils lets clove's run back, one for heavy oils lavender's", () => {
  expect(trapWarnings("clove", {})).toMatchObject([{ severity: "error", layer: "sinks" }]);
  expect(trapWarnings("clove", { trapKeeps: "sinks" })).toEqual([]);
  expect(trapWarnings("lavender", {})).toEqual([]);
  expect(trapWarnings("lavender", { trapKeeps: "sinks" })).toMatchObject([{ layer: "floats" }]);
});

test("where the water does not run back nothing runs back with it", () => {
  expect(trapWarnings("clove", { method: "hydro" })).toEqual([]);
});
