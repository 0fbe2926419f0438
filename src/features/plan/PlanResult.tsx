import { memo } from "react";
import { View } from "react-native";
import {
  fixed,
  showBetween,
  showDuration,
  showLength,
  showMass,
  showOil,
  showRange,
  showVolume,
  words,
} from "@/core/units/format";
import type { ChargePlan } from "@/core/plan/chargePlan";
import { fuelFor } from "@/core/plan/fuel";
import { fullShare } from "@/core/run/liveEstimate";
import { widestShowingMm } from "@/core/separation/receiver";
import type { Percentiles } from "@/core/statistics/chance";
import { heatSources } from "@/core/still/heatSources";
import { catchesIn } from "@/core/still/methods";
import type { UnitSystem } from "@/core/units/units";
import { fuelWords } from "@/words/heatWords";
import { lastWord } from "@/words/lastWord";
import { receiverNouns } from "@/words/receiverWords";
import { settlingTime } from "@/logbook/run/settlingTime";
import { catchMl } from "@/logbook/still/catchMl";
import { settlingWords } from "@/words/settlingWords";
import type { Still } from "@/records/still";
import { stillShape } from "@/logbook/still/stillFigures";
import { Fan } from "@/ui/charts/Fan";
import { StillDrawing } from "@/ui/drawings/StillDrawing";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Tile } from "@/ui/primitives/Tile";
import { Txt } from "@/ui/primitives/Txt";
import type { ForecastRanges } from "@/messages/forecastMessages";
import type { RangesState } from "./useForecastRanges";
import type { PlanWork } from "./usePlanDraft";

interface Props {
  plan: ChargePlan;
  state: RangesState;
  work: PlanWork;
  still: Still;
}

/** The still with its levels, what comes of the plan with its ranges, and the oil over time. */
export const PlanResult = memo(function PlanResult({ plan, state, work, still }: Props) {
  const { forecast, charges, receiver } = plan;
  const { units, preferences, read } = work;
  const { ranges } = state;
  const oil = ranges?.oil.visibleMl;
  const each = charges > 1 ? `, ${charges} charges` : "";
  const firstDrop = forecast.minutesToFirstDrop ?? 0;
  const heatOff = firstDrop + forecast.runMinutes;
  const fuel = fuelFor(forecast.energyKWh * charges, still.heat.kind, preferences.prices);
  const returns = plan.method === "cohobation";
  return (
    <>
      <Drawing plan={plan} work={work} still={still} oilMl={oil?.p50 ?? 0} />
      <View className="flex-row flex-wrap gap-3">
        <Tile
          wash="oil"
          label={`Oil to see${each}`}
          value={oil ? showOil(oil.p50 * charges) : { text: "…", unit: "" }}
          detail={oil ? eightInTen(oil, charges, "mL") : "playing a thousand runs"}
        />
        <Tile
          wash="dew"
          label={returns ? "Flows back" : `Hydrosol${each}`}
          value={showVolume(forecast.distillateMl * charges, units)}
          detail={
            returns
              ? "no hydrosol is kept"
              : ranges
                ? hydrosolRange(ranges.ranges.distillateMl, charges, units)
                : `at ${fixed(forecast.rateMlPerMin, 0)} mL a minute`
          }
        />
        <Tile
          wash="ember"
          label="First drop · heat off"
          value={{ text: `${unbroken(firstDrop)} · ${unbroken(heatOff)}`, unit: "" }}
          detail={[
            charges > 1 ? "each charge" : undefined,
            ranges ? timesRange(ranges) : undefined,
            `boils at ${fixed(forecast.boilC, 1)} °C`,
          ]
            .filter(Boolean)
            .join("; ")}
        />
        <Tile
          label={receiver ? "Layer you will see" : "Oil and water"}
          value={
            receiver && forecast.oilLayer !== "hangs"
              ? showLength(receiver.layerMm, units)
              : { text: forecast.oilLayer, unit: "" }
          }
          detail={layerWords(plan, read.receivers[read.receiverAt]?.kind)}
        />
        <Tile
          label={charges > 1 ? "Charges" : "Pot at the end"}
          value={
            charges > 1
              ? {
                  text: `${charges} × ${showMass(plan.chargeG, units).text}`,
                  unit: showMass(plan.chargeG, units).unit,
                }
              : showVolume(forecast.potLeftMl, units)
          }
          detail={
            charges > 1
              ? `${showDuration(heatOff * charges)} on the heat in all`
              : `${ranges ? potRange(ranges, plan, units) : ""}dry line at ${words(showVolume(still.dryLineMl, units))}`
          }
        />
        <Tile
          label={fuelWords[heatSources[still.heat.kind].fuel]}
          value={
            fuel.gasKg === undefined
              ? { text: fixed(fuel.kWh, 2), unit: "kWh" }
              : showMass(fuel.gasKg * 1000, units)
          }
          detail={
            fuel.cost === undefined
              ? fuel.gasKg === undefined
                ? `${still.heat.powerW} W at full heat`
                : `${fixed(fuel.kWh, 2)} kWh of flame`
              : `${fixed(fuel.cost, 2)} ${preferences.prices?.currency ?? ""}`.trim()
          }
        />
      </View>
      <OilOverTime plan={plan} state={state} work={work} />
    </>
  );
});

function Drawing({
  plan,
  work: { units, read },
  still,
  oilMl,
}: {
  plan: ChargePlan;
  work: PlanWork;
  still: Still;
  oilMl: number;
}) {
  const { forecast, levels } = plan;
  const swims = plan.method !== "steam";
  return (
    <Card className="px-2">
      <StillDrawing
        shape={stillShape(still)}
        levels={levels}
        hydro={swims}
        heatKind={still.heat.kind}
        condenser={still.condenser?.kind}
        head={still.head}
        jar={{
          sizeMl: catchMl(still),
          hydrosolMl: Math.min(
            catchMl(still) * Math.min(1, fullShare[catchesIn(plan.method)]),
            forecast.distillateMl,
          ),
          oilMl,
        }}
        labels={{
          headspace: {
            shown: showLength(levels.headspaceMm, units),
            what: plan.method === "bowl" ? "under bowl" : "headspace",
          },
          charge: { shown: showMass(plan.chargeG, units), what: lastWord(read.plant.part) },
          water: { shown: showVolume(plan.waterMl, units), what: "water" },
          dryLine: { shown: showVolume(still.dryLineMl, units), what: "dry line" },
          hydrosol: {
            shown: showVolume(forecast.distillateMl, units),
            what: plan.method === "cohobation" ? "goes round" : "hydrosol",
          },
        }}
        inWords={`${still.name} with ${words(showMass(plan.chargeG, units))} of ${read.plant.name} ${swims ? "in" : "above"} ${words(showVolume(plan.waterMl, units))} of water; ${words(showLength(levels.headspaceMm, units))} of headspace; dry line at ${words(showVolume(still.dryLineMl, units))}.`}
      />
    </Card>
  );
}

function OilOverTime({ plan, state, work }: Omit<Props, "still">) {
  const { preferences } = work;
  const { ranges, progress, problem, stopped, toggle } = state;
  const { forecast, figures } = plan;
  const { narrowed } = figures;
  if (!ranges) {
    return (
      <Card className="gap-2">
        <Txt variant="heading">Oil over time</Txt>
        {problem ? (
          <Txt role="alert">{`The ranges could not be played: ${problem}. Change a number to try again.`}</Txt>
        ) : (
          <>
            <View
              role="progressbar"
              aria-label="Playing a thousand runs"
              aria-valuenow={Math.round(progress * 100)}
              className="h-[10px] overflow-hidden rounded-full bg-oil-wash"
            >
              <View className="h-full bg-oil" style={{ width: `${progress * 100}%` }} />
            </View>
            <View className="flex-row">
              <Button
                look="quiet"
                size="small"
                label={stopped ? "Play a thousand runs" : "Stop playing"}
                onPress={toggle}
              />
            </View>
          </>
        )}
      </Card>
    );
  }
  const { p10, p90 } = ranges.oil.distilledMl;
  const kg = plan.chargeG / 1000;
  return (
    <Card className="gap-2">
      <Txt variant="heading">{`Oil over time, ${plan.charges > 1 ? "each charge" : "this charge"}`}</Txt>
      <Fan
        fan={ranges.fan}
        unit="mL distilled"
        inWords={`Oil distilled over ${showDuration(forecast.runMinutes)}: 8 in 10 runs end between ${showRange(p10, p90)} mL.`}
      />
      <Txt variant="small">
        {`8 in 10: ${showRange(p10 / kg, p90 / kg)} mL/kg distilled, ${Math.round(forecast.recovery * 100)} % of what is in the plant. The hydrosol keeps about ${fixed(forecast.oil.dissolvedG.p50, 2)} g of it, ${words(showOil(forecast.oil.suspendedMl.p50))} stay as fine drops: ${settlingWords(settlingTime(forecast.oilDensityGPerMl, preferences.site.airC, work.draft.settling))}.`}
      </Txt>
      {narrowed.runs > 0 ? (
        <Txt variant="small" className="text-leaf-ink">
          {`Your ${narrowed.runs === 1 ? "own run has" : `${narrowed.runs} own runs have`} made the range of its oil ${Math.round((1 - narrowed.width) * 100)} % narrower: ${showRange(figures.oilMlPerKg.low, figures.oilMlPerKg.high)} mL/kg, where the book says ${bookRange(work)}.`}
        </Txt>
      ) : null}
    </Card>
  );
}

function bookRange({ read }: PlanWork): string {
  const book = read.plant.states[read.state]?.oilMlPerKg;
  return book ? showRange(book.low, book.high) : "nothing";
}

function layerWords(
  { forecast, receiver }: ChargePlan,
  kind: keyof typeof receiverNouns | undefined,
): string {
  const { oilLayer } = forecast;
  if (!receiver || !kind) return `the oil ${oilLayer}`;
  const where = receiverNouns[kind];
  if (oilLayer === "hangs") return "in the water: let it stand in a tall vessel";
  const oilMl = forecast.oil.visibleMl.p50;
  if (!receiver.suits) return `it ${oilLayer}: the ${where} loses it`;
  if (oilMl <= 0) return "nothing to see in a middling year";
  if (!receiver.shows)
    return `${oilLayer}; too thin to see in the ${where}, ${fixed(widestShowingMm(oilMl), 0)} mm across would show it`;
  if (receiver.neverPours) return `${oilLayer}; the arms never pour it`;
  if (receiver.poursAtMm !== undefined && receiver.layerMm < receiver.poursAtMm)
    return `${oilLayer}; pours only from ${fixed(receiver.poursAtMm, 0)} mm on`;
  return `${oilLayer} in the ${where}`;
}

function eightInTen({ p10, p90 }: Percentiles, times: number, unit: string): string {
  return p90 * times < 0.005
    ? "none that shows"
    : `8 in 10: ${showRange(p10 * times, p90 * times)} ${unit}`;
}

/** When the first drop comes and how long it runs from there, 8 in 10. */
function timesRange({ ranges: { minutesToFirstDrop, runMinutes } }: ForecastRanges): string {
  return `8 in 10: first drop ${durationRange(minutesToFirstDrop)}, then ${durationRange(runMinutes)}`;
}

function durationRange({ p10, p90 }: Percentiles): string {
  const [from, to] = [showDuration(p10), showDuration(p90)];
  if (from === to) return from;
  return p90 < 60 ? `${Math.round(p10)}–${to}` : `${from}–${to}`;
}

/** What the pot holds at the end, 8 in 10: less where more has gone over. Nothing where all flows back. */
function potRange({ ranges }: ForecastRanges, { method, forecast }: ChargePlan, units: UnitSystem) {
  if (method === "cohobation") return "";
  const left = (distilledMl: number) =>
    showVolume(Math.max(0, forecast.potLeftMl + forecast.distillateMl - distilledMl), units);
  const [low, high] = [left(ranges.distillateMl.p90), left(ranges.distillateMl.p10)];
  return low.text === high.text ? "" : `8 in 10: ${showBetween(low, high)}; `;
}

function hydrosolRange({ p10, p90 }: Percentiles, times: number, units: UnitSystem): string {
  const [low, high] = [showVolume(p10 * times, units), showVolume(p90 * times, units)];
  return low.text === high.text && low.unit === high.unit
    ? "held by the stop rule"
    : `8 in 10: ${showBetween(low, high)}`;
}

/* "1 h 16 min" stays on one line. */
function unbroken(minutes: number): string {
  return showDuration(minutes).replace(/ /g, "\u00a0");
}
