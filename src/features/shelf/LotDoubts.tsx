import { t } from "@/language/t";
import type { LotPage } from "@/logbook/shelf/lotPage";
import { overdrawn } from "@/logbook/shelf/shelf";
import type { Lot } from "@/records/lot";
import { Card } from "@/ui/primitives/Card";
import { Notice } from "@/ui/primitives/Notice";
import { Txt } from "@/ui/primitives/Txt";

interface Props {
  lot: Lot;
  page: LotPage;
  amount: (volumeMl: number) => string;
}

/* Rounding of many bottles is not more than there was. */
const tolerated = (volumeMl: number) => volumeMl * 0.001 + 0.01;

/** What does not add up of a lot, and that it is not bottled yet. */
export function LotDoubts({ lot, page: { own, taken, balance }, amount }: Props) {
  return (
    <>
      {overdrawn(own, taken).map(({ bottle, takenMl }) => (
        <Notice
          key={bottle.id}
          severity="caution"
          message={t`${amount(takenMl)} was taken out of ${bottle.code}, and ${amount(bottle.filledMl)} was in it.`}
          remedy={t`Two people or devices may have noted the same use. Delete one of them.`}
        />
      ))}
      {balance.overMl > tolerated(lot.volumeMl) ? (
        <Notice
          severity="caution"
          message={t`${amount(balance.bottledMl + balance.takenMl)} are bottled and taken, and the measures say ${amount(lot.volumeMl)}: ${amount(balance.overMl)} more than there was.`}
          remedy={t`The bottles stay as they are, and the difference is shown. Correct the measures, or delete a bottle.`}
        />
      ) : null}
      {own.length === 0 ? (
        <Card>
          <Txt>{t`Not bottled yet: ${amount(balance.openMl)}. Dark glass, filled to the shoulder, keeps it longest.`}</Txt>
        </Card>
      ) : null}
    </>
  );
}
