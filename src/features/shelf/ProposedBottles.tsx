import { useRouter } from "expo-router";
import { View } from "react-native";
import { type UnitSystem } from "@/core/units/units";
import { showBottle, words } from "@/core/units/format";
import type { Product } from "@/core/shelf/products";
import { t } from "@/language/t";
import { proposeBottles, type Proposed } from "@/logbook/shelf/proposeBottles";
import type { Lot } from "@/records/lot";
import { useAppSelector } from "@/store/hooks";
import { selectEmpties, selectPreferences } from "@/store/selectors";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Txt } from "@/ui/primitives/Txt";
import { inGlass } from "@/words/bottleWords";
import { amountOf } from "./amountOf";

/** A filling proposed from the empty bottles there are, and the way to them. */
export function ProposedBottles({
  lot,
  openMl,
  onFill,
  onClose,
}: {
  lot: Lot;
  openMl: number;
  onFill: (those: readonly Proposed[]) => void;
  onClose: () => void;
}) {
  const router = useRouter();
  const empties = useAppSelector(selectEmpties);
  const { units } = useAppSelector(selectPreferences);
  const proposal = proposeBottles(openMl, lot.product, empties, units);
  const isWorth =
    proposal.bottles.length > 1 || (empties.length > 0 && proposal.bottles.length > 0);
  return (
    <>
      {isWorth ? (
        <Card wash="leaf" className="gap-2">
          <Txt variant="strong">{inWords(proposal.bottles, lot.product, units)}</Txt>
          <Txt variant="small" className="text-ink">
            {empties.length > 0
              ? t`Out of your empties, full to the shoulder, so that little air stands over it.`
              : t`Of usual sizes, full to the shoulder, so that little air stands over it.`}{" "}
            {proposal.leftMl > 0.005
              ? t`${amountOf(lot.product, proposal.leftMl, units)} left over.`
              : t`Nothing left over.`}
          </Txt>
          <Button label={t`Fill these`} look="quiet" onPress={() => onFill(proposal.bottles)} />
        </Card>
      ) : null}
      <View className="flex-row">
        <Button
          look="plain"
          size="small"
          label={
            empties.length > 0 ? t`Change my empty bottles` : t`Say which empty bottles I have`
          }
          onPress={() => {
            onClose();
            router.push("/bench");
          }}
        />
      </View>
    </>
  );
}

/** "2 × 500 mL clear; 1 × 100 mL amber, filled to 80 mL". */
function inWords(bottles: readonly Proposed[], product: Product, units: UnitSystem): string {
  const sorts = new Map<string, number>();
  for (const { sizeMl, filledMl, glass } of bottles) {
    const bottle = `${words(showBottle(sizeMl, units))} ${inGlass[glass]}`;
    const name =
      filledMl < sizeMl * 0.999
        ? t`${bottle}, filled to ${amountOf(product, filledMl, units)}`
        : bottle;
    sorts.set(name, (sorts.get(name) ?? 0) + 1);
  }
  return [...sorts].map(([name, count]) => `${count} × ${name}`).join("; ");
}
