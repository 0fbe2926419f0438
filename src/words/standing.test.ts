import { entryAt, sampleRun } from "@/testing/sampleRecords";
import { catalogueBook } from "@/logbook/plant/plantBook";
import { lotNotes } from "@/logbook/shelf/lotNotes";
import { summarise } from "@/logbook/run/runSummary";
import { standing } from "./standing";

const measured = (oilMl: number, id: string) =>
  summarise(
    sampleRun(
      [
        entryAt(0, { type: "lit" }),
        entryAt(24, { type: "firstDrop" }),
        entryAt(80, { type: "heatOff" }),
        entryAt(140, { type: "separated", oilMl, hydrosolMl: 600 }),
      ],
      id,
    ),
    catalogueBook,
  );
const { p10, p50, p90 } = sampleRun().plan.forecast.visibleMl;

test.each([
  [p10 * 0.5, "in the lowest tenth of what was expected"],
  [(p10 + p50) / 2 - 0.01, "in the lower part of what is usual"],
  [p50, "about the middle of what is usual"],
  [(p50 + p90) / 2 + 0.01, "in the upper part of what is usual"],
  [p90 * 2, "in the highest tenth of what was expected"],
  [0, "in the lowest tenth of what was expected"],
])("%d mL lies %s", (oilMl, place) => {
  expect(standing(measured(oilMl, "a"), [])).toBe(
    `It is ${place}. It is your first run of this plant.`,
  );
});

test("among one's own runs it is told how many gave less", () => {
  const own = [1, 2, 3].map((oilMl) => measured(oilMl, `r-${oilMl}`));
  expect(standing(measured(2.5, "a"), own)).toMatch(/more than 2 of your 3 other runs/);
  expect(standing(measured(5, "a"), own)).toMatch(/more than each of your earlier runs/);
  expect(standing(measured(0.5, "a"), own.slice(0, 1))).toMatch(/less than your earlier run of/);
  /* Runs for their water alone all bring none. */
  const none = ["b", "c"].map((id) => measured(0, id));
  expect(standing(measured(0, "a"), none)).toMatch(/as much as each of your earlier runs/);
  expect(standing(measured(0, "a"), none.slice(1))).toMatch(/as much as your earlier run of/);
  /* It is not held against itself. */
  expect(standing(own[0]!, own.slice(0, 1))).toMatch(/your first run of this plant/);
  const unmeasured = summarise(sampleRun(), catalogueBook);
  expect(standing(unmeasured, own)).toBe("Not measured yet.");
});

test("a jar's lot says what it holds most of; one that was not cut says nothing", () => {
  const run = sampleRun();
  const jar = (fromMl: number, toMl: number) => ({ jar: { number: 1, fromMl, toMl } });
  expect(lotNotes(jar(0, 100), run, 700).length).toBeGreaterThan(0);
  expect(lotNotes(jar(500, 700), run, 700)).toContain("wood");
  expect(lotNotes({}, run, 700)).toEqual([]);
  expect(lotNotes(jar(0, 100), undefined, 700)).toEqual([]);
});
