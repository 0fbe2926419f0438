import { View } from "react-native";
import { showMass, showOil, words } from "@/core/units/format";
import type { UnitSystem } from "@/core/units/units";
import { t } from "@/language/t";
import type { Run } from "@/records/run";
import { Card } from "@/ui/primitives/Card";
import { Check } from "@/ui/primitives/Check";
import { Choice } from "@/ui/primitives/Choice";
import { Txt } from "@/ui/primitives/Txt";

interface Props {
  /** Runs of the same plant that part now as well. */
  candidates: readonly Run[];
  chosen: readonly string[];
  by: string;
  units: UnitSystem;
  onChange: (part: { others?: string; by?: string }) => void;
}

/** Several charges poured together: which, and how the yield is shared out among them. */
export function PoolCard({ candidates, chosen, by, units, onChange }: Props) {
  if (candidates.length === 0) return null;
  const toggle = (id: string) =>
    onChange({
      others: (chosen.includes(id) ? chosen.filter((each) => each !== id) : [...chosen, id]).join(
        " ",
      ),
    });
  return (
    <Card className="gap-3">
      <Txt variant="heading">{t`Poured together with`}</Txt>
      <View>
        {candidates.map(({ id, number, plan }) => (
          <Check
            key={id}
            label={t`Run ${number}: ${words(showMass(plan.chargeG, units))}, ${words(showOil(plan.forecast.visibleMl.p50))} forecast`}
            checked={chosen.includes(id)}
            onChange={() => toggle(id)}
          />
        ))}
      </View>
      {chosen.length > 0 ? (
        <>
          <Choice
            label={t`Share the yield by`}
            shown
            options={[
              { value: "forecast", label: t`What each was forecast` },
              { value: "charge", label: t`Its charge` },
            ]}
            value={by === "charge" ? "charge" : "forecast"}
            onChange={(value) => onChange({ by: value })}
          />
          <Txt variant="small">{t`Type what all of them gave together. Each run keeps its share; the products are one lot.`}</Txt>
        </>
      ) : null}
    </Card>
  );
}
