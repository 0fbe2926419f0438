import { type Shown } from "@/core/units/format";
import { Text, View } from "react-native";
import { Card, type Wash } from "./Card";
import { FigureName, type FigureTold } from "./FigureName";

const inks: Record<Wash, string> = {
  panel: "text-ink",
  oil: "text-oil-ink",
  dew: "text-dew-ink",
  leaf: "text-leaf-ink",
  ember: "text-ember-ink",
};

interface Props {
  label: string;
  value: Shown;
  detail?: string;
  wash?: Wash;
  /** How the number comes about. */
  about?: FigureTold;
}

/** One number with its unit, what it is above and how sure it is below. */
export function Tile({ label, value, detail, wash = "panel", about }: Props) {
  return (
    <Card wash={wash} className="min-w-[46%] flex-1 py-3">
      {about ? (
        <FigureName name={label} about={about} ink="text-ink" />
      ) : (
        <Text className="font-medium text-[14px] leading-[19px] text-ink">{label}</Text>
      )}
      <View className="flex-row flex-wrap items-baseline">
        <Text className={`font-bold text-[26px] leading-[33px] ${inks[wash]}`}>{value.text}</Text>
        {value.unit ? (
          <Text className={`ml-1 font-medium text-[15px] ${inks[wash]}`}>{value.unit}</Text>
        ) : null}
      </View>
      {detail ? (
        <Text className="font-body text-[14px] leading-[19px] text-ink">{detail}</Text>
      ) : null}
    </Card>
  );
}
