import { useDeferredValue } from "react";
import { View } from "react-native";
import { fixed, showLength, showRange, words } from "@/core/units/format";
import { insideOf } from "@/core/separation/vesselKinds";
import { type NumberInput, readNumber, toInput, toShortInput } from "@/core/units/numberInput";
import { type UnitSystem, unitsFor } from "@/core/units/units";
import { useAttachments } from "@/exchange/useAttachments";
import { t } from "@/language/t";
import { firstLines, layerByPicture, linesAsked, type LineId } from "@/logbook/run/layerByPicture";
import { limits } from "@/messages/limits";
import { useKept } from "@/store/useKept";
import { Button } from "@/ui/primitives/Button";
import { Check } from "@/ui/primitives/Check";
import { FileChoice } from "@/ui/primitives/FileChoice";
import { Notice } from "@/ui/primitives/Notice";
import { NumberField } from "@/ui/primitives/NumberField";
import { Txt } from "@/ui/primitives/Txt";
import { pictureLineWords, wrongLineWords } from "@/words/pictureLineWords";
import { PictureLines } from "./PictureLines";
import type { VesselsOfRun } from "./useVesselsOfRun";

/** An oil measured from a picture, with its range, mL. */
export interface FromPicture {
  pictureId: string;
  lowMl: number;
  highMl: number;
}

interface Props {
  runId: string;
  vessels: Pick<VesselsOfRun, "chosen">;
  units: UnitSystem;
  onMeasured: (oilMl: number, from: FromPicture) => void;
}

const colours: Record<LineId, string> = {
  rimFar: "#8fa3ad",
  mark: "#5b7f95",
  upper: "#d9a400",
  meeting: "#c5472c",
  bottom: "#5b7f95",
};

/** The oil's layer by a picture of its vessel: lines are set where things stand, and a known height gives the scale. */
export function LayerPicture({ runId, vessels, units, onMeasured }: Props) {
  const {
    chosen: { vessel, parting },
  } = vessels;
  const unit = unitsFor("length", units)[0] ?? "mm";
  const [typed, change] = useKept(`layerPicture/${runId}`, {
    vesselId: "",
    across: toInput(undefined, unit),
    height: toInput(undefined, unit),
    fromAbove: false,
    pictureId: "",
    lines: firstLines,
  });
  const pictures = useAttachments(runId);
  const shown = pictures.items.filter(({ aspect }) => aspect !== undefined);
  const picture = shown.find(({ id }) => id === typed.pictureId) ?? shown.at(-1);
  /* Another vessel has other measures: what was typed is of the one before. */
  const own = typed.vesselId === vessel.id;
  const across = own ? typed.across : toInput(vessel.diameterMm, "mm");
  const height = own ? typed.height : toInput(vessel.heightMm, "mm");
  const inUnit = (input: NumberInput) => (own ? input : toShortInput(readMm(input), unit));
  const put = (part: { across?: NumberInput; height?: NumberInput }) =>
    change({ vesselId: vessel.id, across: inUnit(across), height: inUnit(height), ...part });
  const acrossMm = readMm(across);
  const markMm = readMm(height);
  const sinks = parting.layer === "sinks";
  const set = useDeferredValue(typed.lines);
  const told =
    picture && acrossMm !== undefined && markMm !== undefined
      ? layerByPicture(
          {
            ...insideOf(vessel),
            diameterMm: acrossMm,
            heightMm: Math.max(markMm, vessel.heightMm),
          },
          set,
          { markMm, sinks, fromAbove: typed.fromAbove },
        )
      : undefined;
  const asked = linesAsked(parting.layer, typed.fromAbove);
  return (
    <View className="gap-3">
      <Txt variant="small">{t`Hold the camera as high as the layer, so near that the vessel fills the picture.`}</Txt>
      {pictures.problem ? <Notice severity="error" message={pictures.problem} /> : null}
      <View className="flex-row flex-wrap gap-2">
        <FileChoice
          label={t`Take a picture of the layer`}
          button={
            pictures.busy ? t`Making it small…` : picture ? t`Take another` : t`Take a picture`
          }
          accept="image/*"
          size="small"
          camera
          disabled={pictures.busy}
          onChoose={pictures.addPicture}
        />
        <FileChoice
          label={t`A picture of the layer from a file`}
          button={t`From a file`}
          accept="image/*"
          size="small"
          disabled={pictures.busy}
          onChoose={pictures.addPicture}
        />
      </View>
      {picture?.aspect ? (
        <>
          <PictureLines
            href={picture.href}
            aspect={picture.aspect}
            name={t`The vessel with its layer`}
            lines={asked.map((id) => ({
              id,
              label: pictureLineWords(id, sinks),
              at: typed.lines[id],
              colour: colours[id],
            }))}
            onMove={(id, at) => change((now) => ({ lines: { ...now.lines, [id]: at } }))}
          />
          <View className="flex-row gap-3">
            <NumberField
              label={t`Known height`}
              value={inUnit(height)}
              onChange={(next) => put({ height: next })}
              choices={unitsFor("length", units)}
              problem={problemOf(height)}
            />
            <NumberField
              label={t`Inside across`}
              value={inUnit(across)}
              onChange={(next) => put({ across: next })}
              choices={unitsFor("length", units)}
              problem={problemOf(across)}
            />
          </View>
          <Txt variant="small">{t`The known height is that of the rim, or of a mark on the glass, above the bottom inside.`}</Txt>
          <Check
            label={t`Taken from above`}
            reason={t`Then set the rim’s far edge too, and its near one as the rim.`}
            checked={typed.fromAbove}
            onChange={(fromAbove) => change({ fromAbove })}
          />
          {typeof told === "string" ? <Txt role="status">{wrongLineWords[told]}</Txt> : null}
          {typeof told === "object" ? (
            <>
              <Txt role="status" variant="strong">
                {t`${fixed(told.ml.p50, 2)} mL of oil, ${showRange(told.ml.p10, told.ml.p90)} mL likely: ${words(showLength(told.heightMm, units))} high in “${vessel.name}”.`}
              </Txt>
              {told.tooThin ? (
                <Notice
                  severity="caution"
                  message={t`This layer is too thin to be measured so.`}
                  remedy={t`Pour it into a narrow tube, or weigh it.`}
                />
              ) : null}
              <Button
                look="quiet"
                label={t`Use as the oil`}
                onPress={() =>
                  onMeasured(told.ml.p50, {
                    pictureId: picture.id,
                    lowMl: told.ml.p10,
                    highMl: told.ml.p90,
                  })
                }
              />
            </>
          ) : null}
        </>
      ) : null}
    </View>
  );
}

const range = { name: t`The length`, ...limits.vesselMm };

function readMm(input: NumberInput): number | undefined {
  const read = readNumber(input, range);
  return read.ok ? read.value : undefined;
}

function problemOf(input: NumberInput): string | undefined {
  const read = readNumber(input, range);
  return input.text && !read.ok ? read.problem : undefined;
}
