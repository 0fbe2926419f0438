import { View } from "react-native";
import { showMass, showYield, significant, words, yieldUnit } from "@/core/units/format";
import type { UnitSystem } from "@/core/units/units";
import type { Yield } from "@/core/yield/yield";
import { t } from "@/language/t";
import { Card } from "@/ui/primitives/Card";
import { Explained } from "@/ui/primitives/Explained";
import { Txt } from "@/ui/primitives/Txt";

/* More than anybody counts. */
const mostDrops = 300;

/** One run's yield on every usual basis. */
export function YieldTable({ result, units }: { result: Yield; units: UnitSystem }) {
  const rows: [string, string, string][] = [
    [
      yieldUnit(units),
      showYield(result.mlPerKg, units).text,
      showYield(result.mlPerKgDry, units).text,
    ],
    ["% v/w", significant(result.percentVolume, 3), significant(result.percentVolumeDry, 3)],
    ["% w/w", significant(result.percentMass, 3), significant(result.percentMassDry, 3)],
  ];
  return (
    <Card className="gap-1">
      <View role="table" aria-label={t`Yield on every basis`}>
        <View role="row" className="flex-row border-b border-line pb-1">
          <Cell head wide text={t`Yield`} />
          <Cell head text={t`as charged`} />
          <Cell head text={t`dry matter`} />
        </View>
        {rows.map(([label, charged, dry]) => (
          <View role="row" key={label} className="flex-row border-b border-line py-2">
            <Cell wide text={label} />
            <Cell strong text={charged} />
            <Cell strong text={dry} />
          </View>
        ))}
      </View>
      <Explained about="yields" />
      <Txt variant="small">
        {[
          result.drops > mostDrops
            ? t`${words(showMass(result.oilG, units))} of oil`
            : t`${words(showMass(result.oilG, units))} of oil, about ${Math.round(result.drops)} drops`,
          result.mlPerPiece === undefined
            ? undefined
            : t`${significant(result.mlPerPiece, 2)} mL per measure`,
          result.hydrosolToPlant === undefined
            ? undefined
            : t`hydrosol to plant ${significant(result.hydrosolToPlant, 2)} : 1`,
        ]
          .filter(Boolean)
          .join("; ")}
      </Txt>
    </Card>
  );
}

function Cell({
  text,
  head,
  wide,
  strong,
}: {
  text: string;
  head?: boolean;
  wide?: boolean;
  strong?: boolean;
}) {
  return (
    <View
      role={head ? "columnheader" : "cell"}
      className={wide ? "flex-[1.5]" : "flex-1 items-end"}
    >
      <Txt variant={head ? "small" : strong ? "strong" : "body"}>{text}</Txt>
    </View>
  );
}
