import { useState } from "react";
import { View } from "react-native";
import { fixed } from "@/core/units/format";
import { readNumber, toInput } from "@/core/units/numberInput";
import { t } from "@/language/t";
import { limits } from "@/messages/limits";
import type { RunPlan } from "@/records/run";
import { Button } from "@/ui/primitives/Button";
import { NumberField } from "@/ui/primitives/NumberField";
import { Sheet } from "@/ui/primitives/Sheet";
import { AgoChoice } from "./AgoChoice";
import type { Log } from "./useLog";

interface Props {
  open: boolean;
  onClose: () => void;
  log: Log;
  plan: RunPlan;
  /** Now at the source, W. */
  powerW: number;
}

/** The heat turned up or down: where the knob stands, or the watts where they are known. */
export function HeatSheet({ open, onClose, log, plan, powerW }: Props) {
  const [power, setPower] = useState(toInput(undefined, "W"));
  const [ago, setAgo] = useState(0);
  const read = readNumber(power, { name: t`Power`, ...limits.powerW });
  const take = (watts: number, label: string) => {
    if (!log.write({ type: "heatChanged", powerW: watts }, { agoMinutes: ago, label }).ok) return;
    setPower(toInput(undefined, "W"));
    setAgo(0);
    onClose();
  };
  const shares = [1, 0.75, 0.5, 0.35];
  return (
    <Sheet
      title={t`Heat changed`}
      intro={t`It is at ${fixed(powerW, 0)} W of ${fixed(plan.powerW, 0)}.`}
      open={open}
      onClose={onClose}
      onSubmit={() => read.ok && power.text !== "" && take(read.value, t`Heat noted.`)}
    >
      <AgoChoice runId={log.runId} value={ago} onChange={setAgo} />
      {plan.runPowerW === undefined ? null : (
        <Button
          label={t`Gentle, as planned: ${fixed(plan.runPowerW, 0)} W`}
          onPress={() => take(plan.runPowerW ?? 0, t`Turned down as planned.`)}
        />
      )}
      <View className="flex-row flex-wrap gap-2">
        {shares.map((share) => (
          <Button
            key={share}
            look="quiet"
            size="small"
            className="flex-1"
            label={share === 1 ? t`Full` : `${share * 100} %`}
            onPress={() => take(plan.powerW * share, t`Heat noted.`)}
          />
        ))}
      </View>
      <NumberField
        label={t`Or in watts`}
        value={power}
        onChange={setPower}
        choices={["W", "kW"]}
        problem={power.text && !read.ok ? read.problem : undefined}
      />
      <Button
        label={t`Save entry`}
        look="quiet"
        disabled={!read.ok}
        onPress={() => read.ok && take(read.value, t`Heat noted.`)}
      />
    </Sheet>
  );
}
