import { useWatch, type Control } from "react-hook-form";
import { whyNever } from "@/core/plant/neverDistil";
import { t } from "@/language/t";
import { Notice } from "@/ui/primitives/Notice";
import { neverWords } from "@/words/neverWords";
import type { PlantForm, PlantFormRead } from "./plantForm";

/** Says, as its name is typed, that a plant is not distilled at home. */
export function NotAtHome({ control }: { control: Control<PlantForm, unknown, PlantFormRead> }) {
  const [name, botanicalName] = useWatch({ control, name: ["name", "botanicalName"] });
  const why = whyNever(name, botanicalName);
  return why ? (
    <Notice
      severity="error"
      message={t`This plant is not distilled at home. ${neverWords[why]}`}
      remedy={t`If yours is another plant, call it by a name that tells them apart.`}
    />
  ) : null;
}
