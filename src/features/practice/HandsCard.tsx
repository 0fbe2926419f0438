import { useState } from "react";
import { showOil, showVolume, words } from "@/core/units/format";
import type { UnitSystem } from "@/core/units/units";
import { t } from "@/language/t";
import { useUnits } from "@/store/hooks";
import { View } from "react-native";
import type { ActCode } from "@/core/practice/acts";
import { senses, type StillTraits } from "@/core/practice/faults";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Sheet } from "@/ui/primitives/Sheet";
import { Txt } from "@/ui/primitives/Txt";
import { actWords, signWords } from "@/words/practiceWords";
import type { Practising, Told } from "./useExercise";

/** What hands can do at such a still, beside what the cockpit has buttons for. */
function handsAt({ cooledBy, gas, steamLine, valve }: StillTraits): ActCode[] {
  return [
    ...(cooledBy === "ice" ? [] : (["waterOn", "warmCooling"] as const)),
    ...(cooledBy === "tub" ? (["stir"] as const) : []),
    "seal",
    "tighten",
    ...(steamLine || valve ? (["drain"] as const) : []),
    ...(gas ? (["closeTap"] as const) : []),
    "relight",
    "repack",
    "openLid",
  ];
}

/** What an eye tells of the jars so far: the water to a twentieth, the oil to a tenth of a millilitre. */
function jarWords({ distillateMl, oilMl }: NonNullable<Told["jar"]>, units: UnitSystem): string {
  const water = words(showVolume(Number(distillateMl.toPrecision(2)), units));
  return oilMl < 0.1
    ? t`${water} so far in all jars, no oil to see.`
    : t`${water} so far in all jars, and about ${words(showOil(oilMl))} of oil in this one.`;
}

/** Eyes, nose, ears and hands: what a person has at a real still beside its figures. */
export function HandsCard({ work, traits }: { work: Practising; traits: StillTraits }) {
  const [open, setOpen] = useState(false);
  const { told, act, seen } = work;
  const units = useUnits();
  const says = [
    ...(told?.signs.map((sign) => signWords[sign]) ?? []),
    ...(told?.jar && told.jar.distillateMl > 1 ? [jarWords(told.jar, units)] : []),
  ];
  return (
    <Card wash={told?.unasked ? "ember" : undefined} className="gap-2 py-3">
      <View role={told?.unasked ? "alert" : "status"}>
        <Txt variant="strong">
          {told?.act && says.length === 0 ? `${actWords[told.act].done}.` : says.join(" ")}
        </Txt>
        {told ? null : <Txt variant="small">{t`Use your senses: figures do not tell all.`}</Txt>}
      </View>
      {seen.helper ? (
        <Button
          look="danger"
          size="cockpit"
          label={actWords.stopHelper.label}
          onPress={() => act("stopHelper")}
        />
      ) : null}
      <View className="flex-row flex-wrap gap-2">
        {senses.map((sense) => (
          <Button
            key={sense}
            size="small"
            look="quiet"
            className="flex-1 px-1"
            label={sense === "feel" ? t`Feel` : actWords[sense].label}
            hint={sense === "feel" ? t`Feel the outlet and the tub` : undefined}
            onPress={() => act(sense)}
          />
        ))}
        <Button
          size="small"
          look="quiet"
          className="flex-1 px-1"
          label={t`Hands`}
          opens
          onPress={() => setOpen(true)}
        />
      </View>
      <Sheet
        title={t`What your hands do`}
        intro={t`Heat, ice, water and jars have their own buttons below.`}
        open={open}
        onClose={() => setOpen(false)}
      >
        <View className="gap-2">
          {handsAt(traits).map((code) => (
            <Button
              key={code}
              look="quiet"
              size="cockpit"
              label={actWords[code].label}
              onPress={() => {
                setOpen(false);
                act(code);
              }}
            />
          ))}
        </View>
      </Sheet>
    </Card>
  );
}
