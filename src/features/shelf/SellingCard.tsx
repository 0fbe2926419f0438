import { View } from "react-native";
import { allergensIn } from "@/core/care/allergens";
import { hazardDraft } from "@/core/care/hazardMarks";
import { sharesOfWhole } from "@/core/care/sharesOfWhole";
import { t } from "@/language/t";
import { oilParts } from "@/logbook/shelf/oilParts";
import type { Lot } from "@/records/lot";
import { useAppSelector } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectPreferences } from "@/store/selectors";
import { selectTraceable } from "@/store/stock";
import { CopyButton } from "@/ui/primitives/CopyButton";
import { Facts } from "@/ui/primitives/Facts";
import { Fold } from "@/ui/primitives/Fold";
import { Txt } from "@/ui/primitives/Txt";
import { allergenLine, hazardLine } from "@/words/sellingWords";

/** What a bottle that is sold has to tell beside its label: a draft, to be checked. */
export function SellingCard({ lot, name }: { lot: Lot; name: string }) {
  const book = usePlantBook();
  const shelf = useAppSelector(selectTraceable);
  const { maker } = useAppSelector(selectPreferences);
  const parts = oilParts(lot, shelf, book);
  const oil = lot.product === "oil";
  const shares = sharesOfWhole(lot.product, parts);
  const named = (use: "leftOn" | "washedOff") =>
    allergensIn(shares, use).map(allergenLine).join(", ") || t`none`;
  const facts: (readonly [string, string | undefined])[] = [
    [t`Product`, name],
    [t`Batch`, lot.code],
    [t`Maker`, maker ? [maker.name, maker.address].filter(Boolean).join(", ") : undefined],
    [t`Left on skin`, named("leftOn")],
    [t`Washed off`, named("washedOff")],
    [t`Marks, a draft`, oil ? hazardLine(hazardDraft(shares)) : undefined],
  ];
  const text = facts
    .flatMap(([title, value]) => (value ? [`${title}: ${value}`] : []))
    .concat(t`A draft from usual limits, to be checked.`)
    .join("\n");
  return (
    <Fold title={t`If you sell it`} inside={t`Allergens to name, warning marks, batch, maker`}>
      <Facts facts={facts} />
      <View className="flex-row">
        <CopyButton text={text} what={t`what a buyer has to be told`} />
      </View>
      <Txt variant="small">{t`A draft from usual limits. Allergens are named above 0.001 % where it stays on skin, above 0.01 % where it is washed off. Marks follow from its make-up. Have it checked before you sell. Most places have rules on selling cosmetics, on labels, on stills, on tax and insurance. Ask your authority for trade and food, and your insurer.`}</Txt>
    </Fold>
  );
}
