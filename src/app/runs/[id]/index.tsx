import { RunSheetScreen } from "@/features/runs/RunSheetScreen";
import { RunRoute } from "@/features/shell/RunRoute";

export default function Route() {
  return <RunRoute show={(run) => <RunSheetScreen key={run.id} run={run} />} />;
}
