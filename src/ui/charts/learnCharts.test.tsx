import { render, screen } from "@testing-library/react";
import { Courses } from "./Courses";
import { WiltingChart } from "./WiltingChart";
import { YearRanges } from "./YearRanges";
import { YearStrip } from "./YearStrip";

const course = (name: string, top: number) => ({
  name,
  points: [0, 10, 20].map((x) => ({ x, y: (top * x) / 20 })),
  read: [{ x: 10, y: top / 2 }],
});

test("each run has a curve, its readings, and its name at its end, none on another", () => {
  const { container } = render(
    <Courses
      courses={[course("11", 2), course("12", 2.01), course("13", 2.02)]}
      xUnit="minutes"
      yUnit="mL"
      inWords="three runs"
    />,
  );
  expect(screen.getByRole("img", { name: "three runs" })).toBeInTheDocument();
  expect(container.querySelectorAll("path")).toHaveLength(3);
  expect(container.querySelectorAll("circle")).toHaveLength(3);
  const heights = ["11", "12", "13"].map((name) =>
    Number(screen.getAllByText(name)[0]!.closest("text")!.getAttribute("y")),
  );
  const sorted = [...heights].sort((a, b) => a - b);
  expect(sorted[1]! - sorted[0]!).toBeGreaterThanOrEqual(12);
  expect(sorted[2]! - sorted[1]!).toBeGreaterThanOrEqual(12);
  expect(container.innerHTML).not.toMatch(/NaN/);
});

test("nothing that came over is a flat line, not a fault", () => {
  const { container } = render(
    <Courses courses={[course("1", 0)]} xUnit="minutes" yUnit="mL" inWords="nothing" />,
  );
  expect(container.innerHTML).not.toMatch(/NaN|Infinity/);
});

test("a harvest that was weighed once is a point, with what is usual and the line of wilted", () => {
  const { container } = render(
    <WiltingChart
      weighed={[{ hours: 0, percent: 72 }]}
      ahead={[]}
      usual={[
        { hours: 0, percent: 72 },
        { hours: 12, percent: 60 },
      ]}
      aim={60}
      inWords="72 % at first"
    />,
  );
  expect(screen.getByText("wilted")).toBeInTheDocument();
  expect(container.querySelectorAll("circle")).toHaveLength(1);
  expect(container.innerHTML).not.toMatch(/NaN|Infinity/);
});

test("years stand side by side, from the lowest to the highest", () => {
  const { container } = render(
    <YearRanges
      years={[
        { year: 2025, low: 1, middle: 2, high: 3 },
        { year: 2026, low: 2, middle: 2, high: 2 },
      ]}
      unit="mL/kg"
      inWords="two years"
    />,
  );
  expect(screen.getByText("2025")).toBeInTheDocument();
  expect(container.querySelectorAll("circle")).toHaveLength(2);
});

test("a stretch over the new year is two pieces of the strip; no stretch is none", () => {
  const strip = (window?: { from: number; to: number }) => {
    const { container, unmount } = render(
      <YearStrip {...(window ? { window } : {})} days={[10, 200]} today={100} inWords="a year" />,
    );
    const pieces = container.querySelectorAll('rect[fill="var(--leaf)"]').length;
    const days = container.querySelectorAll("circle").length;
    unmount();
    return [pieces, days];
  };
  expect(strip({ from: 100, to: 150 })).toEqual([1, 2]);
  expect(strip({ from: 320, to: 40 })).toEqual([2, 2]);
  expect(strip()).toEqual([0, 2]);
});
