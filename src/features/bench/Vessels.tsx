import { zodResolver } from "@hookform/resolvers/zod";
import { useState } from "react";
import { useForm, useWatch } from "react-hook-form";
import { View } from "react-native";
import { showLength, showVolume, words } from "@/core/units/format";
import { volumeBelow } from "@/core/separation/vessel";
import { type VesselKind, insideOf, vesselKinds } from "@/core/separation/vesselKinds";
import { type UnitSystem, unitsFor } from "@/core/units/units";
import { t } from "@/language/t";
import { newRecord } from "@/records/base";
import type { Vessel } from "@/records/vessel";
import { addNew } from "@/store/acts/addNew";
import { bin } from "@/store/changes";
import { useAppDispatch } from "@/store/hooks";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { FormNumber, FormSelect, FormText } from "@/ui/primitives/form";
import { Row } from "@/ui/primitives/Row";
import { Sheet } from "@/ui/primitives/Sheet";
import { Txt } from "@/ui/primitives/Txt";
import { vesselFormDefaults, vesselFormSchema, vesselFromForm } from "./vesselForm";
import { vesselWords } from "@/words/vesselWords";

/** The vessels in which oil and hydrosol part, each measured once. */
export function Vessels({ vessels, units }: { vessels: readonly Vessel[]; units: UnitSystem }) {
  const dispatch = useAppDispatch();
  const [adding, setAdding] = useState(false);
  return (
    <View className="gap-2">
      {vessels.length === 0 ? (
        <Card>
          <Txt>{t`Measure each tube, funnel or jar once. Separate then shows how thick a run's oil stands in it, and which of them loses least.`}</Txt>
        </Card>
      ) : null}
      {vessels.map((vessel) => (
        <Row
          key={vessel.id}
          title={vessel.name}
          detail={detailOf(vessel, units)}
          end={
            <Button
              look="plain"
              size="small"
              leaves
              label={t`Delete`}
              hint={t`Delete ${vessel.name}`}
              onPress={() => dispatch(bin(t`${vessel.name} deleted.`, [vessel]))}
            />
          }
        />
      ))}
      <View className="flex-row">
        <Button
          look="quiet"
          size="small"
          label={t`Add a vessel`}
          opens
          onPress={() => setAdding(true)}
        />
      </View>
      {adding ? <VesselSheet units={units} onClose={() => setAdding(false)} /> : null}
    </View>
  );
}

function detailOf(vessel: Vessel, units: UnitSystem): string {
  const inside = insideOf(vessel);
  return t`${vesselWords[vessel.vessel]} · ${words(showLength(vessel.diameterMm, units))} across, ${words(showLength(vessel.heightMm, units))} high · ${words(showVolume(volumeBelow(inside, vessel.heightMm), units))}`;
}

function VesselSheet({ units, onClose }: { units: UnitSystem; onClose: () => void }) {
  const dispatch = useAppDispatch();
  const choices = unitsFor("length", units);
  const unit = choices[0] ?? "mm";
  const { control, handleSubmit, setValue } = useForm({
    resolver: zodResolver(vesselFormSchema),
    defaultValues: vesselFormDefaults("tube", unit),
  });
  const kind = useWatch({ control, name: "vessel" });
  const save = handleSubmit((form) => {
    const kept = dispatch(
      addNew([{ ...newRecord("vessel", new Date()), ...vesselFromForm(form) }]),
    );
    if (kept.ok) onClose();
  });
  return (
    <Sheet title={t`A vessel`} open onClose={onClose} onSubmit={() => void save()}>
      <FormText control={control} name="name" label={t`Name`} placeholder={t`tall tube`} required />
      <FormSelect
        control={control}
        name="vessel"
        label={t`What it is`}
        options={vesselKinds.map((value) => ({ value, label: vesselWords[value] }))}
        onChosen={(value) => {
          const { diameter, height } = vesselFormDefaults(value as VesselKind, unit);
          setValue("diameter", diameter);
          setValue("height", height);
        }}
      />
      <View className="flex-row gap-3">
        <FormNumber
          control={control}
          name="diameter"
          label={t`Widest, inside`}
          choices={choices}
          required
        />
        <FormNumber
          control={control}
          name="height"
          label={t`Inner height`}
          choices={choices}
          required
        />
      </View>
      {kind === "twoArm" || kind === "twoArmHeavy" ? (
        <View className="flex-row gap-3">
          <FormNumber
            control={control}
            name="step"
            label={t`Between the lips`}
            choices={choices}
            placeholder={t`usual ${words(showLength(4, units))}`}
          />
          <FormNumber
            control={control}
            name="arm"
            label={t`Arm that gathers oil`}
            choices={choices}
            placeholder={t`as high as it is`}
          />
        </View>
      ) : null}
      <Button label={t`Save`} onPress={() => void save()} />
    </Sheet>
  );
}
