import { showLength, showMass, showVolume, words } from "@/core/units/format";
import { type UnitName, unitsFor } from "@/core/units/units";
import { t } from "@/language/t";
import { NumberField } from "@/ui/primitives/NumberField";
import { Txt } from "@/ui/primitives/Txt";
import type { DoorProps } from "./doorProps";
import { WayById } from "./WayById";

/** How many charges the plant is shared out over, and how it is cut up. */
export function ChargeDoor(props: DoorProps) {
  const { plan, work } = props;
  const { draft, read, units, change } = work;
  return (
    <>
      {plan ? (
        <Txt>{t`${plan.charges} × ${words(showMass(plan.chargeG, units))}. Above the charge stay ${words(showLength(plan.levels.headspaceMm, units))}.`}</Txt>
      ) : null}
      <NumberField
        heavy
        label={t`Charges`}
        value={{ text: draft.chargesText, unit: "one" }}
        choices={[]}
        placeholder={t`as many as needed`}
        problem={read.problems.charges}
        onChange={({ text }) => change({ chargesText: text })}
      />
      <WayById id="preparation" {...props} />
    </>
  );
}

/** The water in the pot, and what of it must stay. */
export function WaterDoor(props: DoorProps) {
  const { plan, work, still } = props;
  const { draft, read, units, change } = work;
  return (
    <>
      {plan ? (
        <Txt>{t`${words(showVolume(plan.forecast.potLeftMl, units))} are left in the pot at heat off. Below ${words(showVolume(still.dryLineMl, units))}, the dry line, the charge scorches.`}</Txt>
      ) : null}
      <NumberField
        heavy
        label={t`Water in the pot`}
        value={{ text: draft.waterText, unit: draft.waterUnit as UnitName }}
        choices={unitsFor("volume", units)}
        placeholder={t`calculated`}
        problem={read.problems.water}
        onChange={({ text, unit }) => change({ waterText: text, waterUnit: unit })}
      />
      <WayById id="water" {...props} />
    </>
  );
}
