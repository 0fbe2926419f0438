import { fireEvent, render, screen } from "@testing-library/react";
import { ChartSaving } from "./ReadableChart";
import { Courses } from "./Courses";
import { Fan } from "./Fan";
import { PhChart } from "./PhChart";
import { WiltingChart } from "./WiltingChart";

const fan = [0, 10, 20].map((minutes) => ({
  minutes,
  p10: minutes * 0.1,
  p50: minutes * 0.15,
  p90: minutes * 0.2,
}));
const slider = () => screen.getByRole("slider");
/* What a screen reader hears of the slider stands below it for the eye, and once. */
const said = () => {
  const heard = slider().getAttribute("aria-valuetext") ?? "";
  return screen.queryByText(heard)
    ? heard
    : (screen.getByText(/^Touch the drawing/).textContent ?? "");
};

test("arrow keys, Home and End read a forecast from place to place, and a screen reader hears it", () => {
  render(<Fan fan={fan} unit="mL" inWords="A forecast" />);
  expect(said()).toMatch(/^Touch the drawing/);
  fireEvent.keyDown(slider(), { key: "End" });
  expect(said()).toBe("20 min: 3.00 mL, likely 2.0 to 4.0");
  expect(slider()).toHaveAttribute("aria-valuetext", said()!);
  fireEvent.keyDown(slider(), { key: "ArrowLeft" });
  expect(said()).toMatch(/^10 min: 1\.50 mL/);
  fireEvent.keyDown(slider(), { key: "Home" });
  fireEvent.keyDown(slider(), { key: "ArrowLeft" });
  expect(said()).toMatch(/^0 min/);
  fireEvent.keyDown(slider(), { key: "a" });
  expect(said()).toMatch(/^0 min/);
});

test("a finger reads what is nearest to where it lies", () => {
  render(
    <PhChart
      readings={[
        { day: 0, ph: 5.6 },
        { day: 60, ph: 5.1 },
      ]}
      step={1}
      inWords="pH"
    />,
  );
  jest
    .spyOn(slider(), "getBoundingClientRect")
    .mockReturnValue({ left: 100, width: 340 } as DOMRect);
  fireEvent(slider(), new MouseEvent("pointerdown", { bubbles: true, clientX: 130 }));
  expect(said()).toBe("Day 0: pH 5.6");
  fireEvent(slider(), new MouseEvent("pointermove", { bubbles: true, clientX: 420 }));
  expect(said()).toBe("Day 60: pH 5.1");
});

test("several runs are read at one place, between their own points", () => {
  const courses = [
    {
      name: "1",
      points: [
        { x: 0, y: 0 },
        { x: 20, y: 4 },
      ],
      read: [],
    },
    {
      name: "2",
      points: [
        { x: 0, y: 0 },
        { x: 10, y: 1 },
        { x: 40, y: 4 },
      ],
      read: [],
    },
  ];
  render(<Courses courses={courses} xUnit="minutes" yUnit="mL" inWords="Two runs" />);
  fireEvent.keyDown(slider(), { key: "Home" });
  fireEvent.keyDown(slider(), { key: "ArrowRight" });
  expect(said()).toBe("10 minutes · 1: 2.00, 2: 1.00");
});

test("what is drawn is handed out as a drawing and as a table of all its places", () => {
  const drawing = jest.fn();
  const figures = jest.fn();
  render(
    <ChartSaving.Provider value={{ drawing, figures }}>
      <WiltingChart
        weighed={[
          { hours: 0, percent: 75 },
          { hours: 6, percent: 70 },
        ]}
        ahead={[
          { hours: 6, percent: 70 },
          { hours: 12, percent: 66 },
        ]}
        usual={[]}
        inWords="Water"
      />
    </ChartSaving.Provider>,
  );
  fireEvent.click(
    screen.getByRole("button", { name: "SVG: save the drawing of water as it lies" }),
  );
  expect(drawing.mock.calls[0]![0]).toBeInstanceOf(SVGElement);
  fireEvent.click(
    screen.getByRole("button", { name: "CSV: save the figures of water as it lies" }),
  );
  expect(figures.mock.calls[0]![0]).toMatchObject({
    columns: ["hours", "water_percent", "weighed"],
    rows: [
      [0, 75, "yes"],
      [6, 70, "yes"],
      [12, 66, "no"],
    ],
  });
});

test("where it is part of what is pressed, it is only a picture", () => {
  render(<Fan plain fan={fan} unit="mL" inWords="A forecast" />);
  expect(screen.queryByRole("slider")).toBeNull();
  expect(screen.getByRole("img", { name: "A forecast" })).toBeVisible();
});
