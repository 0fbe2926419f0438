import { jarDiameterMm, receiverFit, widestShowingMm } from "./receiver";
import type { Receiver } from "./receivers";
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

test("only a receiver with an arm for that oil says from when it pours", () => {
  expect(receiverFit(of("jar"), floating, 3)).not.toHaveProperty("poursAtMm");
  expect(receiverFit(of("twoArm"), sinking, 3)).not.toHaveProperty("poursAtMm");
  expect(receiverFit(of("twoArm"), sinking, 3)).not.toHaveProperty("neverPours");
  /* Lip 4 mm below, arm as long as the receiver is high: 212 − 4 × 1.05 / 0.052 mm. */
  const heavy = receiverFit(of("twoArmHeavy"), sinking, 3);
  expect(heavy.poursAtMm).toBeCloseTo(212.2 - (4 * 1.05) / (1.05 - 0.9982), 0);
  const measured = { ...of("twoArm"), lipStepMm: 2, armMm: 10 };
  expect(receiverFit(measured, floating, 3)).toMatchObject({ neverPours: true });
  expect(receiverFit(measured, floating, 3).poursAtMm).toBeCloseTo(20.4, 1);
});

test("a layer under a millimetre does not show", () => {
  const wide = { ...of("jar"), diameterMm: 90 };
  expect(receiverFit(wide, floating, 3).shows).toBe(false);
  expect(receiverFit(wide, floating, 8).shows).toBe(true);
});

test("an ordinary jar of a litre is 93 mm across, and 1.6 times as high", () => {
  const across = jarDiameterMm(1000);
  expect(across).toBeCloseTo(92.7, 1);
  expect(layerMm(1000, across)).toBeCloseTo(1.6 * across, 6);
});
