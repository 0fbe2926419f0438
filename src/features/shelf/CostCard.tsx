import { t } from "@/language/t";
import { costOfLot, costSum, worthOf, type CostPart } from "@/logbook/shelf/costs";
import type { Lot } from "@/records/lot";
import { units } from "@/core/units/units";
import { useAppSelector } from "@/store/hooks";
import { selectPreferences, selectRuns } from "@/store/selectors";
import { selectStock } from "@/store/stock";
import { Card } from "@/ui/primitives/Card";
import { Facts } from "@/ui/primitives/Facts";
import { FigureName } from "@/ui/primitives/FigureName";
import { Txt } from "@/ui/primitives/Txt";
import { costWords } from "@/words/costWords";
import { showMoney } from "@/core/units/money";
import { figureWords } from "@/words/figureWords";

/** What a lot cost, part by part, a millilitre of it, and what it is worth. */
export function CostCard({ lot }: { lot: Lot }) {
  const preferences = useAppSelector(selectPreferences);
  const { bottles, lots } = useAppSelector(selectStock);
  const runs = useAppSelector(selectRuns);
  const stills = useAppSelector((state) => state.still.entities);
  const { costs, share } = costOfLot(
    lot,
    { lots, runs, bottles, stillOf: (id) => stills[id] },
    preferences,
  );
  const sum = costSum(costs);
  const currency = preferences.prices?.currency ?? "";
  const worth = worthOf(lot.product, lot.volumeMl, preferences);
  if (sum === 0 && worth === undefined) return null;
  const [perName, perMl] =
    lot.product === "oil"
      ? [t`one mL`, 1]
      : preferences.units === "metric"
        ? [t`a litre`, 1000]
        : [t`a pint`, units.pint.factor];
  return (
    <Card className="gap-2">
      <FigureName variant="heading" name={t`What it cost`} about={figureWords.costOf} />
      <Facts
        facts={[
          ...(Object.entries(costs) as [CostPart, number][]).map(
            ([part, cost]): [string, string] => [costWords[part], showMoney(cost, currency)],
          ),
          [t`In all`, sum > 0 ? showMoney(sum, currency) : undefined],
          [
            t`For ${perName}`,
            sum > 0 && lot.volumeMl > 0
              ? showMoney((sum / lot.volumeMl) * perMl, currency)
              : undefined,
          ],
          [t`Worth, by your price`, worth === undefined ? undefined : showMoney(worth, currency)],
        ]}
      />
      {lot.runIds.length > 0 && share < 0.999 ? (
        <Txt variant="small">
          {share === 0
            ? t`The oil of its run carries what the run cost. Enter what hydrosol is worth to you on the Bench, and it takes its share.`
            : t`It carries ${Math.round(share * 100)} % of what its run cost, by what oil and hydrosol are worth to you.`}
        </Txt>
      ) : null}
    </Card>
  );
}
