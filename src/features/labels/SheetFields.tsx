import { View } from "react-native";
import { sheetNames, sheets, type SheetName } from "@/exchange/labels/sheets";
import { Card } from "@/ui/primitives/Card";
import { Check } from "@/ui/primitives/Check";
import { Notice } from "@/ui/primitives/Notice";
import { NumberField } from "@/ui/primitives/NumberField";
import { Select } from "@/ui/primitives/Select";
import { fits, sheetNamed, smallest, type ReadSheet, type SheetChoice } from "./sheetChoice";
import { gridFields, typedGrid } from "./sheetForm";

interface Props {
  choice: SheetChoice;
  /** The smallest on which all fits. */
  proposed: SheetName;
  problems: ReadSheet["problems"];
  onChange: (part: Partial<SheetChoice>) => void;
}

const a4HeightMm = 297;

/** Which sheet, where on it the first label goes, and how a printer that feeds askew is set right. */
export function SheetFields({ choice, proposed, problems, onChange }: Props) {
  const fitted = fits.find(({ value }) => value === choice.sheet)?.value;
  const place = (name: "start" | "nudgeX" | "nudgeY", label: string, suffix?: string) => (
    <NumberField
      label={label}
      value={choice[name]}
      choices={[]}
      {...(suffix ? { suffix } : {})}
      onChange={(next) => onChange({ [name]: next })}
      problem={problems[name]}
    />
  );
  return (
    <>
      <Select
        label="Sheet"
        options={[
          { value: smallest, label: `Smallest that fits: ${sheetLabel(proposed)}` },
          ...sheetNames.map((value) => ({ value: value as string, label: sheetLabel(value) })),
          ...fits.map(({ value, label }) => ({ value: value as string, label })),
          { value: "own", label: "A grid of my own" },
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
                grid: typedGrid(choice.sheet === smallest ? proposed : sheetNamed(choice.sheet)),
              })
            : onChange({ own: false, sheet: next })
        }
      />
      {choice.own ? (
        <Card className="gap-3">
          <View className="flex-row flex-wrap gap-3">
            {gridFields.map(({ name, label, suffix }) => (
              <View key={name} className="min-w-[140px] flex-1">
                <NumberField
                  label={label}
                  value={choice.grid[name]}
                  choices={[]}
                  suffix={suffix}
                  onChange={(next) => onChange({ grid: { ...choice.grid, [name]: next } })}
                />
              </View>
            ))}
          </View>
          {problems.grid ? <Notice severity="caution" message={problems.grid} /> : null}
        </Card>
      ) : null}
      <View className="flex-row gap-3">
        {place("start", "First label goes to place")}
        {place("nudgeX", "Nudge right", "mm")}
        {place("nudgeY", "Nudge down", "mm")}
      </View>
      <Check
        label="Cut marks at the corners"
        checked={choice.cutMarks}
        onChange={(cutMarks) => onChange({ cutMarks })}
      />
    </>
  );
}

function sheetLabel(name: SheetName): string {
  const { width, height, columns, rows, pageHeight } = sheets[name];
  const paper = pageHeight === a4HeightMm ? "A4" : "Letter";
  const kind = name.endsWith("tags") ? "neck tags" : "labels";
  return `${paper}: ${columns * rows} ${kind}, ${width} × ${height} mm`;
}
