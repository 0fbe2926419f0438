import type { Entry, Reading, Separated } from "@/records/entry";

export type Phase = "ready" | "heating" | "warming" | "distilling" | "settling" | "done";

/** An entry as it stands after all amendments. */
export type LoggedEntry = Exclude<Entry, { type: "amendment" }>;

/** What has become of a run, from its entries alone. Moments in milliseconds. */
export interface RunState {
  phase: Phase;
  /** The heat is on: noted as lit, and not as off. */
  heatOn: boolean;
  litAt?: number;
  boilingAt?: number;
  firstDropAt?: number;
  heatOffAt?: number;
  separatedAt?: number;
  /** Entries as they stand after all amendments, by moment. */
  entries: LoggedEntry[];
  readings: Reading[];
  lastDistillate?: { at: number; volumeMl: number };
  /** Distillate when the jar in use was put under, mL, where it was read. */
  jarStart?: { at: number; volumeMl?: number };
  jars: number;
  waterAddedMl: number;
  iceAdded: { at: number; massG: number }[];
  /** When the lid's ice was last renewed, and when somebody last looked under it. */
  lidTendedAt?: number;
  lookedAt?: number;
  /** Changes of the heat, W. */
  heat: { at: number; powerW: number }[];
  /** Where the stop was moved to, minutes after the first drop. */
  stopMovedTo?: number;
  spent?: Extract<Entry, { type: "spent" }>;
  /** What was measured, with what was drawn off later. */
  result?: Separated;
  /** The oil of each later draw, mL. */
  drawnOff: { at: number; oilMl: number }[];
  /** How it was last set to part. */
  settling?: Extract<Entry, { type: "settling" }>;
}

const known = new WeakMap<readonly Entry[], RunState>();

/**
 * A run's state. Any order of entries, any way of arriving: the same state. Remembered per log,
 * since a log never changes in place: with thousands of runs a tap works out one.
 */
export function runState(entries: readonly Entry[]): RunState {
  const state = known.get(entries) ?? stateOf(entries);
  known.set(entries, state);
  return state;
}

function stateOf(entries: readonly Entry[]): RunState {
  const standing = amended(entries);
  const first = (type: Entry["type"]) => {
    const entry = standing.find((candidate) => candidate.type === type);
    return entry ? Date.parse(entry.at) : undefined;
  };
  const state: RunState = {
    phase: "ready",
    heatOn: false,
    entries: standing,
    readings: [],
    jars: 1,
    waterAddedMl: 0,
    iceAdded: [],
    heat: [],
    drawnOff: [],
  };
  state.litAt = first("lit");
  state.boilingAt = first("boiling");
  state.firstDropAt = first("firstDrop");
  state.heatOffAt = first("heatOff");
  /* What was measured is off the heat, also where nobody knows since when. */
  const measured = standing.some(({ type }) => type === "separated");
  state.heatOn = state.litAt !== undefined && state.heatOffAt === undefined && !measured;
  if (state.firstDropAt !== undefined) state.jarStart = { at: state.firstDropAt, volumeMl: 0 };
  for (const entry of standing) {
    const at = Date.parse(entry.at);
    if (entry.type === "reading") {
      state.readings.push(entry);
      if (entry.distillateMl !== undefined)
        state.lastDistillate = { at, volumeMl: entry.distillateMl };
    }
    if (entry.type === "jarSwapped") {
      state.jars += 1;
      state.jarStart = { at };
    }
    if (entry.type === "waterAdded") state.waterAddedMl += entry.volumeMl;
    if (entry.type === "iceAdded") state.iceAdded.push({ at, massG: entry.massG });
    if (entry.type === "lidTended") state.lidTendedAt = at;
    if (entry.type === "looked") state.lookedAt = at;
    if (entry.type === "heatChanged") state.heat.push({ at, powerW: entry.powerW });
    if (entry.type === "stopMoved") state.stopMovedTo = entry.minutes;
    if (entry.type === "spent") state.spent = entry;
    if (entry.type === "settling") state.settling = entry;
    if (entry.type === "drawnOff") state.drawnOff.push({ at, oilMl: entry.oilMl });
    if (entry.type === "separated") {
      state.result = entry;
      state.separatedAt = at;
    }
  }
  if (state.result && state.drawnOff.length > 0) {
    const later = state.drawnOff.reduce((sum, { oilMl }) => sum + oilMl, 0);
    state.result = { ...state.result, oilMl: (state.result.oilMl ?? 0) + later };
  }
  state.phase = phaseOf(state);
  return state;
}

function phaseOf(state: RunState): Phase {
  if (state.result) return "done";
  if (state.heatOffAt !== undefined) return "settling";
  if (state.firstDropAt !== undefined) return "distilling";
  if (state.boilingAt !== undefined) return "warming";
  if (state.litAt !== undefined) return "heating";
  return "ready";
}

/** Entries with every amendment applied, struck ones gone, in the order of their moments. */
function amended(entries: readonly Entry[]): RunState["entries"] {
  const standing = new Map<string, Exclude<Entry, { type: "amendment" }>>();
  const amendments: Extract<Entry, { type: "amendment" }>[] = [];
  for (const entry of entries) {
    if (entry.type === "amendment") amendments.push(entry);
    else standing.set(entry.id, entry);
  }
  amendments.sort(byMoment);
  for (const { of, struck, change } of amendments) {
    const entry = standing.get(of);
    if (!entry) continue;
    if (struck) standing.delete(of);
    else standing.set(of, { ...entry, ...change } as typeof entry);
  }
  return [...standing.values()].sort(byMoment);
}

function byMoment(a: { at: string; id: string }, b: { at: string; id: string }): number {
  return Date.parse(a.at) - Date.parse(b.at) || (a.id < b.id ? -1 : 1);
}
