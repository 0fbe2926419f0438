import { zodResolver } from "@hookform/resolvers/zod";
import { useState } from "react";
import { useForm } from "react-hook-form";
import { View } from "react-native";
import { z } from "zod";
import { showBottle, words } from "@/core/units/format";
import { toInput } from "@/core/units/numberInput";
import { type UnitSystem, unitsFor } from "@/core/units/units";
import { t } from "@/language/t";
import { limits } from "@/messages/limits";
import { emptiesLeft } from "@/logbook/shelf/empties";
import { closures, glasses, type Bottle } from "@/records/bottle";
import type { Empty } from "@/records/empty";
import { tellEmpties } from "@/store/acts/tellEmpties";
import { bin } from "@/store/changes";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { selectEmpties } from "@/store/selectors";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { FormChoice, FormNumber } from "@/ui/primitives/form";
import { numberField } from "@/ui/primitives/numberField";
import { Row } from "@/ui/primitives/Row";
import { Sheet } from "@/ui/primitives/Sheet";
import { Txt } from "@/ui/primitives/Txt";
import { closureWords, glassWords } from "@/words/bottleWords";

const schema = z.object({
  size: numberField({ name: t`The size`, ...limits.positive }),
  count: numberField({ name: t`How many`, min: 0, max: 100000 }).refine(Number.isInteger, {
    message: t`How many must be a whole number.`,
  }),
  glass: z.enum(glasses),
  closure: z.enum(closures),
});

/** Empty bottles that wait: bottling proposes from them and counts them down. */
export function Empties({ units }: { units: UnitSystem }) {
  const dispatch = useAppDispatch();
  const empties = useAppSelector(selectEmpties);
  const [editing, setEditing] = useState<Empty | "new">();
  return (
    <View className="gap-2">
      {empties.length === 0 ? (
        <Card>
          <Txt>{t`Enter the empty bottles you have, and Sereno proposes how to fill them.`}</Txt>
        </Card>
      ) : null}
      {empties.map((empty) => (
        <Row
          key={empty.id}
          title={`${emptiesLeft(empty)} × ${words(showBottle(empty.sizeMl, units))}`}
          detail={[
            t`${glassWords[empty.glass]} glass`,
            empty.closure && closureWords[empty.closure],
          ]
            .filter(Boolean)
            .join(" · ")}
          end={
            <View className="flex-row">
              <Button
                look="plain"
                size="small"
                label={t`Change`}
                hint={t`Change the empties of ${words(showBottle(empty.sizeMl, units))}`}
                onPress={() => setEditing(empty)}
              />
              <Button
                look="plain"
                size="small"
                leaves
                label={t`Delete`}
                hint={t`Delete the empties of ${words(showBottle(empty.sizeMl, units))}`}
                onPress={() => dispatch(bin(t`Empty bottles deleted.`, [empty]))}
              />
            </View>
          }
        />
      ))}
      <View className="flex-row">
        <Button
          look="quiet"
          size="small"
          label={t`Add empties`}
          onPress={() => setEditing("new")}
        />
      </View>
      {editing ? (
        <EmptySheet
          empty={editing === "new" ? undefined : editing}
          units={units}
          onClose={() => setEditing(undefined)}
        />
      ) : null}
    </View>
  );
}

function EmptySheet({
  empty,
  units,
  onClose,
}: {
  empty: Empty | undefined;
  units: UnitSystem;
  onClose: () => void;
}) {
  const dispatch = useAppDispatch();
  const choices = unitsFor("volume", units);
  const { control, handleSubmit } = useForm({
    resolver: zodResolver(schema),
    defaultValues: {
      size: toInput(empty?.sizeMl, choices[0] ?? "mL"),
      count: toInput(empty && emptiesLeft(empty), "one"),
      glass: empty?.glass ?? ("amber" as Bottle["glass"]),
      closure: empty?.closure ?? ("cap" as NonNullable<Bottle["closure"]>),
    },
  });
  const save = handleSubmit(({ size, count, glass, closure }) => {
    const told = { sizeMl: size, glass, closure };
    if (dispatch(tellEmpties(empty, told, count)).ok) onClose();
  });
  return (
    <Sheet title={t`Empty bottles`} open onClose={onClose} onSubmit={() => void save()}>
      <FormNumber control={control} name="size" label={t`One holds`} choices={choices} required />
      <FormNumber control={control} name="count" label={t`How many`} choices={[]} required />
      <FormChoice
        control={control}
        name="glass"
        label={t`Glass`}
        options={glasses.map((value) => ({ value, label: glassWords[value] }))}
      />
      <FormChoice
        control={control}
        name="closure"
        label={t`Closure`}
        options={closures.map((value) => ({ value, label: closureWords[value] }))}
      />
      <Button label={t`Save`} onPress={() => void save()} />
    </Sheet>
  );
}
