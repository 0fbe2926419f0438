import { useRouter } from "expo-router";
import { View } from "react-native";
import {
  fixed,
  showMass,
  showOil,
  showRange,
  showVolume,
  showYield,
  significant,
  words,
} from "@/core/units/format";
import type { UnitSystem } from "@/core/units/units";
import { usualDropsPerMl } from "@/core/yield/convert";
import { t } from "@/language/t";
import type { RunSummary } from "@/logbook/run/runSummary";
import { useAppSelector } from "@/store/hooks";
import { selectPreferences } from "@/store/selectors";
import { RangeBar } from "@/ui/charts/RangeBar";
import { Card } from "@/ui/primitives/Card";
import { Explained } from "@/ui/primitives/Explained";
import { Facts } from "@/ui/primitives/Facts";
import { Notice } from "@/ui/primitives/Notice";
import { Tile } from "@/ui/primitives/Tile";
import { WhereItWent } from "./WhereItWent";
import { figureWords } from "@/words/figureWords";

interface Props {
  summary: RunSummary;
  others: readonly RunSummary[];
  units: UnitSystem;
}

/** What a run gave, on every basis, and where it went; what is still open says so. */
export function RunResult({ summary, others, units }: Props) {
  const router = useRouter();
  const { dropsPerMl = usualDropsPerMl } = useAppSelector(selectPreferences);
  const { run, state, result } = summary;
  if (!state.result) return null;
  if (!result)
    return (
      <>
        <View className="flex-row flex-wrap gap-3">
          <Tile
            wash="oil"
            label={t`Oil`}
            value={{ text: t`open`, unit: "" }}
            detail={t`not measured yet`}
          />
          <HydrosolTile summary={summary} units={units} />
        </View>
        <Notice
          severity="note"
          message={t`The oil is not measured yet: this run has no yield, and teaches nothing until then.`}
          action={{
            label: t`Measure the oil`,
            onPress: () => router.push(`/runs/${run.id}/separate`),
          }}
        />
      </>
    );
  return (
    <>
      <View className="flex-row flex-wrap gap-3">
        <Tile
          wash="oil"
          label={t`Oil`}
          value={showOil(result.oilMl)}
          about={figureWords.expectedOil}
          detail={t`expected ${showRange(run.plan.forecast.visibleMl.p10, run.plan.forecast.visibleMl.p90)} mL`}
        />
        <HydrosolTile summary={summary} units={units} />
        <Tile
          label={t`Yield`}
          about={figureWords.yieldOf}
          value={showYield(result.mlPerKg, units)}
          detail={t`${significant(result.percentMass, 2)} % w/w`}
        />
      </View>
      <Card>
        <RangeBar
          expected={run.plan.forecast.visibleMl}
          measured={result.oilMl}
          unit="mL"
          inWords={t`Measured ${words(showOil(result.oilMl))}; likely was ${showRange(run.plan.forecast.visibleMl.p10, run.plan.forecast.visibleMl.p90)} mL.`}
        />
      </Card>
      <Card>
        <Facts
          facts={[
            [
              t`On dry matter`,
              t`${words(showYield(result.mlPerKgDry, units))} · ${significant(result.percentMassDry, 2)} % w/w`,
              figureWords.yieldOf,
            ],
            [t`By volume`, t`${significant(result.percentVolume, 2)} % v/w`],
            [
              t`Oil by weight`,
              t`${words(showMass(result.oilG, units))}, ${Math.round(result.oilMl * dropsPerMl)} drops`,
            ],
            [
              t`Poured together`,
              state.result?.pool &&
                (state.result.pool.by === "charge"
                  ? t`with ${state.result.pool.runIds.length - 1} more, shared by charge`
                  : t`with ${state.result.pool.runIds.length - 1} more, shared by forecast`),
            ],
            [t`Look`, state.result?.look],
            [t`Smell`, state.result?.smell],
            [t`Hydrosol looks`, state.result?.hydrosolLook],
            [t`Hydrosol smells`, state.result?.hydrosolSmell],
            ["pH", state.result?.ph === undefined ? undefined : fixed(state.result.ph, 1)],
            [t`Note`, state.result?.note],
          ]}
        />
        <Explained about="yields" />
      </Card>
      <WhereItWent summary={summary} others={others} units={units} />
    </>
  );
}

/** The hydrosol that was kept; open while it is not measured. */
function HydrosolTile({ summary, units }: { summary: RunSummary; units: UnitSystem }) {
  const { run, state } = summary;
  const kept = state.result?.hydrosolMl;
  return (
    <Tile
      wash="dew"
      label={t`Hydrosol`}
      value={kept === undefined ? { text: t`open`, unit: "" } : showVolume(kept, units)}
      detail={
        kept === undefined
          ? t`not measured yet`
          : t`${significant(kept / run.plan.chargeG, 2)} : 1 to plant`
      }
    />
  );
}
