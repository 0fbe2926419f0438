import { hydrosolToKeep } from "@/core/plan/hydrosolToKeep";
import { plainNumber } from "@/core/units/format";
import { type UnitName, fromCanonical, unitsFor } from "@/core/units/units";
import { t } from "@/language/t";
import { NumberField } from "@/ui/primitives/NumberField";
import type { PlanWork } from "../usePlanDraft";

/** How much hydrosol is kept of so much plant; nothing to ask where it flows back. */
export function RatioField({ work }: { work: PlanWork }) {
  const { draft, read, units, change } = work;
  if (read.method === "cohobation") return null;
  const unit = draft.ratioUnit as UnitName;
  const usual = fromCanonical(hydrosolToKeep(read.plant.tissue, read.state), unit);
  return (
    <NumberField
      heavy
      label={t`Hydrosol to keep`}
      value={{ text: draft.ratioText, unit }}
      choices={unitsFor("perPlant", units)}
      placeholder={t`usual ${plainNumber(Number(usual.toPrecision(2)))}`}
      problem={read.problems.ratio}
      onChange={(typed) => change({ ratioText: typed.text, ratioUnit: typed.unit })}
    />
  );
}
