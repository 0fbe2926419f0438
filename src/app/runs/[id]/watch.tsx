import { lazy } from "react";
import { RunRoute } from "@/features/shell/RunRoute";

/* Two routes show the cockpit: fetched for itself, it does not come with the first screen. */
const WatchScreen = lazy(() => import("@/features/run/WatchScreen"));

export default function Route() {
  return <RunRoute show={(run) => <WatchScreen key={run.id} run={run} />} />;
}
