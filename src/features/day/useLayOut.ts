import { useRouter } from "expo-router";
import { useMemo, useState } from "react";
import { t } from "@/language/t";
import { askedCharge, limitsOf } from "@/logbook/day/dayQuestion";
import { limits } from "@/messages/limits";
import { newRecord } from "@/records/base";
import type { DayHeap, DayRecord } from "@/records/day";
import { addNew } from "@/store/acts/addNew";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectHarvests, selectRuns, selectStills } from "@/store/selectors";
import { useNow } from "@/ui/useNow";
import { layOutDay } from "@/workers/dayClient";
import { readDay, type DayForm } from "./dayForm";
import { quickTries } from "./useDay";
import { useSplits } from "./useSplits";
import { plantInSentence } from "@/words/plantInSentence";

/** Shares out what a form names, lays it out and keeps the day; what stands in the way is said. */
export function useLayOut(form: DayForm, done: () => void) {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const book = usePlantBook();
  const stills = useAppSelector(selectStills);
  const harvests = useAppSelector(selectHarvests);
  const runs = useAppSelector(selectRuns);
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string>();
  const now = useNow(60_000);
  const read = useMemo(
    () => readDay(form, { stills, now, harvests, runs, book }),
    [form, stills, now, harvests, runs, book],
  );
  const share = useSplits();

  async function layOut(): Promise<void> {
    if (!read.limits) {
      const { what, stills: which } = read.problems;
      setProblem(
        [what, which].filter(Boolean).join(" ") || t`Not planned yet: see what is marked in red.`,
      );
      return;
    }
    setProblem(undefined);
    setBusy(true);
    try {
      setProblem(await tried(read.limits, read.heaps));
    } catch {
      setProblem(t`The day could not be planned here. Try again.`);
    } finally {
      setBusy(false);
    }
  }

  async function tried(
    told: NonNullable<typeof read.limits>,
    heaps: DayHeap[],
  ): Promise<string | undefined> {
    const chosen = stills.filter(({ id }) => told.stillIds.includes(id));
    const shared: { id: string; splits: DayRecord["charges"][] }[] = [];
    for (const heap of heaps) {
      const { splits, refused } = await share(told, heap, chosen);
      if (splits.length === 0)
        return noneTakes(
          plantInSentence(book.byId(heap.plantId)?.name ?? t`plant`),
          refused.some(({ why }) => why === "tooMany"),
        );
      shared.push({ id: heap.id, splits });
    }
    const fewest = shared.reduce(
      (sum, { splits }) => sum + Math.min(...splits.map((split) => split.length)),
      0,
    );
    if (fewest > limits.dayCharges.max)
      return t`That is ${fewest} charges, more than a day holds. Choose larger stills, or less plant.`;
    const answer = await layOutDay({
      ...limitsOf(told),
      heaps: shared.map(({ id, splits }) => ({
        id,
        splits: splits.map((split) => split.map(askedCharge)),
      })),
      fixed: [],
      tries: quickTries,
    }).answer;
    if (!answer)
      return t`This does not fit: a charge needs more ice, watts or hands than there are on any still.`;
    const all = shared.flatMap(({ splits }) => splits.flat());
    const day: DayRecord = {
      ...newRecord("day", new Date()),
      ...told,
      heaps,
      charges: answer.charges.flatMap((charge) => {
        const whole = all.find((each) => each.id === charge.id && sameStills(each.on, charge.on));
        return whole ? [whole] : [];
      }),
      placed: answer.placed,
    };
    const kept = dispatch(addNew([day]));
    if (!kept.ok) return t`Not kept: ${kept.problem}.`;
    done();
    router.push(`/plan/day/${day.id}`);
    return undefined;
  }

  return { layOut, busy, problem, read };
}

function noneTakes(plant: string, tooMany: boolean): string {
  return tooMany
    ? t`The ${plant} is more than these stills can take in a day. Choose larger stills, or less plant.`
    : t`None of these stills takes the ${plant} as it is. Plan a charge of it alone to see why.`;
}

function sameStills(a: object, b: object): boolean {
  return JSON.stringify(a) === JSON.stringify(b);
}
