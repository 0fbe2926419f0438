import { View } from "react-native";
import { type UnitName, type UnitSystem, unitsFor } from "@/core/units/units";
import { plural, t } from "@/language/t";
import { pastStops } from "@/records/run";
import { emptyReading, type PastForm, type PastReading } from "@/logbook/past/pastForm";
import type { PastProblems } from "@/logbook/past/readPastForm";
import { Button } from "@/ui/primitives/Button";
import { Fold } from "@/ui/primitives/Fold";
import { NumberField } from "@/ui/primitives/NumberField";
import { Select } from "@/ui/primitives/Select";
import { TextField } from "@/ui/primitives/TextField";
import { pastStopWords } from "@/words/pastWords";

interface Props {
  form: PastForm;
  problems: PastProblems;
  units: UnitSystem;
  onChange: (part: Partial<PastForm>) => void;
}

const mostReadings = 40;

/** What some have noted too: water, jars, how it was stopped, look and smell, readings. */
export function PastDetails({ form, problems, units, onChange }: Props) {
  const setReading = (at: number, part: Partial<PastReading>) =>
    onChange({
      readings: form.readings.map((reading, i) => (i === at ? { ...reading, ...part } : reading)),
    });
  return (
    <>
      <Fold
        title={t`Water, jars, how it was stopped`}
        inside={t`Leave it closed if you did not note them.`}
        filled={Boolean(form.water || form.jars) || form.stopped !== "unknown"}
      >
        <View className="flex-row gap-3">
          <NumberField
            label={t`Water in the pot`}
            value={{ text: form.water, unit: form.waterUnit as UnitName }}
            choices={unitsFor("volume", units)}
            problem={problems.water}
            onChange={({ text, unit }) => onChange({ water: text, waterUnit: unit })}
          />
          <NumberField
            label={t`Jars`}
            value={{ text: form.jars, unit: "one" }}
            choices={[]}
            problem={problems.jars}
            onChange={({ text }) => onChange({ jars: text })}
          />
        </View>
        <Select
          label={t`It was stopped`}
          options={pastStops.map((value) => ({ value, label: pastStopWords[value] }))}
          value={form.stopped}
          onChange={(stopped) => onChange({ stopped })}
        />
      </Fold>
      <Fold
        title={t`Look, smell, note`}
        inside={form.note || form.look || form.smell || t`What the oil was like, what to change.`}
        filled={Boolean(form.look || form.smell || form.note)}
      >
        <View className="flex-row gap-3">
          <TextField label={t`Look`} value={form.look} onChange={(look) => onChange({ look })} />
          <TextField
            label={t`Smell`}
            value={form.smell}
            onChange={(smell) => onChange({ smell })}
          />
        </View>
        <TextField
          label={t`Note`}
          value={form.note}
          lines={3}
          maxLength={5000}
          onChange={(note) => onChange({ note })}
        />
      </Fold>
      <Fold
        title={t`Readings`}
        inside={
          form.readings.length > 0
            ? plural(form.readings.length, { one: "# reading", other: "# readings" })
            : t`Distillate, head or oil at a time.`
        }
        filled={form.readings.length > 0}
      >
        {form.readings.map((reading, i) => (
          <View key={i} className="flex-row flex-wrap items-end gap-2">
            {readingFields.map(({ name, label }) => (
              <View key={name} className="min-w-[120px] flex-1">
                <TextField
                  label={t`${label}, reading ${i + 1}`}
                  value={reading[name]}
                  maxLength={40}
                  placeholder={placeholderOf(name, form)}
                  problem={problems[`readings.${i}.${name}`]}
                  onChange={(text) => setReading(i, { [name]: text })}
                />
              </View>
            ))}
            <Button
              look="plain"
              size="small"
              leaves
              label={t`Remove`}
              hint={t`Remove reading ${i + 1}`}
              onPress={() => onChange({ readings: form.readings.filter((_, at) => at !== i) })}
            />
          </View>
        ))}
        <View className="flex-row">
          <Button
            look="quiet"
            size="small"
            label={t`Add reading`}
            disabled={form.readings.length >= mostReadings}
            onPress={() => onChange({ readings: [...form.readings, emptyReading] })}
          />
        </View>
      </Fold>
    </>
  );
}

const readingFields = [
  { name: "time", label: t`When` },
  { name: "distillate", label: t`Distillate` },
  { name: "head", label: t`Head` },
  { name: "oil", label: t`Oil` },
] as const;

function placeholderOf(name: keyof PastReading, form: PastForm): string {
  if (name === "time") return t`e.g. 10:20`;
  if (name === "head") return t`°C or °F`;
  return name === "oil" ? form.oilUnit : form.hydrosolUnit;
}
