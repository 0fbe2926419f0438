import { View } from "react-native";
import { t } from "@/language/t";
import { chosenLogbook, switchLogbook } from "@/storage/logbookChoice";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Txt } from "@/ui/primitives/Txt";

/** Into the demonstration and out of it again. */
export function Demonstration() {
  const demo = chosenLogbook() === "sereno-demo";
  return (
    <Card className="gap-3">
      <Txt variant="heading">{demo ? t`Your own logbook` : t`Demonstration`}</Txt>
      <Txt>
        {demo
          ? t`This is the demonstration. Your own logbook is untouched.`
          : t`A made-up season at Vesper Croft, kept apart from your own logbook.`}
      </Txt>
      <View className="flex-row">
        <Button
          look="quiet"
          size="small"
          label={demo ? t`Leave the demonstration` : t`Open the demonstration`}
          onPress={() => switchLogbook(demo ? "sereno" : "sereno-demo")}
        />
      </View>
    </Card>
  );
}
