import { useRouter } from "expo-router";
import { View } from "react-native";
import type { CraftStop } from "@/core/forecast/warning";
import { showDuration, showMass, showVolume, words } from "@/core/units/format";
import type { UnitSystem } from "@/core/units/units";
import { plural, t } from "@/language/t";
import type { doubtfulLog } from "@/logbook/run/doubtfulLog";
import type { RunSummary } from "@/logbook/run/runSummary";
import type { Run } from "@/records/run";
import { changeRun } from "@/store/changes";
import { useAppDispatch } from "@/store/hooks";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Notice } from "@/ui/primitives/Notice";
import { Txt } from "@/ui/primitives/Txt";
import { pastStopSaid } from "@/words/pastWords";
import { craftStopWords } from "@/words/warningWords";

interface Props {
  summary: RunSummary;
  /** What of its log is hard to believe. */
  doubt: ReturnType<typeof doubtfulLog>;
  units: UnitSystem;
}

/** What to know of a run before its figures: left out, entered afterwards, done on purpose, hard to believe. */
export function RunNotices({ summary: { run }, doubt, units }: Props) {
  const dispatch = useAppDispatch();
  const router = useRouter();
  return (
    <>
      {run.notToLearn ? (
        <Notice
          severity="note"
          message={t`This run is left out of learning.`}
          remedy={t`It teaches the plan nothing, and stands in no best or average of its plant.`}
        />
      ) : null}
      {run.told ? <ToldAfterwards run={run} units={units} /> : null}
      {run.plan.reasons ? (
        <Card className="gap-1">
          <Txt variant="heading">{t`Done on purpose`}</Txt>
          {Object.entries(run.plan.reasons).map(([code, reason]) => (
            <Txt
              key={code}
              variant="small"
            >{`${craftStopWords[code as CraftStop] ?? code}: “${reason}”`}</Txt>
          ))}
        </Card>
      ) : null}
      {doubt ? (
        <>
          <Notice
            severity="caution"
            message={
              doubt.overlong
                ? t`By this log it was on the heat for ${plural(Math.round(doubt.minutes / 1440), { one: "# day", other: "# days" })} after the first drop. Was its heat off noted too late?`
                : t`By this log ${words(showVolume(doubt.hydrosolMl, units))} came within ${showDuration(doubt.minutes)} of the first drop. Was the first drop noted too late?`
            }
            remedy={
              doubt.overlong
                ? t`A run of more than two days teaches the plan nothing.`
                : t`Until you have said so, this run teaches the plan nothing.`
            }
            action={{
              label: t`Correct the log`,
              onPress: () => router.push(`/runs/${run.id}/watch`),
            }}
          />
          <View className="flex-row">
            <Button
              look="quiet"
              size="small"
              label={t`The log is right`}
              onPress={() =>
                dispatch(
                  changeRun(run.id, (now) => ({ ...now, confirmed: true }), t`The log is right.`),
                )
              }
            />
          </View>
        </>
      ) : null}
    </>
  );
}

/** A run that nobody watched here: what is not known of it, and what stands for it. */
function ToldAfterwards({ run: { told, stopped, plan }, units }: { run: Run; units: UnitSystem }) {
  const between = plan.chargeBetweenG;
  const facts = [
    told === "withoutClock"
      ? t`The time of day is not known. The first drop is shown as 12:00; only durations are right.`
      : undefined,
    between
      ? t`The plant was not weighed: ${words(showMass(between.low, units))} to ${words(showMass(between.high, units))} is an estimate, and so is the yield per weight.`
      : undefined,
    stopped ? pastStopSaid[stopped] : undefined,
  ].filter((fact) => fact !== undefined);
  return (
    <Notice
      severity="note"
      message={t`This run was entered afterwards.`}
      remedy={facts.length > 0 ? facts.join(" ") : undefined}
    />
  );
}
