import { WatchScreen } from "@/features/run/WatchScreen";
import { RunRoute } from "@/features/shell/RunRoute";

export default function Route() {
  return <RunRoute show={(run) => <WatchScreen key={run.id} run={run} />} />;
}
