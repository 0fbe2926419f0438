import fc from "fast-check";
import { bestBy, keepingMonths } from "./bestBy";
import { movedBestBy, type BottleStory } from "./movedBestBy";
import { fillings, guardsOf, preservedHow, waterMonths, type WaterKept } from "./waterKeeping";
import { verdictOf, verdicts } from "./verdict";

const keeps = { keeping: "middling" as const };

describe("how long things keep", () => {
  test("warmth, light, air and an open kitchen each take their part", () => {
    const full = keepingMonths("hydrosol", keeps, { place: "fridge" });
    expect(full).toBe(4);
    const worse = [
      { place: "room" as const },
      { place: "fridge" as const, glass: "clear" as const },
      { place: "fridge" as const, airShare: 0.4 },
      { place: "fridge" as const, water: { filling: "open" as const } },
    ].map((kept) => keepingMonths("hydrosol", keeps, kept));
    for (const months of worse) expect(months).toBeLessThan(full);
    expect(keepingMonths("oil", keeps, { place: "fridge", water: { filling: "open" } })).toBe(24);
    /* The usual rule, as the guide tells it. */
    const oil = (kept: Partial<Parameters<typeof keepingMonths>[2]>) =>
      keepingMonths("oil", keeps, { place: "fridge", ...kept }) / 24;
    expect(oil({ place: "cellar" })).toBeCloseTo(0.85, 9);
    expect(oil({ place: "room" })).toBeCloseTo(0.5, 9);
    expect(oil({ glass: "clear" })).toBeCloseTo(0.7, 9);
    expect(oil({ glass: "plastic" })).toBeCloseTo(0.6, 9);
    expect(oil({ airShare: 0.4 })).toBeCloseTo(0.7, 9);
    expect(keepingMonths("liquor", keeps, { place: "fridge" })).toBeLessThan(1);
  });

  test("a best-by falls on a day that there is, broken months too", () => {
    expect(bestBy("2026-01-31", 1)).toBe("2026-02-28");
    expect(bestBy("2026-06-15", 0.25)).toBe("2026-06-23");
  });
});

describe("how long a water keeps", () => {
  const cold = (kept: Omit<WaterKept, "place"> = {}) => waterMonths({ place: "fridge", ...kept });
  const weeks = (months: number) => months * (30.4 / 7);

  test("unpreserved: weeks in a room, three to six months cold, ten days of an open bowl, a year and more hot, sour and strong", () => {
    expect(weeks(waterMonths({ place: "room" }))).toBeLessThan(5);
    for (const ph of [4.5, 5.5, undefined]) {
      expect(cold({ ph })).toBeGreaterThanOrEqual(3);
      expect(cold({ ph })).toBeLessThanOrEqual(6);
    }
    expect(cold({ filling: "open" }) * 30.4).toBeCloseTo(10, 6);
    const strong = guardsOf({ thymol: 400, linalool: 100 });
    expect(cold({ filling: "hot", ph: 3.6, guards: strong })).toBeGreaterThan(12);
    expect(cold({ filling: "hot", filtering: "fine", ph: 3, guards: strong })).toBeLessThanOrEqual(
      24,
    );
    expect(keepingMonths("liquor", keeps, { place: "fridge" }) * 30.4).toBeCloseTo(4, 6);
  });

  test("a preservative counts only as much as it takes, at a pH at which it works", () => {
    const sorbate = { with: "sorbate" as const, percent: 0.2 };
    expect(preservedHow(sorbate, 4.8)).toBe("works");
    expect(preservedHow(sorbate, 6.2)).toBe("notSour");
    expect(preservedHow(sorbate, undefined)).toBe("phUnknown");
    expect(preservedHow({ with: "sorbate", percent: 0.05 }, 4.8)).toBe("tooLittle");
    expect(preservedHow({ with: "spirit", percent: 18 }, 7)).toBe("works");
    expect(cold({ preserved: sorbate, ph: 4.8 })).toBe(12);
    expect(cold({ preserved: sorbate, ph: 6.2 })).toBe(cold({ ph: 6.2 }));
  });

  test("cleaner, sourer, stronger, colder never keeps less long; nothing keeps longer than two years", () => {
    const order = <T>(values: readonly T[]) =>
      fc
        .tuple(fc.nat(values.length - 1), fc.nat(values.length - 1))
        .map(([a, b]) => [values[Math.min(a, b)]!, values[Math.max(a, b)]!] as const);
    const amount = fc.double({ min: 0, max: 2000, noNaN: true });
    const pair = fc
      .tuple(amount, amount)
      .map(([a, b]) => [Math.min(a, b), Math.max(a, b)] as const);
    fc.assert(
      fc.property(
        order(fillings),
        pair,
        pair,
        order(["room", "cellar", "fridge"] as const),
        (filled, phs, guard, place) => {
          const at = (i: 0 | 1) =>
            waterMonths({
              place: place[i],
              filling: filled[i],
              ph: 9 - phs[i] / 300,
              guards: { phenolsMgPerL: guard[i], alcoholsMgPerL: 0 },
            });
          expect(at(1)).toBeGreaterThanOrEqual(at(0) - 1e-9);
          expect(at(1)).toBeLessThanOrEqual(24);
        },
      ),
    );
  });
});

describe("what moves a best-by", () => {
  const story: BottleStory = {
    product: "hydrosol",
    bestBy: "2027-06-01",
    sizeMl: 100,
    filledMl: 100,
    taken: [],
    checks: [],
  };

  test("untouched it stays; opened, what is left of its time shrinks", () => {
    expect(movedBestBy(story)).toEqual({ day: "2027-06-01", moves: [] });
    const { day, moves } = movedBestBy({ ...story, openedOn: "2026-06-01" });
    expect(moves).toEqual([{ reason: "opened", on: "2026-06-01", to: day }]);
    expect(day).toBe("2026-12-01");
  });

  test("the first taken opens it; air over a third of it moves it again; a check may end it", () => {
    const { moves } = movedBestBy({
      ...story,
      taken: [
        { on: "2026-07-01", amountMl: 30 },
        { on: "2026-06-10", amountMl: 20 },
      ],
      checks: [{ on: "2026-08-01", verdict: "throwAway" }],
    });
    expect(moves.map(({ reason }) => reason)).toEqual(["opened", "air", "throwAway"]);
    expect(moves.at(-1)!.to).toBe("2026-08-01");
  });

  test.each([
    ["useSoon", "2026-07-01"],
    ["chillOrFilter", "2026-07-01"],
    ["drawOffWater", "2026-07-31"],
    ["notOnSkin", "2026-06-01"],
    ["throwAway", "2026-06-01"],
    ["measureAgain", "2027-06-01"],
    ["warmFirst", "2027-06-01"],
    ["keep", "2027-06-01"],
  ] as const)("a check of the first of June that says %s leaves it until %s", (verdict, day) => {
    expect(movedBestBy({ ...story, checks: [{ on: "2026-06-01", verdict }] }).day).toBe(day);
  });

  test("nothing that happens puts it off", () => {
    const day = fc
      .integer({ min: 0, max: 700 })
      .map((d) => new Date(Date.UTC(2026, 0, 1 + d)).toISOString().slice(0, 10));
    fc.assert(
      fc.property(
        fc.record({
          product: fc.constantFrom("oil" as const, "hydrosol" as const, "liquor" as const),
          bestBy: day,
          sizeMl: fc.double({ min: 1, max: 1000, noNaN: true }),
          filledMl: fc.double({ min: 1, max: 1000, noNaN: true }),
          openedOn: day,
          taken: fc.array(
            fc.record({ on: day, amountMl: fc.double({ min: 0.1, max: 300, noNaN: true }) }),
            { maxLength: 8 },
          ),
          checks: fc.array(fc.record({ on: day, verdict: fc.constantFrom(...verdicts) }), {
            maxLength: 6,
          }),
        }),
        (told) => {
          const { day: now, moves } = movedBestBy(told);
          const days = [told.bestBy, ...moves.map(({ to }) => to)];
          expect([...days].sort().reverse()).toEqual(days);
          expect(now).toBe(days.at(-1));
        },
      ),
    );
  });
});

describe("what a check comes to", () => {
  test.each([
    ["hydrosol", { ph: 4.6 }, { ph: 5.2 }, "measureAgain", ["phMoved"]],
    ["hydrosol", { ph: 4.2 }, { ph: 5.2 }, "throwAway", ["phMovedFar"]],
    ["hydrosol", { signs: ["film"] }, {}, "throwAway", ["film"]],
    ["hydrosol", { signs: ["thicker"] }, {}, "throwAway", ["thicker"]],
    ["hydrosol", { smell: "sharp" }, {}, "throwAway", ["varnish"]],
    ["hydrosol", { ph: 4.8 }, { ph: 5.2 }, "keep", []],
    ["hydrosol", { clarity: "cloudy" }, {}, "throwAway", ["newCloud"]],
    ["hydrosol", { clarity: "cloudy" }, { clarity: "cloudy" }, "keep", []],
    ["hydrosol", { signs: ["threads"] }, {}, "throwAway", ["threads"]],
    ["hydrosol", { smell: "sour" }, {}, "throwAway", ["sour"]],
    ["hydrosol", { clarity: "hazy" }, {}, "warmFirst", ["haze"]],
    ["hydrosol", { smell: "weaker" }, {}, "useSoon", ["weaker"]],
    ["oil", { smell: "sharp" }, {}, "notOnSkin", ["varnish"]],
    ["oil", { smell: "sharp", signs: ["stickyRim"] }, {}, "throwAway", ["varnish", "stickyRim"]],
    ["oil", { signs: ["waterBelow"] }, {}, "drawOffWater", ["water"]],
    ["oil", { smell: "asItWas", colour: "asItWas" }, {}, "keep", []],
  ] as const)("%s of which is seen %j, at first %j: %s", (product, seen, first, verdict, signs) => {
    expect(verdictOf(product, seen, first)).toEqual({ verdict, signs });
  });
});
