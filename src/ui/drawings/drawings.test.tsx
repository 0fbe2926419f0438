import { fireEvent, render, screen } from "@testing-library/react";
import fc from "fast-check";
import { chargeLevels } from "@/core/plan/chargeLevels";
import { constructionKinds } from "@/core/still/constructions";
import { methodsOf } from "@/core/still/fillLimits";
import type { StillShape } from "@/core/still/geometry";
import { heatKinds } from "@/core/still/heatSources";
import { LevelsDrawing } from "./LevelsDrawing";
import { ShelfDrawing } from "./ShelfDrawing";
import { spreadLabels } from "./spreadLabels";
import { StillDrawing } from "./StillDrawing";
import { stillLayout } from "./stillLayout";
import { scaleOf, VesselDrawing } from "./VesselDrawing";

const parts = {
  potVolumeMl: 12000,
  potDiameterMm: 250,
  dryLineMl: 700,
};
const shapes: Record<(typeof constructionKinds)[number], StillShape> = {
  basketPot: {
    ...parts,
    construction: "basketPot",
    basket: { floorMm: 105, volumeMl: 6200, diameterMm: 235 },
  },
  flask: { ...parts, construction: "flask", potVolumeMl: 2000, potDiameterMm: 156 },
  separateVessel: {
    ...parts,
    construction: "separateVessel",
    vessel: { volumeMl: 9000, diameterMm: 200 },
  },
  cohobating: { ...parts, construction: "cohobating", potVolumeMl: 3000, potDiameterMm: 180 },
  returningPot: { ...parts, construction: "returningPot" },
  pressurePot: {
    ...parts,
    construction: "pressurePot",
    basket: { floorMm: 90, volumeMl: 6200, diameterMm: 235 },
  },
  bowl: { ...parts, construction: "bowl", bowl: { floorMm: 110, volumeMl: 900, diameterMm: 140 } },
};
const levelsOf = (shape: StillShape, waterMl = 2000, chargeG = 400) =>
  chargeLevels(shape, {
    method: methodsOf(shape)[0]!,
    waterMl,
    chargeG,
    packingGPerL: 160,
  });

test.each(constructionKinds)("a %s is drawn whole, inside its picture, with its labels", (kind) => {
  const shape = shapes[kind];
  const levels = levelsOf(shape);
  const layout = stillLayout(shape, levels);
  expect(layout.potTop).toBeGreaterThanOrEqual(layout.headTop);
  expect(layout.bodyLeft).toBeGreaterThan(0);
  expect(layout.bodyRight).toBeLessThan(362);
  render(
    <StillDrawing
      shape={shape}
      levels={levels}
      hydro={methodsOf(shape)[0] !== "steam"}
      heatKind="gas"
      jar={{ sizeMl: 1000, hydrosolMl: 400, oilMl: 4 }}
      labels={{ water: { shown: { text: "2", unit: "L" }, what: "water" } }}
      inWords={`a ${kind} with its charge`}
    />,
  );
  expect(screen.getByRole("img", { name: `a ${kind} with its charge` })).toBeInTheDocument();
  expect(screen.getByText("water")).toBeInTheDocument();
  expect(document.body.innerHTML).not.toMatch(/NaN|Infinity|undefined/);
});

test.each(heatKinds)("with %s under it, lit or not, every path has numbers", (heatKind) => {
  for (const lit of [true, false]) {
    const shape = shapes.basketPot;
    const { unmount } = render(
      <StillDrawing
        shape={shape}
        levels={levelsOf(shape)}
        hydro={false}
        heatKind={heatKind}
        lit={lit}
        jar={{ sizeMl: 1000, hydrosolMl: 0, oilMl: 0 }}
        labels={{}}
        inWords="a still"
      />,
    );
    expect(document.body.innerHTML).not.toMatch(/NaN|Infinity/);
    unmount();
  }
});

test("more plant and water than fit are drawn up to the rim, never past it", () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...constructionKinds),
      fc.double({ min: 0, max: 60000, noNaN: true }),
      fc.double({ min: 0, max: 20000, noNaN: true }),
      (kind, waterMl, chargeG) => {
        const { charge, base, scale } = stillLayout(
          shapes[kind],
          levelsOf(shapes[kind], waterMl, chargeG),
        );
        expect(Number.isFinite(charge.top + charge.height + scale)).toBe(true);
        expect(scale).toBeGreaterThan(0);
        expect(charge.top).toBeLessThanOrEqual(base);
      },
    ),
  );
});

test("labels never overlap, keep their order and stay above the floor", () => {
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: 0, max: 200, noNaN: true }), { minLength: 1, maxLength: 6 }),
      (heights) => {
        const placed = spreadLabels(
          heights.map((y) => ({ y })),
          20,
          220,
        );
        expect(placed).toHaveLength(heights.length);
        placed.slice(1).forEach(({ at }, i) => {
          expect(at - placed[i]!.at).toBeGreaterThanOrEqual(20 - 1e-9);
          expect(placed[i + 1]!.y).toBeGreaterThanOrEqual(placed[i]!.y);
        });
        expect(placed.at(-1)!.at).toBeLessThanOrEqual(220 + 1e-9);
      },
    ),
  );
});

test("pot, tub and jar say what is in them; without a tub there are two", () => {
  const pot = {
    waterMl: 1500,
    fullMl: 4000,
    dryLineMl: 700,
    shown: "1.50 L",
    dryShown: "dry line 700 mL",
    low: true,
  };
  const jar = {
    catches: "jar" as const,
    filledMl: 950,
    sizeMl: 1000,
    oilMl: 3,
    shown: "950 mL",
    detail: "jar 2, of 1 L",
    full: true,
  };
  const tub = { temperatureC: 36, limitC: 35, shown: "36.0 °C", detail: "limit 35 °C", warm: true };
  const { rerender } = render(
    <LevelsDrawing pot={pot} tub={tub} jar={jar} lit inWords="three levels" />,
  );
  for (const text of ["1.50 L", "950 mL", "36.0 °C"])
    expect(screen.getByText(text)).toBeInTheDocument();
  rerender(<LevelsDrawing pot={pot} jar={jar} lit={false} inWords="two levels" />);
  expect(screen.queryByText("36.0 °C")).not.toBeInTheDocument();
  expect(screen.getByRole("img", { name: "two levels" })).toBeInTheDocument();
});

test("a shelf of bottles from 5 mL to 5 L: each can be opened by its name, however small", () => {
  const opened = jest.fn();
  const bottle = (id: string, sizeMl: number, leftMl: number) => ({
    id,
    sizeMl,
    leftMl,
    product: "oil" as const,
    glass: "amber" as const,
    mark: "leaf" as const,
    label: id,
    amount: `${leftMl} mL`,
    due: leftMl === 0,
    inWords: `bottle ${id}`,
  });
  render(
    <ShelfDrawing
      board="Cellar"
      bottles={[bottle("small", 5, 2), bottle("large", 5000, 5000), bottle("empty", 100, 0)]}
      onOpen={opened}
    />,
  );
  fireEvent.click(screen.getByLabelText("bottle small"));
  expect(opened).toHaveBeenCalledWith("small");
  expect(screen.getByLabelText("bottle large")).toBeInTheDocument();
  expect(document.body.innerHTML).not.toMatch(/NaN/);
});

test("vessels of any shape and filling are drawn to one scale, without a hole", () => {
  fc.assert(
    fc.property(
      fc.array(
        fc.record({
          shape: fc.constantFrom("tube" as const, "cone" as const, "pear" as const),
          diameterMm: fc.double({ min: 1, max: 400, noNaN: true }),
          heightMm: fc.double({ min: 5, max: 800, noNaN: true }),
          oilMl: fc.double({ min: 0, max: 50, noNaN: true }),
          hydrosolMl: fc.double({ min: 0, max: 3000, noNaN: true }),
          layer: fc.constantFrom("floats" as const, "sinks" as const, "hangs" as const),
        }),
        { minLength: 1, maxLength: 5 },
      ),
      (vessels) => {
        const drawn = vessels.map(({ shape, diameterMm, heightMm, ...rest }) => ({
          ...rest,
          inside: { shape, diameterMm, heightMm },
        }));
        const scale = scaleOf(drawn.map(({ inside }) => inside));
        for (const { inside } of drawn) expect(inside.heightMm * scale).toBeLessThanOrEqual(124.01);
        const { unmount, container } = render(
          <>
            {drawn.map((vessel, i) => (
              <VesselDrawing key={i} vessel={vessel} scale={scale} />
            ))}
          </>,
        );
        expect(container.innerHTML).not.toMatch(/NaN|Infinity|undefined/);
        unmount();
      },
    ),
    { numRuns: 40 },
  );
});
