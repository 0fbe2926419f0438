import { fixed, showTemperature, words } from "@/core/units/format";
import { boilingTogether } from "@/core/plant/oil";
import { unitsFor } from "@/core/units/units";
import { pressureAtAltitudePa } from "@/core/water/atmosphere";
import { boilingPointC } from "@/core/water/saturation";
import { t } from "@/language/t";
import { Question, useAsked, type Asking } from "./Question";

/** The boiling point at a height, and with an oil beside the water. */
export function BoilingHere({ units, site }: Asking) {
  const { fields, values } = useAsked({
    altitude: {
      label: t`Altitude`,
      name: t`The height`,
      min: -400_000,
      max: 5_500_000,
      choices: unitsFor("altitude", units),
      start: site.altitudeM * 1000,
    },
  });
  const pressure = values ? pressureAtAltitudePa(values.altitude / 1000) : undefined;
  return (
    <Question
      title={t`Where does water boil here?`}
      answer={
        pressure === undefined ? undefined : words(showTemperature(boilingPointC(pressure), units))
      }
      detail={
        pressure === undefined
          ? undefined
          : t`At ${fixed(pressure / 100, 0)} hPa. Water with citrus oil boils together at ${words(showTemperature(boilingTogether({ limonene: 1 }, pressure).temperatureC, units))}.`
      }
    >
      {fields}
    </Question>
  );
}
