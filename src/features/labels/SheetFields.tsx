import { View } from "react-native";
import { plainNumber } from "@/core/units/format";
import { type UnitName, type UnitSystem, fromCanonical, unitsFor } from "@/core/units/units";
import { sheetNames, sheets, type SheetName } from "@/exchange/labels/sheets";
import { t } from "@/language/t";
import { Card } from "@/ui/primitives/Card";
import { Check } from "@/ui/primitives/Check";
import { Fold } from "@/ui/primitives/Fold";
import { Notice } from "@/ui/primitives/Notice";
import { NumberField } from "@/ui/primitives/NumberField";
import { Select } from "@/ui/primitives/Select";
import { Txt } from "@/ui/primitives/Txt";
import { fits, sheetNamed, smallest, type ReadSheet, type SheetChoice } from "./sheetChoice";
import { gridFields, paperUnit, typedGrid } from "./sheetForm";

interface Props {
  units: UnitSystem;
  choice: SheetChoice;
  /** The smallest on which all fits. */
  proposed: SheetName;
  problems: ReadSheet["problems"];
  onChange: (part: Partial<SheetChoice>) => void;
}

const a4HeightMm = 297;

/** Which sheet, where on it the first label goes, and how a printer that feeds askew is set right. */
export function SheetFields({ units, choice, proposed, problems, onChange }: Props) {
  const fitted = fits.find(({ value }) => value === choice.sheet)?.value;
  const nudged = [choice.nudgeX, choice.nudgeY].some(({ text }) => Number(text) !== 0);
  const place = (name: "start" | "nudgeX" | "nudgeY", label: string, choices: UnitName[]) => (
    <NumberField
      label={label}
      value={choice[name]}
      choices={choices}
      onChange={(next) => onChange({ [name]: next })}
      problem={problems[name]}
    />
  );
  return (
    <View className="gap-4">
      <View className="gap-1">
        <Select
          label={t`Sheet`}
          options={[
            { value: smallest, label: t`Smallest that fits` },
            ...sheetNames.map((value) => ({
              value: value as string,
              label: sheetLabel(value, units),
            })),
            ...fits.map(({ value, label }) => ({ value: value as string, label })),
            { value: "own", label: t`A grid of my own` },
          ]}
          value={
            choice.own
              ? "own"
              : choice.sheet === smallest
                ? smallest
                : (fitted ?? sheetNamed(choice.sheet))
          }
          onChange={(next) =>
            next === "own"
              ? onChange({
                  own: true,
                  grid: typedGrid(
                    choice.sheet === smallest ? proposed : sheetNamed(choice.sheet),
                    units,
                  ),
                })
              : onChange({ own: false, sheet: next })
          }
        />
        {!choice.own && choice.sheet === smallest ? (
          <Txt variant="small">{sheetLabel(proposed, units)}</Txt>
        ) : null}
      </View>
      {choice.own ? (
        <Card className="gap-3">
          <View className="flex-row flex-wrap gap-3">
            {gridFields.map(({ name, label, length }) => (
              <View key={name} className="min-w-[140px] flex-1">
                <NumberField
                  label={label}
                  value={choice.grid[name]}
                  choices={length ? unitsFor("length", units) : []}
                  onChange={(next) => onChange({ grid: { ...choice.grid, [name]: next } })}
                />
              </View>
            ))}
          </View>
          {problems.grid ? <Notice severity="caution" message={problems.grid} /> : null}
        </Card>
      ) : null}
      {place("start", t`First label goes to place`, [])}
      <Fold
        title={t`If the print sits askew`}
        inside={t`Nudge it right or down, cut marks at the corners`}
        filled={choice.cutMarks || nudged}
        wrong={problems.nudgeX !== undefined || problems.nudgeY !== undefined}
      >
        <View className="flex-row gap-3">
          {place("nudgeX", t`Nudge right`, unitsFor("length", units))}
          {place("nudgeY", t`Nudge down`, unitsFor("length", units))}
        </View>
        <Check
          label={t`Cut marks at the corners`}
          checked={choice.cutMarks}
          onChange={(cutMarks) => onChange({ cutMarks })}
        />
      </Fold>
    </View>
  );
}

function sheetLabel(name: SheetName, units: UnitSystem): string {
  const { width, height, columns, rows, pageHeight } = sheets[name];
  const paper = pageHeight === a4HeightMm ? "A4" : t`Letter`;
  const count = columns * rows;
  const size = `${onPaper(width, units)} × ${onPaper(height, units)} ${paperUnit[units]}`;
  return name.endsWith("tags")
    ? t`${paper}: ${count} neck tags, ${size}`
    : t`${paper}: ${count} labels, ${size}`;
}

function onPaper(mm: number, system: UnitSystem): string {
  return plainNumber(
    Number(fromCanonical(mm, paperUnit[system]).toFixed(system === "metric" ? 1 : 2)),
  );
}
