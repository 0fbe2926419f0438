import { useState } from "react";
import { plainNumber, showOil, words } from "@/core/units/format";
import type { Whose } from "@/core/plant/cautions";
import { mostOnSkin } from "@/core/care/onSkin";
import { partOfPlant } from "@/core/care/partOfPlant";
import { oilForDilution, usualDropsPerMl } from "@/core/yield/convert";
import { t } from "@/language/t";
import { usePlantBook } from "@/store/plants";
import { Choice } from "@/ui/primitives/Choice";
import { Select } from "@/ui/primitives/Select";
import { Question, useAsked, type Asking } from "./Question";
import { figureWords } from "@/words/figureWords";

/** Oil for a dilution in a carrier, held to the plant's cautious maximum. */
export function Dilution(_: Asking) {
  const book = usePlantBook();
  const [plantId, setPlantId] = useState("lavender");
  const [whose, setWhose] = useState<Whose>("body");
  const plant = book.byId(plantId);
  const { fields, values } = useAsked({
    percent: {
      label: t`Share of oil`,
      name: t`The share`,
      min: 0,
      max: 50,
      above: true,
      choices: [],
      suffix: "%",
      start: 1,
    },
    carrier: {
      label: t`Carrier`,
      name: t`Carrier`,
      min: 0,
      max: 1e5,
      above: true,
      choices: ["mL"],
      start: 100,
    },
  });
  const most = plant ? mostOnSkin("oil", [partOfPlant(plant, "oil")], whose) : 0;
  const oil = values && oilForDilution(values.percent, values.carrier);
  const tooMuch = values !== undefined && values.percent > most;
  return (
    <Question
      title={t`How much oil for a dilution?`}
      about={figureWords.mostOnSkin}
      answer={
        oil === undefined
          ? undefined
          : most === 0
            ? t`None: not on skin`
            : tooMuch
              ? t`Too much: ${plainNumber(most)} % at most`
              : words(showOil(oil))
      }
      detail={
        oil === undefined
          ? undefined
          : most === 0
            ? t`${plant?.name ?? ""}: no dilution is cautious enough.`
            : tooMuch
              ? t`The usual cautious maximum for ${plant?.name ?? ""} there is ${plainNumber(most)} %. Check before use.`
              : t`About ${Math.round(oil * usualDropsPerMl)} drops. A spot test first; none is to be swallowed, and in pregnancy ask someone qualified.`
      }
    >
      <Select
        label={t`Plant`}
        options={book.all.map(({ id, name }) => ({ value: id, label: name }))}
        value={plantId}
        onChange={setPlantId}
      />
      <Choice
        shown
        label={t`For`}
        options={[
          { value: "body", label: t`The body` },
          { value: "face", label: t`The face` },
          { value: "child", label: t`A child of two to six` },
        ]}
        value={whose}
        onChange={setWhose}
      />
      {fields}
    </Question>
  );
}
