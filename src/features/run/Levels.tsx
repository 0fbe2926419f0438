import { memo } from "react";
import { safety, jarShare, showTemperature, showVolume, words, fixed } from "@/core";
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
}: CockpitPart & { still?: Still }) {
  const { plan } = run;
  const now = live.live;
  const waterMl = now ? Math.max(0, plan.dryLineMl + now.aboveDryLineMl) : plan.waterMl;
  const volume = (ml: number) => words(showVolume(ml, units));
  const inJar = now?.inJarMl ?? 0;
  const returns = plan.method === "cohobation";
  const { jarMl } = plan;
  const { tub } = live;
  return (
    <Card className="px-2 py-1">
      <LevelsDrawing
        lit={state.heatOn}
        pot={{
          waterMl,
          fullMl: Math.max(plan.waterMl, still ? still.potVolumeMl * 0.5 : 0),
          dryLineMl: plan.dryLineMl,
          shown: volume(waterMl),
          dryShown: `dry line ${volume(plan.dryLineMl)}`,
          low: now !== undefined && now.minutesToDryLine <= safety.dryLineNoticeMinutes,
        }}
        tub={
          tub && {
            temperatureC: tub.temperatureC,
            limitC: tub.limitC,
            shown: words(showTemperature(tub.temperatureC, units)),
            detail:
              tub.iceLeftKg > 0.05
                ? `${fixed(tub.iceLeftKg, 1)} kg ice left`
                : `limit ${words(showTemperature(tub.limitC, units))}`,
            warm: tub.minutesToLimit <= 0,
          }
        }
        jar={{
          filledMl: returns ? 0 : inJar,
          sizeMl: jarMl,
          oilMl: watched?.now.visibleAtOnceMl.p50 ?? 0,
          shown: returns ? "flows back" : volume(inJar),
          detail: returns ? "oil stays in the tube" : `jar ${state.jars}, of ${volume(jarMl)}`,
          full: !returns && inJar >= jarMl * jarShare,
        }}
        inWords={`${volume(waterMl)} in the pot, dry line at ${volume(plan.dryLineMl)}; ${volume(inJar)} in jar ${state.jars}${tub ? `; tub at ${words(showTemperature(tub.temperatureC, units))}` : ""}.`}
      />
    </Card>
  );
});
