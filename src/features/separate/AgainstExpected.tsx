import { showOil, showRange, words } from "@/core/units/format";
import type { Percentiles } from "@/core/statistics/chance";
import { t } from "@/language/t";
import { RangeBar } from "@/ui/charts/RangeBar";
import { Card } from "@/ui/primitives/Card";
import { FigureName } from "@/ui/primitives/FigureName";
import { Txt } from "@/ui/primitives/Txt";
import { figureWords } from "@/words/figureWords";

/** The measured oil on the range that the plan expected. */
export function AgainstExpected({
  expected,
  oilMl,
}: {
  expected: Percentiles;
  oilMl: number | undefined;
}) {
  return (
    <Card className="gap-2">
      <FigureName
        variant="heading"
        name={t`Against what was expected`}
        about={figureWords.expectedOil}
      />
      <RangeBar
        expected={expected}
        measured={oilMl}
        unit="mL"
        inWords={
          oilMl === undefined
            ? t`Expected ${showRange(expected.p10, expected.p90)} mL of visible oil.`
            : t`Expected ${showRange(expected.p10, expected.p90)} mL of visible oil, measured ${words(showOil(oilMl))}.`
        }
      />
      <Txt variant="small" role="status">
        {expected.p90 < 0.005
          ? t`By the plan no oil shows: the hydrosol takes it up.`
          : t`Likely ${showRange(expected.p10, expected.p90)} mL of visible oil.`}
        {expected.p90 < 0.005 || oilMl === undefined ? "" : ` ${verdict(oilMl, expected)}`}
      </Txt>
    </Card>
  );
}

function verdict(oilMl: number, { p10, p90 }: { p10: number; p90: number }): string {
  if (oilMl < p10)
    return t`Less than expected: wet or old plant, a leak, channelling, or settling cut short.`;
  if (oilMl > p90) return t`More than expected: a rich harvest, or water left in the measure.`;
  return t`As expected.`;
}
