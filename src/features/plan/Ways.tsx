import { memo, useState } from "react";
import { Pressable, Text, View } from "react-native";
import { t } from "@/language/t";
import { Txt } from "@/ui/primitives/Txt";
import type { PlanDraft } from "@/records/planDraft";
import type { PlanWork } from "./usePlanDraft";
import { WaySheet } from "./WaySheet";
import type { Way } from "@/words/waysOfWorking";

interface Props {
  plan: PlanWork;
  ways: readonly Way[];
  /** A choice was made: what changes, and how to name it. */
  onChoose: (change: Partial<PlanDraft>, label: string) => void;
}

/** The questions of practice, each with the choice that stands and the way to the others. */
export const Ways = memo(function Ways({ plan, ways, onChoose }: Props) {
  const [openId, setOpenId] = useState<string>();
  const open = ways.find(({ id }) => id === openId);
  return (
    <View className="gap-1">
      {ways.map((way) => {
        const chosen = way.options.find(({ value }) => value === way.value);
        return (
          <Pressable
            key={way.id}
            role="button"
            {...{ "aria-haspopup": "dialog" }}
            onPress={() => setOpenId(way.id)}
            className="min-h-[48px] flex-row items-center justify-between gap-3 active:opacity-80"
          >
            <View className="min-w-0 flex-1">
              <Txt variant="small">{way.question}</Txt>
              <Txt variant="strong">{chosen?.label ?? way.value}</Txt>
            </View>
            <Text className="font-bold text-[15px] text-bottle">{t`Compare`}</Text>
          </Pressable>
        );
      })}
      <WaySheet way={open} work={plan} onClose={() => setOpenId(undefined)} onChoose={onChoose} />
    </View>
  );
});
