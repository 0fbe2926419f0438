import { act, fireEvent, screen, waitFor } from "@testing-library/react";
import { debriefOf as mockDebriefOf } from "@/core/practice/debrief";
import { writeExercise } from "@/exchange/exerciseFile";
import { catalogueBook } from "@/logbook/plant/plantBook";
import { beginExercise } from "@/logbook/practice/beginExercise";
import { lessonSpec } from "@/logbook/practice/lessonSpec";
import type { DebriefQuestion } from "@/messages/practiceMessages";
import type { ExerciseRecord, ExerciseSpec } from "@/records/exercise";
import type { Run } from "@/records/run";
import { defaultPreferences } from "@/records/setting";
import type { AnyRecord } from "@/records/record";
import { useAppSelector } from "@/store/hooks";
import { renderWith } from "@/testing/renderWith";
import { sampleSpec } from "@/testing/samplePractice";
import { DebriefScreen } from "./DebriefScreen";
import { HandsCard } from "./HandsCard";
import { PracticeBar } from "./PracticeBar";
import { PracticeScreen } from "./PracticeScreen";
import { useExercise } from "./useExercise";
import { traitsOf } from "@/logbook/practice/exerciseAsk";

const mockSent: string[] = [];
jest.mock("./practiceLogbook", () => ({
  practiceLogbook: () => ({ send: (_id: string, text: string) => mockSent.push(text) }),
}));
jest.mock("@/workers/watchClient", () => ({
  debrief: async ({ ask, acts, endSecond, planSecond }: DebriefQuestion) =>
    mockDebriefOf(ask, acts, endSecond, planSecond),
}));
/* No server here: the line is opened, and nothing comes over it. */
class Silent {
  static readonly CLOSED = 2;
  addEventListener(): void {}
  close(): void {}
}
beforeEach(() => {
  mockSent.length = 0;
  Object.assign(globalThis, { EventSource: Silent });
});

const plant = (spec: ExerciseSpec) => catalogueBook.byId(spec.plantId)!;
const now = new Date("2026-07-14T08:00:00Z");
function begun(spec: ExerciseSpec) {
  const made = beginExercise(spec, plant(spec), {
    site: defaultPreferences().site,
    number: 1,
    now,
  });
  if ("cannot" in made) throw new Error(made.cannot);
  return made;
}

describe("where practice begins", () => {
  test("the second tap of a double one begins no second exercise", () => {
    const { store } = renderWith(<PracticeScreen />, []);
    const lesson = screen.getByRole("button", { name: /8\. The cooling fails/ });
    fireEvent.click(lesson);
    fireEvent.click(lesson);
    expect(Object.keys(store.getState().exercise.entities)).toHaveLength(1);
    expect(Object.keys(store.getState().run.entities)).toHaveLength(1);
  });

  test("a lesson that was done is marked, and the one after it is next", () => {
    const { record } = begun(lessonSpec("waterRun", "A run with water"));
    const done: ExerciseRecord = { ...record, endedAt: 100, passed: true };
    renderWith(<PracticeScreen />, [done]);
    expect(screen.getByText("Lessons, 1 of 10 done")).toBeVisible();
    expect(screen.getByRole("button", { name: /1\. A run with water.*done/ })).toBeVisible();
    expect(screen.getByRole("button", { name: /2\. The first lavender.*next/ })).toBeVisible();
  });

  test("a trainer's file shows what is told before; another file says what it is not", async () => {
    renderWith(<PracticeScreen />, []);
    const open = (text: string) =>
      fireEvent.change(screen.getByLabelText("An exercise's file"), {
        target: { files: [{ text: async () => text }] },
      });
    open("not an exercise");
    expect(await screen.findByText(/This file is not an exercise/)).toBeVisible();
    open(writeExercise(sampleSpec({ title: "Wednesday", note: "Mind the outlet." })));
    expect(await screen.findByText("Mind the outlet.")).toBeVisible();
    expect(screen.getByText("Cooling stops", { selector: "div" })).toBeVisible();
    open(writeExercise(sampleSpec({ title: "Thursday", hidden: true })));
    expect(await screen.findByText("Thursday")).toBeVisible();
    expect(screen.queryByText("Mind the outlet.")).toBeNull();
  });

  test("an exercise that cannot be says why", async () => {
    renderWith(<PracticeScreen />, []);
    const much = writeExercise(sampleSpec({ title: "Too much", massG: 50_000 }));
    fireEvent.change(screen.getByLabelText("An exercise's file"), {
      target: { files: [{ text: async () => much }] },
    });
    fireEvent.click(await screen.findByRole("button", { name: /Begin Too much/ }));
    expect(screen.getByText(/So much plant does not go into this still/)).toBeVisible();
  });
});

function Running({ id, spec }: { id: string; spec: ExerciseSpec }) {
  const record = useAppSelector((state) => state.exercise.entities[id]);
  const run = useAppSelector((state) => state.run.entities[record?.runId ?? ""]);
  return record && run ? <Bars record={record} run={run} spec={spec} /> : null;
}
function Bars({ record, run, spec }: { record: ExerciseRecord; run: Run; spec: ExerciseSpec }) {
  const work = useExercise(record, run, plant(spec));
  return (
    <>
      <PracticeBar work={work} />
      <HandsCard work={work} traits={traitsOf(spec.still, plant(spec), spec.method)} />
    </>
  );
}

describe("an exercise under way", () => {
  beforeEach(() => jest.useFakeTimers({ now }));
  afterEach(() => jest.useRealTimers());
  const tap = (name: string | RegExp) => fireEvent.click(screen.getByRole("button", { name }));
  const pass = (seconds: number) => act(() => void jest.advanceTimersByTime(seconds * 1000));
  function start(part: Partial<ExerciseSpec> = {}) {
    const spec = sampleSpec({ massG: 700, ...part });
    const { still, run, record } = begun(spec);
    const shown = renderWith(<Running id={record.id} spec={spec} />, [still, run, record]);
    const kept = () => shown.store.getState().exercise.entities[record.id]!;
    const log = () => shown.store.getState().run.entities[run.id]!;
    return { ...shown, kept, log };
  }

  test("time waits until it is let go, and its instruments speak only then", () => {
    const { log } = start();
    pass(20);
    expect(mockSent).toEqual([]);
    const stood = log().clock!.runAt;
    tap("Go on");
    pass(3);
    expect(mockSent.length).toBeGreaterThan(10);
    expect(log().clock).toMatchObject({ speed: 20 });
    tap("Wait");
    expect(log().clock!.speed).toBe(0);
    expect(Date.parse(log().clock!.runAt) - Date.parse(stood)).toBeGreaterThan(45_000);
    const sent = mockSent.length;
    pass(20);
    expect(mockSent).toHaveLength(sent);
  });

  test("a sense answers and is kept; what was lost of time in sleep is not made up", () => {
    const { kept, log } = start({ faults: [] });
    tap("Go on");
    pass(4);
    tap("Look");
    expect(screen.getByRole("status")).toHaveTextContent(/so far in all jars/);
    expect(kept().acts.at(-1)).toMatchObject({ code: "look" });
    const before = Date.parse(log().clock!.runAt);
    jest.setSystemTime(Date.now() + 3_600_000);
    pass(1);
    tap("Wait");
    expect(Date.parse(log().clock!.runAt) - before).toBeLessThan(10 * 60_000);
  });

  test("danger done on purpose ends it, once, and nothing more is taken", () => {
    const { kept, log } = start();
    tap("Hands");
    tap("Open the lid");
    expect(kept().endedAt).toBeDefined();
    const { length } = kept().acts;
    tap("Look");
    expect(kept().acts).toHaveLength(length);
    expect(log().clock!.speed).toBe(0);
  });

  test("it ends by itself after twelve hours of its own", () => {
    const { kept } = start({ faults: [{ fault: "heatCut", after: "firstDrop", minutes: 1 }] });
    tap("20 times");
    fireEvent.click(screen.getByRole("radio", { name: "120 times" }));
    for (let i = 0; i < 400 && kept().endedAt === undefined; i += 1) pass(1);
    expect(kept().endedAt).toBe(12 * 3600);
  });
});

test("looking back tells the outcome, what the lesson asked, and what waiting costs", async () => {
  const spec = lessonSpec("coolingFails", "The cooling fails");
  const { still, run, record } = begun(spec);
  const drop = record.acts[0]!.second;
  const acts = [
    ...record.acts,
    { id: "1", second: drop + 13 * 60, code: "heat" as const, amount: 0 },
    { id: "2", second: drop + 13 * 60 + 20, code: "waterOn" as const },
  ];
  const ended: ExerciseRecord = { ...record, acts, endedAt: drop + 20 * 60 };
  const records: AnyRecord[] = [still, run, ended];
  renderWith(<DebriefScreen record={ended} run={run} plant={plant(spec)} />, records);
  expect(screen.getByText("Playing it again …")).toBeVisible();
  await waitFor(() => expect(screen.getByText("Nobody was hurt")).toBeVisible());
  expect(screen.getByText("Done: Put right what goes wrong")).toBeVisible();
  expect(screen.getByText("Not yet: Turn the heat off")).toBeVisible();
  expect(screen.getByText(/^You put it right after/)).toBeVisible();
  expect(screen.getByRole("table", { name: "What waiting costs" })).toHaveTextContent(/Fire/);
});
