import { useMemo } from "react";
import { plantsToFind } from "@/logbook/plant/plantsToFind";
import { summarise } from "@/logbook/run/runSummary";
import { useAppSelector, usePlantBook } from "./hooks";
import { selectRuns } from "./selectors";

/** All plants as a list of plants offers them, those of late first. */
export function usePlantOptions(): ReturnType<typeof plantsToFind> {
  const book = usePlantBook();
  const runs = useAppSelector(selectRuns);
  return useMemo(
    () =>
      plantsToFind(
        book,
        runs.map((run) => summarise(run, book)),
      ),
    [book, runs],
  );
}
