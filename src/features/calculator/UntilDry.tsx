import { showDuration, showVolume, words } from "@/core/units/format";
import { unitsFor } from "@/core/units/units";
import { t } from "@/language/t";
import { Question, useAsked, type Asking } from "./Question";
import { figureWords } from "@/words/figureWords";

/** Minutes until the pot is at its dry line. */
export function UntilDry({ units, still }: Asking) {
  const volumes = unitsFor("volume", units);
  const { fields, values } = useAsked({
    water: {
      label: t`In the pot`,
      name: t`Water`,
      min: 0,
      max: 1e6,
      above: true,
      choices: volumes,
      start: 3000,
    },
    dryLine: {
      label: t`Dry line`,
      name: t`The dry line`,
      min: 0,
      max: 1e6,
      choices: volumes,
      start: still?.dryLineMl ?? 500,
    },
    rate: {
      label: t`Distillate a minute`,
      name: t`The rate`,
      min: 0,
      max: 5000,
      above: true,
      choices: ["mL"],
      start: 15,
    },
  });
  const spare = values && values.water - values.dryLine;
  return (
    <Question
      title={t`How long until it is dry?`}
      about={figureWords.potLevel}
      answer={
        values && spare !== undefined
          ? spare <= 0
            ? t`It is dry now: heat off, let it cool`
            : showDuration(spare / values.rate)
          : undefined
      }
      detail={
        spare !== undefined && spare > 0
          ? t`${words(showVolume(spare, units))} are above the dry line.`
          : undefined
      }
    >
      {fields}
    </Question>
  );
}
