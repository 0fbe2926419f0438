import { type Control, useWatch } from "react-hook-form";
import { View } from "react-native";
import { t } from "@/language/t";
import type { PlantBook } from "@/logbook/plant/plantBook";
import { Card } from "@/ui/primitives/Card";
import { FormSelect, FormText } from "@/ui/primitives/form";
import { Txt } from "@/ui/primitives/Txt";
import { plantInSentence } from "@/words/plantInSentence";
import { NotAtHome } from "./NotAtHome";
import type { PlantForm, PlantFormRead } from "./plantForm";

interface Props {
  control: Control<PlantForm, unknown, PlantFormRead>;
  book: PlantBook;
  onLike: (chosen: string) => void;
}

/** What a plant of one's own is called, and which plant of the book it is like. */
export function WhichPlant({ control, book, onLike }: Props) {
  const likeness = book.byId(useWatch({ control, name: "like" }));
  return (
    <Card className="gap-3">
      <FormSelect
        control={control}
        name="like"
        label={t`Begin with the figures of`}
        options={book.all
          .filter(({ origin }) => origin === "catalogue")
          .map(({ id, name, part }) => ({ value: id, label: `${name}, ${part}` }))}
        onChosen={onLike}
      />
      <Txt variant="small">
        {likeness ? t`What you leave empty is like ${plantInSentence(likeness.name)}.` : null}
      </Txt>
      <FormText control={control} name="name" label={t`Name`} placeholder={t`Plant`} required />
      <FormText control={control} name="botanicalName" label={t`Botanical name`} />
      <NotAtHome control={control} />
      <View className="flex-row gap-3">
        <FormText control={control} name="part" label={t`Part`} placeholder={t`leaves`} required />
        <FormText
          control={control}
          name="code"
          label={t`Two letters for lot codes`}
          placeholder="AB"
          required
        />
      </View>
    </Card>
  );
}
