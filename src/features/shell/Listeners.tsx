import { useEffect, useMemo } from "react";
import { handlingOf } from "@/instruments/handlingOf";
import type { Run } from "@/records/run";
import type { RunState } from "@/logbook/run/runState";
import { useAppSelector, useInstruments } from "@/store/hooks";
import { selectListenedRuns } from "@/store/runsOnTheHeat";

/** Hears the instruments of all runs under way, whichever screen is shown. Draws nothing. */
export function Listeners() {
  return useAppSelector(selectListenedRuns).map((each) => <Listener key={each.run.id} {...each} />);
}

function Listener({ run, state }: { run: Run; state: RunState }) {
  const instruments = useInstruments();
  const line = useMemo(() => instruments.of(run.id), [instruments, run.id]);
  const id = run.instrument?.id;
  const handling = handlingOf(run, state);
  useEffect(() => line.hold(), [line]);
  useEffect(() => {
    line.listenTo(id);
    return () => line.listenTo(undefined);
  }, [line, id]);
  /* Said again after a reload too: the answer tells what the simulated still suffers from. */
  useEffect(() => line.handle(handling));
  return null;
}
