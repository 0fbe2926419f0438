import { View } from "react-native";
import { fixed, showDensity, words } from "@/core/units/format";
import { volumeBelow } from "@/core/separation/vessel";
import { type NumberInput, type NumberRange, readNumber, toInput } from "@/core/units/numberInput";
import { type UnitSystem, unitsFor } from "@/core/units/units";
import { usualDropsPerMl } from "@/core/yield/convert";
import { t } from "@/language/t";
import { limits } from "@/messages/limits";
import { changePreferences } from "@/store/changes";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { selectPreferences } from "@/store/selectors";
import { useKept } from "@/store/useKept";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Choice } from "@/ui/primitives/Choice";
import { NumberField } from "@/ui/primitives/NumberField";
import { Txt } from "@/ui/primitives/Txt";
import { LayerPicture, type FromPicture } from "./LayerPicture";
import type { VesselsOfRun } from "./useVesselsOfRun";

interface Props {
  runId: string;
  vessels: Pick<VesselsOfRun, "chosen">;
  densityGPerMl: number;
  units: UnitSystem;
  /** The oil it comes to, mL. */
  onMeasured: (oilMl: number, from?: FromPicture) => void;
  /** The density a weighed volume comes to, g/mL. */
  onDensity: (gPerMl: number) => void;
}

const ways = [
  { value: "weight", label: t`By weight` },
  { value: "drops", label: t`By drops` },
  { value: "height", label: t`By its height in a tube` },
  { value: "picture", label: t`From a picture` },
  { value: "density", label: t`Its density, by weighing` },
] as const;
type Way = (typeof ways)[number]["value"];

/** Oil by weight, drops, height or a picture, and its density by a weighed volume: worked out and put into its field. */
export function OilAnotherWay({
  runId,
  vessels,
  densityGPerMl,
  units,
  onMeasured,
  onDensity,
}: Props) {
  const dispatch = useAppDispatch();
  const { dropsPerMl: own } = useAppSelector(selectPreferences);
  const [typed, change] = useKept(`oilWay/${runId}`, {
    by: "",
    weight: toInput(undefined, "g"),
    height: toInput(undefined, lengthUnit(units)),
    across: toInput(undefined, lengthUnit(units)),
    drops: toInput(undefined, "one"),
    weighedDrops: toInput(undefined, "one"),
    dropsWeigh: toInput(undefined, "g"),
    volume: toInput(undefined, "mL"),
    volumeWeighs: toInput(undefined, "g"),
  });
  const by = ways.find(({ value }) => value === typed.by)?.value;
  const weights = units === "metric" ? (["g"] as const) : (["g", "oz"] as const);

  /** A field of this card by its key. */
  type Key = Exclude<keyof typeof typed, "by">;
  const value = (key: Key) => {
    const read = readNumber(typed[key], ranges[key]);
    return read.ok ? read.value : undefined;
  };
  const field = (
    key: Key,
    label: string,
    choices: Parameters<typeof NumberField>[0]["choices"],
  ) => (
    <NumberField
      key={key}
      label={label}
      value={typed[key]}
      onChange={(next: NumberInput) => change({ [key]: next })}
      choices={choices}
      problem={problemOf(typed[key], ranges[key])}
    />
  );

  const weighed = ownDropper(value("weighedDrops"), value("dropsWeigh"), densityGPerMl);
  const dropper = weighed ?? own ?? usualDropsPerMl;
  const oilMl = oilBy(by, value, densityGPerMl, dropper);
  const density = by === "density" ? ratio(value("volumeWeighs"), value("volume")) : undefined;
  return (
    <Card className="gap-3">
      <Choice
        label={t`Measured another way`}
        shown
        options={[...ways]}
        value={by}
        onChange={(way) => change({ by: way })}
      />
      {by === "weight" ? field("weight", t`Oil weighs`, [...weights]) : null}
      {by === "height" ? (
        <View className="flex-row gap-3">
          {field("height", t`Layer stands high`, unitsFor("length", units))}
          {field("across", t`Tube, inside across`, unitsFor("length", units))}
        </View>
      ) : null}
      {by === "drops" ? (
        <>
          {field("drops", t`Drops of oil`, [])}
          <Txt variant="small">
            {own === undefined
              ? t`A usual dropper makes ${usualDropsPerMl} drops a millilitre. Weigh some drops of this oil once, and yours is known:`
              : t`Your dropper makes ${fixed(own, 1)} drops a millilitre. Weigh again:`}
          </Txt>
          <View className="flex-row gap-3">
            {field("weighedDrops", t`So many drops`, [])}
            {field("dropsWeigh", "weigh", [...weights])}
          </View>
        </>
      ) : null}
      {by === "picture" ? (
        <LayerPicture runId={runId} vessels={vessels} units={units} onMeasured={onMeasured} />
      ) : null}
      {by === "density" ? (
        <View className="flex-row gap-3">
          {field("volume", t`So much oil`, ["mL"])}
          {field("volumeWeighs", "weighs", [...weights])}
        </View>
      ) : null}
      {oilMl === undefined ? null : (
        <>
          <Txt>{cameTo(oilMl, by, densityGPerMl, dropper)}</Txt>
          <Button
            look="quiet"
            label={t`Use as the oil`}
            onPress={() => {
              if (by === "drops" && weighed !== undefined)
                dispatch(changePreferences({ dropsPerMl: weighed }));
              onMeasured(oilMl);
            }}
          />
        </>
      )}
      {density === undefined ? null : (
        <>
          <Txt>{t`That is ${words(showDensity(density, units))}; such an oil should have about ${fixed(densityGPerMl, 3)}.`}</Txt>
          {inRange(density, limits.oilDensity) ? (
            <Button look="quiet" label={t`Use as its density`} onPress={() => onDensity(density)} />
          ) : (
            <Txt variant="small">{t`No oil is so light or so heavy: look at volume and weight.`}</Txt>
          )}
        </>
      )}
    </Card>
  );
}

const ranges = {
  weight: { name: t`The weight`, ...limits.amount },
  height: { name: t`The height`, ...limits.vesselMm },
  across: { name: t`The inner width`, ...limits.vesselMm },
  drops: { name: t`The drops`, ...limits.amount },
  weighedDrops: { name: t`The drops`, min: 5, max: 1000, remedy: t`Ten or twenty are enough.` },
  dropsWeigh: { name: t`Their weight`, ...limits.positive },
  volume: { name: t`The volume`, ...limits.positive },
  volumeWeighs: { name: t`The weight`, ...limits.positive },
} satisfies Record<string, NumberRange>;

function problemOf(input: NumberInput, range: NumberRange): string | undefined {
  const read = readNumber(input, range);
  return input.text && !read.ok ? read.problem : undefined;
}

/** Drops a millilitre of a dropper of which some drops were weighed; undefined where that cannot be. */
function ownDropper(
  drops: number | undefined,
  weighG: number | undefined,
  densityGPerMl: number,
): number | undefined {
  const perMl = ratio(drops === undefined ? undefined : drops * densityGPerMl, weighG);
  return perMl !== undefined && inRange(perMl, limits.dropsPerMl) ? perMl : undefined;
}

function oilBy(
  by: Way | undefined,
  value: (key: "weight" | "drops" | "height" | "across") => number | undefined,
  densityGPerMl: number,
  dropsPerMl: number,
): number | undefined {
  if (by === "weight") return ratio(value("weight"), densityGPerMl);
  if (by === "drops") return ratio(value("drops"), dropsPerMl);
  const [heightMm, diameterMm] = [value("height"), value("across")];
  if (by !== "height" || heightMm === undefined || diameterMm === undefined) return undefined;
  return volumeBelow({ shape: "tube", diameterMm, heightMm }, heightMm);
}

function cameTo(
  oilMl: number,
  by: Way | undefined,
  densityGPerMl: number,
  dropsPerMl: number,
): string {
  const came = fixed(oilMl, 2);
  if (by === "weight") return t`That is ${came} mL, at a density of ${fixed(densityGPerMl, 3)}.`;
  if (by === "drops") return t`That is ${came} mL at ${fixed(dropsPerMl, 1)} drops a millilitre.`;
  return t`That is ${came} mL.`;
}

function ratio(above: number | undefined, below: number | undefined): number | undefined {
  return above === undefined || below === undefined ? undefined : above / below;
}

function inRange(value: number, { min, max }: { min: number; max: number }): boolean {
  return value >= min && value <= max;
}

function lengthUnit(units: UnitSystem) {
  return unitsFor("length", units)[0] ?? "mm";
}
