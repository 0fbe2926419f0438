import { ExerciseScreen } from "@/features/practice/ExerciseScreen";
import { PracticeRoom } from "@/features/practice/PracticeRoom";
import { WatchScreen } from "@/features/run/WatchScreen";

export default function Route() {
  return (
    <PracticeRoom>
      <ExerciseScreen
        cockpit={(run, round) => <WatchScreen key={run.id} run={run} practice={round} />}
      />
    </PracticeRoom>
  );
}
