import { useState } from "react";
import { View } from "react-native";
import { fixed, showDuration, showOil, showRange, words } from "@/core/units/format";
import { showMoney } from "@/core/units/money";
import { endings } from "@/core/forecast/stopRules";
import { fuelFor } from "@/core/plan/fuel";
import type { Percentiles } from "@/core/statistics/chance";
import type { UnitSystem } from "@/core/units/units";
import { t } from "@/language/t";
import type { LiveRun } from "@/logbook/run/liveRun";
import type { Run } from "@/records/run";
import type { RunState } from "@/logbook/run/runState";
import type { Setting } from "@/records/setting";
import type { Still } from "@/records/still";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Choice } from "@/ui/primitives/Choice";
import { Notice } from "@/ui/primitives/Notice";
import { Sheet } from "@/ui/primitives/Sheet";
import { TextField } from "@/ui/primitives/TextField";
import { Txt } from "@/ui/primitives/Txt";
import type { WatchAnswer } from "@/messages/watchMessages";
import { doubtWords } from "@/words/doubtWords";
import { figureWords } from "@/words/figureWords";
import { stopRuleWords } from "@/words/stopRuleWords";
import { ComingNow } from "./ComingNow";
import type { Log } from "./useLog";

interface Props {
  open: boolean;
  onClose: () => void;
  run: Run;
  state: RunState;
  still?: Still;
  live: LiveRun;
  watched?: WatchAnswer;
  /** Minutes since the first drop. */
  since: number;
  prices: Setting["prices"];
  units: UnitSystem;
  log: Log;
}

/** When to stop: every rule as the readings have made it, what going on earns, and moving the stop. */
export function ForecastSheet(props: Props) {
  const { open, onClose, watched, run, live, since } = props;
  return (
    <Sheet title={t`Forecast and stop`} open={open} onClose={onClose}>
      {watched ? (
        <>
          {watched.doubts.map((doubt) => (
            <Notice key={doubt} severity="caution" message={doubtWords[doubt]} />
          ))}
          <Card className="gap-2">
            <Txt variant="heading">{t`At the end`}</Txt>
            <Txt>{t`Likely ${range(watched.end.visibleMl)} mL of visible oil, ${range(watched.end.distilledMl)} mL distilled.`}</Txt>
            <Txt variant="small">{figureWords.oilSoFar.says}</Txt>
            <Txt variant="small">{t`The plan said ${range(run.plan.forecast.visibleMl)} mL. ${narrowed(watched, run)}`}</Txt>
          </Card>
          <Card className="gap-1">
            <Txt variant="heading">{t`When each rule stops`}</Txt>
            {endings
              .filter((rule) => Number.isFinite(watched.endsAt[rule].p50))
              .map((rule) => (
                <View key={rule} className="flex-row justify-between gap-3 py-1">
                  <Txt variant={rule === live.live?.endsBy ? "strong" : "body"}>
                    {stopRuleWords[rule]}
                  </Txt>
                  <Txt variant="strong">{ends(watched.endsAt[rule], since)}</Txt>
                </View>
              ))}
          </Card>
          <ComingNow {...props} />
          <TenMore {...props} watched={watched} />
        </>
      ) : (
        <Txt>{t`The forecast learns from the first drop on.`}</Txt>
      )}
      <MoveStop {...props} />
    </Sheet>
  );
}

function range({ p10, p90 }: Pick<Percentiles, "p10" | "p90">): string {
  return showRange(p10, p90);
}

function narrowed({ end }: WatchAnswer, { plan }: Run): string {
  const width = ({ p10, p90 }: Percentiles) => p90 - p10;
  const before = width(plan.forecast.distilledMl);
  if (!(before > 0)) return "";
  const share = Math.round((1 - width(end.distilledMl) / before) * 100);
  return share > 0 ? t`Your readings made it ${share} % narrower.` : "";
}

function ends({ p10, p50, p90 }: Percentiles, since: number): string {
  const left = (minutes: number) => Math.max(0, minutes - since);
  if (p50 <= since) return t`is reached`;
  if (p90 - p10 < 2) return t`in ${showDuration(left(p50))}`;
  /* Both in minutes: the unit once. */
  const from = left(p90) < 59.5 ? String(Math.round(left(p10))) : showDuration(left(p10));
  return t`in ${from} to ${showDuration(left(p90))}`;
}

function TenMore({ watched, still, live, prices }: Props & { watched: WatchAnswer }) {
  const { p50 } = watched.tenMoreMl;
  const fuel = still && fuelFor((live.powerW * 10) / 60000, still.heat.kind, prices);
  const money = prices?.currency;
  const worth = prices?.oilPerMl === undefined ? undefined : p50 * prices.oilPerMl;
  return (
    <Card wash="oil" className="gap-1">
      <Txt variant="strong">{t`Ten minutes after the stop bring ${words(showOil(p50))}`}</Txt>
      {fuel ? (
        <Txt variant="small" className="text-ink">
          {fuel.cost === undefined
            ? t`They take ${fixed(fuel.kWh, 2)} kWh.`
            : t`They take ${fixed(fuel.kWh, 2)} kWh, ${showMoney(fuel.cost, money)}.`}{" "}
          {worth === undefined ? "" : t`That oil is worth ${showMoney(worth, money)}.`}
        </Txt>
      ) : null}
    </Card>
  );
}

const reasons = [
  t`Still smells good`,
  t`Smells of stalk`,
  t`No time`,
  t`Jar or ice is short`,
] as const;

function MoveStop({ live, since, log, onClose, state }: Props) {
  const [reason, setReason] = useState<string>(reasons[0]);
  const [own, setOwn] = useState("");
  const end = live.live ? since + live.live.minutesToHeatOff : undefined;
  if (end === undefined) return null;
  const move = (minutes: number, label: string) => {
    log.write(
      { type: "stopMoved", minutes: Math.max(0, minutes), reason: own.trim() || reason },
      { label },
    );
    setOwn("");
    onClose();
  };
  return (
    <Card className="gap-3">
      <Txt variant="heading">{t`Move the stop`}</Txt>
      <Txt variant="small">
        {state.stopMovedTo === undefined
          ? t`It is at ${showDuration(end)} after the first drop.`
          : t`It is at ${showDuration(end)} after the first drop, as you moved it.`}
      </Txt>
      <Choice
        label={t`Why`}
        options={reasons.map((value) => ({ value, label: value }))}
        value={reason as (typeof reasons)[number]}
        onChange={setReason}
      />
      <TextField label={t`Or in your words`} value={own} onChange={setOwn} />
      <View className="flex-row gap-2">
        <Button
          label={t`10 min longer`}
          look="quiet"
          className="flex-1"
          onPress={() => move(Math.max(end, since) + 10, t`Ten minutes longer.`)}
        />
        <Button
          label={t`10 min sooner`}
          look="quiet"
          className="flex-1"
          onPress={() => move(Math.max(since, end - 10), t`Ten minutes sooner.`)}
        />
      </View>
    </Card>
  );
}
