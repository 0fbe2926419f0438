import { ReadyScreen } from "@/features/ready/ReadyScreen";
import { RunRoute } from "@/features/shell/RunRoute";

export default function Route() {
  return <RunRoute show={(run) => <ReadyScreen key={run.id} run={run} />} />;
}
