import type { Control } from "react-hook-form";
import { t } from "@/language/t";
import { Card } from "@/ui/primitives/Card";
import { FormText } from "@/ui/primitives/form";
import { Txt } from "@/ui/primitives/Txt";
import type { PlantForm, PlantFormRead } from "./plantForm";

/** What is told of a plant beside its figures: its hydrosol, its cautions, and how figures of one's own are found. */
export function ToldOfPlant({ control }: { control: Control<PlantForm, unknown, PlantFormRead> }) {
  return (
    <>
      <Card className="gap-3">
        <Txt variant="heading">{t`Its hydrosol`}</Txt>
        <FormText control={control} name="hydrosolLook" label={t`Look and smell of the hydrosol`} />
        <FormText control={control} name="hydrosolWorth" label={t`What it is worth keeping for`} />
      </Card>
      <Card className="gap-3">
        <Txt variant="heading">{t`Cautions`}</Txt>
        <FormText
          control={control}
          name="hazards"
          label={t`One on each line`}
          lines={4}
          maxLength={6000}
          help={t`On skin, in the sun, in pregnancy, near children and pets; plants it is mistaken for.`}
        />
        <FormText
          control={control}
          name="source"
          label={t`Where the figures come from`}
          lines={2}
          maxLength={300}
        />
      </Card>
      <Card className="gap-2">
        <Txt variant="heading">{t`How to find them`}</Txt>
        <Txt>{t`Oil: what your own runs gave, the poor years as low and the good ones as high. Water: weigh a handful, dry it until crisp, weigh it again. Packing: fill a bucket as you fill the basket, and weigh it.`}</Txt>
      </Card>
    </>
  );
}
