import { useState } from "react";
import { plainNumber, showMass, showOil, words } from "@/core/units/format";
import type { Whose } from "@/core/plant/cautions";
import { mostOnSkin } from "@/core/care/onSkin";
import { unitsFor } from "@/core/units/units";
import { type NumberInput, readNumber, toInput } from "@/core/units/numberInput";
import { usualDropsPerMl } from "@/core/yield/convert";
import { t } from "@/language/t";
import { limits } from "@/messages/limits";
import type { Lot } from "@/records/lot";
import { densityOfParts, oilParts } from "@/logbook/shelf/oilParts";
import { useAppSelector } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectPreferences } from "@/store/selectors";
import { selectTraceable } from "@/store/stock";
import { Card } from "@/ui/primitives/Card";
import { Choice } from "@/ui/primitives/Choice";
import { NumberField } from "@/ui/primitives/NumberField";
import { FigureName } from "@/ui/primitives/FigureName";
import { Txt } from "@/ui/primitives/Txt";
import { figureWords } from "@/words/figureWords";

/** How much of an oil goes into a batch for skin, held to the cautious maximum of its plant or its parts. */
export function SkinCard({ lot }: { lot: Lot }) {
  const book = usePlantBook();
  const { dropsPerMl = usualDropsPerMl, units } = useAppSelector(selectPreferences);
  const shelf = useAppSelector(selectTraceable);
  const [whose, setWhose] = useState<Whose>("body");
  const [percent, setPercent] = useState(toInput(1, "one"));
  const [batch, setBatch] = useState<NumberInput>(() =>
    units === "metric" ? toInput(100, "g") : { text: "3", unit: "oz" },
  );
  const parts = oilParts(lot, shelf, book);
  const density = densityOfParts(parts);
  const most = mostOnSkin(lot.product, parts, whose);
  const share = readNumber(percent, { name: t`The share`, min: 0, max: 100, above: true });
  const grams = readNumber(batch, { name: t`The batch`, ...limits.positive });
  const tooMuch = share.ok && share.value > most + 1e-9;
  const oilG = share.ok && grams.ok ? (grams.value * share.value) / 100 : undefined;
  return (
    <Card className="gap-3">
      <FigureName variant="heading" name={t`On skin`} about={figureWords.mostOnSkin} />
      <Choice
        label={t`For`}
        shown
        options={[
          { value: "body", label: t`The body` },
          { value: "face", label: t`The face` },
          { value: "child", label: t`A child of two to six` },
        ]}
        value={whose}
        onChange={setWhose}
      />
      <NumberField
        label={t`Share of oil`}
        value={percent}
        onChange={setPercent}
        choices={[]}
        suffix="%"
        problem={share.ok ? undefined : share.problem}
      />
      <NumberField
        label={t`Finished batch`}
        value={batch}
        onChange={setBatch}
        choices={unitsFor("plantMass", units)}
        problem={grams.ok ? undefined : grams.problem}
      />
      <Txt variant="strong" role="status" className={tooMuch || most === 0 ? "text-ember-ink" : ""}>
        {most === 0
          ? t`None: not on skin.`
          : tooMuch
            ? parts.length > 1
              ? t`Too much: ${plainNumber(Number(most.toPrecision(2)))} % is the usual cautious maximum, by the part that allows the least.`
              : t`Too much: ${plainNumber(Number(most.toPrecision(2)))} % is the usual cautious maximum.`
            : oilG === undefined
              ? ""
              : density === undefined
                ? t`${words(showMass(oilG, units))} of oil in ${words(showMass((grams.ok ? grams.value : 0) - oilG, units))} of the rest.`
                : t`${words(units === "metric" ? showMass(oilG, units) : showOil(oilG / density))} of oil, about ${Math.round((oilG / density) * dropsPerMl)} drops, in ${words(showMass((grams.ok ? grams.value : 0) - oilG, units))} of the rest.`}
      </Txt>
      <Txt variant="small">{t`Before first use put a drop of the finished dilution inside the elbow and cover it for a day. Redness or itching means no. Not for children under two. In pregnancy, with asthma or epilepsy ask someone qualified. Most places have rules for what is made for others: ask the office for cosmetics where you live.`}</Txt>
    </Card>
  );
}
