import { showOil, words } from "@/core/units/format";
import { dropsToMl, usualDropsPerMl } from "@/core/yield/convert";
import { t } from "@/language/t";
import { Question, useAsked, type Asking } from "./Question";

/** Drops as millilitres. */
export function Drops(_: Asking) {
  const { fields, values } = useAsked({
    drops: {
      label: t`Drops`,
      name: t`Drops`,
      min: 0,
      max: 1e6,
      above: true,
      choices: [],
      start: 35,
    },
    perMl: {
      label: t`Drops in a mL`,
      name: t`Drops in a mL`,
      min: 5,
      max: 80,
      choices: [],
      start: usualDropsPerMl,
    },
  });
  return (
    <Question
      title={t`How much are so many drops?`}
      answer={values && words(showOil(dropsToMl(values.drops, values.perMl)))}
      detail={t`Twenty to the millilitre is usual; count your own dropper once.`}
    >
      {fields}
    </Question>
  );
}
