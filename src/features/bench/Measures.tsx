import { zodResolver } from "@hookform/resolvers/zod";
import { useState } from "react";
import { Controller, useForm } from "react-hook-form";
import { View } from "react-native";
import { z } from "zod";
import { showMass, words } from "@/core/units/format";
import { toInput } from "@/core/units/numberInput";
import { type UnitSystem, unitsFor } from "@/core/units/units";
import { t } from "@/language/t";
import { newRecord } from "@/records/base";
import { limits } from "@/messages/limits";
import type { Measure } from "@/records/measure";
import { addNew } from "@/store/acts/addNew";
import { bin } from "@/store/changes";
import { useAppDispatch } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { FormNumber, FormText } from "@/ui/primitives/form";
import { numberField } from "@/ui/primitives/numberField";
import { Row } from "@/ui/primitives/Row";
import { Select } from "@/ui/primitives/Select";
import { Sheet } from "@/ui/primitives/Sheet";
import { Txt } from "@/ui/primitives/Txt";
import { plantInSentence } from "@/words/plantInSentence";

const schema = z.object({
  name: z
    .string()
    .trim()
    .min(1, t`Give the measure a name: basketful, handful, bundle.`)
    .max(200),
  mass: numberField({ name: t`Its weight`, ...limits.positive, remedy: t`Weigh one.` }),
  plantId: z.string(),
});

/** Things that are filled rather than weighed, each weighed once. */
export function Measures({ measures, units }: { measures: readonly Measure[]; units: UnitSystem }) {
  const plantBook = usePlantBook();
  const dispatch = useAppDispatch();
  const [adding, setAdding] = useState(false);
  return (
    <View className="gap-2">
      {measures.length === 0 ? (
        <Card>
          <Txt>{t`A basketful, a bundle, a handful: weigh one once, and from then on just count.`}</Txt>
        </Card>
      ) : null}
      {measures.map((measure) => (
        <Row
          key={measure.id}
          title={measure.name}
          detail={
            measure.plantId
              ? t`${words(showMass(measure.massG, units))} of ${plantInSentence(plantBook.byId(measure.plantId)?.name ?? measure.plantId)}`
              : words(showMass(measure.massG, units))
          }
          end={
            <Button
              look="plain"
              size="small"
              leaves
              label={t`Delete`}
              hint={t`Delete ${measure.name}`}
              onPress={() => dispatch(bin(t`${measure.name} deleted.`, [measure]))}
            />
          }
        />
      ))}
      <View className="flex-row">
        <Button
          look="quiet"
          size="small"
          label={t`Add a measure`}
          opens
          onPress={() => setAdding(true)}
        />
      </View>
      {adding ? <MeasureSheet units={units} onClose={() => setAdding(false)} /> : null}
    </View>
  );
}

function MeasureSheet({ units, onClose }: { units: UnitSystem; onClose: () => void }) {
  const plantBook = usePlantBook();
  const dispatch = useAppDispatch();
  const choices = unitsFor("plantMass", units);
  const { control, handleSubmit } = useForm({
    resolver: zodResolver(schema),
    defaultValues: { name: "", mass: toInput(undefined, choices[0] ?? "g"), plantId: "" },
  });
  const save = handleSubmit(({ name, mass, plantId }) => {
    const kept = dispatch(
      addNew([
        {
          ...newRecord("measure", new Date()),
          name,
          massG: mass,
          ...(plantId ? { plantId } : {}),
        },
      ]),
    );
    if (kept.ok) onClose();
  });
  return (
    <Sheet title={t`A measure`} open onClose={onClose} onSubmit={() => void save()}>
      <FormText control={control} name="name" label={t`Name`} placeholder={t`basketful`} required />
      <FormNumber control={control} name="mass" label={t`One weighs`} choices={choices} required />
      <Controller
        control={control}
        name="plantId"
        render={({ field }) => (
          <Select
            label={t`Of which plant`}
            options={[
              { value: "", label: t`Any` },
              ...plantBook.all.map(({ id, name }) => ({ value: id, label: name })),
            ]}
            value={field.value}
            onChange={field.onChange}
          />
        )}
      />
      <Button label={t`Save`} onPress={() => void save()} />
    </Sheet>
  );
}
