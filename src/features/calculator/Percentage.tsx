import { useState } from "react";
import { showYield, words } from "@/core/units/format";
import { percentToMlPerKg } from "@/core/yield/convert";
import { t } from "@/language/t";
import { Choice } from "@/ui/primitives/Choice";
import { Question, useAsked, type Asking } from "./Question";

/** A yield told in per cent as millilitres a kilogram. */
export function Percentage({ units }: Asking) {
  const [basis, setBasis] = useState<"vw" | "ww">("ww");
  const { fields, values } = useAsked({
    percent: {
      label: t`Yield`,
      name: t`The yield`,
      min: 0,
      max: 100,
      above: true,
      choices: [],
      suffix: "%",
      start: 1.2,
    },
    density: {
      label: t`Density of the oil`,
      name: t`Density`,
      min: 0.5,
      max: 1.5,
      choices: [],
      suffix: units === "metric" ? "g/mL" : t`× water`,
      start: 0.9,
    },
  });
  return (
    <Question
      title={t`How much oil is that per cent?`}
      answer={
        values && words(showYield(percentToMlPerKg(values.percent, basis, values.density), units))
      }
      detail={
        basis === "ww"
          ? t`By mass: through the oil's density.`
          : t`Volume by mass: one per cent is ${words(showYield(10, units))}.`
      }
    >
      <Choice
        label={t`Basis`}
        options={[
          { value: "ww", label: t`Mass in mass` },
          { value: "vw", label: t`Volume in mass` },
        ]}
        value={basis}
        onChange={setBasis}
      />
      {fields}
    </Question>
  );
}
