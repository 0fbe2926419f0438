import { View } from "react-native";
import { fixed } from "@/core/units/format";
import { compounds } from "@/core/plant/compounds";
import { Txt } from "@/ui/primitives/Txt";

/** What an oil is made of: each main compound with its share and its smell. */
export function OilMix({ composition }: { composition: Readonly<Record<string, number>> }) {
  const parts = Object.entries(composition).sort(([, a], [, b]) => b - a);
  const most = parts[0]?.[1] ?? 1;
  return (
    <View role="list" className="gap-2">
      {parts.map(([id, share]) => (
        <View key={id} role="listitem">
          <View className="flex-row items-baseline justify-between gap-3">
            <Txt variant="strong">{compounds[id]?.name ?? id}</Txt>
            <Txt variant="small" className="min-w-0 flex-1">
              {compounds[id]?.odour}
            </Txt>
            <Txt variant="strong">{`${fixed(share * 100, 0)} %`}</Txt>
          </View>
          <View className="h-[6px] overflow-hidden rounded-full bg-oil-wash">
            <View className="h-full bg-oil" style={{ width: `${(share / most) * 100}%` }} />
          </View>
        </View>
      ))}
    </View>
  );
}
