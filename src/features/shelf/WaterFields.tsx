import { useWatch, type Control, type FieldValues } from "react-hook-form";
import { filterings, fillings, preservativeNames } from "@/core/shelf/waterKeeping";
import { roundTemperature } from "@/core/units/format";
import { t } from "@/language/t";
import { useAppSelector } from "@/store/hooks";
import { selectPreferences } from "@/store/selectors";
import { Fold } from "@/ui/primitives/Fold";
import { FormChoice, FormNumber, FormSelect } from "@/ui/primitives/form";
import { Notice } from "@/ui/primitives/Notice";
import { Txt } from "@/ui/primitives/Txt";
import {
  filteringWords,
  fillingWords,
  preservativeLine,
  preservedProblem,
} from "@/words/waterKeepingWords";
import { waterOfForm, type BottleForm } from "./bottleForm";

interface Props {
  control: Control<BottleForm, unknown, FieldValues>;
  /** The lot's pH where it is known. */
  ph: number | undefined;
}

const hotC = 75;

/** How a water was filled, through what, and what was added: what decides how long it keeps. */
export function WaterFields({ control, ph }: Props) {
  const typed = useWatch({ control });
  const { filling = "rinsed", preserved } = waterOfForm(typed);
  const { units } = useAppSelector(selectPreferences);
  const problem = preserved && preservedProblem(preserved, ph);
  return (
    <Fold
      title={t`How clean, and what was added`}
      inside={`${fillingWords[filling]}, ${typed.preservative ? t`preserved` : t`nothing added`}.`}
      wrong={typed.preservative !== "" && preserved === undefined}
    >
      <FormChoice
        control={control}
        name="filling"
        label={t`Filled`}
        options={fillings.map((value) => ({ value, label: fillingWords[value] }))}
      />
      <FormChoice
        control={control}
        name="filtering"
        label={t`Filtered through`}
        options={[
          { value: "", label: t`Nothing` },
          ...filterings.map((value) => ({ value, label: filteringWords[value] })),
        ]}
      />
      <Txt variant="small">
        {t`Hot: bottle and cap boiled for ten minutes, filled above ${roundTemperature(hotC, units)}, closed at once. 0.2 µm takes what lives in the water, into a boiled bottle only.`}
      </Txt>
      <FormSelect
        control={control}
        name="preservative"
        label={t`Preservative`}
        options={[
          { value: "", label: t`None` },
          ...preservativeNames.map((value) => ({ value, label: preservativeLine(value) })),
        ]}
      />
      {typed.preservative ? (
        <FormNumber
          control={control}
          name="preservativePercent"
          label={t`How much of it`}
          choices={[]}
          suffix="%"
          required
        />
      ) : null}
      {problem ? <Notice severity="caution" message={problem} /> : null}
      <Txt variant="small">{t`What may be added, and what a label must say of it, is for your rules on what you make. The label names it.`}</Txt>
    </Fold>
  );
}
