import { LateWatchScreen } from "@/features/run/LateWatchScreen";
import { RunRoute } from "@/features/shell/RunRoute";

export default function Route() {
  return <RunRoute show={(run) => <LateWatchScreen key={run.id} run={run} />} />;
}
