import { useRouter } from "expo-router";
import { View } from "react-native";
import type { UnitSystem } from "@/core/units/units";
import { t } from "@/language/t";
import type { RunSummary } from "@/logbook/run/runSummary";
import { leaveRunsOut } from "@/store/acts/severalRuns";
import { bin } from "@/store/changes";
import { useAppDispatch } from "@/store/hooks";
import { Button } from "@/ui/primitives/Button";
import { LaterDraw } from "./LaterDraw";

/** What can be done with a run that is over: set right, drawn off later, left out of learning, deleted. */
export function RunActs({
  summary: { run, state, result },
  units,
}: {
  summary: RunSummary;
  units: UnitSystem;
}) {
  const dispatch = useAppDispatch();
  const router = useRouter();
  return (
    <View className="flex-row flex-wrap gap-2">
      {state.result ? (
        <Button
          look="quiet"
          size="small"
          label={t`Correct the measures`}
          onPress={() => router.push(`/runs/${run.id}/separate`)}
        />
      ) : null}
      {state.result && !state.result.pool ? <LaterDraw run={run} units={units} /> : null}
      {state.litAt !== undefined || run.told ? (
        <Button
          look="quiet"
          size="small"
          label={t`Correct the log`}
          onPress={() => router.push(`/runs/${run.id}/watch`)}
        />
      ) : null}
      {result ? (
        <Button
          look="quiet"
          size="small"
          leaves
          label={run.notToLearn ? t`Count in again` : t`Leave out of learning`}
          onPress={() => dispatch(leaveRunsOut([run.id], !run.notToLearn))}
        />
      ) : null}
      <Button
        look="quiet"
        size="small"
        label={t`Delete run`}
        onPress={() => {
          dispatch(bin(t`Run ${run.number} deleted.`, [run]));
          router.replace("/runs");
        }}
      />
    </View>
  );
}
