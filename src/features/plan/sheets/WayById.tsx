import { View } from "react-native";
import type { Way } from "@/words/waysOfWorking";
import { Txt } from "@/ui/primitives/Txt";
import { WayOptions } from "../WayOptions";
import type { DoorProps } from "./doorProps";

/** A question of practice; nothing where this plan does not leave it open. `alone`: the sheet's title asks it already. */
export function WayById({
  id,
  alone = false,
  ways,
  work,
  onChoose,
}: { id: Way["id"]; alone?: boolean } & Pick<DoorProps, "ways" | "work" | "onChoose">) {
  const way = ways.find((each) => each.id === id);
  if (!way) return null;
  return (
    <View className="gap-2">
      {alone ? null : <Txt variant="strong">{way.question}</Txt>}
      <WayOptions way={way} work={work} onChoose={onChoose} />
    </View>
  );
}
