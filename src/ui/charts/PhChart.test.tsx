import { render, screen } from "@testing-library/react";
import fc from "fast-check";
import { PhChart } from "./PhChart";

test("whatever was read is drawn inside its frame, with the lines it must not cross", () => {
  const ph = fc.double({ min: 0, max: 14, noNaN: true });
  fc.assert(
    fc.property(
      fc.array(fc.record({ day: fc.double({ min: 0, max: 800, noNaN: true }), ph }), {
        minLength: 1,
        maxLength: 8,
      }),
      fc.option(ph, { nil: undefined }),
      (readings, first) => {
        const { container, unmount } = render(
          <PhChart
            readings={readings}
            {...(first === undefined ? {} : { first })}
            usual={[5, 5.6]}
            step={0.5}
            inWords="pH over the days"
          />,
        );
        expect(screen.getByRole("img", { name: "pH over the days" })).toBeVisible();
        expect(container.innerHTML).not.toMatch(/NaN|Infinity/);
        for (const dot of container.querySelectorAll("circle")) {
          expect(Number(dot.getAttribute("cy"))).toBeGreaterThanOrEqual(10);
          expect(Number(dot.getAttribute("cy"))).toBeLessThanOrEqual(126);
        }
        const dashed = container.querySelectorAll("line[stroke-dasharray]");
        expect(dashed).toHaveLength(first === undefined ? 0 : 2);
        unmount();
      },
    ),
    { numRuns: 40 },
  );
});
