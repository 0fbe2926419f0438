import type { Caution } from "@/core/plant/cautions";
import type { Plant } from "@/core/plant/plant";
import { t } from "@/language/t";
import { Card } from "@/ui/primitives/Card";
import { Txt } from "@/ui/primitives/Txt";
import { cautionWords } from "@/words/cautionWords";
import { skinWords } from "@/words/plantWords";

/* How to use it on skin, which is no word for what must not be there. */
const ofUseOnSkin: readonly Caution[] = ["sensitises", "phototoxic", "carcinogenic"];

/** What to mind before a plant's oil comes near anybody. */
export function CareCard({ plant }: { plant: Pick<Plant, "cautions" | "skinMostPercent"> }) {
  return (
    <Card wash={plant.cautions.length > 0 ? "ember" : "panel"} className="gap-2">
      <Txt variant="heading">{t`With care`}</Txt>
      {plant.cautions
        .filter((caution) => plant.skinMostPercent !== "none" || !ofUseOnSkin.includes(caution))
        .map((caution) => (
          <Txt key={caution}>{cautionWords[caution]}</Txt>
        ))}
      <Txt variant="strong">{skinWords(plant)}</Txt>
      <Txt
        variant="small"
        className="text-ink"
      >{t`Usual guidance, no advice: ask someone qualified, and follow the rules where you live when you make things for others.`}</Txt>
    </Card>
  );
}
