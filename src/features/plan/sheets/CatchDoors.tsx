import { View } from "react-native";
import type { ChargePlan } from "@/core/plan/chargePlan";
import { receiverFit, widestShowingMm } from "@/core/separation/receiver";
import { showLength, showVolume, words } from "@/core/units/format";
import type { UnitSystem } from "@/core/units/units";
import { t } from "@/language/t";
import { OptionCard } from "@/ui/primitives/OptionCard";
import { Txt } from "@/ui/primitives/Txt";
import { receiverLine } from "@/words/receiverWords";
import { volumeRange } from "../planRanges";
import type { DoorProps } from "./doorProps";
import { RatioField } from "./RatioField";
import { WayById } from "./WayById";

/** How much hydrosol is kept, and in how many jars. */
export function HydrosolDoor(props: DoorProps) {
  const { plan, work } = props;
  const { units } = work;
  return (
    <>
      {plan && plan.method === "cohobation" ? (
        <Txt>{t`${words(showVolume(plan.forecast.distillateMl, units))} come over and flow back into the pot. No hydrosol is kept.`}</Txt>
      ) : plan ? (
        <Txt>{cameOver(plan, props.state, units)}</Txt>
      ) : null}
      <RatioField work={work} />
      <WayById id="hydrosol" {...props} />
    </>
  );
}

function cameOver(plan: ChargePlan, { ranges }: DoorProps["state"], units: UnitSystem): string {
  const { distillateMl } = plan.forecast;
  const range = ranges && volumeRange(ranges.ranges.distillateMl, units);
  const all = words(showVolume(distillateMl, units));
  return range
    ? t`${all} come over until heat off, likely ${range}.`
    : t`${all} come over until heat off.`;
}

/** What stands under the outlet, each with the layer it would show, and how long oil and water separate. */
export function ReceiverDoor(props: DoorProps) {
  const { plan, work } = props;
  const { read, units, change } = work;
  return (
    <>
      {plan ? <Txt>{layerWords(plan, units)}</Txt> : null}
      {read.receivers.length > 1 ? (
        <View role="group" aria-label={t`Receiver`} className="gap-2">
          {read.receivers.map((receiver, at) => (
            <OptionCard
              key={at}
              label={receiverLine(receiver, units)}
              chosen={at === read.receiverAt}
              figures={plan && fitWords(plan, receiver, units)}
              onTake={() => change({ receiver: String(at) })}
            />
          ))}
        </View>
      ) : null}
      <WayById id="settling" {...props} />
    </>
  );
}

function fitWords(
  { forecast }: ChargePlan,
  receiver: Parameters<typeof receiverFit>[0],
  units: UnitSystem,
): string {
  const { oilDensityGPerMl: densityGPerMl, oilLayer: layer } = forecast;
  if (layer === "hangs") return t`the oil hangs in the water`;
  const fit = receiverFit(receiver, { densityGPerMl, layer }, forecast.oil.visibleMl.p50);
  if (!fit.suits) return t`loses this oil`;
  const height = words(showLength(fit.layerMm, units));
  return fit.shows ? t`layer ${height}` : t`layer ${height}, too thin to see`;
}

function layerWords({ forecast, receiver }: ChargePlan, units: UnitSystem): string {
  const oilMl = forecast.oil.visibleMl.p50;
  if (forecast.oilLayer === "hangs")
    return t`The oil is as heavy as the water and hangs in it. Let it stand in a tall vessel.`;
  if (oilMl <= 0) return t`No oil shows in an average year.`;
  const where = forecast.oilLayer === "floats" ? t`The oil floats.` : t`The oil sinks.`;
  if (!receiver) return where;
  if (!receiver.suits) return t`${where} This receiver loses it: take another one.`;
  if (receiver.neverPours) return t`${where} It never pours from these arms.`;
  if (receiver.poursAtMm !== undefined && receiver.layerMm < receiver.poursAtMm)
    return t`${where} It pours once the layer is ${words(showLength(receiver.poursAtMm, units))} thick.`;
  if (!receiver.shows)
    return t`${where} The layer is too thin to see here. A tube ${words(showLength(widestShowingMm(oilMl), units))} wide would show it.`;
  return where;
}
