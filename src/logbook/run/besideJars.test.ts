import { besideJars } from "./besideJars";
import type { RunState } from "./runState";

const apart = {
  jars: [
    { volumeMl: 300, oilMl: 2 },
    { volumeMl: 400, oilMl: 1.5 },
  ],
};
const partly = { jars: [{ volumeMl: 300, oilMl: 2 }, { volumeMl: 400 }] };
const alone = { jars: [{ volumeMl: 300, oilMl: 2 }] };
const state = (result: object | undefined) =>
  ({
    result: result && { id: "m", type: "separated", at: "2026-07-01T12:00:00.000Z", ...result },
    drawnOff: [
      { at: 1, oilMl: 0.25 },
      { at: 2, oilMl: 0.5 },
    ],
  }) as Pick<RunState, "result" | "drawnOff">;

test.each([
  { what: "jars before and now", before: apart, now: apart, beside: 0.75 },
  { what: "one figure now", before: apart, now: {}, beside: 0 },
  { what: "one figure before", before: {}, now: apart, beside: 0 },
  { what: "a jar not told", before: apart, now: partly, beside: 0 },
  { what: "one jar alone", before: alone, now: alone, beside: 0 },
  { what: "nothing measured before", before: undefined, now: apart, beside: 0 },
])("later draws beside $what: $beside mL", ({ before, now, beside }) => {
  expect(besideJars(state(before), now)).toBe(beside);
});
