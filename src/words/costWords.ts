import { t } from "@/language/t";
import type { CostPart } from "@/logbook/shelf/costs";

export const costWords: Record<CostPart, string> = {
  plant: t`Plant`,
  energy: t`Energy`,
  water: t`Water`,
  ice: t`Ice`,
  work: t`Own hours`,
  bottles: t`Bottles`,
  bought: t`Bought`,
};
