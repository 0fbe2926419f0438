import { startTransition, useCallback, useEffect, useMemo, useRef, useState } from "react";
import type { Fault } from "@/core";
import { refusalSchema, simulationStateSchema, startedSchema } from "@/records/instrumentMessages";
import type { Latest } from "@/records/liveRun";
import type { Run } from "@/records/run";
import { clockFrom, runNow } from "@/records/runClock";
import type { RunState } from "@/records/runState";
import type { Still } from "@/records/still";
import { changeRun } from "@/store/changes";
import { useAppDispatch } from "@/store/hooks";
import { keepSamples, loadSamples } from "@/store/samples";
import { latestOf } from "./latestOf";
import { SampleFeed } from "./sampleFeed";

export type InstrumentStatus = "none" | "connecting" | "live" | "lost" | "gone";

const flushMs = 5000;
/* The screen looks once a second at most, however many messages come. */
const lookMs = 1000;

/** A run's instrument: its samples, its health, and ways to connect, misbehave and let go. */
export function useInstrument(run: Run, state: RunState, still: Still | undefined) {
  const dispatch = useAppDispatch();
  const [feed] = useState(() => new SampleFeed(run.id));
  const [status, setStatus] = useState<InstrumentStatus>("connecting");
  const [faults, setFaults] = useState<Fault[]>([]);
  const [problem, setProblem] = useState<string>();
  /* Why the last samples are not stored; they wait in the feed and are tried again. */
  const [unstored, setUnstored] = useState<string>();
  const id = run.instrument?.id;

  useEffect(() => {
    let open = true;
    void dispatch(loadSamples(run.id)).then((chunks) => open && feed.restore(chunks));
    const timer = setInterval(() => {
      const chunks = feed.pending();
      if (chunks.length > 0)
        dispatch(keepSamples(chunks)).then(
          () => {
            feed.kept(chunks);
            setUnstored(undefined);
          },
          (error: unknown) => setUnstored(error instanceof Error ? error.message : String(error)),
        );
    }, flushMs);
    return () => {
      open = false;
      clearInterval(timer);
      void dispatch(keepSamples(feed.pending())).catch(() => undefined);
    };
  }, [dispatch, feed, run.id]);

  useEffect(() => {
    if (!id) return;
    const source = new EventSource(`/instruments/${id}/stream`);
    source.onopen = () => setStatus("live");
    source.onmessage = ({ data }: MessageEvent<string>) => feed.take(data, Date.now());
    source.onerror = () => setStatus(source.readyState === EventSource.CLOSED ? "gone" : "lost");
    return () => source.close();
  }, [id, feed]);

  /* What the person does to the still, the simulated one feels. */
  const tell = useCallback(
    (change: object) => {
      if (!id) return;
      post(`/instruments/${id}`, change)
        .then((answer) => setFaults(simulationStateSchema.parse(answer).faults))
        .catch(() => setStatus("gone"));
    },
    [id],
  );
  const { plan } = run;
  const heatW = state.heatOffAt !== undefined ? 0 : (state.heat.at(-1)?.powerW ?? plan.powerW);
  /* Said again after a reload too: its answer tells which faults it has. */
  useEffect(() => tell({ powerW: heatW }), [tell, heatW]);
  const iceCount = useRef(state.iceAdded.length);
  useEffect(() => {
    for (const { massG } of state.iceAdded.slice(iceCount.current)) tell({ iceKg: massG / 1000 });
    iceCount.current = state.iceAdded.length;
  }, [tell, state.iceAdded]);

  const version = useLooked(feed);
  const latest: Latest = useMemo(() => latestOf(feed, version), [feed, version]);

  async function connect(speed: number): Promise<void> {
    if (!plan.request || state.litAt === undefined) return;
    setProblem(undefined);
    const wallNow = Date.now();
    const now = runNow(run, wallNow);
    try {
      const started = startedSchema.parse(
        await post("/instruments", {
          request: plan.request,
          condenser: still?.condenser,
          seed: seedOf(run.id),
          speed,
          litAt: new Date(state.litAt).toISOString(),
          heat: state.heat.map(({ at, powerW }) => ({
            minutes: Math.max(0, (at - (state.litAt ?? at)) / 60000),
            powerW,
          })),
          minutesSoFar: Math.max(0, (now - state.litAt) / 60000),
        }),
      );
      dispatch(
        changeRun(run.id, (current) => ({
          ...current,
          instrument: {
            id: started.id,
            name: "Simulated probe and scale",
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
    if (id) void fetch(`/instruments/${id}`, { method: "DELETE" }).catch(() => undefined);
  }

  function toggle(fault: Fault): void {
    const next = faults.includes(fault)
      ? faults.filter((each) => each !== fault)
      : [...faults, fault];
    setFaults(next);
    tell({ faults: next });
  }

  return {
    version,
    feed,
    status: id ? status : "none",
    latest,
    faults,
    problem,
    unstored,
    connect,
    disconnect,
    toggle,
  };
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

async function post(address: string, body: object): Promise<unknown> {
  const response = await fetch(address, {
    method: "POST",
    headers: { "Content-Type": "application/json" },
    body: JSON.stringify(body),
  });
  const answer: unknown = await response.json();
  if (response.ok) return answer;
  const refusal = refusalSchema.safeParse(answer);
  throw new Error(
    refusal.success ? refusal.data.problem : `the instrument answered ${response.status}`,
  );
}

/** The same run meets the same dice. */
function seedOf(id: string): number {
  return [...id].reduce((sum, letter) => (sum * 31 + letter.charCodeAt(0)) % 999983, 7) + 1;
}
