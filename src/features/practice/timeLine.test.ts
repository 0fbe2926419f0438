import type { DebriefAnswer } from "@/messages/practiceMessages";
import { sampleExercise } from "@/testing/samplePractice";
import { entryAt, sampleRun } from "@/testing/sampleRecords";
import { timeLine } from "./timeLine";

const answer: DebriefAnswer = {
  faults: [
    {
      fault: "leak",
      began: 1200,
      mended: 1500,
      signs: [
        { sense: "look", sign: "wispAtLid", second: 1210 },
        { sense: "smell", sign: "strongInRoom", second: 1220 },
        { sense: "look", sign: "noDrip", second: 1400 },
      ],
      figures: [
        { channel: "distillate", second: 1390 },
        { channel: "oil", second: 1410 },
        { channel: "head", second: 1450 },
      ],
      delays: [],
    },
  ],
  oilMl: 3,
  soundOilMl: 4,
};
const record = sampleExercise({
  acts: [
    { id: "a", second: 1300, code: "smell" },
    { id: "b", second: 1500, code: "seal" },
    { id: "c", second: 9000, code: "look" },
  ],
  endedAt: 2400,
});
const run = sampleRun([
  entryAt(0, { type: "lit" }),
  entryAt(22, { type: "reading", distillateMl: 50 }),
]);
const rang = [
  { code: "rateFell" as const, urgency: "act" as const, second: 1380, text: "It drips slower" },
];

test("what happened, could be known, rang and was done stands in its order, each sense once, nothing after the end", () => {
  const marks = timeLine(record, run, answer, rang);
  expect(marks.map(({ lane, second }) => `${lane} ${second}`)).toEqual([
    "happened 1200",
    "known 1210",
    "known 1220",
    "done 1300",
    "done 1320",
    "rang 1380",
    "known 1390",
    "known 1410",
    "done 1500",
  ]);
  expect(marks[0]).toMatchObject({ until: 1500, text: "A leak at the lid" });
});

test("harm stands at the end, and what was never put right lasts until there", () => {
  const { mended: _, ...left } = answer.faults[0]!;
  const marks = timeLine(record, run, { ...answer, faults: [left], harm: "scald" }, []);
  expect(marks[0]).toMatchObject({ until: 2400 });
  expect(marks.at(-1)).toMatchObject({ second: 2400, text: "Scalded", danger: true });
});
