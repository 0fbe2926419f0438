import { useMemo } from "react";
import { plantsToFind } from "@/logbook/run/plantsToFind";
import { summarise } from "@/logbook/run/runSummary";
import { useAppSelector } from "./hooks";
import { usePlantBook } from "./plants";
import { selectPreferences, selectRuns } from "./selectors";

/** All plants as a list of plants offers them: favourites first, then those of late. */
export function usePlantOptions(): ReturnType<typeof plantsToFind> {
  const book = usePlantBook();
  const runs = useAppSelector(selectRuns);
  const { favourites } = useAppSelector(selectPreferences);
  return useMemo(
    () =>
      plantsToFind(
        book,
        runs.map((run) => summarise(run, book)),
        favourites,
      ),
    [book, runs, favourites],
  );
}
