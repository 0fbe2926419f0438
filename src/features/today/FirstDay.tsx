import { useRouter } from "expo-router";
import { View } from "react-native";
import { switchLogbook } from "@/storage/logbookChoice";
import { WayDrawing } from "@/ui/drawings/WayDrawing";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Txt } from "@/ui/primitives/Txt";

/** An empty logbook: the way from the plant to the bottle, in one drawing, three lines and two buttons. */
export function FirstDay({ hasStill }: { hasStill: boolean }) {
  const router = useRouter();
  return (
    <Screen
      title="Sereno"
      over="From the cut plant to the bottle"
      footer={
        <View className="gap-2">
          <Button
            label={hasStill ? "Plan the first run" : "Begin with your still"}
            onPress={() => router.push(hasStill ? "/plan" : "/bench")}
          />
          <Button
            look="quiet"
            label="Open the demonstration"
            onPress={() => switchLogbook("sereno-demo")}
          />
        </View>
      }
    >
      <Card className="gap-3">
        <WayDrawing />
        <Txt>
          Put the plant on the scale: the plan fills your own still and says what will come.
        </Txt>
        <Txt>At the still: one clock, the next cue, big buttons. Every tap is kept at once.</Txt>
        <Txt>
          After it: the yield, the bottle with its code, and a plan that knows more next time.
        </Txt>
      </Card>
      <Txt variant="small">
        Hot steam, flame and pressure can hurt: never a closed still, never alone, never dry. Owning
        a still and selling what it makes are regulated in many places. Sereno informs; local codes
        and licensed practice come first.
      </Txt>
    </Screen>
  );
}
