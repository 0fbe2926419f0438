import { entryAt, sampleRun, sampleStill } from "@/testing/sampleRecords";
import { sampleDay } from "@/testing/sampleDay";
import { emptyDraft } from "@/records/planDraft";
import type { Entry } from "@/records/entry";
import { dayNow } from "./dayNow";
import { beginningOf } from "./dayTimes";
import { dayTotals } from "./dayTotals";

const [first, second] = sampleDay().charges;
const icy = (charge: typeof first, iceKg: number) => ({
  ...charge!,
  on: { "still-a": { ...charge!.on["still-a"]!, iceKg } },
});
const day = sampleDay({ charges: [icy(first, 2), icy(second, 3)] });
const beginning = beginningOf(day);

function runOf(dayCharge: string, litMin: number, more: Partial<Entry>[]) {
  const at = (minutes: number) => new Date(beginning + minutes * 60_000).toISOString();
  const entry = (minutes: number, part: Partial<Entry>) =>
    ({
      ...entryAt(0, { type: "lit" }),
      ...part,
      id: `${dayCharge}-${minutes}`,
      at: at(minutes),
    }) as Entry;
  return {
    ...sampleRun(
      [
        entry(litMin, { type: "lit" }),
        entry(litMin + 30, { type: "firstDrop" }),
        entry(litMin + 90, { type: "heatOff" }),
        ...more.map((part, i) => entry(litMin + 40 + i, part)),
      ],
      `run-${dayCharge}`,
    ),
    draft: { ...emptyDraft("metric"), dayId: day.id, dayCharge },
  };
}

const iceAdded = (massG: number): Partial<Entry> => ({ type: "iceAdded", massG }) as Partial<Entry>;

test("ice by the plan of each charge that is off, against what was noted of it", () => {
  const runs = [
    runOf("heap-a-1", 15, [iceAdded(900), iceAdded(600)]),
    runOf("heap-a-2", 140, [iceAdded(250)]),
  ];
  const totals = (until: number) =>
    dayTotals(day, dayNow(day, runs.slice(0, until), beginning + 300 * 60_000), {});
  expect(totals(1)).toMatchObject({ off: 1, iceKg: { planned: 2, went: 1.5 } });
  expect(totals(2)).toMatchObject({ off: 2, iceKg: { planned: 5, went: 1.75 } });
});

test("oil by the hour counts only what is measured; none measured, none told", () => {
  const measured: Partial<Entry> = {
    type: "separated",
    oilMl: 3,
    hydrosolMl: 500,
  } as Partial<Entry>;
  const runs = [runOf("heap-a-1", 15, []), runOf("heap-a-2", 140, [measured])];
  const now = dayNow(day, runs, beginning + 300 * 60_000);
  expect(dayTotals(day, now, {})).toMatchObject({ off: 2, measured: 1, oilMl: 3, oilMlPerHour: 2 });
  const none = dayNow(day, runs.slice(0, 1), beginning + 300 * 60_000);
  expect(dayTotals(day, none, {})).toMatchObject({ measured: 0, oilMl: 0, oilMlPerHour: null });
});

test("a still that is no longer there draws nothing that could be told", () => {
  const now = dayNow(day, [runOf("heap-a-1", 15, [])], beginning + 300 * 60_000);
  const none = { planned: 0, went: 0 };
  expect(dayTotals(day, now, {})).toMatchObject({ mainsKWh: none, gasKg: none });
  const plate = { ...sampleStill(), heat: { kind: "plate" as const, powerW: 1500 } };
  expect(dayTotals(day, now, { "still-a": plate }).mainsKWh).toEqual({ planned: 2.25, went: 2.25 });
});
