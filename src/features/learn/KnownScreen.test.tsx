import { act, fireEvent, screen } from "@testing-library/react";
import { renderWith } from "@/testing/renderWith";
import { router } from "@/testing/router";
import { measuredRun as run } from "@/testing/sampleRecords";
import { sampleTrial } from "@/testing/sampleShelf";
import { KnownScreen } from "./KnownScreen";

const runs = [
  run("r1", 1, 4.1),
  run("r2", 2, 4.4),
  run("r3", 3, 4.6, { stillName: "Steel pot" }),
  run("r4", 4, 5.2, { stillName: "Steel pot" }),
];
const { plantId } = runs[0]!;

test("yields of the year, the best still so far with how sure, and what the next runs could settle", async () => {
  const trial = sampleTrial({
    question: "Chopped, or whole?",
    a: "whole",
    b: "chopped",
    measure: "mlPerKgDry",
    plantId,
  });
  renderWith(<KnownScreen plantId={plantId} />, [...runs, trial]);
  expect(screen.getByText(/mL\/kg dry, .*, 4 runs$/)).toBeVisible();
  const fit = screen.getByText(/^4 runs point to .* mL\/kg fresh, a range \d+ % narrower/);
  expect(fit).toBeVisible();
  expect(screen.getByText(/^Steel pot: .* in 2 runs, .*in 100 that it is better\.$/)).toBeVisible();
  expect(screen.getByText(/^Always so far: fresh; /)).toBeVisible();
  expect(screen.getAllByText("Chopped, or whole?")[0]).toBeVisible();
  expect(
    screen.getAllByText(/^About \d+ runs more: .* of plant and .* of heat\.$/)[0],
  ).toBeVisible();
  await act(async () => {
    fireEvent.click(screen.getByRole("button", { name: "Compare the last ones" }));
    await Promise.resolve();
  });
  expect(router.push).toHaveBeenCalledWith("/runs/compare?ids=r1,r2,r3,r4");
});

test("two years are drawn, and a plant without a run says what the plan goes by", () => {
  const later = run("r5", 5, 6, {});
  const moved = later.entries.map((entry) => ({ ...entry, at: entry.at.replace("2026", "2025") }));
  const { unmount } = renderWith(<KnownScreen plantId={plantId} />, [
    ...runs,
    { ...later, entries: moved },
  ]);
  expect(screen.getByRole("img", { name: /^2025: .*one run; 2026: .*4 runs$/ })).toBeVisible();
  unmount();
  renderWith(<KnownScreen plantId="yarrow" />, runs);
  expect(screen.getByText("Nothing of your own yet")).toBeVisible();
  expect(screen.getByText("With two measured runs there is something to ask.")).toBeVisible();
});
