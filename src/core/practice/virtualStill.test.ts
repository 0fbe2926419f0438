import { practiceRequest as request } from "@/testing/practiceStill";
import type { Fault } from "./faults";
import { virtualStill } from "./virtualStill";

const none: ReadonlySet<Fault> = new Set();

/** Runs a still by the second, with a fault from a minute on, and reads it at the end. */
function played(minutes: number, fault?: Fault, from = 0, seed = 5, powerW = 2000) {
  const still = virtualStill(request, seed);
  for (let second = 0; second < minutes * 60; second += 1)
    still.advance(1 / 60, {
      powerW,
      faults: fault && second / 60 >= from ? new Set([fault]) : none,
    });
  const samples = Array.from({ length: 30 }, () => still.read()).flat();
  const middle = (channel: string) => {
    const values = samples.filter((each) => each.channel === channel).map(({ value }) => value);
    return values.sort((a, b) => a - b)[Math.floor(values.length / 2)]!;
  };
  return { still, samples, middle };
}

test("the same seed gives the same samples, another seed another still", () => {
  expect(played(40).samples).toEqual(played(40).samples);
  expect(played(40, undefined, 0, 6).middle("distillate")).not.toBe(
    played(40).middle("distillate"),
  );
});

test("it boils, drips, and its head stands just under the boil; readings drop out now and then", () => {
  const { still, samples, middle } = played(70);
  expect(still.boilingAt).toBeGreaterThan(5);
  expect(still.firstDropAt).toBeGreaterThan(still.boilingAt!);
  expect(middle("head")).toBeGreaterThan(97);
  expect(middle("outlet")).toBeLessThan(50);
  expect(samples.length).toBeLessThan(120);
  expect(samples.length).toBeGreaterThan(100);
});

test("more heat boils sooner and drips faster, less than the pot loses never boils", () => {
  const [gentle, full, brisk] = [1200, 2000, 2600].map((watts) =>
    played(90, undefined, 0, 5, watts),
  );
  expect(brisk!.still.boilingAt).toBeLessThan(full!.still.boilingAt!);
  expect(gentle!.still.boilingAt).toBeGreaterThan(full!.still.boilingAt!);
  expect(brisk!.middle("distillate")).toBeGreaterThan(full!.middle("distillate") * 1.2);
  expect(played(240, undefined, 0, 5, 150).still.boilingAt).toBeUndefined();
});

test("each fault shows where a person would look for it", () => {
  const whole = played(70);
  const since = whole.still.firstDropAt! + 5;
  expect(played(70, "leak", since).middle("distillate")).toBeLessThan(
    whole.middle("distillate") * 0.8,
  );
  expect(played(70, "coolingLost", since).middle("outlet")).toBeGreaterThan(80);
  expect(played(70, "heatCut", since).middle("head")).toBeLessThan(90);
  expect(played(70, "iceGone", 0).middle("tub")).toBeGreaterThan(whole.middle("tub"));
});

test("a bowl catches three fifths of the steam or so, and the rest runs back into its pot", () => {
  const on = { powerW: request.still.heat.powerW, faults: new Set<never>() };
  const after = (method: "hydro" | "bowl") => {
    const still = virtualStill({ ...request, method }, 4);
    for (let minute = 0; minute < 60; minute += 0.5) still.advance(0.5, on);
    return still.read().find(({ channel }) => channel === "distillate")?.value ?? NaN;
  };
  const [hydro, bowl] = [after("hydro"), after("bowl")];
  expect(bowl / hydro).toBeGreaterThan(0.35);
  expect(bowl / hydro).toBeLessThan(0.85);
});
