import fc from "fast-check";
import { faultKinds, type Fault } from "./faults";
import { growTrouble, passing, ventedUnder } from "./trouble";

const fresh = () => ({ stopped: 0, scorched: 0, froth: 0, overMbar: 0 });
/** So many minutes at a share of the planned steam, in steps of two seconds. */
function after(minutes: number, share: number, faults: Fault[], truth = fresh()) {
  let vented = 0;
  for (let step = 0; step < minutes * 30; step += 1) {
    growTrouble(truth, 1 / 30, share, new Set(faults));
    vented = ventedUnder(truth, 1 / 30, share);
  }
  return { ...truth, vented };
}

test("a way that closes hisses late, then the lid leaks, and without heat the pressure falls", () => {
  expect(after(6, 1, ["blocked"]).overMbar).toBeLessThan(5);
  const closed = after(11, 1, ["blocked"]);
  expect(closed.overMbar).toBeGreaterThan(30);
  expect(closed.vented).toBeGreaterThan(0.5);
  const off = after(5, 0, ["blocked"], closed);
  expect(off.overMbar).toBeLessThan(5);
});

test("froth falls back once the heat is down, and what set melts once its cause is gone", () => {
  const high = after(5, 1, ["froth"]);
  expect(high.froth).toBe(1);
  expect(after(2, 0.6, ["froth"], high).froth).toBeLessThan(0.1);
  const set = after(8, 1, ["sets"]);
  expect(set.stopped).toBeGreaterThan(0.5);
  expect(after(3, 1, [], set).stopped).toBe(0);
});

test("whatever goes wrong, shares stay shares and pressure is never below the air's", () => {
  fc.assert(
    fc.property(
      fc.subarray(faultKinds),
      fc.array(
        fc.tuple(fc.double({ min: 0, max: 3, noNaN: true }), fc.integer({ min: 1, max: 30 })),
        {
          maxLength: 5,
        },
      ),
      (faults, course) => {
        const truth = fresh();
        for (const [share, minutes] of course) after(minutes, share, faults, truth);
        for (const each of [truth.stopped, truth.scorched, truth.froth]) {
          expect(each).toBeGreaterThanOrEqual(0);
          expect(each).toBeLessThanOrEqual(1);
        }
        expect(truth.overMbar).toBeGreaterThanOrEqual(0);
        expect(passing(new Set(faults))).toBeGreaterThan(0);
        expect(passing(new Set(faults))).toBeLessThanOrEqual(1);
      },
    ),
    { numRuns: 60 },
  );
});
