import { receiverFit, widestShowingMm, type Receiver } from "./receiver";
import { layerMm } from "./layer";

const floating = { layer: "floats" as const, densityGPerMl: 0.9 };
const sinking = { layer: "sinks" as const, densityGPerMl: 1.05 };
const hanging = { layer: "hangs" as const, densityGPerMl: 0.998 };
const of = (kind: Receiver["kind"]): Receiver => ({ kind, diameterMm: 30, volumeMl: 150 });

test("a floating oil of 0.90 pours from a step of 4 mm at 40.7 mm; one that hardly floats never does", () => {
  const light = receiverFit(of("twoArm"), floating, 3);
  expect(light.poursAtMm).toBeCloseTo(40.7, 1);
  expect(light.neverPours).toBeUndefined();
  const anise = receiverFit(of("twoArm"), { layer: "floats", densityGPerMl: 0.987 }, 3);
  expect(anise).toMatchObject({ suits: true, neverPours: true });
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
