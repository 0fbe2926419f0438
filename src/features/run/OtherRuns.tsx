import { useRouter } from "expo-router";
import { Pressable, View } from "react-native";
import { t } from "@/language/t";
import type { Run } from "@/records/run";
import type { RunState } from "@/logbook/run/runState";
import { whatNow } from "@/words/whatNow";
import { useAppSelector } from "@/store/hooks";
import { selectLitRuns } from "@/store/runsOnTheHeat";
import { selectPreferences } from "@/store/selectors";
import { useLiveRun } from "@/store/useLiveRun";
import { useRunNow } from "@/store/useRunNow";
import { Txt } from "@/ui/primitives/Txt";
import { phaseOf } from "@/words/runWords";

/** The other stills that are on the heat, one tap away, and the way to all of them side by side. */
export function OtherRuns({ run, wallNow }: { run: Run; wallNow: number }) {
  const others = useAppSelector(selectLitRuns).filter((other) => other.run.id !== run.id);
  if (others.length === 0) return null;
  return (
    <View className="gap-2">
      {others.map((other) => (
        <OtherRun key={other.run.id} {...other} wallNow={wallNow} />
      ))}
    </View>
  );
}

function OtherRun({ run, state, wallNow }: { run: Run; state: RunState; wallNow: number }) {
  const router = useRouter();
  const { units } = useAppSelector(selectPreferences);
  const live = useLiveRun(run, state, useRunNow(run, wallNow).now);
  const [first] = whatNow(live, units);
  const urgent = first !== undefined && first.level !== "later";
  return (
    <View className="flex-row gap-2">
      <Pressable
        role="link"
        onPress={() => router.replace(`/runs/${run.id}/watch`)}
        className={`min-h-[64px] flex-1 flex-row items-center justify-between gap-2 rounded-[14px] px-4 ${urgent ? "bg-ember-wash" : "bg-panel"}`}
      >
        <Txt variant="strong">{run.stillName}</Txt>
        <Txt
          variant="label"
          role={urgent ? "alert" : undefined}
          numberOfLines={2}
          className={`shrink ${urgent ? "text-ember-ink" : ""}`}
        >
          {first?.say ?? phaseOf(state, live)}
        </Txt>
      </Pressable>
      <Pressable
        role="link"
        onPress={() => router.push("/runs/together")}
        className="min-h-[64px] justify-center rounded-[14px] bg-panel px-3"
      >
        <Txt variant="strong" className="text-bottle">{t`Both`}</Txt>
      </Pressable>
    </View>
  );
}
