import { PracticeRoom } from "@/features/practice/PracticeRoom";
import { PracticeScreen } from "@/features/practice/PracticeScreen";

export default function Route() {
  return (
    <PracticeRoom>
      <PracticeScreen />
    </PracticeRoom>
  );
}
