import { Pressable } from "react-native";
import { layerOf } from "@/core/plant/oil";
import { memo } from "react";
import { showIce, showOil, showTemperature, showVolume, words } from "@/core/units/format";
import { fullShare } from "@/core/run/liveEstimate";
import { safety } from "@/core/safety";
import { type Catches, catchesIn } from "@/core/still/methods";
import { t } from "@/language/t";
import { oilNow } from "@/logbook/run/oilNow";
import { potWaterMl } from "@/logbook/run/potWaterMl";
import type { Still } from "@/records/still";
import { LevelsDrawing } from "@/ui/drawings/LevelsDrawing";
import { Card } from "@/ui/primitives/Card";
import type { CockpitPart } from "./CockpitHead";

/** Pot against its dry line, tub against its limit, jar against its brim, right now. */
export const Levels = memo(function Levels({
  run,
  state,
  live,
  watched,
  units,
  still,
  onOpen,
}: CockpitPart & { still?: Still; onOpen?: () => void }) {
  const { plan } = run;
  const now = live.live;
  const waterMl = potWaterMl(run, state, now);
  const volume = (ml: number) => words(showVolume(ml, units));
  const inJar = now?.inJarMl ?? 0;
  const catches = catchesIn(plan.method);
  const oilMl = (watched && oilNow(run, watched.now).p50) ?? 0;
  const { jarMl } = plan;
  const { tub } = live;
  const inWords = [
    t`${volume(waterMl)} in the pot, dry line at ${volume(plan.dryLineMl)}.`,
    catches === "trap"
      ? t`About ${words(showOil(oilMl))} of oil in the trap, its water flows back.`
      : catches === "bowl"
        ? t`${volume(inJar)} in the bowl.`
        : t`${volume(inJar)} in jar ${state.jars}.`,
    ...(tub ? [t`Tub at ${words(showTemperature(tub.temperatureC, units))}.`] : []),
  ].join(" ");
  const drawing = (
    <Card className="px-2 py-1">
      <LevelsDrawing
        lit={state.heatOn}
        pot={{
          waterMl,
          fullMl: Math.max(plan.waterMl, still ? still.potVolumeMl * 0.5 : 0),
          dryLineMl: plan.dryLineMl,
          shown: volume(waterMl),
          dryShown: t`dry line ${volume(plan.dryLineMl)}`,
          low: now !== undefined && now.minutesToDryLine <= safety.dryLineNoticeMinutes,
        }}
        tub={
          tub && {
            temperatureC: tub.temperatureC,
            limitC: tub.limitC,
            shown: words(showTemperature(tub.temperatureC, units)),
            detail:
              tub.iceLeftKg > 0.05
                ? t`${words(showIce(tub.iceLeftKg, units))} of ice left`
                : t`limit ${words(showTemperature(tub.limitC, units))}`,
            warm: tub.minutesToLimit <= 0,
          }
        }
        jar={{
          catches,
          filledMl: catches === "trap" ? 0 : inJar,
          sizeMl: catches === "trap" ? trapMl : jarMl,
          oilMl,
          oilSinks:
            catches === "trap"
              ? still?.trapKeeps === "sinks"
              : layerOf(plan.forecast.oilDensityGPerMl) === "sinks",
          shown: catches === "trap" ? words(showOil(oilMl)) : volume(inJar),
          detail: caught[catches](state.jars, volume(jarMl)),
          full: inJar >= jarMl * fullShare[catches],
        }}
        inWords={inWords}
      />
    </Card>
  );
  if (!onOpen) return drawing;
  return (
    <Pressable
      role="button"
      aria-label={t`${inWords} Readings and corrections`}
      {...{ "aria-haspopup": "dialog" }}
      onPress={onOpen}
      className="active:opacity-80"
    >
      {drawing}
    </Pressable>
  );
});

/* A trap's tube, for the drawing alone: how high a layer of so much oil stands in it. */
const trapMl = 20;

const caught: Record<Catches, (jar: number, size: string) => string> = {
  jar: (jar, size) => t`jar ${jar}, of ${size}`,
  trap: () => t`oil in the trap`,
  bowl: (_jar, size) => t`in the bowl, of ${size}`,
};
