import { View } from "react-native";
import { showMass, words } from "@/core/units/format";
import { type UnitSystem, unitsFor } from "@/core/units/units";
import { t } from "@/language/t";
import type { Measure } from "@/records/measure";
import { Choice } from "@/ui/primitives/Choice";
import { NumberField } from "@/ui/primitives/NumberField";
import { Select } from "@/ui/primitives/Select";
import { TextField } from "@/ui/primitives/TextField";
import { Txt } from "@/ui/primitives/Txt";
import type { MassRead, MassTold } from "./massOf";

interface Props {
  told: MassTold;
  read: MassRead;
  /** It was tried: what is missing is said. */
  tried: boolean;
  /** Those that are for this plant. */
  measures: readonly Measure[];
  units: UnitSystem;
  onChange: (part: Partial<MassTold>) => void;
}

/** A mass on the scale, or counted in handfuls, bundles, baskets that were weighed once. */
export function MassFields({ told, read, tried, measures, units, onChange }: Props) {
  const choices = unitsFor("plantMass", units);
  const problems = tried && !read.ok ? read.problems : {};
  const isNew = !measures.some(({ id }) => id === told.measureId);
  return (
    <View className="gap-3">
      <Choice
        label={t`How much`}
        shown
        options={[
          { value: "scale", label: t`Weighed` },
          { value: "measure", label: t`Counted` },
        ]}
        value={told.by}
        onChange={(by) => onChange({ by })}
      />
      {told.by === "scale" ? (
        <NumberField
          label={t`All of it weighs`}
          value={told.mass}
          choices={choices}
          problem={problems.mass}
          onChange={(mass) => onChange({ mass })}
          large
        />
      ) : (
        <>
          <View className="flex-row gap-3">
            <NumberField
              label={t`How many`}
              value={told.count}
              choices={[]}
              problem={problems.count}
              onChange={(count) => onChange({ count })}
              large
            />
            <Select
              label={t`Of what`}
              options={[
                ...measures.map(({ id, name, massG }) => ({
                  value: id,
                  label: `${name}, ${words(showMass(massG, units))}`,
                })),
                { value: "", label: t`Something new` },
              ]}
              value={isNew ? "" : told.measureId}
              onChange={(measureId) => onChange({ measureId })}
            />
          </View>
          {isNew ? (
            <>
              <TextField
                label={t`What is counted`}
                value={told.newName}
                placeholder={t`handful, bundle, basket, stem`}
                problem={problems.name}
                maxLength={200}
                onChange={(newName) => onChange({ newName })}
              />
              <NumberField
                label={t`One weighs`}
                value={told.newMass}
                choices={choices}
                problem={problems.each}
                onChange={(newMass) => onChange({ newMass })}
                help={t`Weigh one once; from then on just count.`}
              />
            </>
          ) : null}
          {read.ok ? (
            <Txt variant="strong">{t`That is ${words(showMass(read.massG, units))}.`}</Txt>
          ) : null}
        </>
      )}
    </View>
  );
}
