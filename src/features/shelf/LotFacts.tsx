import { fixed, plainNumber } from "@/core/units/format";
import { noonOf, showDayLong } from "@/core/units/dates";
import type { NoteFamily } from "@/core/plant/noteFamilies";
import { t } from "@/language/t";
import type { OwnerNow } from "@/logbook/shelf/ownersOf";
import type { Lot } from "@/records/lot";
import { useAppSelector } from "@/store/hooks";
import { selectPreferences } from "@/store/selectors";
import { Card } from "@/ui/primitives/Card";
import { Facts } from "@/ui/primitives/Facts";
import { noteWords } from "@/words/noteWords";
import { amountOf } from "./amountOf";

/** What a lot is: when, how much, whose, how it looks and smells. */
export function LotFacts({
  lot,
  takenMl,
  owners,
  notes,
}: {
  lot: Lot;
  takenMl: number;
  owners: readonly OwnerNow[];
  /** What its smell holds most of. */
  notes: readonly NoteFamily[];
}) {
  const { units } = useAppSelector(selectPreferences);
  const amount = (volumeMl: number) => amountOf(lot.product, volumeMl, units);
  return (
    <Card>
      <Facts
        facts={[
          [lot.origin === "bought" ? t`Got` : t`Made`, showDayLong(noonOf(lot.madeOn))],
          [t`In all`, amount(lot.volumeMl)],
          [t`Taken unbottled`, takenMl > 0 ? amount(takenMl) : undefined],
          [t`From`, lot.boughtFrom],
          ...owners.map(
            ({ name: whose, shareMl, handedMl }) =>
              [
                t`For ${whose}`,
                [
                  shareMl === undefined ? t`no share told` : amount(shareMl),
                  ...(handedMl > 0 ? [t`${amount(handedMl)} handed over`] : []),
                ].join(", "),
              ] as const,
          ),
          [t`Look`, lot.look],
          [t`Smell`, lot.smell],
          [t`Holds most of`, notes.map((family) => noteWords[family]).join(", ") || undefined],
          ["pH", lot.ph === undefined ? undefined : fixed(lot.ph, 1)],
          [t`Paid`, lot.paid === undefined ? undefined : plainNumber(lot.paid)],
        ]}
      />
    </Card>
  );
}
