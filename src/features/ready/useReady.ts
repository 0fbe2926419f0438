import { useRouter } from "expo-router";
import { harvestOfItsOwn } from "@/logbook/harvest/harvestLeft";
import { draftOfRun } from "@/logbook/plan/draftOfRun";
import { runState } from "@/logbook/run/runState";
import { lastInStill } from "@/logbook/still/lastInStill";
import type { Run } from "@/records/run";
import { appendEntry } from "@/store/appendEntry";
import { beginPlan } from "@/store/beginPlan";
import { useAppDispatch, useAppSelector, useUnits } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectHarvests, selectRuns } from "@/store/selectors";
import { useTrialPlace } from "@/store/useTrialPlace";
import { checksOfRun } from "./checksOfRun";

/** A run before its heat: what is to be seen, what of it is still open, and the ways on from there. */
export function useReady(run: Run) {
  const plantBook = usePlantBook();
  const dispatch = useAppDispatch();
  const router = useRouter();
  const units = useUnits();
  const still = useAppSelector((state) => state.still.entities[run.stillId]);
  const plant = plantBook.byId(run.plantId);
  const runs = useAppSelector(selectRuns);
  const harvests = useAppSelector(selectHarvests);
  const before = lastInStill(run, runs, plantBook);
  const all = still ? checksOfRun(run, still, plant, before, units) : [];
  const items = all.filter(({ id }) => !still?.notHere?.includes(id));
  const open = items.filter(({ id }) => !run.checked.includes(id));

  function planAnew() {
    const draft = draftOfRun(run, units);
    const alone = harvestOfItsOwn(run, harvests, runs) !== undefined;
    dispatch(beginPlan({ ...draft, runId: run.id, harvestId: alone ? "" : (run.harvestId ?? "") }));
    router.push("/plan");
  }
  /** @param reason why with checks open */
  function light(reason?: string) {
    const left = reason ? { open: open.map(({ label }) => label.slice(0, 200)), reason } : {};
    /* A second tap on Heat on lights nothing anew. */
    const kept = dispatch(
      appendEntry(run.id, ({ entries }) =>
        entries.some(({ type }) => type === "lit") ? undefined : { type: "lit", ...left },
      ),
    );
    if (kept.ok) router.replace(`/runs/${run.id}/watch`);
  }
  return {
    run,
    still,
    plant,
    units,
    /** Every check of this still and charge, those that it has none of too. */
    all,
    items,
    open,
    started: runState(run.entries).phase !== "ready",
    place: useTrialPlace(run.id),
    light,
    planAnew,
  };
}

export type Ready = ReturnType<typeof useReady>;
