import { useMemo } from "react";
import { fuelFor } from "@/core/plan/fuel";
import { hydrosolToKeep, worthShareOf } from "@/core/plan/hydrosolToKeep";
import { type StopChoice, stopChoices, tenMoreMinutes } from "@/core/plan/stopChoices";
import { usualWorthMl } from "@/core/plan/usualWorth";
import type { ChargePlan } from "@/core/plan/chargePlan";
import { fixed, showDuration, showOil, showVolume, words } from "@/core/units/format";
import { showMoney } from "@/core/units/money";
import { t } from "@/language/t";
import { NumberField } from "@/ui/primitives/NumberField";
import { Txt } from "@/ui/primitives/Txt";
import type { DoorProps } from "./doorProps";
import { RatioField } from "./RatioField";
import { WayById } from "./WayById";

/** What ends the run: the rules with what each would give, the figure of the one that is taken, and what more would bring. */
export function StopDoor(props: DoorProps) {
  const { plan, work } = props;
  const { draft, read, change } = work;
  const { stopBy } = draft;
  return (
    <>
      <WayById id="stop" alone {...props} />
      {stopBy === "clock" ? (
        <NumberField
          heavy
          label={t`Minutes after the first drop`}
          value={{ text: draft.minutesText, unit: "min" }}
          choices={["min"]}
          placeholder={t`usual ${read.plant.usualMinutes}`}
          problem={read.problems.minutes}
          onChange={({ text }) => change({ minutesText: text })}
        />
      ) : null}
      {stopBy !== "clock" && stopBy !== "smell" ? <RatioField work={work} /> : null}
      {stopBy === "tail" || stopBy === "least" || stopBy === "worth" ? (
        <NumberField
          heavy
          label={t`Stop when 10 more minutes bring less than`}
          value={{ text: draft.worthText, unit: "mL" }}
          choices={["mL"]}
          placeholder={t`usual: 1/${Math.round(1 / worthShareOf(read.plant.tissue))} of the oil`}
          problem={read.problems.worth}
          onChange={({ text }) => change({ worthText: text })}
        />
      ) : null}
      {plan ? <Beyond {...props} plan={plan} /> : null}
    </>
  );
}

/** Where the hydrosol worth keeping ends, where the water runs low, and what ten minutes more would bring. */
function Beyond({ plan, work, still }: DoorProps & { plan: ChargePlan }) {
  const { request, forecast } = plan;
  const { units, preferences, read } = work;
  const { plant, state } = read;
  const choices = useMemo(
    () =>
      stopChoices(request, {
        perKg: request.stop.perKg ?? hydrosolToKeep(plant.tissue, state),
        worthMlPer10Min:
          request.stop.worthMlPer10Min ??
          usualWorthMl(request, plan.figures.oilMlPerKg, worthShareOf(plant.tissue)),
      }),
    [request, plan.figures.oilMlPerKg, plant, state],
  );
  const keep = choices.find(({ rule }) => rule === "perKg");
  const low = choices.find(({ rule }) => rule === "reserve");
  const more = useMemo(() => tenMoreMinutes(request, forecast), [request, forecast]);
  const money = preferences.prices;
  const fuel = fuelFor(more.energyKWh, still.heat.kind, money);
  const inMoney = (amount: number | undefined) =>
    amount === undefined ? "" : ` (${showMoney(amount, money?.currency)})`;
  return (
    <>
      {keep && !keep.dryFirst && plan.method !== "cohobation" ? (
        <Txt>{`${hydrosolSaid(keep, forecast.runMinutes, forecast.oil.visibleMl.p50)(words(showVolume(keep.distillateMl, units)))}`}</Txt>
      ) : null}
      {low ? (
        <Txt>{t`Water runs low ${showDuration(low.minutes)} after the first drop: the latest possible stop.`}</Txt>
      ) : null}
      <Txt>
        {more.dry
          ? t`Ten more minutes would boil the pot down to its dry line.`
          : t`Ten more minutes bring ${words(showOil(more.oilMl))} of oil${inMoney(money?.oilPerMl === undefined ? undefined : more.oilMl * money.oilPerMl)} and ${words(showVolume(more.distillateMl, units))} of hydrosol. They take ${fixed(more.energyKWh, 2)} kWh${inMoney(fuel.cost)}.`}
      </Txt>
    </>
  );
}

/* Less than a drop or two is nothing to go on for. */
const leastToSeeMl = 0.05;

/** How much hydrosol is worth keeping, and what the run does beyond it. */
function hydrosolSaid(
  keep: StopChoice,
  runMinutes: number,
  oilMl: number,
): (volume: string) => string {
  const beyond = runMinutes - keep.minutes;
  const brings = oilMl - keep.oilMl;
  const when = showDuration(keep.minutes);
  if (beyond < -1)
    return (volume) =>
      t`The first ${volume} of hydrosol are worth keeping. This plan stops before they are all in.`;
  if (beyond <= 1 || brings < leastToSeeMl)
    return (volume) =>
      t`The first ${volume} of hydrosol are worth keeping. They are in ${when} after the first drop.`;
  return (volume) =>
    t`The first ${volume} of hydrosol are worth keeping. They are in ${when} after the first drop; ${showDuration(beyond)} more bring ${words(showOil(brings))} of visible oil.`;
}
