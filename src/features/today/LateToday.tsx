import { lazy, Suspense } from "react";
import { t } from "@/language/t";
import { useAppSelector } from "@/store/hooks";
import {
  selectDays,
  selectHarvests,
  selectLots,
  selectRuns,
  selectStills,
  selectTrials,
} from "@/store/selectors";
import { Opening } from "@/ui/layout/Opening";
import { FirstDay } from "./FirstDay";

/* An empty logbook has no day yet: what tells of one is not sent to somebody who comes for the first time. */
const TodayScreen = lazy(() => import("./TodayScreen"));

/* What makes a day: a harvest that wilts or a bottle that was bought is to be seen before the first run is. */
const partsOfADay = [selectRuns, selectHarvests, selectLots, selectDays, selectTrials];

/** The first screen: where to begin, or what needs the person now. */
export function LateToday() {
  const isEmpty = useAppSelector((state) => partsOfADay.every((of) => of(state).length === 0));
  const hasStill = useAppSelector(selectStills).length > 0;
  if (isEmpty) return <FirstDay hasStill={hasStill} />;
  return (
    <Suspense fallback={<Opening says={t`Opening the day…`} />}>
      <TodayScreen />
    </Suspense>
  );
}
