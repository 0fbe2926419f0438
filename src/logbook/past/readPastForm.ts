import { knownFields } from "@/core/knownFields";
import { type PlantState, plantStates } from "@/core/plant/plant";
import { methodsOf } from "@/core/still/fillLimits";
import type { Method } from "@/core/still/methods";
import { type NumberRange, readNumber } from "@/core/units/numberInput";
import { parseAmount, parseCounted } from "@/core/units/parseAmount";
import { type UnitName, units } from "@/core/units/units";
import { t } from "@/language/t";
import { limits } from "@/messages/limits";
import type { Measure } from "@/records/measure";
import type { Still } from "@/records/still";
import { measureCalled } from "../plan/measureOf";
import type { KnownPlant, PlantBook } from "../plant/plantBook";
import { stillShape } from "../still/stillFigures";
import type { PastStop } from "@/records/run";
import type { PastForm } from "./pastForm";
import { timeTold, type TimeTold } from "./timeTold";

/** What a person tells of a run that is over, in g, mL, °C and minutes. */
export interface PastTold {
  day: string;
  plant: KnownPlant;
  state: PlantState;
  still: Still;
  method: Method;
  massG?: number;
  /** Counted in pieces of a measure. */
  counted?: { measure: string; count: number };
  /** A heap of so many mL, where there was no scale. */
  heapMl?: number;
  waterMl?: number;
  heatOn?: number;
  /** Minutes after midnight of the run's day; more than 1440 once midnight has passed. */
  firstDrop?: number;
  heatOff?: number;
  /** From first drop to heat off, where only that is known. */
  runMinutes?: number;
  jars?: number;
  oilMl?: number;
  hydrosolMl?: number;
  stopped: PastStop;
  look: string;
  smell: string;
  note: string;
  readings: { at: number; distillateMl?: number; headC?: number; oilMl?: number }[];
}

/** What is wrong, a sentence for each field; a reading's are named `readings.2.time`. */
export type PastProblems = Record<string, string>;

export interface PastRead {
  plant: KnownPlant | undefined;
  states: PlantState[];
  state: PlantState;
  still: Still | undefined;
  methods: Method[];
  method: Method | undefined;
  told: PastTold | undefined;
  problems: PastProblems;
}

interface Context {
  book: PlantBook;
  stills: readonly Still[];
  measures: readonly Measure[];
  /** As records keep it, `YYYY-MM-DD`. */
  today: string;
}

const ranges = {
  mass: { name: t`Plant weight`, ...limits.chargeG },
  water: { name: t`Water`, min: 0, max: 1e6 },
  oil: { name: t`Oil`, ...limits.amount },
  hydrosol: { name: t`Hydrosol`, ...limits.amount },
  jars: { name: t`Jars`, min: 1, max: limits.mostJars.max },
  head: { name: t`The head`, ...limits.headC },
} satisfies Record<string, NumberRange>;

/* Heat on to heat off: nobody distils for longer at a stretch. */
const longestMinutes = 48 * 60;
const dayMinutes = 24 * 60;

/** Reads the form of a past run. Nothing that was done is refused; only what cannot be read is. */
export function readPastForm(form: PastForm, { book, stills, measures, today }: Context): PastRead {
  const problems: PastProblems = {};
  const plant = form.plantId ? book.byId(form.plantId) : undefined;
  const states = plantStates.filter((candidate) => !plant || plant.states[candidate]);
  const state = states.find((candidate) => candidate === form.state) ?? states[0] ?? "fresh";
  const still = stills.find(({ id }) => id === form.stillId) ?? stills[0];
  const methods = still ? methodsOf(stillShape(still)) : [];
  const method =
    methods.find((candidate) => candidate === form.method) ??
    methods.find((candidate) => candidate === plant?.preferredMethod) ??
    methods[0];
  const day = dayProblem(form.day, today);
  if (day) problems.day = day;
  if (!plant) problems.plantId = t`Say which plant it was.`;
  if (!still) problems.stillId = t`Add your still first.`;

  const mass = readMass(form, measures, plant, problems);
  const waterMl = amountIn(problems, "water", form.water, form.waterUnit);
  const oilMl = amountIn(problems, "oil", form.oil, form.oilUnit);
  const hydrosolMl = amountIn(problems, "hydrosol", form.hydrosol, form.hydrosolUnit);
  const jars = amountIn(problems, "jars", form.jars, "one");
  const times = readTimes(form, problems);
  const readings = form.readings.flatMap((_, i) => readReading(form, i, times, problems) ?? []);

  const told: PastTold | undefined =
    plant && still && method && Object.keys(problems).length === 0
      ? {
          day: form.day,
          plant,
          state,
          still,
          method,
          ...mass,
          ...times,
          ...knownFields({ waterMl, oilMl, hydrosolMl }),
          ...(jars === undefined ? {} : { jars: Math.round(jars) }),
          stopped: form.stopped,
          look: form.look.trim(),
          smell: form.smell.trim(),
          note: form.note.trim(),
          readings,
        }
      : undefined;
  return { plant, states, state, still, methods, method, told, problems };
}

function dayProblem(day: string, today: string): string | undefined {
  if (!/^\d{4}-\d{2}-\d{2}$/.test(day) || Number.isNaN(Date.parse(day)))
    return t`Say which day it was.`;
  return day > today ? t`That day is still to come: plan that run instead.` : undefined;
}

/** A figure of the form; undefined where nothing was typed, or where it cannot be read, which is then noted. */
function amountIn(
  problems: PastProblems,
  field: string,
  text: string,
  unit: string,
  range: NumberRange = ranges[field as keyof typeof ranges],
): number | undefined {
  if (!text.trim()) return undefined;
  const read = readNumber({ text, unit: known(unit) }, range);
  if (read.ok) return read.value;
  problems[field] = read.problem;
  return undefined;
}

/** A weight, so many pieces of a measure, or a heap: whichever was typed. */
function readMass(
  form: PastForm,
  measures: readonly Measure[],
  plant: KnownPlant | undefined,
  problems: PastProblems,
): Pick<PastTold, "massG" | "counted" | "heapMl"> {
  if (!form.mass.trim()) return {};
  const pieces = parseCounted(form.mass);
  if (pieces) {
    const measure = measureCalled(pieces.what, measures, plant?.id ?? "");
    if (measure)
      return {
        massG: measure.massG * pieces.count,
        counted: { measure: measure.name, count: pieces.count },
      };
    problems.mass = t`What one of the ${pieces.what} weighs is not known. Type the weight of all, or leave it empty.`;
    return {};
  }
  const heap = parseAmount(form.mass, "mL");
  if (heap.ok && /\p{L}/u.test(form.mass)) return { heapMl: heap.value };
  return knownFields({ massG: amountIn(problems, "mass", form.mass, form.massUnit) });
}

type Times = Pick<PastTold, "heatOn" | "firstDrop" | "heatOff" | "runMinutes">;

function readTimes(form: PastForm, problems: PastProblems): Times {
  const heatOn = timeIn(problems, "heatOn", form.heatOn);
  const on = heatOn && "clock" in heatOn ? heatOn.clock : undefined;
  if (heatOn && on === undefined) problems.heatOn = t`Type when the heat went on, as 9:40.`;
  const drop = minuteOf(timeIn(problems, "firstDrop", form.firstDrop), on);
  const off = timeIn(problems, "heatOff", form.heatOff);
  const since = drop ?? on;
  const offAt = minuteOf(off, since);
  if (offAt !== undefined && since !== undefined && offAt - since > longestMinutes)
    problems.heatOff = t`That is longer than two days. Look at the times again.`;
  return {
    ...knownFields({ heatOn: on, firstDrop: drop, heatOff: offAt }),
    /* "It ran for 70 min": enough to know how long, not when. */
    ...(off && "minutes" in off && since === undefined ? { runMinutes: off.minutes } : {}),
  };
}

function timeIn(problems: PastProblems, field: string, text: string): TimeTold | undefined {
  if (!text.trim()) return undefined;
  const read = timeTold(text);
  if (read.ok) return read.value;
  problems[field] = read.problem;
  return undefined;
}

/** Minutes after midnight of the run's day; a clock that stands before the last one is past midnight. */
function minuteOf(told: TimeTold | undefined, since: number | undefined): number | undefined {
  if (!told) return undefined;
  if ("minutes" in told) return since === undefined ? undefined : since + told.minutes;
  return since !== undefined && told.clock < since % dayMinutes
    ? told.clock + dayMinutes * (Math.floor(since / dayMinutes) + 1)
    : told.clock + dayMinutes * Math.floor((since ?? 0) / dayMinutes);
}

/** A line of readings, or undefined where it is empty or has no time. */
function readReading(form: PastForm, i: number, times: Times, problems: PastProblems) {
  const reading = form.readings[i]!;
  const read = (name: string, text: string, unit: string, range: NumberRange) =>
    amountIn(problems, `readings.${i}.${name}`, text, unit, range);
  const figures = knownFields({
    distillateMl: read("distillate", reading.distillate, form.hydrosolUnit, ranges.hydrosol),
    headC: read("head", reading.head, "C", ranges.head),
    oilMl: read("oil", reading.oil, form.oilUnit, ranges.oil),
  });
  if (Object.keys(figures).length === 0) return undefined;
  const field = `readings.${i}.time`;
  const at = minuteOf(timeIn(problems, field, reading.time), times.firstDrop ?? times.heatOn);
  if (at === undefined) {
    problems[field] ??= t`Say when, as 10:20, or so long after the first drop.`;
    return undefined;
  }
  return { at, ...figures };
}

function known(unit: string): UnitName {
  return Object.hasOwn(units, unit) ? (unit as UnitName) : "one";
}
