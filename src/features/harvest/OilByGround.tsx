import { showMass, significant, words } from "@/core/units/format";
import { units as unitTable, type UnitSystem } from "@/core/units/units";
import { plural, t } from "@/language/t";
import { oilOfHarvest } from "@/logbook/harvest/oilOfHarvest";
import type { Harvest } from "@/records/harvest";
import type { Run } from "@/records/run";
import { Card } from "@/ui/primitives/Card";
import { Facts } from "@/ui/primitives/Facts";
import { Txt } from "@/ui/primitives/Txt";

interface Props {
  harvest: Harvest;
  runs: readonly Run[];
  firstMoisture: number;
  units: UnitSystem;
}

/** What a harvest gave by weight, and by the plant, the area and the row where these are told. */
export function OilByGround({ harvest, runs, firstMoisture, units }: Props) {
  const made = oilOfHarvest(harvest, runs, firstMoisture);
  if (!made) return null;
  const { oilG, measured, share, perPlantG, perM2G, perRowMG } = made;
  const mass = (g: number | undefined) => (g === undefined ? undefined : words(showMass(g, units)));
  const per = (value: number | undefined, factor: number) =>
    value === undefined ? undefined : value * factor;
  const us = units === "us";
  const area = us ? unitTable.acre : unitTable.ha;
  const row = us ? (100 * unitTable.ft.factor) / 1000 : 100;
  return (
    <Card className="gap-2">
      <Txt variant="heading">{t`What it gave`}</Txt>
      <Facts
        facts={[
          [
            t`Oil`,
            t`${mass(oilG) ?? ""} from ${plural(measured, { one: "# charge", other: "# charges" })}`,
          ],
          [t`By the plant`, byPlant(perPlantG, units)],
          [us ? t`By the acre` : t`By the hectare`, mass(per(perM2G, area.factor))],
          [us ? t`By 100 ft of row` : t`By 100 m of row`, mass(per(perRowMG, row))],
        ]}
      />
      {share < 0.99 && harvest.grewOn ? (
        <Txt variant="small">{t`These charges are ${Math.round(100 * share)} of 100 of the harvest, and so of what it grew on.`}</Txt>
      ) : null}
    </Card>
  );
}

/* Nobody weighs less than this of an ounce: then the plants are counted that make one. */
const leastOz = 0.1;

function byPlant(grams: number | undefined, units: UnitSystem): string | undefined {
  if (grams === undefined) return undefined;
  const ounces = grams / unitTable.oz.factor;
  return units === "us" && ounces > 0 && ounces < leastOz
    ? t`1 oz from ${significant(1 / ounces, 2)} plants`
    : words(showMass(grams, units));
}
