import type { PlantState } from "@/core/plant/plant";
import { contentOfRun } from "./contentOfRun";
import { doubtfulLog } from "./doubtfulLog";
import type { PlantBook } from "../plant/plantBook";
import type { RunSummary } from "./runSummary";

/* A judgement: stock that has lain for longer tells of the cupboard more than of the plant. */
const stillFreshMonths = 3;

/** Oil contents of a material, mL/kg, that a person's own finished runs of it point to. */
export function ownContents(
  summaries: readonly RunSummary[],
  plantId: string,
  state: PlantState,
  book: PlantBook,
): number[] {
  return summaries.flatMap((summary) => {
    const { run } = summary;
    if (run.plantId !== plantId || run.state !== state || run.notToLearn) return [];
    if ((run.plan.agedMonths ?? 0) > stillFreshMonths) return [];
    if (doubtfulLog(summary, book)) return [];
    return contentOfRun(summary, book) ?? [];
  });
}
