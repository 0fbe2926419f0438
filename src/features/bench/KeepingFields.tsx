import { useState } from "react";
import { View } from "react-native";
import type { KeepingRule } from "@/core/shelf/bestBy";
import { t } from "@/language/t";
import { keepingRuleOf } from "@/logbook/shelf/keepingRuleOf";
import { limits, type Limit } from "@/messages/limits";
import type { Setting } from "@/records/setting";
import { changePreferences } from "@/store/changes";
import { useAppDispatch } from "@/store/hooks";
import { Button } from "@/ui/primitives/Button";
import { Txt } from "@/ui/primitives/Txt";
import { NumberSettings } from "./NumberSettings";

interface Told {
  suffix: string;
  limit: Limit;
  /** Shown as so many times the kept figure. */
  scale: number;
}
const months: Told = { suffix: t`months`, limit: limits.keepingMonths, scale: 1 };
const days: Told = { suffix: t`days`, limit: limits.keepingDays, scale: 1 };
const times: Told = { suffix: t`times`, limit: limits.longer, scale: 1 };
const percent: Told = {
  suffix: "%",
  limit: { min: limits.share.min * 100, max: limits.share.max * 100 },
  scale: 100,
};
const figures: { name: keyof KeepingRule; label: string; as: Told }[] = [
  { name: "shortMonths", label: t`Oils that keep short`, as: months },
  { name: "middlingMonths", label: t`Oils that keep fairly`, as: months },
  { name: "longMonths", label: t`Oils that keep long`, as: months },
  { name: "cellar", label: t`In the cellar`, as: percent },
  { name: "room", label: t`In a warm room`, as: percent },
  { name: "clearGlass", label: t`In clear glass`, as: percent },
  { name: "plastic", label: t`In plastic`, as: percent },
  { name: "air", label: t`Over a third air`, as: percent },
  { name: "openedOil", label: t`Oil, once opened`, as: percent },
  { name: "openedHydrosol", label: t`Hydrosol, once opened`, as: percent },
  { name: "waterMonths", label: t`Hydrosol, cold, in a rinsed bottle`, as: months },
  { name: "waterCellar", label: t`Hydrosol in the cellar`, as: percent },
  { name: "waterRoom", label: t`Hydrosol in a room`, as: percent },
  { name: "waterSour", label: t`As sour as they come (pH 3.6)`, as: times },
  { name: "waterStrong", label: t`Rich in phenols or alcohols`, as: times },
  { name: "waterBoiled", label: t`Filled into a boiled bottle`, as: times },
  { name: "waterHot", label: t`Filled hot into a boiled bottle`, as: times },
  { name: "waterFine", label: t`Through 0.2 µm into a boiled bottle`, as: times },
  { name: "openDays", label: t`Hydrosol of an open bowl`, as: days },
  { name: "preservedMonths", label: t`Hydrosol, preserved`, as: months },
  { name: "liquorDays", label: t`Pot liquor`, as: days },
];

/** The rule by which a best-by is reckoned, figure by figure, as the person will have it. */
export function KeepingFields({ preferences }: { preferences: Setting }) {
  const dispatch = useAppDispatch();
  /* What was typed goes with the rule it was typed for. */
  const [edition, setEdition] = useState(0);
  const rule = keepingRuleOf(preferences);
  return (
    <View className="gap-3">
      <Txt variant="small">{t`Months are those of a closed bottle in the cold. Percent say how much of the time that is left stays; times, how much longer it keeps. A change counts for bottles filled from now on, and for what moves a best-by.`}</Txt>
      <NumberSettings
        key={edition}
        settings={figures.map(({ name, label, as }) => ({
          name,
          label,
          suffix: as.suffix,
          limit: as.limit,
          value: rule[name] * as.scale,
          onChange: (value) =>
            value !== undefined &&
            dispatch(
              changePreferences(({ keepingRule }) => ({
                keepingRule: { ...keepingRule, [name]: value / as.scale },
              })),
            ),
        }))}
      />
      {preferences.keepingRule ? (
        <View className="flex-row">
          <Button
            look="quiet"
            size="small"
            label={t`Back to the usual rule`}
            onPress={() => {
              setEdition((before) => before + 1);
              dispatch(changePreferences({ keepingRule: undefined }));
            }}
          />
        </View>
      ) : null}
    </View>
  );
}
