import { useRouter } from "expo-router";
import { useState } from "react";
import { View } from "react-native";
import { readNumber, toInput } from "@/core/units/numberInput";
import { type UnitSystem, unitsFor } from "@/core/units/units";
import { t } from "@/language/t";
import { limits } from "@/messages/limits";
import type { Run } from "@/records/run";
import type { RunState } from "@/logbook/run/runState";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Choice } from "@/ui/primitives/Choice";
import { NumberField } from "@/ui/primitives/NumberField";
import { TextField } from "@/ui/primitives/TextField";
import { Txt } from "@/ui/primitives/Txt";
import type { Log } from "./useLog";

interface Props {
  run: Run;
  state: RunState;
  log: Log;
  units: UnitSystem;
}

/** From heat off to separation: cool down, the tail of the distillate, what the spent plant tells. */
export function AfterHeatOff({ run, state, log, units }: Props) {
  const router = useRouter();
  const [tail, setTail] = useState(toInput(undefined, unitsFor("volume", units)[0] ?? "mL"));
  const [wetness, setWetness] = useState<"dry" | "moist" | "sodden">();
  const [smell, setSmell] = useState("");
  const [colour, setColour] = useState("");
  const [liquor, setLiquor] = useState<"kept" | "gone">();
  const read = readNumber(tail, { name: t`The tail`, ...limits.amount });
  const told = wetness ?? (smell || colour || liquor || (read.ok ? "tail" : undefined));
  const steps = [
    t`Leave the cooling on until the last drop has come.`,
    t`Wait until you can lay a hand on the head. Do not open it before.`,
    run.plan.method === "steam"
      ? t`Lift the basket out with gloves: the plant holds scalding water.`
      : t`Strain the plant out when it is hand-warm; it holds scalding water inside.`,
    t`Rinse the still while it is warm, before the resin sets.`,
  ];
  return (
    <View className="gap-3">
      <Card wash="dew" className="gap-2">
        <Txt variant="strong">{t`Let the still cool before you open it`}</Txt>
        {steps.map((step) => (
          <Txt key={step} variant="small" className="text-ink">
            {step}
          </Txt>
        ))}
      </Card>
      {state.spent ? (
        <Card>
          <Txt>{t`The spent plant is written down. The log has it.`}</Txt>
        </Card>
      ) : (
        <Card className="gap-3">
          <Txt variant="heading">{t`The spent plant`}</Txt>
          <NumberField
            label={t`Distilled after heat off`}
            value={tail}
            onChange={setTail}
            choices={unitsFor("volume", units)}
            placeholder={t`the tail`}
            problem={tail.text && !read.ok ? read.problem : undefined}
          />
          <Choice
            label={t`How wet is it`}
            shown
            options={[
              { value: "dry", label: t`Dry in places` },
              { value: "moist", label: t`Moist through` },
              { value: "sodden", label: t`Sodden` },
            ]}
            value={wetness}
            onChange={setWetness}
          />
          {wetness === "dry" ? (
            <Txt variant="small">{t`Dry patches mean that steam found a channel: pack looser next time.`}</Txt>
          ) : null}
          <View className="flex-row gap-3">
            <TextField
              label={t`Smells of`}
              value={smell}
              onChange={setSmell}
              placeholder={t`hay, still sweet`}
            />
            <TextField label={t`Colour`} value={colour} onChange={setColour} />
          </View>
          <Choice
            label={t`Pot liquor`}
            shown
            options={[
              { value: "kept", label: t`Kept` },
              { value: "gone", label: t`Poured away` },
            ]}
            value={liquor}
            onChange={setLiquor}
          />
          <Button
            label={t`Save entry`}
            look="quiet"
            disabled={told === undefined}
            onPress={() =>
              log.write(
                {
                  type: "spent",
                  ...(read.ok && tail.text ? { tailMl: read.value } : {}),
                  ...(wetness ? { wetness } : {}),
                  ...(smell.trim() ? { smell: smell.trim() } : {}),
                  ...(colour.trim() ? { colour: colour.trim() } : {}),
                  ...(liquor ? { liquorKept: liquor === "kept" } : {}),
                },
                { label: t`The spent plant is written down.` },
              )
            }
          />
        </Card>
      )}
      <Button
        size="cockpit"
        label={t`Separate`}
        onPress={() => router.push(`/runs/${run.id}/separate`)}
      />
    </View>
  );
}
