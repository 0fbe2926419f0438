import { type ComponentProps, lazy, Suspense } from "react";
import { t } from "@/language/t";
import { Opening } from "@/ui/layout/Opening";

/* Two routes show the cockpit: fetched for itself, it does not come with the first screen. */
const WatchScreen = lazy(() => import("./WatchScreen"));

/** The cockpit, fetched when it is first shown. */
export function LateWatchScreen(props: ComponentProps<typeof WatchScreen>) {
  return (
    <Suspense fallback={<Opening says={t`Going to the still…`} />}>
      <WatchScreen {...props} />
    </Suspense>
  );
}
