import { useCallback, useDeferredValue, useMemo, useState } from "react";
import type { PlanDraft } from "@/records/planDraft";
import { useAppSelector } from "@/store/hooks";
import { waysOfWorking } from "@/words/waysOfWorking";
import type { Change } from "./BeforeAfter";
import { planned, stands } from "./planned";
import { useForecastRanges } from "./useForecastRanges";
import { useKeepCharge } from "./useKeepCharge";
import { usePlanDraft } from "./usePlanDraft";
import { useWhenReady } from "./useWhenReady";

/** What is typed in the plan, what follows from it, and whether a run can be made ready from that. */
export function usePlanAnswer() {
  const work = usePlanDraft();
  const { draft, change } = work;
  /* What is typed is answered first; the result follows when the page has a moment. Until it has,
     it stands dimmed and nothing can be made ready from it. */
  const shown = useDeferredValue(work);
  const behind = shown !== work;
  const { input, still } = shown.read;
  const { plan, refused } = useMemo(() => planned(input), [input]);
  const state = useForecastRanges(plan?.request);
  const { ranges } = state;
  const ways = useMemo(() => waysOfWorking(shown.draft, shown.read), [shown]);
  const [changed, setChanged] = useState<Change>();
  const choose = useCallback(
    (part: Partial<PlanDraft>, label: string) => {
      setChanged({ label, before: shown.draft });
      change(part);
    },
    [shown, change],
  );

  /* A run's number, and what own yields say, are known once every run has been read. */
  const allRead = useAppSelector(({ keeping }) => keeping.later === 0);
  const noAnswer = !ranges && (state.problem !== undefined || state.stopped === true);
  const blocked = plan?.warnings.some((warning) => stands(warning, draft)) === true;
  const waits = behind || (plan !== undefined && !ranges && !noAnswer) || !allRead;
  const keep = useKeepCharge();
  const askReady = useWhenReady(
    waits,
    () =>
      plan && ranges && still && !blocked && !behind && keep({ work, plan, ranges, still, ways }),
  );
  return {
    work,
    shown,
    behind,
    plan,
    refused,
    state,
    ways,
    answer: plan && still ? { plan, still, state, work: shown } : undefined,
    /** The run that is not lit yet and that this plan would change. */
    replaces: work.runs.find(({ id, entries }) => id === draft.runId && entries.length === 0),
    blocked,
    canBeReady: plan !== undefined && !blocked && !noAnswer && allRead,
    makeItReady: () => {
      setChanged(undefined);
      askReady();
    },
    choose,
    changed,
    letChangeStand: () => setChanged(undefined),
    takeChangeBack: () => {
      if (changed) change(changed.before);
      setChanged(undefined);
    },
  };
}

export type PlanAnswer = ReturnType<typeof usePlanAnswer>;
