import { View } from "react-native";
import { type UnitName, type UnitSystem, unitsFor } from "@/core/units/units";
import { t } from "@/language/t";
import type { PastForm } from "@/logbook/past/pastForm";
import type { PastProblems, PastRead } from "@/logbook/past/readPastForm";
import { useAppSelector } from "@/store/hooks";
import { usePlantOptions } from "@/store/usePlantOptions";
import { selectStills } from "@/store/selectors";
import { Card } from "@/ui/primitives/Card";
import { Choice } from "@/ui/primitives/Choice";
import { Combobox } from "@/ui/primitives/Combobox";
import { MomentField } from "@/ui/primitives/MomentField";
import { NumberField } from "@/ui/primitives/NumberField";
import { TextField } from "@/ui/primitives/TextField";
import { Txt } from "@/ui/primitives/Txt";
import { methodWords } from "@/words/methodWords";
import { stateWords } from "@/words/stateWords";
import { examplePlant } from "@/words/examplePlant";

interface Props {
  form: PastForm;
  read: PastRead;
  problems: PastProblems;
  units: UnitSystem;
  onChange: (part: Partial<PastForm>) => void;
}

/** What nearly everybody knows of a run that is over: day, plant, weight, what it gave, and the times. */
export function PastFields({ form, read, problems, units, onChange }: Props) {
  const stills = useAppSelector(selectStills);
  const plants = usePlantOptions();
  return (
    <>
      <Card className="gap-3">
        <MomentField
          label={t`Day`}
          kind="day"
          value={form.day}
          onChange={(day) => onChange({ day })}
          problem={problems.day}
          required
        />
        <Combobox
          label={t`Plant`}
          placeholder={t`e.g. lavender`}
          options={plants}
          value={form.plantId}
          onChange={(plantId) => onChange({ plantId, state: "", method: "" })}
          problem={problems.plantId}
        />
        {read.plant && read.states.length > 1 ? (
          <Choice
            label={t`State`}
            options={read.states.map((value) => ({ value, label: stateWords[value] }))}
            value={read.state}
            onChange={(state) => onChange({ state })}
          />
        ) : null}
        <NumberField
          label={t`Plant weight`}
          value={{ text: form.mass, unit: form.massUnit as UnitName }}
          choices={unitsFor("plantMass", units)}
          problem={problems.mass}
          placeholder={examplePlant[units]}
          help={t`Leave it empty if you had no scale.`}
          onChange={({ text, unit }) => onChange({ mass: text, massUnit: unit })}
        />
        {stills.length > 1 ? (
          <Choice
            label={t`Still`}
            shown
            options={stills.map(({ id, name }) => ({ value: id, label: name }))}
            value={read.still?.id}
            onChange={(stillId) => onChange({ stillId, method: "" })}
          />
        ) : null}
        {read.methods.length > 1 ? (
          <Choice
            label={t`Method`}
            shown
            options={read.methods.map((value) => ({ value, label: methodWords[value] }))}
            value={read.method}
            onChange={(method) => onChange({ method })}
          />
        ) : null}
      </Card>
      <Card className="gap-3">
        <Txt variant="heading">{t`What it gave`}</Txt>
        <View className="flex-row gap-3">
          <NumberField
            label={t`Oil`}
            value={{ text: form.oil, unit: form.oilUnit as UnitName }}
            choices={unitsFor("oilVolume", units)}
            problem={problems.oil}
            onChange={({ text, unit }) => onChange({ oil: text, oilUnit: unit })}
          />
          <NumberField
            label={t`Hydrosol`}
            value={{ text: form.hydrosol, unit: form.hydrosolUnit as UnitName }}
            choices={unitsFor("volume", units)}
            problem={problems.hydrosol}
            onChange={({ text, unit }) => onChange({ hydrosol: text, hydrosolUnit: unit })}
          />
        </View>
        <Txt variant="small">{t`Leave empty what you did not measure. No visible oil? Enter 0.`}</Txt>
      </Card>
      <Card className="gap-3">
        <Txt variant="heading">{t`Times, if you know them`}</Txt>
        <View className="flex-row flex-wrap gap-3">
          {times.map(({ name, label, placeholder }) => (
            <View key={name} className="min-w-[140px] flex-1">
              <TextField
                label={label}
                value={form[name]}
                placeholder={placeholder}
                problem={problems[name]}
                maxLength={40}
                onChange={(text) => onChange({ [name]: text })}
              />
            </View>
          ))}
        </View>
        <Txt variant="small">{t`Clock times or lengths: “10:15”, or “35 min” after the step before it. Only “70 min” at heat off says how long it ran.`}</Txt>
      </Card>
    </>
  );
}

const times = [
  { name: "heatOn", label: t`Heat on`, placeholder: t`e.g. 9:40` },
  { name: "firstDrop", label: t`First drop`, placeholder: t`e.g. 35 min` },
  { name: "heatOff", label: t`Heat off`, placeholder: t`e.g. 70 min` },
] as const;
