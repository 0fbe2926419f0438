import { lazy, Suspense } from "react";
import { t } from "@/language/t";
import { useAppSelector } from "@/store/hooks";
import { selectRuns, selectStills } from "@/store/selectors";
import { Opening } from "@/ui/layout/Opening";
import { FirstDay } from "./FirstDay";

/* An empty logbook has no day yet: what tells of one is not sent to somebody who comes for the first time. */
const TodayScreen = lazy(() => import("./TodayScreen"));

/** The first screen: where to begin, or what needs the person now. */
export function LateToday() {
  const isEmpty = useAppSelector(selectRuns).length === 0;
  const hasStill = useAppSelector(selectStills).length > 0;
  if (isEmpty) return <FirstDay hasStill={hasStill} />;
  return (
    <Suspense fallback={<Opening says={t`Opening the day…`} />}>
      <TodayScreen />
    </Suspense>
  );
}
