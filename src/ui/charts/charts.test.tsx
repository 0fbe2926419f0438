import { render, screen } from "@testing-library/react";
import fc from "fast-check";
import { Fan } from "./Fan";
import { Flows } from "./Flows";
import { linear } from "./linear";
import { RangeBar } from "./RangeBar";
import { Steps } from "./Steps";
import { Traces } from "./Traces";

const clean = () => expect(document.body.innerHTML).not.toMatch(/NaN|Infinity|undefined/);
const fan = Array.from({ length: 9 }, (_, i) => ({
  minutes: i * 10,
  p10: i * 0.2,
  p50: i * 0.4,
  p90: i * 0.7,
}));

test("a straight scale maps its ends onto the ends, and a scale of no width onto one end", () => {
  const x = linear([10, 20], [0, 100]);
  expect([x(10), x(15), x(20)]).toEqual([0, 50, 100]);
  expect(linear([5, 5], [0, 100])(5)).toBe(0);
});

test("a forecast's fan is one picture with its words, its dots and its marks", () => {
  const { container } = render(
    <Fan
      fan={fan}
      unit="mL"
      measured={[
        { minutes: 20, value: 0.9 },
        { minutes: 40, value: 1.6 },
      ]}
      track={[
        { minutes: 0, value: 0 },
        { minutes: 40, value: 1.6 },
      ]}
      marks={[
        { minutes: 40, label: "now" },
        { minutes: 80, label: "heat off", strong: true },
      ]}
      note="after five readings"
      inWords="oil over time"
    />,
  );
  expect(screen.getByRole("img", { name: "oil over time" })).toBeInTheDocument();
  for (const text of ["now", "heat off", "after five readings"])
    expect(screen.getByText(text)).toBeInTheDocument();
  expect(container.querySelectorAll("circle").length).toBeGreaterThanOrEqual(2);
  clean();
});

test("a fan of nothing, of one moment or of no oil at all is still a picture", () => {
  for (const points of [[], [fan[0]!], fan.map((each) => ({ ...each, p10: 0, p50: 0, p90: 0 }))]) {
    const { unmount } = render(<Fan fan={points} unit="mL" inWords="empty" />);
    expect(screen.getByRole("img", { name: "empty" })).toBeInTheDocument();
    clean();
    unmount();
  }
});

test("a measured amount lies on the range, also where nothing was expected or far more came", () => {
  fc.assert(
    fc.property(
      fc.tuple(
        fc.double({ min: 0, max: 50, noNaN: true }),
        fc.double({ min: 0, max: 50, noNaN: true }),
        fc.double({ min: 0, max: 50, noNaN: true }),
      ),
      fc.option(fc.double({ min: 0, max: 500, noNaN: true }), { nil: undefined }),
      (three, measured) => {
        const [p10, p50, p90] = [...three].sort((a, b) => a - b) as [number, number, number];
        const { unmount } = render(
          <RangeBar expected={{ p10, p50, p90 }} measured={measured} unit="mL" inWords="range" />,
        );
        clean();
        unmount();
      },
    ),
    { numRuns: 40 },
  );
});

test("a quantity over time has its limit; one that never moves has a line all the same", () => {
  const points = [0, 10, 20].map((minutes) => ({ minutes, value: 12 + minutes }));
  render(<Steps points={points} limit={35} unit="°C" inWords="the tub" />);
  expect(screen.getByRole("img", { name: "the tub" })).toBeInTheDocument();
  expect(screen.getByText(/limit 35/)).toBeInTheDocument();
  clean();
  render(<Steps points={[]} unit="°C" inWords="nothing yet" />);
  expect(screen.getByRole("img", { name: "nothing yet" })).toBeInTheDocument();
  clean();
});

test("channels of a probe are drawn over the time of day, in the person's degrees", () => {
  const at = Array.from({ length: 400 }, (_, i) => Date.UTC(2026, 5, 1, 10) + i * 15000);
  const lines = [
    { name: "Head", unit: "°C", series: { at, value: at.map((_, i) => 20 + Math.min(78, i)) } },
    { name: "Distillate", unit: "g", series: { at, value: at.map((_, i) => i * 2) } },
  ];
  const { unmount } = render(<Traces lines={lines} units="metric" inWords="two channels" />);
  expect(screen.getByRole("img", { name: "two channels" })).toBeInTheDocument();
  clean();
  unmount();
  render(<Traces lines={lines} units="us" inWords="the same in °F" />);
  expect(screen.getByText(/212|200/)).toBeInTheDocument();
  clean();
});

test("flows draw what is there and nothing of nothing; what is unknown is hatched", () => {
  const flows = [
    { label: "in hand", text: "2 mL", amount: 2, colour: "var(--oil)" },
    { label: "lost", text: "0 mL", amount: 0, colour: "var(--ember)" },
    { label: "left", text: "1 mL", amount: 1, colour: "var(--leaf)", unknown: true },
  ];
  const { container } = render(
    <Flows whole="3 mL" colour="var(--leaf)" flows={flows} inWords="2 mL in hand, 1 mL left" />,
  );
  expect(screen.getByRole("img", { name: "2 mL in hand, 1 mL left" })).toBeInTheDocument();
  expect(container).toHaveTextContent("2 mL in hand");
  expect(container).not.toHaveTextContent("0 mL lost");
  expect(container.innerHTML).toContain("url(#unknown)");
  clean();
});

test("flows of any amounts are drawn without a hole", () => {
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: 0, max: 1e6, noNaN: true }), { maxLength: 7 }),
      (amounts) => {
        const flows = amounts.map((amount, i) => ({
          label: `way ${i}`,
          text: "some",
          amount,
          colour: "var(--dew)",
        }));
        const { unmount } = render(
          <Flows whole="all" colour="var(--dew)" flows={flows} inWords="ways" />,
        );
        clean();
        unmount();
      },
    ),
    { numRuns: 60 },
  );
});
