import { useRouter } from "expo-router";
import { Pressable, View } from "react-native";
import { showDuration } from "@/core";
import { cueWords } from "@/records/cueWords";
import { liveRun } from "@/records/liveRun";
import type { Run } from "@/records/run";
import { runNow } from "@/records/runClock";
import { useAppSelector } from "@/store/hooks";
import { Txt } from "@/ui/primitives/Txt";
import { phaseOf } from "./runWords";
import { selectLitRuns } from "./selectLitRuns";

/** The other stills that are on the heat, one tap away, and the way to all of them side by side. */
export function OtherRuns({ run, wallNow }: { run: Run; wallNow: number }) {
  const router = useRouter();
  const others = useAppSelector(selectLitRuns).filter((other) => other.run.id !== run.id);
  if (others.length === 0) return null;
  return (
    <View className="gap-2">
      {others.map(({ run: other, state }) => {
        const live = liveRun(other, state, runNow(other, wallNow));
        const { cue } = live;
        return (
          <View key={other.id} className="flex-row gap-2">
            <Pressable
              role="link"
              onPress={() => router.replace(`/runs/${other.id}/watch`)}
              className={`min-h-[48px] flex-1 flex-row items-center justify-between gap-2 rounded-[14px] px-4 ${cue && cue.minutes <= 0 ? "bg-ember-wash" : "bg-panel"}`}
            >
              <Txt variant="strong">{other.stillName}</Txt>
              <Txt variant="label" numberOfLines={1} className="shrink">
                {cue
                  ? cueWords(cue, showDuration(Math.max(0, cue.minutes))).say
                  : phaseOf(state, live)}
              </Txt>
            </Pressable>
            <Pressable
              role="link"
              onPress={() => router.push("/runs/together")}
              className="min-h-[48px] justify-center rounded-[14px] bg-panel px-3"
            >
              <Txt variant="strong" className="text-bottle">
                Both
              </Txt>
            </Pressable>
          </View>
        );
      })}
    </View>
  );
}
