import { useRouter } from "expo-router";
import { View } from "react-native";
import { switchLogbook } from "@/storage/logbookChoice";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Txt } from "@/ui/primitives/Txt";

/** An empty logbook: the way from the still to the bottle, and the demonstration to look around in. */
export function FirstDay({ hasStill }: { hasStill: boolean }) {
  const router = useRouter();
  return (
    <Screen
      title="Sereno"
      over="From the cut plant to the bottle"
      footer={
        <Button
          label={hasStill ? "Plan the first run" : "Begin with your still"}
          onPress={() => router.push(hasStill ? "/plan" : "/bench")}
        />
      }
    >
      <Card className="gap-3">
        <Step
          number="1"
          title="Your still"
          text="Its pot, basket and heat: from them follow charge, water and times. Two ready-made ones are on the Bench."
          done={hasStill}
        />
        <Step
          number="2"
          title="Your plant"
          text="Put it on the scale. The plan says how many charges, how much water, what will come, and what to mind."
        />
        <Step
          number="3"
          title="The run"
          text="One clock, the next cue, big buttons. Every tap is kept at once, also if the phone sleeps or the tab dies."
        />
        <Step
          number="4"
          title="The bottle"
          text="Measure, see the yield on every basis, and put it on the shelf with a code and a date."
        />
      </Card>
      <Card wash="leaf" className="gap-2">
        <Txt variant="strong">Look around first?</Txt>
        <Txt>
          A made-up season at Vesper Croft: thirty runs on two stills, with what went wrong left in.
          It stays apart from your own logbook.
        </Txt>
        <View className="flex-row">
          <Button
            look="quiet"
            size="small"
            label="Open the demonstration"
            onPress={() => switchLogbook("sereno-demo")}
          />
        </View>
      </Card>
      <Txt variant="small">
        Hot steam, flame and pressure can hurt: never a closed still, never alone, never dry. Owning
        a still and selling what it makes are regulated in many places. Sereno informs; local codes
        and licensed practice come first.
      </Txt>
    </Screen>
  );
}

function Step({
  number,
  title,
  text,
  done,
}: {
  number: string;
  title: string;
  text: string;
  done?: boolean;
}) {
  return (
    <View className="flex-row gap-4">
      <Txt variant="number" className={`w-6 ${done ? "text-leaf-ink" : "text-oil-ink"}`}>
        {number}
      </Txt>
      <View className="min-w-0 flex-1">
        <Txt variant="strong">{done ? `${title}: done` : title}</Txt>
        <Txt variant="small">{text}</Txt>
      </View>
    </View>
  );
}
