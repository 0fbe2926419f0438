import { useRouter } from "expo-router";
import { useMemo, useState } from "react";
import { summarise } from "@/logbook/run/runSummary";
import { heapSplits } from "@/logbook/day/heapSplits";
import { lengthOf } from "@/logbook/day/dayTimes";
import type { PlanContext } from "@/logbook/plan/readDraft";
import { percentText, harvestNow } from "@/logbook/harvest/harvestNow";
import { limits } from "@/messages/limits";
import { newRecord } from "@/records/base";
import type { DayHeap, DayRecord } from "@/records/day";
import { emptyDraft, wholeDraft, type PlanDraft } from "@/records/planDraft";
import { addNew } from "@/store/acts/addNew";
import { useAppDispatch, useAppSelector, usePlantBook } from "@/store/hooks";
import {
  selectHarvests,
  selectMeasures,
  selectPreferences,
  selectRuns,
  selectStills,
} from "@/store/selectors";
import { layOutDay } from "@/workers/dayClient";
import { readDay, type DayForm } from "./dayForm";
import { quickTries } from "./useDay";

/** Shares out what a form names, lays it out and keeps the day; what stands in the way is said. */
export function useLayOut(form: DayForm, done: () => void) {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const book = usePlantBook();
  const stills = useAppSelector(selectStills);
  const harvests = useAppSelector(selectHarvests);
  const runs = useAppSelector(selectRuns);
  const measures = useAppSelector(selectMeasures);
  const preferences = useAppSelector(selectPreferences);
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string>();
  const read = useMemo(() => readDay(form, { harvests, runs, book }), [form, harvests, runs, book]);
  const context = useMemo<PlanContext>(
    () => ({
      stills,
      measures,
      book,
      summaries: runs.map((run) => summarise(run, book)),
      site: preferences.site,
    }),
    [stills, measures, book, runs, preferences.site],
  );

  async function layOut(): Promise<void> {
    if (!read.limits) {
      const { what, stills: which } = read.problems;
      setProblem(
        [what, which].filter(Boolean).join(" ") || "Not laid out yet: see what is marked in red.",
      );
      return;
    }
    setProblem(undefined);
    setBusy(true);
    try {
      setProblem(await tried(read.limits, read.heaps));
    } catch {
      setProblem("The day could not be laid out here. Try again.");
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
      const steps = heapSplits({
        day: told,
        heap,
        stills: chosen,
        runs,
        context,
        draft: draftOf(heap),
      });
      for (;;) {
        const step = steps.next();
        if (step.done) {
          if (step.value.splits.length === 0)
            return `None of these stills takes the ${book.byId(heap.plantId)?.name.toLowerCase() ?? "plant"} as it is. Plan a charge of it alone to see why.`;
          shared.push({ id: heap.id, splits: step.value.splits });
          break;
        }
        await breathe();
      }
    }
    const fewest = shared.reduce(
      (sum, { splits }) => sum + Math.min(...splits.map((split) => split.length)),
      0,
    );
    if (fewest > limits.dayCharges.max)
      return `That is ${fewest} charges: more than a day holds. Choose larger stills, or less plant.`;
    const answer = await layOutDay({
      lengthMin: lengthOf(told),
      hands: told.hands,
      ...(told.mainsW === undefined ? {} : { mainsW: told.mainsW }),
      ...(told.iceKg === undefined
        ? {}
        : { ice: { kg: told.iceKg, kgPerHour: told.freezerKgPerHour ?? 0 } }),
      stills: told.stillIds,
      heaps: shared.map(({ id, splits }) => ({
        id,
        splits: splits
          .filter((split) => split.length <= limits.dayCharges.max)
          .map((split) => split.map(({ heapId: _heap, massG: _mass, ...charge }) => charge)),
      })),
      fixed: [],
      tries: quickTries,
    }).answer;
    if (!answer)
      return "No layout fits: a charge needs more ice, watts or hands than there are on any still.";
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
    if (!kept.ok) return `Not kept: ${kept.problem}.`;
    done();
    router.push(`/plan/day/${day.id}`);
    return undefined;
  }

  /* A plan of this heap as this person works: what else stood in the plan's fields belongs to another. */
  function draftOf(heap: DayHeap): PlanDraft {
    const habits = wholeDraft(preferences.planDraft, preferences.units);
    const harvest = harvests.find(({ id }) => id === heap.harvestId);
    return {
      ...emptyDraft(preferences.units),
      pace: habits.pace,
      waterRule: habits.waterRule,
      stopBy: habits.stopBy,
      plantId: heap.plantId,
      state: heap.state,
      moistureText:
        harvest && (harvest.weighings?.length || harvest.moisture !== undefined)
          ? percentText(harvestNow(harvest, runs, book).moisture)
          : "",
    };
  }
  return { layOut, busy, problem, read };
}

function sameStills(a: object, b: object): boolean {
  return JSON.stringify(a) === JSON.stringify(b);
}

/** Lets the page draw between two plans. */
function breathe(): Promise<void> {
  return new Promise((resolve) => setTimeout(resolve, 0));
}
