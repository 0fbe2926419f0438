import { View } from "react-native";
import { fixed, showDuration } from "@/core/units/format";
import { type Preparation, preparationsOf } from "@/core/plant/preparation";
import { t } from "@/language/t";
import { methodWords } from "@/words/methodWords";
import type { KnownPlant } from "@/logbook/plant/plantBook";
import { useWithProse } from "@/store/useProse";
import { Card } from "@/ui/primitives/Card";
import { Facts } from "@/ui/primitives/Facts";
import { Txt } from "@/ui/primitives/Txt";
import { preparationText } from "@/words/preparationWords";
import { markedOwn } from "./markedOwn";
import { tissueWords } from "@/words/plantWords";

/** When to cut a plant, how to make it ready, and what its water and its time are. */
export function CutAndMakeReady({ plant: known }: { plant: KnownPlant }) {
  const plant = useWithProse(known);
  const mine = markedOwn(plant);
  return (
    <Card className="gap-3">
      <Txt variant="heading">{t`Cut and make ready`}</Txt>
      <Facts
        facts={[
          [t`Best moment`, mine("moment", plant.moment)],
          [t`Preparation`, mine("preparation", plant.preparation)],
          [
            t`Method`,
            `${mine("preferredMethod", methodWords[plant.preferredMethod])}. ${mine("methodReason", plant.methodReason)}`,
          ],
          [
            t`Plant in the water`,
            mine(
              "waterMlPerG",
              t`${plant.waterMlPerG.fresh} times its weight of water fresh, ${plant.waterMlPerG.dried} times dried`,
            ),
          ],
          [t`Usual time`, mine("usualMinutes", showDuration(plant.usualMinutes))],
          [
            t`In water`,
            mine("froths", plant.froths ? t`froths: fill a fifth less` : t`does not froth`),
          ],
          [
            t`Over steam`,
            plant.mats
              ? mine("mats", t`soft parts mat: keep some stem`)
              : plant.ownFigures.includes("mats")
                ? t`does not mat (yours)`
                : undefined,
          ],
        ]}
      />
    </Card>
  );
}

/** How a plant's tissue lets go of its oil, and what each way of making it ready changes. */
export function HowItLetsGo({ plant }: { plant: KnownPlant }) {
  const mine = markedOwn(plant);
  return (
    <Card className="gap-2">
      <Txt variant="heading">{t`How it lets go of its oil`}</Txt>
      <Txt>{mine("tissue", tissueWords[plant.tissue])}</Txt>
      <Txt variant="small">
        {t`${mine("freeShare", `${fixed(plant.freeShare * 100, 0)} %`)} lies free for the first steam; of the rest ${mine("releasePerMinute", `${fixed(plant.releasePerMinute * 100, 1)} %`)} comes out each minute.`}
      </Txt>
      {preparationsOf(plant).map((preparation) => (
        <PreparationLine key={preparation.id} preparation={preparation} />
      ))}
    </Card>
  );
}

/** A way of making the plant ready: what it does, and what it changes against the advised one. */
function PreparationLine({ preparation }: { preparation: Preparation }) {
  const { label, effect } = preparationText(preparation);
  const { packing, oil } = preparation;
  const off = (factor: number) => Math.abs(Math.round((factor - 1) * 100));
  return (
    <View>
      <Txt variant="strong">{label}</Txt>
      <Txt variant="small">
        {[
          effect,
          packing > 1 && t`${off(packing)} % more fits.`,
          packing < 1 && t`${off(packing)} % less fits.`,
          oil > 1 && t`${off(oil)} % more oil for its weight.`,
          oil < 1 && t`${off(oil)} % less oil for its weight.`,
        ]
          .filter(Boolean)
          .join(" ")}
      </Txt>
    </View>
  );
}
