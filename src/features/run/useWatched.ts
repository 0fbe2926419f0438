import { startTransition, useEffect, useState } from "react";
import { hydrosolToKeep, worthShareOf } from "@/core/plan/hydrosolToKeep";
import type { Plant } from "@/core/plant/plant";
import { knownRequest } from "@/logbook/run/knownRequest";
import type { Latest } from "@/logbook/run/liveRun";
import type { Run } from "@/records/run";
import type { RunState } from "@/logbook/run/runState";
import { seenOf } from "@/logbook/run/seenOf";
import { watch } from "@/workers/watchClient";
import type { WatchAnswer, WatchQuestion } from "@/messages/watchMessages";

/* The forecast moves with the readings; between them a minute more or less changes little. */
const everyMinutes = 2;

/**
 * A run's forecast as its readings have made it; undefined until the worker has answered, and for runs
 * whose plan was made before requests were kept. The last answer stands until the next is there: it is
 * of the same run and a minute old at most.
 */
export function useWatched(
  run: Run,
  state: RunState,
  latest: Latest,
  now: number,
  endMinutes: number,
  plant: Plant | undefined,
): WatchAnswer | undefined {
  const [answer, setAnswer] = useState<WatchAnswer>();
  const request = knownRequest(run.plan);
  const since = state.firstDropAt === undefined ? 0 : (now - state.firstDropAt) / 60000;
  const step = Math.max(0, Math.floor(since / everyMinutes) * everyMinutes);
  /* Where nothing drips there is no end to count to: the plan's stands for it. */
  const ends = Number.isFinite(endMinutes) ? endMinutes : run.plan.forecast.runMinutes;
  const end = Math.max(1, Math.round(ends / everyMinutes) * everyMinutes);
  const question =
    request && state.heatOn
      ? JSON.stringify({
          request,
          seen: seenOf(state, latest),
          usual: usualOf(run, plant),
          now: step,
          end,
        })
      : undefined;
  useEffect(() => {
    if (!question) return;
    let current = true;
    watch(JSON.parse(question) as Parameters<typeof watch>[0]).then(
      (next) => current && startTransition(() => setAnswer(next)),
      () => undefined,
    );
    return () => {
      current = false;
    };
  }, [question]);
  return question ? answer : undefined;
}

function usualOf({ state }: Run, plant: Plant | undefined): WatchQuestion["usual"] {
  return (
    plant && {
      perKg: hydrosolToKeep(plant.tissue, state),
      worthShare: worthShareOf(plant.tissue),
    }
  );
}
