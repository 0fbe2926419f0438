import { lazy, Suspense } from "react";
import { useAppSelector } from "@/store/hooks";
import { selectPreferences } from "@/store/selectors";

/* It knows the whole shelf and the book of plants: sent for by those who want to be told. */
const TellDue = lazy(() => import("./TellDue"));

/** Tells what comes due through the device's own notices, where the person has asked for them and the browser lets it. */
export function DueNotices() {
  const { dueNotices } = useAppSelector(selectPreferences);
  return dueNotices ? (
    <Suspense>
      <TellDue />
    </Suspense>
  ) : null;
}
