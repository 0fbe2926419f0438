import type { Caution } from "@/core/plant/cautions";
import { t } from "@/language/t";
import type { KnownPlant } from "@/logbook/plant/plantBook";
import { Notice } from "@/ui/primitives/Notice";
import { Txt } from "@/ui/primitives/Txt";
import { cautionWords } from "@/words/cautionWords";

/* What matters before the plant is cut; the rest is for its oil. */
const whilePicking: readonly Caution[] = ["lookAlike", "overHarvested"];

/** What to mind where one picks: what looks like it, whether it is rare, and how to pick at all. */
export function WherePicked({ plant }: { plant: KnownPlant | undefined }) {
  return (
    <>
      {whilePicking
        .filter((caution) => plant?.cautions.includes(caution))
        .map((caution) => (
          <Notice key={caution} severity="caution" message={cautionWords[caution]} />
        ))}
      <Txt variant="small">{t`Be certain of the plant and leave enough standing. Take none that is protected, was sprayed or stands by a road. Wear gloves where it pricks or burns.`}</Txt>
    </>
  );
}
