import { ExerciseScreen } from "@/features/practice/ExerciseScreen";
import { LateWatchScreen } from "@/features/run/LateWatchScreen";
import { PracticeRoom } from "@/features/practice/PracticeRoom";

export default function Route() {
  return (
    <PracticeRoom>
      <ExerciseScreen
        cockpit={(run, round) => <LateWatchScreen key={run.id} run={run} practice={round} />}
      />
    </PracticeRoom>
  );
}
