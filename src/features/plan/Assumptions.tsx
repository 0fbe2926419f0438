import { Pressable, Text } from "react-native";
import { t } from "@/language/t";
import { Txt } from "@/ui/primitives/Txt";
import { methodWords } from "@/words/methodWords";
import { stateWords } from "@/words/stateWords";
import type { PlanWork } from "./usePlanDraft";

/** What the plan takes for granted, in one line, and the way to change it. */
export function Assumptions({ work, onOpen }: { work: PlanWork; onOpen: () => void }) {
  const { read } = work;
  const said = [
    read.chosen ? stateWords[read.state] : undefined,
    read.still?.name,
    methodWords[read.method],
  ]
    .filter(Boolean)
    .join(" · ");
  return (
    <Pressable
      role="button"
      aria-label={t`Change plant and still: ${said}`}
      {...{ "aria-haspopup": "dialog" }}
      onPress={onOpen}
      className="min-h-[44px] flex-row items-center justify-between gap-3 active:opacity-60"
    >
      <Txt variant="small" className="min-w-0 flex-1">
        {said}
      </Txt>
      <Text className="font-bold text-[15px] text-bottle">{t`Change`}</Text>
    </Pressable>
  );
}
