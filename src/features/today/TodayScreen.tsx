import { isoDay, showWeekday } from "@/core/units/dates";
import { showDuration } from "@/core/units/format";
import { useRouter } from "expo-router";
import { useMemo } from "react";
import { View } from "react-native";
import { t } from "@/language/t";
import { doubtfulLog } from "@/logbook/run/doubtfulLog";
import { summarise, type RunSummary } from "@/logbook/run/runSummary";
import { settlingLeft } from "@/logbook/run/settlingLeft";
import { whatNow } from "@/words/whatNow";
import { useAppSelector } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectPreferences, selectRuns } from "@/store/selectors";
import { useLiveRun } from "@/store/useLiveRun";
import { useRunNow } from "@/store/useRunNow";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Row } from "@/ui/primitives/Row";
import { Txt } from "@/ui/primitives/Txt";
import { useNow } from "@/ui/useNow";
import { BackupRow } from "./BackupRow";
import { GoTo } from "./GoTo";
import { Harvests } from "./Harvests";
import { Near } from "./Near";
import { DayNext } from "./DayNext";
import { Due } from "./Due";

/** What needs the person now: what runs, what settles, what is due, and where to begin. */
export default function TodayScreen() {
  const plantBook = usePlantBook();
  const router = useRouter();
  const runs = useAppSelector(selectRuns);
  const summaries = useMemo(() => runs.map((run) => summarise(run, plantBook)), [runs, plantBook]);
  const running = summaries.filter(({ state }) => state.heatOn);
  const settling = summaries.filter(({ state }) => state.phase === "settling");
  const ready = summaries.filter(({ state }) => state.phase === "ready");
  const doubtful = useMemo(
    () => summaries.filter((summary) => doubtfulLog(summary, plantBook)),
    [summaries, plantBook],
  );
  const calm = running.length + settling.length + ready.length === 0;
  const now = useNow(10000);
  /* What is left of a harvest is known once every run has been read. */
  const allRead = useAppSelector(({ keeping }) => keeping.later === 0);

  return (
    <Screen
      title={t`Today`}
      over={showWeekday(now)}
      footer={<Button label={t`Plan a run`} onPress={() => router.push("/plan")} />}
      aside={
        <>
          <GoTo />
          <Due now={now} />
          {allRead ? <Near summaries={summaries} day={isoDay(now)} /> : null}
        </>
      }
    >
      {calm ? (
        <Card wash="leaf" className="gap-1">
          <Txt variant="heading">{t`Nothing on the heat`}</Txt>
          <Txt>{t`No still is running and nothing waits to be separated.`}</Txt>
        </Card>
      ) : null}
      {allRead && running.length === 0 ? <BackupRow now={now} /> : null}
      {allRead ? <DayNext now={now} /> : null}
      {running.map((summary) => (
        <Running key={summary.run.id} summary={summary} now={now} />
      ))}
      {settling.map((summary) => (
        <SettlingRow key={summary.run.id} summary={summary} now={now} />
      ))}
      {ready.map(({ run, plantName }) => (
        <Row
          key={run.id}
          href={`/runs/${run.id}/ready`}
          title={t`Run ${run.number} is planned`}
          detail={t`${plantName}, charge ${run.plan.charge} of ${run.plan.charges} · ${run.stillName}`}
        />
      ))}
      {doubtful.map(({ run, plantName }) => (
        <Row
          key={run.id}
          href={`/runs/${run.id}`}
          title={t`Is run ${run.number}’s log right?`}
          detail={t`${plantName} · for now it teaches the plan nothing`}
        />
      ))}
      {allRead ? <Harvests summaries={summaries} /> : null}
    </Screen>
  );
}

function Running({ summary, now }: { summary: RunSummary; now: number }) {
  const { run, state, plantName } = summary;
  const { units } = useAppSelector(selectPreferences);
  const [said] = whatNow(useLiveRun(run, state, useRunNow(run, now).now), units);
  const urgent = said !== undefined && said.level !== "later";
  const router = useRouter();
  return (
    <Card wash={urgent ? "ember" : "dew"} className="gap-1">
      <Txt variant="label" className="text-ink">{t`Run ${run.number} · ${run.stillName}`}</Txt>
      <Txt variant="heading">{plantName}</Txt>
      {said ? (
        <Txt
          variant="strong"
          role={urgent ? "alert" : undefined}
          className={urgent ? "text-ember-ink" : ""}
        >
          {said.say}
        </Txt>
      ) : null}
      {said ? (
        <Txt variant="small" className="text-ink">
          {said.because}
        </Txt>
      ) : null}
      <View className="mt-2">
        <Button
          label={t`To the still`}
          hint={t`To the still of run ${run.number}`}
          onPress={() => router.push(`/runs/${run.id}/watch`)}
        />
      </View>
    </Card>
  );
}

function SettlingRow({ summary, now }: { summary: RunSummary; now: number }) {
  const { site } = useAppSelector(selectPreferences);
  const book = usePlantBook();
  const { run, state, plantName } = summary;
  const { minutes, share, leftMinutes: left } = settlingLeft(run, state, site, now, book);
  const line = !Number.isFinite(minutes)
    ? t`as heavy as the water: it hardly parts`
    : left > 0
      ? t`${Math.round(share * 100)} % of the oil has separated in ${showDuration(left)}`
      : t`${Math.round(share * 100)} % of the oil has separated: separate and measure`;
  return (
    <Row
      href={`/runs/${run.id}/separate`}
      title={t`${plantName} is settling`}
      detail={t`Run ${run.number} · ${line}`}
      end={
        Number.isFinite(minutes) ? (
          <Txt variant="strong">{left > 0 ? showDuration(left) : t`now`}</Txt>
        ) : undefined
      }
    />
  );
}
