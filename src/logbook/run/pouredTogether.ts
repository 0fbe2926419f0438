import { shareOut } from "@/core/yield/shareOut";
import type { Separated } from "@/records/entry";
import type { Run } from "@/records/run";
import { poolWeights } from "./poolWeights";
import { runState } from "./runState";

type By = NonNullable<Separated["pool"]>["by"];

/** Runs whose oil and hydrosol are measured as one. */
export interface PouredTogether {
  /** Those that may be poured to this one: none once it is measured, an undo takes them apart. */
  candidates: Run[];
  /** The others by id, this run not among them. */
  others: string[];
  /** This run first, then the others. */
  members: Run[];
  by: By;
  /** What this run has of all that is measured, 0 to 1. */
  share: number;
}

/**
 * What a run is poured together with: as its measurement says, or as is wanted before there is one.
 * @param wanted ids parted by spaces, and by what they share
 */
export function pouredTogether(
  run: Run,
  runs: readonly Run[],
  wanted: { others: string; by: string },
): PouredTogether {
  const measured = runState(run.entries).entries.find((entry) => entry.type === "separated");
  const candidates = measured ? [] : runs.filter((other) => canJoin(run, other));
  const others = measured
    ? (measured.pool?.runIds ?? []).filter((id) => id !== run.id)
    : wanted.others.split(" ").filter((id) => candidates.some((each) => each.id === id));
  const by = measured?.pool?.by ?? (wanted.by === "charge" ? "charge" : "forecast");
  const members = [run, ...runs.filter(({ id }) => others.includes(id))];
  const [share = 1] = shareOut(1, poolWeights(members, by));
  return { candidates, others, members, by, share };
}

/* Of the same plant, and parting too. */
function canJoin(run: Run, other: Run): boolean {
  if (other.id === run.id || other.plantId !== run.plantId) return false;
  return runState(other.entries).phase === "settling";
}
