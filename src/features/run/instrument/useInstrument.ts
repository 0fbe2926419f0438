import { startTransition, useEffect, useMemo, useState, useSyncExternalStore } from "react";
import { handlingOf } from "@/instruments/handlingOf";
import { latestOf } from "@/instruments/latestOf";
import { postJson } from "@/instruments/postJson";
import type { SampleFeed } from "@/instruments/sampleFeed";
import { t } from "@/language/t";
import { startedSchema } from "@/messages/instrumentMessages";
import { knownRequest } from "@/logbook/run/knownRequest";
import type { Latest } from "@/logbook/run/liveRun";
import type { Run } from "@/records/run";
import { clockFrom, runNow } from "@/logbook/run/runClock";
import type { RunState } from "@/logbook/run/runState";
import type { Still } from "@/records/still";
import { changeRun } from "@/store/changes";
import { useAppDispatch, useInstruments } from "@/store/hooks";

/* The screen looks once a second at most, however many messages come. */
const lookMs = 1000;

/** A run's instrument as its cockpit needs it: samples, health, and ways to connect, misbehave and let go. */
export function useInstrument(run: Run, state: RunState, still: Still | undefined) {
  const dispatch = useAppDispatch();
  const instruments = useInstruments();
  const line = useMemo(() => instruments.of(run.id), [instruments, run.id]);
  useEffect(() => line.hold(), [line]);
  const health = useSyncExternalStore(line.listen, () => line.health);
  const [problem, setProblem] = useState<string>();
  const { feed } = line;
  const version = useLooked(feed);
  const latest: Latest = useMemo(() => latestOf(feed, version), [feed, version]);
  const { plan } = run;

  async function connect(speed: number): Promise<void> {
    const request = knownRequest(plan);
    if (!request || state.litAt === undefined) return;
    setProblem(undefined);
    const wallNow = Date.now();
    const now = runNow(run, wallNow);
    try {
      const started = startedSchema.parse(
        await postJson("/instruments", {
          request,
          condenser: still?.condenser,
          seed: seedOf(run.id),
          speed,
          litAt: new Date(state.litAt).toISOString(),
          heat: state.heat.map(({ at, powerW }) => ({
            minutes: Math.max(0, (at - (state.litAt ?? at)) / 60000),
            powerW,
          })),
          iceAddedKg: handlingOf(run, state).iceAddedKg,
          waterAddedMl: state.waterAddedMl,
          minutesSoFar: Math.max(0, (now - state.litAt) / 60000),
        }),
      );
      dispatch(
        changeRun(run.id, (current) => ({
          ...current,
          instrument: {
            id: started.id,
            name: t`Simulated probe and scale`,
            connectedAt: new Date(now).toISOString(),
          },
          clock: { ...clockFrom(run, now, wallNow), speed },
        })),
      );
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
  }

  function disconnect(): void {
    const wallNow = Date.now();
    dispatch(
      changeRun(run.id, ({ instrument: _, ...rest }) => ({
        ...rest,
        ...(rest.clock
          ? { clock: { ...clockFrom(rest, runNow(rest, wallNow), wallNow), speed: 1 } }
          : {}),
      })),
    );
    const id = run.instrument?.id;
    if (id) void fetch(`/instruments/${id}`, { method: "DELETE" }).catch(() => undefined);
  }

  return { line, feed, version, latest, health, problem, connect, disconnect };
}
export type Instrument = ReturnType<typeof useInstrument>;

/** A feed's version, looked at once a second. The timer outlives every drawing: one of the page's own ticks must not reset it. */
function useLooked(feed: SampleFeed): number {
  const [seen, setSeen] = useState(() => feed.version());
  useEffect(() => {
    const timer = setInterval(() => startTransition(() => setSeen(feed.version())), lookMs);
    return () => clearInterval(timer);
  }, [feed]);
  return seen;
}

/** The same run meets the same chance, also after a reload. */
function seedOf(id: string): number {
  return [...id].reduce((sum, letter) => (sum * 31 + letter.charCodeAt(0)) % 999983, 7) + 1;
}
