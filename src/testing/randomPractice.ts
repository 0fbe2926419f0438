import { randomLcg } from "d3-random";
import type { ActCode } from "@/core/practice/acts";
import { exercise, type Exercise, type Harm } from "@/core/practice/exercise";
import { faultOf, possibleFaults, type Fault } from "@/core/practice/faults";
import type { Alarm, AlarmCode } from "@/core/run/alarms";
import type { Method } from "@/core/still/methods";
import { methodsOf } from "@/core/still/fillLimits";
import { askOf, traitsOf } from "@/logbook/practice/exerciseAsk";
import { actOfEntry } from "@/logbook/practice/actsOfLog";
import { alarmWatch } from "@/instruments/alarmWatch";
import { beginExercise } from "@/logbook/practice/beginExercise";
import { usualChargeG } from "@/logbook/practice/usualCharge";
import { catalogueBook } from "@/logbook/plant/plantBook";
import { readyMadeStills } from "@/logbook/still/readyMadeStills";
import { stillFigures } from "@/logbook/still/stillFigures";
import { newRecord } from "@/records/base";
import type { Entry } from "@/records/entry";
import type { ExerciseSpec } from "@/records/exercise";
import { defaultPreferences } from "@/records/setting";

/** One exercise played by somebody who does this and that, and what became of it. */
export interface PlayedPractice {
  fault: Fault | undefined;
  still: string;
  hours: number;
  /** When something happened that cannot be taken back: harm to person or still, or a jar that ran over. Seconds. */
  harmAt?: number;
  harm?: Harm | "spilled";
  /** When the fault began, and how long its row's alarms, or one of danger, were in ringing; what share of the oil was lost by then. */
  beganAt?: number;
  rangAt?: number;
  lostByThen?: number;
  /** Alarms of danger that rang while nothing dangerous was there. */
  falseDangers: { code: string; second: number }[];
}

const leastJarMinutes = 8;
const lookEvery = 20;
const longest = 4 * 3600;
/* What a person at a loss does; nothing that mends on purpose, nothing that nobody should do. */
const pastimes: readonly ActCode[] = [
  "look",
  "smell",
  "listen",
  "feel",
  "ice",
  "heat",
  "jarSwapped",
];
const plants = ["lavender", "peppermint", "rose", "clove", "anise", "juniperberry", "sage"];

/** Plays a random exercise of a seed to its end, its plan's end or four hours. Undefined where such a still cannot do such a plant. */
export function playAtRandom(seed: number): PlayedPractice | undefined {
  const random = randomLcg(seed / 100_003);
  for (let i = 0; i < 5; i += 1) random();
  const pick = <T>(from: readonly T[]) => from[Math.floor(random() * from.length)]!;
  const figures = pick(readyMadeStills);
  const plant = catalogueBook.byId(pick(plants))!;
  const now = new Date(Date.UTC(2026, 6, 14, 8));
  const method: Method = pick(
    methodsOf(stillFigures({ ...newRecord("still", now), ...figures }).shape),
  );
  const state = plant.states.fresh ? "fresh" : "dried";
  const usual = usualChargeG(figures, plant, { state, method, site: defaultPreferences().site });
  if (usual <= 0) return undefined;
  const possible = possibleFaults(traitsOf(figures, plant, method));
  const fault = random() < 0.15 ? undefined : pick(possible);
  const spec: ExerciseSpec = {
    title: "Random",
    still: figures,
    plantId: plant.id,
    state,
    massG: (0.5 + 0.5 * random()) * usual,
    method,
    seed: 1 + Math.floor(random() * 1e6),
    from: "lit",
    faults: fault
      ? [
          {
            fault,
            after: faultOf(fault).from,
            minutes: Math.round(30 * random()) * (fault === "shortWater" ? 0 : 1),
          },
        ]
      : [],
  };
  const begun = beginExercise(spec, plant, {
    site: defaultPreferences().site,
    number: 1,
    now,
  });
  if ("cannot" in begun) return undefined;
  const { run, still } = begun;
  /* A jar that fills in minutes is no plan that anybody would follow. */
  if (run.plan.jarMl < leastJarMinutes * run.plan.forecast.rateMlPerMin) return undefined;
  const ask = askOf(spec, plant, run.plan.request!);
  const played = exercise(ask);
  const litAt = now.getTime();
  const watch = alarmWatch(run, still, litAt);
  /* A log never changes in place. */
  let entries: Entry[] = [...run.entries];
  const note = (entry: Record<string, unknown>, second: number) => {
    const at = new Date(litAt + second * 1000).toISOString();
    entries = [...entries, { id: `e${entries.length}`, at, ...entry } as Entry];
  };
  const delays = { boiling: 90 * random(), firstDrop: 60 * random() };
  const result: PlayedPractice = { fault, still: figures.name, hours: 0, falseDangers: [] };
  const ringing = new Set<string>();
  const end =
    60 *
    (run.plan.forecast.minutesToFirstDrop + run.plan.forecast.runMinutes * (1 + 0.5 * random()));
  let nextAct = 600 + 1200 * random();
  while (played.second < Math.min(end, longest) && !played.over) {
    played.advanceTo(played.second + lookEvery);
    const { second } = played;
    for (const type of ["boiling", "firstDrop"] as const) {
      const at = type === "boiling" ? played.boilingAt : played.firstDropAt;
      if (
        at !== undefined &&
        second >= at + delays[type] &&
        !entries.some((each) => each.type === type)
      )
        note({ type }, second);
    }
    const alarms = watch.look(played, entries);
    result.beganAt ??= played.happenings.find(({ kind }) => kind === "begins")?.second;
    for (const { code, urgency } of alarms) {
      if (result.rangAt === undefined && matters(code, urgency, fault)) {
        result.rangAt = second;
        result.lostByThen =
          played.truth.oilLostMl / Math.max(0.01, played.truth.oilMl + played.truth.oilLostMl);
      }
      if (urgency !== "danger") continue;
      if (!ringing.has(code) && !dangerous(played, ask.request.still.dryLineMl ?? 0))
        result.falseDangers.push({ code, second });
      ringing.add(code);
    }
    for (const code of [...ringing])
      if (!alarms.some((each) => each.code === code && each.urgency === "danger"))
        ringing.delete(code);
    const harmed = harmOf(played);
    if (harmed && result.harmAt === undefined) {
      result.harmAt = second;
      result.harm = harmed;
    }
    if (second < nextAct) continue;
    nextAct = second + 300 + 1800 * random();
    const code = pick(pastimes);
    if (code === "heat") {
      note(
        { type: "heatChanged", powerW: Math.round(run.plan.powerW * (0.5 + 0.6 * random())) },
        second,
      );
    } else if (code === "ice") note({ type: "iceAdded", massG: 500 }, second);
    else if (code === "jarSwapped") {
      if (played.firstDropAt === undefined) continue;
      note({ type: code }, second);
    } else {
      played.act({ code });
      continue;
    }
    const act = actOfEntry(entries.at(-1)!);
    if (act) played.act(act);
  }
  result.hours = played.second / 3600;
  return result;
}

/* Heat off first, a jar that fills, or what the fault's own row names. */
function matters(code: AlarmCode, urgency: Alarm["urgency"], fault: Fault | undefined): boolean {
  if (urgency === "danger" || code === "jarFull" || code === "bowlFull" || code === "dryLine")
    return true;
  return fault !== undefined && faultOf(fault).alarms.includes(code);
}

function harmOf({ harm, truth }: Exercise): PlayedPractice["harm"] {
  return harm ?? (truth.spilledMl > 0 ? "spilled" : undefined);
}

/* Whether heat off first would be right: vapour, pressure, a pot near its line, steam that does not come where it should. */
function dangerous({ truth, firstDropAt }: Exercise, dryLineMl: number): boolean {
  const toDry = (truth.waterMl - dryLineMl) / Math.max(0.5, truth.rateMlPerMin);
  return (
    truth.outletC > 55 ||
    truth.overMbar > 3 ||
    truth.stopped > 0.3 ||
    toDry < 8 ||
    (firstDropAt === undefined ? truth.headC > 60 : truth.rateMlPerMin < 0.2)
  );
}
