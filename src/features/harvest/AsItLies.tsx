import { fixed, plainNumber, showMass, words } from "@/core/units/format";
import { t } from "@/language/t";
import type { HarvestNow } from "@/logbook/harvest/harvestNow";
import { type Harvest } from "@/records/harvest";
import { useUnits } from "@/store/hooks";
import { Card } from "@/ui/primitives/Card";
import { Facts } from "@/ui/primitives/Facts";
import { Txt } from "@/ui/primitives/Txt";
import { inState } from "@/words/stateWords";
import { figureWords } from "@/words/figureWords";

/** What was cut, what lies here of it now, and its water. */
export function AsItLies({
  harvest,
  lies,
  leftG,
  here,
}: {
  harvest: Harvest;
  lies: HarvestNow;
  leftG: number;
  /** Some of it still lies here. */
  here: boolean;
}) {
  const units = useUnits();
  const { firstMoisture, moisture, state, dry } = lies;
  const mass = (g: number) => words(showMass(g, units));
  return (
    <Card className="gap-2">
      <Facts
        facts={[
          [t`Cut`, mass(harvest.massG)],
          [
            t`Now`,
            here
              ? `${mass(lies.massG)}, ${inState[state]}`
              : t`nothing lies here, it was ${inState[state]}`,
          ],
          [
            t`Counted`,
            harvest.counted && `${plainNumber(harvest.counted.count)} × ${harvest.counted.measure}`,
          ],
          [t`From`, harvest.from],
          [
            t`Water in it`,
            t`${fixed(100 * moisture, 0)} %, at first ${fixed(100 * firstMoisture, 0)} %`,
            figureWords.waterInPlant,
          ],
          [
            t`Left of it`,
            here && leftG < lies.massG ? mass(leftG) : undefined,
            figureWords.leftOfHarvest,
          ],
          [
            t`Dry matter`,
            here
              ? t`${mass(dry.firstG)} in all, ${mass(dry.leftG)} here`
              : t`${mass(dry.firstG)} in all`,
          ],
        ]}
      />
      <Txt variant="small">
        {harvest.moisture === undefined
          ? t`Estimated from the water such a plant usually holds when it is cut.`
          : t`Calculated from the water it held when it was cut.`}
      </Txt>
    </Card>
  );
}
