import { lazy } from "react";
import { ExerciseScreen } from "@/features/practice/ExerciseScreen";
import { PracticeRoom } from "@/features/practice/PracticeRoom";

/* As the route of a real run fetches it. */
const WatchScreen = lazy(() => import("@/features/run/WatchScreen"));

export default function Route() {
  return (
    <PracticeRoom>
      <ExerciseScreen
        cockpit={(run, round) => <WatchScreen key={run.id} run={run} practice={round} />}
      />
    </PracticeRoom>
  );
}
