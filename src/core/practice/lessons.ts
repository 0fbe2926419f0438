import { keysOf } from "../keysOf";
import type { PlantState } from "../plant/plant";
import type { StopRule } from "../forecast/stopRules";
import type { Construction } from "../still/constructions";
import type { Method } from "../still/methods";
import type { PlannedFault } from "./exercise";
import type { Moment } from "./faults";

/** What a lesson asks to be done; each is found in the log and in the acts. */
export type TaskCode =
  | "noteBoil"
  | "noteFirstDrop"
  | "twoReadings"
  | "countDrips"
  | "readOil"
  | "changeJar"
  | "lookBeforePouring"
  | "mended"
  | "stopInTime"
  | "heatOff"
  | "unhurt";

/** One lesson: a run on a ready-made still, with what goes wrong and what there is to do. */
export interface Lesson {
  construction: Construction;
  plantId: string;
  state: PlantState;
  massG: number;
  method: Method;
  stop: StopRule;
  /** Where it begins. */
  from: Moment;
  /** The heat stays as it is after the first drop. */
  brisk?: true;
  /** How fast it goes, so that it takes some five minutes. */
  speed: 1 | 5 | 20 | 60 | 120;
  faults: readonly PlannedFault[];
  tasks: readonly TaskCode[];
  seed: number;
  /** The receiving jar, mL, where it is not the still's usual one. */
  jarMl?: number;
  /** Ice in the tub at the start, kg, where it is not the still's usual. */
  iceKg?: number;
}

const lavender = {
  construction: "basketPot",
  plantId: "lavender",
  state: "fresh",
  massG: 700,
  method: "steam",
  stop: { perKg: 1 },
  from: "firstDrop",
  iceKg: 2,
} as const satisfies Partial<Lesson>;

/** The lessons in their order, one row each. */
const lessons = {
  /* A leaf in the basket: the run with water that shows what a still does with its heat. */
  waterRun: {
    ...lavender,
    massG: 5,
    stop: { minutes: 25 },
    brisk: true,
    from: "lit",
    speed: 20,
    faults: [],
    tasks: ["noteBoil", "noteFirstDrop", "twoReadings", "heatOff"],
    seed: 11,
  },
  firstLavender: {
    ...lavender,
    from: "lit",
    speed: 20,
    faults: [],
    tasks: ["noteBoil", "noteFirstDrop", "twoReadings", "readOil", "heatOff", "unhurt"],
    seed: 12,
  },
  drips: {
    ...lavender,
    speed: 5,
    faults: [{ fault: "heatHigh", after: "firstDrop", minutes: 6 }],
    tasks: ["countDrips", "twoReadings", "mended", "heatOff"],
    seed: 13,
  },
  whenToStop: {
    ...lavender,
    speed: 20,
    faults: [],
    tasks: ["readOil", "stopInTime", "heatOff"],
    seed: 14,
  },
  hidingOil: {
    construction: "flask",
    plantId: "clove",
    state: "dried",
    massG: 120,
    method: "hydro",
    stop: { perKg: 5 },
    from: "firstDrop",
    speed: 60,
    faults: [{ fault: "sinks", after: "firstDrop", minutes: 2 }],
    tasks: ["lookBeforePouring", "readOil", "heatOff"],
    seed: 15,
    jarMl: 250,
  },
  roseCohobation: {
    construction: "cohobating",
    plantId: "rose",
    state: "fresh",
    massG: 300,
    method: "cohobation",
    stop: { minutes: 120 },
    from: "firstDrop",
    speed: 20,
    faults: [{ fault: "airLock", after: "firstDrop", minutes: 30 }],
    tasks: ["readOil", "mended", "stopInTime", "heatOff"],
    seed: 16,
  },
  fieldDay: {
    construction: "separateVessel",
    plantId: "lavender",
    state: "fresh",
    massG: 2500,
    method: "steam",
    stop: { perKg: 1 },
    from: "firstDrop",
    speed: 20,
    faults: [
      { fault: "jarOverflow", after: "firstDrop", minutes: 0 },
      { fault: "leak", after: "firstDrop", minutes: 25 },
      { fault: "helperOpens", after: "firstDrop", minutes: 50 },
    ],
    tasks: ["changeJar", "mended", "unhurt", "heatOff"],
    seed: 17,
    jarMl: 1200,
  },
  coolingFails: {
    ...lavender,
    speed: 20,
    faults: [{ fault: "coolingLost", after: "firstDrop", minutes: 12 }],
    tasks: ["mended", "unhurt", "heatOff"],
    seed: 18,
  },
  flameGoesOut: {
    ...lavender,
    speed: 20,
    faults: [{ fault: "heatCut", after: "firstDrop", minutes: 10 }],
    tasks: ["mended", "unhurt", "heatOff"],
    seed: 19,
  },
  pathStops: {
    ...lavender,
    speed: 20,
    faults: [{ fault: "blocked", after: "firstDrop", minutes: 10 }],
    tasks: ["mended", "unhurt"],
    seed: 20,
  },
} as const satisfies Record<string, Lesson>;

export type LessonId = keyof typeof lessons;
export const lessonIds = keysOf(lessons);

/** A lesson by its name. */
export function lessonOf(id: LessonId): Lesson {
  return lessons[id];
}
