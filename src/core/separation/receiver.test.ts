import { pouringLayerMm, receiverFit, widestShowingMm, type Receiver } from "./receiver";
import { layerMm } from "./layer";

const floating = { layer: "floats" as const, densityGPerMl: 0.9 };
const sinking = { layer: "sinks" as const, densityGPerMl: 1.05 };
const hanging = { layer: "hangs" as const, densityGPerMl: 0.998 };
const of = (kind: Receiver["kind"]): Receiver => ({ kind, diameterMm: 30, volumeMl: 150 });

test("a floating oil of 0.90 pours from a step of 4 mm at 40.7 mm", () => {
  expect(pouringLayerMm({ lipStepMm: 4 }, 0.9)).toBeCloseTo(40.7, 1);
  expect(() => pouringLayerMm({ lipStepMm: 4 }, 1.05)).toThrow("does not float");
});

test("what each receiver keeps", () => {
  expect(receiverFit(of("twoArm"), floating, 3)).toMatchObject({ suits: true, shows: true });
  expect(receiverFit(of("twoArm"), sinking, 3).suits).toBe(false);
  expect(receiverFit(of("twoArmHeavy"), sinking, 3).suits).toBe(true);
  expect(receiverFit(of("twoArmHeavy"), floating, 3).suits).toBe(false);
  expect(receiverFit(of("jar"), hanging, 3)).toMatchObject({ suits: true, shows: false });
});

test("the widest vessel that shows an oil shows just a millimetre of it", () => {
  expect(layerMm(2, widestShowingMm(2))).toBeCloseTo(1, 9);
  expect(widestShowingMm(0)).toBe(0);
});
