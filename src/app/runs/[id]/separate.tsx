import { SeparateScreen } from "@/features/separate/SeparateScreen";
import { RunRoute } from "@/features/shell/RunRoute";

export default function Route() {
  return <RunRoute show={(run) => <SeparateScreen key={run.id} run={run} />} />;
}
