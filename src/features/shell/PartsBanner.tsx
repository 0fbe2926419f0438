import { View } from "react-native";
import { t } from "@/language/t";
import { usePartsMissing } from "@/ui/partsLoading";
import { Txt } from "@/ui/primitives/Txt";

/** Says that a part of the app is not here yet, because the network is away. */
export function PartsBanner() {
  if (!usePartsMissing()) return null;
  return (
    <View role="status" className="bg-oil-wash px-4 py-2">
      <Txt className="text-oil-ink">{t`A part of Sereno has not come: the network is away. It is tried again until it does; what you enter is kept all the same.`}</Txt>
    </View>
  );
}
